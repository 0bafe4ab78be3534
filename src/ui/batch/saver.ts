import type { BatchVersion } from '@/contract/batch';
import type { BatchDocument } from '@/core/document';

export type SavingState =
  | { readonly kind: 'saved'; readonly at: string }
  | { readonly kind: 'waiting' | 'saving' }
  /** Kept in this browser; the sentence says why it could not be saved. */
  | { readonly kind: 'kept'; readonly why: string }
  /** Someone else saved in between. */
  | { readonly kind: 'stale' };

/** Where unsaved changes wait: the browser's store, or a map in tests. */
export type DraftStore = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;
export type Send = (id: string, revision: number, document: BatchDocument) => Promise<SendOutcome>;
export type SendOutcome =
  | { readonly kind: 'saved'; readonly revision: number; readonly saved_at: string }
  | { readonly kind: 'refused'; readonly why: string; readonly again: boolean }
  | { readonly kind: 'stale'; readonly theirs: BatchVersion };

/** Saves once the hand has rested this long [ms]; tries again after this long when it failed. */
const REST_MS = 1200;
const RETRY_MS = 5000;

const keyOf = (id: string): string => `upbeat-oven:batch:${id}`;
type Kept = { readonly revision: number; readonly document: BatchDocument };

/**
 * Saves a batch by itself after every change. What is not saved yet waits in the browser, so that a reload or a lost
 * connection loses nothing; what someone else saved in between is never overwritten unasked.
 */
export class Saver {
  private saved: BatchDocument;
  private newest: BatchDocument;
  private revision: number;
  private theirs: BatchVersion | null = null;
  private busy = false;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly id: string,
    first: BatchVersion,
    private readonly shelf: DraftStore,
    private readonly send: Send,
    private readonly tell: (state: SavingState) => void,
    /** Tells other windows what was saved. */
    private readonly announce: (saved: BatchVersion) => void = () => undefined,
  ) {
    this.saved = this.newest = first.document;
    this.revision = first.revision;
  }

  /** Changes that an earlier visit could not save, if they still fit what is saved. */
  keptChanges(): BatchDocument | null {
    try {
      const kept = JSON.parse(this.shelf.getItem(keyOf(this.id)) ?? 'null') as Kept | null;
      return kept?.revision === this.revision ? kept.document : null;
    } catch {
      return null; // what cannot be read back cannot be offered either
    }
  }

  /** The document as it now is. */
  change(document: BatchDocument): void {
    this.newest = document;
    if (document === this.saved || this.theirs) return;
    this.shelf.setItem(keyOf(this.id), JSON.stringify({ revision: this.revision, document } satisfies Kept));
    if (!this.busy) this.tell({ kind: 'waiting' });
    this.later(REST_MS);
  }

  /** Saves without waiting for the hand to rest: the document as it stands, which may not have been drawn yet. */
  saveAtOnce(document: BatchDocument): void {
    this.change(document);
    void this.saveNow();
  }

  private async saveNow(): Promise<void> {
    clearTimeout(this.timer);
    if (this.busy || this.theirs || this.newest === this.saved) return;
    const sent = this.newest;
    this.busy = true;
    this.tell({ kind: 'saving' });
    const outcome = await this.send(this.id, this.revision, sent);
    this.busy = false;
    switch (outcome.kind) {
      case 'stale':
        this.theirs = outcome.theirs;
        return this.tell({ kind: 'stale' });
      case 'refused':
        this.tell({ kind: 'kept', why: outcome.why });
        if (outcome.again) this.later(RETRY_MS);
        return;
      case 'saved':
        this.revision = outcome.revision;
        this.saved = sent;
        if (this.newest !== sent) return this.change(this.newest);
        this.shelf.removeItem(keyOf(this.id));
        this.announce({ revision: outcome.revision, document: sent, saved_at: outcome.saved_at });
        return this.tell({ kind: 'saved', at: outcome.saved_at });
    }
  }

  /**
   * Another window saved this batch. With nothing unsaved here it is taken over, and returned to be shown; otherwise it is a
   * conflict to be settled by the baker, and null.
   */
  heard(theirs: BatchVersion): BatchDocument | null {
    if (theirs.revision <= this.revision) return null;
    if (this.busy || this.newest !== this.saved) {
      clearTimeout(this.timer);
      this.theirs = theirs;
      this.tell({ kind: 'stale' });
      return null;
    }
    this.theirs = theirs;
    return this.takeTheirs();
  }

  /** In a conflict: drops what is here and returns what the other saved. */
  takeTheirs(): BatchDocument | null {
    const { theirs } = this;
    if (!theirs) return null;
    this.theirs = null;
    this.revision = theirs.revision;
    this.saved = this.newest = theirs.document;
    this.shelf.removeItem(keyOf(this.id));
    this.tell({ kind: 'saved', at: theirs.saved_at });
    return theirs.document;
  }

  /** In a conflict: saves what is here over what the other saved, now that it has been seen. */
  keepMine(): void {
    if (!this.theirs) return;
    this.revision = this.theirs.revision;
    this.theirs = null;
    void this.saveNow();
  }

  close(): void {
    clearTimeout(this.timer);
  }

  private later(delay_ms: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.saveNow(), delay_ms);
  }
}
