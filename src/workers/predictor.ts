import { proxy, wrap, type Remote } from 'comlink';
import type { BatchDocument, Prediction } from '@/core/batch';
import type { Result } from '@/core/failure';
import type { KitchenGoods, Likely, PredictionService, TriedSwap } from './protocol';

type Answers = {
  readonly onLikely: (document: BatchDocument, answer: Result<Likely>) => void;
  readonly onBanded: (document: BatchDocument, answer: Result<Prediction>) => void;
  /** How far the search for the document's layout is [0..1]; null once it is over. */
  readonly onSearch: (document: BatchDocument, share: number | null) => void;
};

/** The band waits until the hand rests [ms]. */
const REST_MS = 220;
const WARM_UPS = 12;

/**
 * Keeps a page supplied with predictions: the likely run for every frame of a drag, the band once the hand rests.
 * While a run is under way only the newest document waits; older ones are never computed.
 */
export class Predictor {
  private readonly workers: Worker[] = [];
  private readonly fast: Remote<PredictionService>;
  private readonly patient: Remote<PredictionService>;
  private asked: BatchDocument | null = null;
  private waiting: BatchDocument | null = null;
  private busy = false;
  private cold = true;
  private rest: ReturnType<typeof setTimeout> | undefined;
  private readonly ready: Promise<unknown>;

  constructor(
    kitchen: KitchenGoods,
    private readonly answers: Answers,
  ) {
    this.fast = this.open();
    this.patient = this.open();
    this.ready = Promise.all([this.fast.load(kitchen), this.patient.load(kitchen)]);
  }

  private open(): Remote<PredictionService> {
    const worker = new Worker(new URL('./prediction.worker.ts', import.meta.url), { type: 'module' });
    this.workers.push(worker);
    return wrap<PredictionService>(worker);
  }

  /** Asks for a document; answers arrive by the callbacks, the newest last. */
  ask(document: BatchDocument): void {
    this.asked = document;
    this.waiting = document;
    if (!this.busy) void this.work();
    clearTimeout(this.rest);
    this.rest = setTimeout(() => void this.band(document), REST_MS);
  }

  /** Tries every swap of an ingredient line, beside whatever else is under way. */
  async swaps(document: BatchDocument, line: number): Promise<readonly TriedSwap[]> {
    await this.ready;
    return this.patient.swaps(document, line);
  }

  /** The gap a hand must have left for so many pieces from the first roll [mm]. */
  async gapFromCut(document: BatchDocument, cut: number): Promise<Result<number>> {
    await this.ready;
    return this.patient.gapFromCut(document, cut);
  }

  close(): void {
    clearTimeout(this.rest);
    for (const worker of this.workers) worker.terminate();
  }

  private async work(): Promise<void> {
    this.busy = true;
    await this.ready;
    while (this.waiting) {
      const document = this.waiting;
      this.waiting = null;
      this.answers.onLikely(document, await this.fast.likely(document));
      if (this.cold) await this.warmUp(document);
    }
    this.busy = false;
  }

  /** Runs the first document a few times more while nobody waits: code that has run is compiled, and the first drag is as quick as the rest. */
  private async warmUp(document: BatchDocument): Promise<void> {
    this.cold = false;
    for (let i = 0; i < WARM_UPS && !this.waiting; i++) await this.fast.likely(document);
  }

  private async band(document: BatchDocument): Promise<void> {
    await this.ready;
    const answer = await this.patient.banded(
      document,
      proxy((share: number) => this.answers.onSearch(document, share)),
    );
    if (!answer) return;
    this.answers.onSearch(document, null);
    if (!answer.ok) return this.answers.onBanded(document, answer);
    const { prediction, found } = answer.value;
    this.answers.onBanded(document, { ok: true, value: prediction });
    if (found) await this.show(document, found);
  }

  /** Hands what was found to the worker that draws, and draws it unless the hand has moved on. */
  private async show(document: BatchDocument, found: string): Promise<void> {
    await this.fast.remember(found);
    if (document !== this.asked) return;
    this.waiting = document;
    if (!this.busy) await this.work();
  }
}
