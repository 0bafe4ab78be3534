import { WorkerClient, type OpenLine } from '@/workers/client';
import { GivenUp } from '@/workers/given-up';
import type { Exchanges } from '@/workers/protocol';

/** The work was still going on at its deadline; its worker was ended. */
export class DeadlinePassed extends Error {
  constructor(readonly started: boolean) {
    super(started ? 'not done by its deadline' : 'not begun by its deadline');
    this.name = 'DeadlinePassed';
  }
}

/** More work waits than will be done in time. */
export class QueueFull extends Error {
  constructor() {
    super('too much work waits already');
    this.name = 'QueueFull';
  }
}

export type Order = {
  readonly priority: 'short' | 'long';
  readonly deadline_ms: number;
  readonly signal?: AbortSignal | undefined;
};

type Waiting = Order & {
  readonly start: (slot: Slot) => void;
};

type Slot = { busy: boolean; readonly takesLong: boolean; readonly close: () => void };

/** No honest kitchen asks for so much at once. */
const LONGEST_QUEUE = 200;

/**
 * Workers that share one queue. Short work goes before long, and half of the workers take nothing else. What is given up or does
 * not end in time ends with its worker, which is replaced: work that never looks up could not hear of it otherwise.
 */
export class ComputePool<E extends Exchanges<E>> {
  private readonly slots: Array<Slot & { readonly client: WorkerClient<E> }>;
  private readonly queue: Waiting[] = [];

  /**
   * @param open - opens a line to a worker, which is told whether it may be given long work
   * @param size - workers; with one alone, short work may wait for long
   */
  constructor(open: (takesLong: boolean) => OpenLine, size: number) {
    this.slots = Array.from({ length: Math.max(1, size) }, (_, i) => {
      const takesLong = i >= Math.ceil(size / 2) || size <= 1;
      const client = new WorkerClient<E>(open(takesLong));
      return { busy: false, takesLong, client, close: () => client.close() };
    });
  }

  /**
   * Does a piece of work as soon as a worker is free.
   *
   * @throws {GivenUp} when the signal was aborted, {DeadlinePassed}, {QueueFull}, or what the worker threw
   */
  run<Name extends keyof E & string>(name: Name, ask: E[Name]['ask'], order: Order): Promise<E[Name]['answer']> {
    if (order.signal?.aborted) return Promise.reject(new GivenUp());
    if (this.queue.length >= LONGEST_QUEUE) return Promise.reject(new QueueFull());
    return new Promise((resolve, reject) => {
      let slot: Slot | null = null;
      let over = false;
      const end = (settle: () => void): void => {
        if (over) return;
        over = true;
        clearTimeout(timer);
        order.signal?.removeEventListener('abort', giveUp);
        const at = this.queue.indexOf(waiting);
        if (at >= 0) this.queue.splice(at, 1);
        settle();
        if (slot) slot.busy = false;
        this.next();
      };
      /** Ends it before it is done: with its worker, when it has begun. */
      const cut = (error: Error): void =>
        end(() => {
          slot?.close();
          reject(error);
        });
      const giveUp = (): void => cut(new GivenUp());
      const timer = setTimeout(() => cut(new DeadlinePassed(slot !== null)), order.deadline_ms);
      order.signal?.addEventListener('abort', giveUp);
      const waiting: Waiting = {
        ...order,
        start: (free) => {
          slot = free;
          const { client } = this.slots.find((one) => one === free) ?? this.slots[0];
          client.ask(name, ask).then(
            (answer) => end(() => resolve(answer)),
            (error: unknown) => end(() => reject(error instanceof Error ? error : new Error(String(error)))),
          );
        },
      };
      this.queue.push(waiting);
      this.next();
    });
  }

  /** Ends all workers. */
  close(): void {
    for (const slot of this.slots) slot.close();
  }

  private next(): void {
    for (const slot of this.slots) {
      if (slot.busy) continue;
      const short = this.queue.findIndex(({ priority }) => priority === 'short');
      const at = short >= 0 ? short : slot.takesLong ? 0 : -1;
      const [waiting] = at >= 0 ? this.queue.splice(at, 1) : [];
      if (!waiting) continue;
      slot.busy = true;
      waiting.start(slot);
    }
  }
}
