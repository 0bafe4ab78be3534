import { valueAt, type BatchDocument, type Path } from '@/core/document';
import { type Prediction } from '@/core/prediction';
import type { Failure, Result } from '@/core/failure';
import type { FirstLook, Nominal } from '@/workers/prediction-protocol';
import { begin, edit, redo, undo, type History } from './history';

/** What the store needs of whoever predicts. */
export type Asks = {
  readonly ask: (document: BatchDocument) => void;
  /** Takes on a document whose likely run is known: its band is asked for unless it is drawn elsewhere. */
  readonly takeOn: (document: BatchDocument, drawn: Promise<boolean>) => void;
  readonly close: () => void;
};
type Answers = {
  readonly onNominal: (document: BatchDocument, answer: Result<Nominal>) => void;
  readonly onBanded: (document: BatchDocument, answer: Result<Prediction>) => void;
  readonly onSearch: (document: BatchDocument, share: number | null) => void;
};

/** The part of a document that is looked at: one portion of a shared bowl as a batch of its own; all of it elsewhere. */
export type View = (document: BatchDocument) => BatchDocument;

export type BatchSnapshot = {
  /** What is looked at, and all of the batch. */
  readonly document: BatchDocument;
  readonly whole: BatchDocument;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  /** The newest run that worked; while a document cannot be predicted, the one before stays in view. */
  readonly nominal: Nominal | null;
  readonly failure: Failure | null;
  /** Bands of the newest document whose bands are known, and whether they are of an older one than shown. */
  readonly banded: Prediction | null;
  readonly bandIsOld: boolean;
};

/**
 * How far the search for the layout shown is [0..1]; null when none is under way. Apart from the rest: it changes ten
 * times a second, and only its own bar is drawn anew.
 */
export type SearchProgress = {
  readonly subscribe: (listener: () => void) => () => void;
  readonly getSnapshot: () => number | null;
};

/** Told of every new snapshot, and whether a hand waits for it: what does not is drawn in the pauses. */
type Listener = (handWaits: boolean) => void;

/** A change is shown together with its answer; if that takes longer than this, the change is shown alone [ms]. */
const SHOW_ALONE_AFTER_MS = 80;

/**
 * A batch being edited and predicted. Changing it asks for a prediction at once, and tells its listeners when the answer
 * is there: one drawing of the page per move of the hand, not two.
 */
export class BatchStore {
  private history: History;
  private readonly listeners = new Set<Listener>();
  private readonly watchers = new Set<() => void>();
  private searched: number | null = null;
  private predictor: Asks | null = null;
  private snapshot: BatchSnapshot;
  private bandedOf: BatchDocument | null = null;
  /** What is shown came with the page, and nobody was asked yet. */
  private served: boolean;
  private view: View = (document) => document;
  private seen: { readonly of: BatchDocument; readonly as: BatchDocument } | null = null;
  private alone: ReturnType<typeof setTimeout> | undefined;

  constructor(
    first: BatchDocument,
    private readonly now: () => number,
    look: FirstLook | null = null,
    private readonly later: Promise<FirstLook | null> | null = null,
  ) {
    this.history = begin(first);
    this.served = look !== null;
    this.snapshot = {
      document: look?.part ?? first,
      whole: first,
      canUndo: false,
      canRedo: false,
      nominal: look?.nominal ?? null,
      failure: null,
      banded: look?.banded ?? null,
      bandIsOld: !look?.banded,
    };
    if (look?.banded) this.bandedOf = this.snapshot.document;
  }

  /** Takes on whoever predicts, and asks for the document as it is. */
  connect(make: (answers: Answers) => Asks): void {
    this.predictor = make({
      onNominal: (_, answer) => this.show(answer.ok ? { nominal: answer.value, failure: null } : { failure: answer }),
      onBanded: (document, answer) => {
        if (!answer.ok) return;
        this.bandedOf = document;
        this.show({ banded: answer.value });
      },
      onSearch: (document, searched) => {
        if (document === this.shown()) this.setSearched(searched);
      },
    });
    // What the page was served with stands: asking for it again could only say the same, later.
    const { served } = this;
    this.served = false;
    if (served) this.predictor.takeOn(this.snapshot.document, this.drawnElsewhere());
    else this.predictor.ask(this.shown());
  }

  /** Whether the band of what the page was served with is known or comes from the server; shown once it does. */
  private async drawnElsewhere(): Promise<boolean> {
    if (this.snapshot.banded) return true;
    const served = this.snapshot.document;
    const look = await this.later?.catch(() => null);
    if (!look?.banded) return false;
    if (this.predictor && this.shown() === served) {
      this.bandedOf = served;
      this.show({ nominal: look.nominal, banded: look.banded });
    }
    return true;
  }

  /** Looks at another part of the document, and asks for it. */
  look(view: View): void {
    this.view = view;
    const before = this.seen?.as;
    this.seen = null;
    const known = before ?? this.snapshot.document;
    if (JSON.stringify(this.shown()) === JSON.stringify(known)) {
      // The same as was looked at: bands are told of that one.
      this.seen = { of: this.history.document, as: known };
      return;
    }
    this.predictor?.ask(this.shown());
    this.show({});
  }

  /** What is looked at of the document as it stands; the same object while nothing changes. */
  readonly shown = (): BatchDocument => {
    const { document } = this.history;
    if (this.seen?.of !== document) this.seen = { of: document, as: this.view(document) };
    return this.seen.as;
  };

  disconnect(): void {
    clearTimeout(this.alone);
    this.predictor?.close();
    this.predictor = null;
  }

  readonly subscribe = (listener: Listener): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  readonly getSnapshot = (): BatchSnapshot => this.snapshot;

  readonly set = (path: Path, after: unknown): void => this.move(edit(this.history, path, after, this.now()));
  /**
   * The same from the value that stands there now. What a listener was shown may be a few moves old:
   * keys repeat faster than answers come.
   */
  readonly change = <T>(path: Path, next: (now: T) => T): void => this.set(path, next(valueAt(this.history.document, path) as T));
  /** The document as it stands now: what is shown waits for its answer. */
  readonly newest = (): BatchDocument => this.history.document;
  readonly undo = (): void => this.move(undo(this.history));
  readonly redo = (): void => this.move(redo(this.history));
  /** Starts over from another version of the batch. */
  readonly begin = (document: BatchDocument): void => this.move(begin(document));

  readonly search: SearchProgress = {
    subscribe: (listener) => {
      this.watchers.add(listener);
      return () => this.watchers.delete(listener);
    },
    getSnapshot: () => this.searched,
  };

  private setSearched(searched: number | null): void {
    if (searched === this.searched) return;
    this.searched = searched;
    for (const watcher of this.watchers) watcher();
  }

  private move(next: History): void {
    if (next.document === this.history.document) return;
    this.history = next;
    this.setSearched(null);
    this.predictor?.ask(this.shown());
    clearTimeout(this.alone);
    this.alone = setTimeout(() => this.show({}), SHOW_ALONE_AFTER_MS);
  }

  private show(news: Partial<Pick<BatchSnapshot, 'nominal' | 'failure' | 'banded'>>): void {
    clearTimeout(this.alone);
    const { document: whole, done, undone } = this.history;
    const document = this.shown();
    const handWaits = document !== this.snapshot.document;
    this.snapshot = {
      ...this.snapshot,
      ...news,
      document,
      whole,
      canUndo: done.length > 0,
      canRedo: undone.length > 0,
      bandIsOld: this.bandedOf !== document,
    };
    for (const listener of this.listeners) listener(handWaits);
  }
}
