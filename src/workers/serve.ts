import { GivenUp } from './given-up';
import type { Exchanges, Reply, Request, Service } from './protocol';

/**
 * Answers requests by a service: whatever happens, each gets one answer, and what it throws comes back as a bug.
 *
 * @returns what takes a message that came in
 */
export function serve<E extends Exchanges<E>>(service: Service<E>, reply: (reply: Reply) => void): (request: Request) => void {
  const ongoing = new Map<number, AbortController>();
  const take = async (id: number, name: string, ask: unknown): Promise<void> => {
    const controller = new AbortController();
    ongoing.set(id, controller);
    try {
      if (!Object.hasOwn(service, name)) throw new Error(`nothing answers "${name}"`);
      const answer = await service[name as keyof E](ask, {
        signal: controller.signal,
        tell: (told) => reply({ id, told }),
      });
      reply({ id, answer });
    } catch (error) {
      // Whoever gave up waits for nothing.
      if (!(error instanceof GivenUp))
        reply({ id, bug: error instanceof Error ? (error.stack ?? error.message) : String(error) });
    } finally {
      ongoing.delete(id);
    }
  };
  return (request) => {
    if ('giveUp' in request) ongoing.get(request.id)?.abort();
    else void take(request.id, request.name, request.ask);
  };
}
