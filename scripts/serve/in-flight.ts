import type { IncomingMessage, ServerResponse } from 'node:http';

/** A request that is being answered. */
type Asked = { readonly method: string; readonly path: string; readonly since: number; readonly response: ServerResponse };

/** What is being answered just now: named when something breaks, waited for when the server stops. */
export class InFlight {
  private readonly open = new Set<Asked>();

  begin(request: IncomingMessage, response: ServerResponse): void {
    // What stands behind the question mark may be somebody's words.
    const path = (request.url ?? '').replace(/\?.*$/s, '');
    const asked = { method: request.method ?? '', path, since: Date.now(), response };
    this.open.add(asked);
    response.once('close', () => this.open.delete(asked));
  }

  /** Requests that come to an end by themselves: streams of events do not. */
  private finite(): Asked[] {
    return [...this.open].filter(
      ({ response }) => !String(response.getHeader('content-type') ?? '').startsWith('text/event-stream'),
    );
  }

  /** "POST /api/batches (40 ms)", or that nothing is being answered. */
  words(): string {
    const asked = this.finite().map(({ method, path, since }) => `${method} ${path} (${Date.now() - since} ms)`);
    return asked.length === 0 ? 'no request' : asked.join(', ');
  }

  /** Waits until everything finite is answered, or so long [ms]. */
  async settled(most_ms: number): Promise<boolean> {
    const until = Date.now() + most_ms;
    while (this.finite().length > 0 && Date.now() < until) await new Promise((done) => setTimeout(done, 50));
    return this.finite().length === 0;
  }
}
