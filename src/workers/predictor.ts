import { proxy, wrap, type Remote } from 'comlink';
import { isSettled, type Sample } from '@/core/bands';
import { type BatchDocument } from '@/core/document';
import { type Cooling, type Prediction } from '@/core/prediction';
import { type KeepGain } from '@/core/outcomes';
import { type FoundProgrammes } from '@/core/search';
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
/** Draws that each worker makes between two looks at the band, and the most there are. */
const ROUND = 50;
const MOST_DRAWS = 500;
/** Two at a time: as many as a plain machine has cores, and the one that draws rests meanwhile. */
const PATIENT = 2;

/**
 * Keeps a page supplied with predictions: the likely run for every frame of a drag, the band once the hand rests.
 * While a run is under way only the newest document waits; older ones are never computed.
 */
export class Predictor {
  private readonly workers: Worker[] = [];
  private readonly fast: Remote<PredictionService>;
  private readonly patient: ReadonlyArray<Remote<PredictionService>>;
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
    this.patient = Array.from({ length: PATIENT }, () => this.open());
    this.ready = Promise.all([this.fast, ...this.patient].map((worker) => worker.load(kitchen)));
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
    for (const worker of this.patient) void worker.stop();
    this.rest = setTimeout(() => void this.band(document), REST_MS);
  }

  /** Tries every swap of an ingredient line, beside whatever else is under way. */
  async swaps(document: BatchDocument, line: number): Promise<readonly TriedSwap[]> {
    await this.ready;
    return this.patient[0].swaps(document, line);
  }

  /** The gap a hand must have left for so many pieces from the first roll [mm]. */
  async gapFromCut(document: BatchDocument, cut: number): Promise<Result<number>> {
    await this.ready;
    return this.patient[0].gapFromCut(document, cut);
  }

  /** Programmes that meet the document's target; the last of the patient workers looks, so that the bands go on. */
  async programmes(document: BatchDocument, onShare: (share: number) => void): Promise<Result<FoundProgrammes> | null> {
    await this.ready;
    return this.patient[PATIENT - 1].find(document, proxy(onShare));
  }

  /** Gives up a search for programmes. */
  stop(): void {
    void this.patient[PATIENT - 1].stop();
  }

  /** Another batch, to compare with the one that is drawn. */
  async other(document: BatchDocument): Promise<Result<Likely>> {
    await this.ready;
    return this.patient[0].likely(document);
  }

  /** How the finished batch cools. */
  async cooling(document: BatchDocument): Promise<Cooling | null> {
    await this.ready;
    return this.patient[0].cooling(document);
  }

  /** What would buy one of the packs the most days. */
  async gains(document: BatchDocument, pack: number): Promise<readonly KeepGain[]> {
    await this.ready;
    return this.patient[0].gains(document, pack);
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
    const found = await this.patient[0].search(
      document,
      proxy((share: number) => this.answers.onSearch(document, share)),
    );
    if (document !== this.asked) return;
    this.answers.onSearch(document, null);
    if (found) {
      await Promise.all(this.patient.slice(1).map((worker) => worker.remember(found)));
      void this.show(document, found);
    }
    await this.draw(document);
  }

  /** Draws on all patient workers at once, shows the band after every round, and stops once it no longer moves. */
  private async draw(document: BatchDocument): Promise<void> {
    let samples: Sample[] = [];
    for (let from = 0; from < MOST_DRAWS && !isSettled(samples); from += ROUND * PATIENT) {
      const rounds = await Promise.all(
        this.patient.map((worker, i) => worker.samples(document, from + i * ROUND, from + (i + 1) * ROUND)),
      );
      if (document !== this.asked || rounds.includes(null)) return;
      samples = [...samples, ...rounds.flatMap((round) => round ?? [])];
      const answer = await this.patient[0].band(document, samples);
      if (document === this.asked) this.answers.onBanded(document, answer);
    }
  }

  /** Hands what was found to the worker that draws, and draws it unless the hand has moved on. */
  private async show(document: BatchDocument, found: string): Promise<void> {
    await this.fast.remember(found);
    if (document !== this.asked) return;
    this.waiting = document;
    if (!this.busy) await this.work();
  }
}
