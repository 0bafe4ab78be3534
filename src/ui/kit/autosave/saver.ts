import { same } from './same';
import type { SavedAs, Version } from '@/contract/version';

export type SavingState =
  | { readonly kind: 'saved'; readonly at: string }
  | { readonly kind: 'saving' }
  /** Not sent yet; `here` is whether this browser keeps it meanwhile. */
  | { readonly kind: 'waiting'; readonly here: boolean }
  /** The sentence says why it could not be saved. */
  | { readonly kind: 'unsaved'; readonly why: string; readonly here: boolean }
  /** Someone else saved in between. */
  | { readonly kind: 'stale' };

/** Where unsaved changes wait: the browser's store, or a map in tests. */
export type DraftStore = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;
export type Send<T> = (revision: number, document: T) => Promise<SendOutcome<T>>;
export type SendOutcome<T> =
  | ({ readonly kind: 'saved' } & SavedAs)
  | { readonly kind: 'refused'; readonly why: string; readonly again: boolean }
  | { readonly kind: 'stale'; readonly theirs: Version<T> };

/**
 * Three versions of one thing made one, where both sides changed different parts of it; null where they changed the same.
 *
 * @param base - what both began from
 */
export type Merge<T> = (base: T, mine: T, theirs: T) => T | null;

/** What a saver keeps and to whom it speaks. */
export type SaverWiring<T> = {
  /** Names the thing among all that wait in this browser, such as `batch:3f2`. */
  readonly key: string;
  readonly first: Version<T>;
  readonly shelf: DraftStore;
  readonly send: Send<T>;
  readonly tell: (state: SavingState) => void;
  /** Tells other windows what was saved. */
  readonly announce?: (saved: Version<T>) => void;
  /** Without it, every change from two sides is settled by hand. */
  readonly merge?: Merge<T>;
  /** Shows what came of a merge. */
  readonly adopt?: (merged: T) => void;
  /** Saves once the hand has rested this long [ms]. */
  readonly rest_ms?: number;
};

/** Saves once the hand has rested this long [ms], unless told otherwise; tries again after this long when it failed. */
const REST_MS = 1200;
const RETRY_MS = 5000;
/** While a hand moves, the browser's store is written this often at most [ms]; whoever leaves the page has it written at once. */
const KEEP_MS = 300;

/** A request that could not even be made. */
const NOT_SENT = { kind: 'refused', why: 'This page could not send it. It tries again by itself.', again: true } as const;

const shelfKey = (key: string): string => `upbeat-oven:${key}`;
/** What waits in the browser: over which revision it was changed, and what was sent before without an answer. */
type Kept<T> = { readonly revision: number; readonly document: T; readonly unanswered?: readonly T[] };
/** So many sent versions are remembered that nobody answered to: on a bad line each try may have got through. */
const MOST_UNANSWERED = 4;

/**
 * Saves a thing by itself after every change. What is not saved yet waits in the browser, so that a reload or a lost
 * connection loses nothing; what someone else saved in between is never overwritten unasked.
 */
export class Saver<T> {
  private saved: T;
  private newest: T;
  private revision: number;
  private theirs: Version<T> | null = null;
  /** Sent, here or on an earlier visit, and never answered to: each may have been saved all the same. */
  private unanswered: readonly T[] = [];
  private savedAt: string;
  private busy = false;
  /** Whether what is not saved yet waits in this browser: its store may be full, or shut. */
  private here = true;
  private closed = false;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private keepTimer: ReturnType<typeof setTimeout> | undefined;
  private keptAt_ms = -Infinity;

  constructor(private readonly wiring: SaverWiring<T>) {
    this.saved = this.newest = wiring.first.document;
    this.revision = wiring.first.revision;
    this.savedAt = wiring.first.saved_at;
  }

  /** Changes that an earlier visit could not save, if they still fit what is saved: that visit's own last save among it. */
  keptChanges(): T | null {
    try {
      const kept = JSON.parse(this.wiring.shelf.getItem(shelfKey(this.wiring.key)) ?? 'null') as Kept<T> | null;
      if (kept === null) return null;
      const sent = [...(kept.unanswered ?? []), kept.document];
      if (kept.revision !== this.revision && !sent.some((one) => same(one, this.saved))) return null;
      // It may have been on its way when the page was left.
      this.unanswered = sent;
      return kept.document;
    } catch {
      return null; // what cannot be read back cannot be offered either
    }
  }

  /** The document as it now is. */
  change(document: T): void {
    const before = this.newest;
    this.newest = document;
    if (this.theirs || document === before) return;
    if (document === this.saved && !this.busy) return this.nothingToSave();
    this.wait();
  }

  /** Saves without waiting for the hand to rest: the document as it stands, which may not have been drawn yet. */
  saveAtOnce(document: T): void {
    this.change(document);
    void this.saveNow();
  }

  private async saveNow(): Promise<void> {
    clearTimeout(this.timer);
    if (this.busy || this.theirs || this.newest === this.saved) return;
    const sent = this.newest;
    this.busy = true;
    this.unanswered = [...this.unanswered, sent].slice(-MOST_UNANSWERED);
    this.wiring.tell({ kind: 'saving' });
    const outcome = await this.wiring.send(this.revision, sent).catch((): SendOutcome<T> => NOT_SENT);
    this.busy = false;
    switch (outcome.kind) {
      case 'stale':
        return this.settle(outcome.theirs);
      case 'refused':
        this.wiring.tell({ kind: 'unsaved', why: outcome.why, here: this.here });
        if (outcome.again && !this.closed) this.later(RETRY_MS);
        return;
      case 'saved':
        this.revision = outcome.revision;
        this.saved = sent;
        this.unanswered = [];
        this.savedAt = outcome.saved_at;
        this.wiring.announce?.({ revision: outcome.revision, document: sent, saved_at: outcome.saved_at });
        return this.newest === sent ? this.nothingToSave() : this.wait();
    }
  }

  /**
   * Another window saved this thing. With nothing unsaved here it is taken over, and returned to be shown; otherwise it is a
   * conflict to be settled by the baker, and null.
   */
  heard(theirs: Version<T>): T | null {
    // While a save is on its way the server settles which of the two came first.
    if (theirs.revision <= this.revision || this.busy) return null;
    if (this.newest !== this.saved) {
      clearTimeout(this.timer);
      this.settle(theirs);
      return null;
    }
    this.theirs = theirs;
    return this.takeTheirs();
  }

  /** In a conflict: drops what is here and returns what the other saved. */
  takeTheirs(): T | null {
    const { theirs } = this;
    if (!theirs) return null;
    this.theirs = null;
    this.revision = theirs.revision;
    this.saved = this.newest = theirs.document;
    this.savedAt = theirs.saved_at;
    this.nothingToSave();
    return theirs.document;
  }

  /** In a conflict: saves what is here over what the other saved, now that it has been seen. */
  keepMine(): void {
    if (!this.theirs) return;
    this.revision = this.theirs.revision;
    this.theirs = null;
    void this.saveNow();
  }

  /** Nothing changes any more: what is not saved yet is sent without waiting. */
  close(): Promise<void> {
    this.leave();
    this.closed = true;
    return this.saveNow();
  }

  /** Someone else saved in between: made one where that can be done, else settled by the baker. */
  private settle(theirs: Version<T>): void {
    // What stands there may be one's own, whose answer was lost on the way.
    const isOwn = this.unanswered.some((one) => same(one, theirs.document));
    this.unanswered = [];
    if (isOwn) return this.goOnFrom(theirs, this.newest);
    const merged = this.wiring.merge?.(this.saved, this.newest, theirs.document) ?? null;
    if (merged === null) {
      this.theirs = theirs;
      return this.wiring.tell({ kind: 'stale' });
    }
    this.wiring.adopt?.(merged);
    this.goOnFrom(theirs, merged);
  }

  /** Saves over what stands there, where it says something else. */
  private goOnFrom(theirs: Version<T>, document: T): void {
    this.revision = theirs.revision;
    this.saved = theirs.document;
    this.savedAt = theirs.saved_at;
    this.newest = document;
    if (same(document, theirs.document)) {
      this.saved = document;
      this.nothingToSave();
    } else void this.saveNow();
  }

  /** Keeps what is not saved yet in the browser, and saves it once the hand rests. */
  private wait(): void {
    const since_ms = Date.now() - this.keptAt_ms;
    if (since_ms >= KEEP_MS || !this.here) this.keepNow();
    else this.keepTimer ??= setTimeout(() => this.leave(), KEEP_MS - since_ms);
    if (!this.busy) this.wiring.tell({ kind: 'waiting', here: this.here });
    // What nothing keeps meanwhile is sent at once.
    this.later(this.here ? (this.wiring.rest_ms ?? REST_MS) : 0);
  }

  /** The page is left, or may be: what the store does not hold yet is written there now. */
  leave(): void {
    if (this.keepTimer === undefined) return;
    this.keepNow();
    if (this.here) return;
    if (!this.busy) this.wiring.tell({ kind: 'waiting', here: false });
    this.later(0);
  }

  private keepNow(): void {
    this.stopKeeping();
    this.keptAt_ms = Date.now();
    this.here = this.keep();
  }

  private stopKeeping(): void {
    clearTimeout(this.keepTimer);
    this.keepTimer = undefined;
  }

  /** Puts what is not saved yet into the browser's store; false where there is no room, or no store. */
  private keep(): boolean {
    const { revision, newest: document, unanswered } = this;
    const kept: Kept<T> = { revision, document, ...(unanswered.length > 0 ? { unanswered } : {}) };
    try {
      this.wiring.shelf.setItem(shelfKey(this.wiring.key), JSON.stringify(kept));
      return true;
    } catch {
      // An older draft must not be taken for this one.
      this.unkeep();
      return false;
    }
  }

  private unkeep(): void {
    try {
      this.wiring.shelf.removeItem(shelfKey(this.wiring.key));
    } catch {
      // A store that is shut keeps nothing either.
    }
  }

  /** Whether leaving now would lose something. */
  get atRisk(): boolean {
    return this.newest !== this.saved && !this.here;
  }

  private nothingToSave(): void {
    clearTimeout(this.timer);
    this.stopKeeping();
    this.unkeep();
    this.here = true;
    this.wiring.tell({ kind: 'saved', at: this.savedAt });
  }

  private later(delay_ms: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.saveNow(), delay_ms);
  }
}
