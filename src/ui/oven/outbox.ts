import type { FailureCode } from '@/core/failure';
import { call } from '../kit/api';
import { worthAgain } from '../kit/worth-again';

/** An answer or a reading that is on its way to the kitchen. */
export type Waiting = {
  /** The kitchen does it once, however often it is sent. */
  readonly key: string;
  readonly address: string;
  readonly body: unknown;
  /** When it was given, on this device's clock and on the oven's [ms since 1970]. */
  readonly at_ms: number;
  readonly oven_ms: number;
};
type Store = Pick<Storage, 'getItem' | 'setItem'>;

/** What became of what was sent: why one was refused, and whether anything still waits. */
export type Sent = { readonly wrong: string | null; readonly waits: boolean };

const MS = 1000;
/** What the program itself could not do would stand before all others for ever; anything else may be sent again. */
const waitsFor = (code: FailureCode): boolean => worthAgain(code) && code !== 'WORKER_FAILED';

/**
 * Answers and readings in the order in which they were given. Each waits in this browser until the kitchen has it, also over a reload, and is
 * done there once.
 */
export class Outbox {
  private waiting: readonly Waiting[];
  private sending: Promise<Sent> | null = null;

  /** @param name - of this kitchen's outbox in this browser */
  constructor(
    private readonly name: string,
    private readonly store: Store | null,
  ) {
    this.waiting = this.kept();
  }

  all(): readonly Waiting[] {
    return this.waiting;
  }

  add(entry: Omit<Waiting, 'key' | 'at_ms'>): void {
    this.set([...this.waiting, { ...entry, key: crypto.randomUUID(), at_ms: Date.now() }]);
  }

  /** Sends what waits, one after the other; who asks meanwhile waits for the same. */
  send(): Promise<Sent> {
    this.sending ??= this.sendAll().finally(() => (this.sending = null));
    return this.sending;
  }

  private async sendAll(): Promise<Sent> {
    let wrong: string | null = null;
    for (let [first] = this.waiting; first !== undefined; [first] = this.waiting) {
      const { key, address, body, at_ms } = first;
      const ago_s = Math.max(0, Math.round((Date.now() - at_ms) / MS));
      const headers = { 'idempotency-key': key, ...(ago_s > 1 ? { 'x-given-ago': String(ago_s) } : {}) };
      const answer = await call(address, { body, headers });
      if (!answer.ok && waitsFor(answer.code)) return { wrong, waits: true };
      // What the kitchen refuses once it refuses always; it says why.
      if (!answer.ok) wrong = answer.message;
      this.set(this.waiting.filter((one) => one.key !== key));
    }
    return { wrong, waits: false };
  }

  private set(waiting: readonly Waiting[]): void {
    this.waiting = waiting;
    try {
      this.store?.setItem(this.name, JSON.stringify(waiting));
    } catch {
      // A browser whose store is full keeps them as long as the page is open.
    }
  }

  private kept(): readonly Waiting[] {
    try {
      const kept: unknown = JSON.parse(this.store?.getItem(this.name) ?? '[]');
      return Array.isArray(kept) ? (kept as readonly Waiting[]) : [];
    } catch {
      return [];
    }
  }
}
