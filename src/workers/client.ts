import { GivenUp } from './given-up';
import type { Exchanges, Reply, Request } from './protocol';

/** A worker as its client sees it, whichever kind it is. */
export type Line = {
  readonly send: (request: Request) => void;
  readonly close: () => void;
};
/** Opens a line to a new worker: `hear` takes what it replies, `died` is called when it can reply no more. */
export type OpenLine = (hear: (reply: Reply) => void, died: (why: string) => void) => Line;

/** A worker that broke: its bug, or its end. */
export class WorkerFailed extends Error {
  constructor(why: string) {
    super(why);
    this.name = 'WorkerFailed';
  }
}

type Waiting = {
  readonly settle: (reply: Reply) => void;
  readonly refuse: (error: Error) => void;
};

/** What may come with a request: a way to give it up, and a listener for what is told on the way. */
export type Asking<Told = never> = { readonly signal?: AbortSignal | undefined; readonly onTold?: (told: Told) => void };

/**
 * A page's side of one worker. A worker that dies is replaced with the next request, and greeted as the first one was; all
 * that waited for it are told.
 */
export class WorkerClient<E extends Exchanges<E>> {
  private line: Line | null = null;
  private readonly waiting = new Map<number, Waiting>();
  private newest = 0;

  /** @param greet - asked of every new worker before anything else */
  constructor(
    private readonly open: OpenLine,
    private readonly greet: (client: WorkerClient<E>) => Promise<unknown> = () => Promise.resolve(),
  ) {}

  /**
   * Asks the worker.
   *
   * @throws {GivenUp} when the signal was aborted or the client closed
   * @throws {WorkerFailed} when the worker broke or died before it answered
   */
  async ask<Name extends keyof E & string>(
    name: Name,
    ask: E[Name]['ask'],
    { signal, onTold }: Asking<E[Name]['told']> = {},
  ): Promise<E[Name]['answer']> {
    if (signal?.aborted) throw new GivenUp();
    const line = this.connected();
    const id = ++this.newest;
    return new Promise<E[Name]['answer']>((resolve, reject) => {
      const giveUp = (): void => {
        line.send({ id, giveUp: true });
        end();
        reject(new GivenUp());
      };
      const end = (): void => {
        this.waiting.delete(id);
        signal?.removeEventListener('abort', giveUp);
      };
      this.waiting.set(id, {
        settle: (reply) => {
          if ('told' in reply) return onTold?.(reply.told);
          end();
          if ('answer' in reply) resolve(reply.answer);
          else reject(new WorkerFailed(reply.bug));
        },
        refuse: (error) => {
          end();
          reject(error);
        },
      });
      signal?.addEventListener('abort', giveUp);
      line.send({ id, name, ask });
    });
  }

  /** Ends the worker and gives up all that was asked of it. */
  close(): void {
    this.line?.close();
    this.lost(new GivenUp());
  }

  private connected(): Line {
    if (this.line) return this.line;
    const line = this.open(
      (reply) => this.waiting.get(reply.id)?.settle(reply),
      (why) => {
        if (this.line === line) this.lost(new WorkerFailed(why));
      },
    );
    this.line = line;
    // Messages keep their order, so that the greeting is heard first; if it fails, so does what is asked.
    this.greet(this).catch(() => undefined);
    return line;
  }

  private lost(why: GivenUp | WorkerFailed): void {
    this.line = null;
    for (const { refuse } of [...this.waiting.values()]) refuse(why);
  }
}
