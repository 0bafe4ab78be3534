import { USUAL_DRAWS } from '@/core/bands';
import type { Appliance } from '@/core/catalogue';
import type { RecipeLine, BatchDocument, Heat } from '@/core/document';
import type { Result } from '@/core/failure';
import type { KeepGain } from '@/core/outcomes';
import type { Cooling, Prediction } from '@/core/prediction';
import type { FoundProgrammes } from '@/core/search';
import { answerOf, brokenOr, plainAnswerOf } from './answer';
import { browserLine } from './browser-line';
import { WorkerClient, type OpenLine } from './client';
import { GivenUp } from './given-up';
import type { KitchenGoods, Nominal, PredictionExchanges, TriedSwap } from './prediction-protocol';

type Answers = {
  readonly onNominal: (document: BatchDocument, answer: Result<Nominal>) => void;
  readonly onBanded: (document: BatchDocument, answer: Result<Prediction>) => void;
  /** How far the search for the document's layout is [0..1]; null once it is over. */
  readonly onSearch: (document: BatchDocument, share: number | null) => void;
};

/** The band waits until the hand rests [ms]. */
const REST_MS = 220;
const WARM_UPS = 12;
/** As many as a plain machine has cores. Each must read and compile the model before it is quick: a third would cost more than it saves. */
const WORKERS = 2;

const inTheBrowser = browserLine(() => new Worker(new URL('./prediction.worker.ts', import.meta.url), { type: 'module' }));

/**
 * Keeps a page supplied with predictions: the nominal run for every frame of a drag, the band once the hand rests.
 * While a run is under way only the newest document waits; older ones are never computed.
 */
export class Predictor {
  private readonly workers: ReadonlyArray<WorkerClient<PredictionExchanges>>;
  private asked: BatchDocument | null = null;
  private waiting: BatchDocument | null = null;
  private busy = false;
  private closed = false;
  private rest: ReturnType<typeof setTimeout> | undefined;
  private bands = new AbortController();

  constructor(
    kitchen: KitchenGoods,
    private readonly answers: Answers,
    /** Settles when a change is near. Whoever only reads what the page was served with needs no workers. */
    private readonly changeIsNear: (signal: AbortSignal) => Promise<void>,
    openLine: OpenLine = inTheBrowser,
  ) {
    const open = (): WorkerClient<PredictionExchanges> =>
      new WorkerClient<PredictionExchanges>(openLine, (client) => client.ask('load', kitchen));
    this.workers = Array.from({ length: WORKERS }, open);
  }

  /** Asks for a document; answers arrive by the callbacks, the newest last. */
  ask(document: BatchDocument): void {
    // What is drawn of the document before gives way first, so that it keeps nobody waiting.
    this.bandOf(document, REST_MS);
    this.waiting = document;
    if (!this.busy) void this.work();
  }

  /**
   * Takes on a document whose likely run is known already.
   *
   * @param drawn - whether its band comes from elsewhere: then everything only gets ready for the first change, once that is near
   */
  takeOn(document: BatchDocument, drawn: Promise<boolean>): void {
    this.bandOf(document, 0, drawn);
  }

  private bandOf(document: BatchDocument, rest_ms: number, drawn = Promise.resolve(false)): void {
    this.asked = document;
    clearTimeout(this.rest);
    this.bands.abort();
    this.bands = new AbortController();
    const { signal } = this.bands;
    this.rest = setTimeout(
      () => void drawn.then((known) => (known ? this.getReady(document, signal) : this.band(document, signal))),
      rest_ms,
    );
  }

  /** Tries every swap of an ingredient line, beside whatever else is under way. */
  swaps(document: BatchDocument, line: number): Promise<Result<readonly TriedSwap[]> | null> {
    return plainAnswerOf(this.beside().ask('swaps', { document, line }));
  }

  /** The gap a hand must have left for so many pieces from the first roll [mm]. */
  handGap(document: BatchDocument, cut: number): Promise<Result<number> | null> {
    return answerOf(this.beside().ask('handGap', { document, cut }));
  }

  /** Programmes that meet the document's target; null when the signal gave the search up. Bands go on beside it. */
  programmes(
    document: BatchDocument,
    onTold: (share: number) => void,
    signal: AbortSignal,
  ): Promise<Result<FoundProgrammes> | null> {
    return answerOf(this.beside().ask('find', document, { onTold, signal }));
  }

  /** Another batch, to compare with the one that is drawn. */
  other(document: BatchDocument): Promise<Result<Nominal> | null> {
    return answerOf(this.beside().ask('nominal', document));
  }

  /** A bowl that is shared out, all portions together. */
  whole(document: BatchDocument): Promise<Result<Prediction> | null> {
    return answerOf(this.beside().ask('whole', document));
  }

  /** How the finished batch cools; a value of null for what ends frozen. */
  cooling(document: BatchDocument): Promise<Result<Cooling | null> | null> {
    return plainAnswerOf(this.beside().ask('cooling', document));
  }

  /** The programme with a heat step in an oven before it, so that what is raw is cooked through; a value of null where none is enough. */
  heatedThrough(document: BatchDocument, oven: Appliance): Promise<Result<Heat | null> | null> {
    return plainAnswerOf(this.beside().ask('heatedThrough', { document, oven }));
  }

  /** The finished treats of another batch as a line of this recipe. */
  treats(name: string, document: BatchDocument): Promise<Result<RecipeLine> | null> {
    return answerOf(this.beside().ask('treats', { name, document }));
  }

  /** What would buy one of the packs the most days. */
  gains(document: BatchDocument, pack: number): Promise<Result<readonly KeepGain[]> | null> {
    return plainAnswerOf(this.beside().ask('gains', { document, pack }));
  }

  close(): void {
    this.closed = true;
    clearTimeout(this.rest);
    this.bands.abort();
    for (const worker of this.workers) worker.close();
  }

  /** Answers the nominal run of every frame, and draws its share of the bands in slices while none is asked for. */
  private foreground(): WorkerClient<PredictionExchanges> {
    return this.workers[0];
  }

  /** Does everything that may take longer. */
  private beside(): WorkerClient<PredictionExchanges> {
    return this.workers[1];
  }

  private async work(): Promise<void> {
    this.busy = true;
    try {
      while (this.waiting) {
        const document = this.waiting;
        this.waiting = null;
        const answer = await answerOf(this.foreground().ask('nominal', document));
        if (!answer || this.closed) return;
        this.answers.onNominal(document, answer);
      }
    } finally {
      this.busy = false;
    }
  }

  /** Runs a document a few times while nobody waits: code that has run is compiled, and the first drag is as quick as the rest. */
  private async warmUp(document: BatchDocument): Promise<void> {
    for (let i = 0; i < WARM_UPS && !this.waiting; i++) await this.foreground().ask('nominal', document).catch(brokenOr);
  }

  private async band(document: BatchDocument, signal: AbortSignal): Promise<void> {
    try {
      const onTold = (share: number): void => this.answers.onSearch(document, share);
      const found = await this.beside().ask('layout', document, { onTold, signal });
      this.answers.onSearch(document, null);
      if (found) await this.show(document, found);
      await this.draw(document, signal);
    } catch (error) {
      if (error instanceof GivenUp || signal.aborted) return;
      this.answers.onSearch(document, null);
      this.answers.onBanded(document, brokenOr(error));
    }
  }

  /** Searches the layout that is shown already, so that changes keep it, and compiles; nothing of it is told. */
  private async getReady(document: BatchDocument, signal: AbortSignal): Promise<void> {
    await this.changeIsNear(signal);
    if (signal.aborted) return;
    try {
      const found = await this.beside().ask('layout', document, { signal });
      if (found) await this.foreground().ask('primeCache', found);
      await this.warmUp(document);
    } catch (error) {
      if (!(error instanceof GivenUp) && !signal.aborted) brokenOr(error);
    }
  }

  /** Draws on all workers at once, as many as every door draws: label, jar, log and page tell one band. */
  private async draw(document: BatchDocument, signal: AbortSignal): Promise<void> {
    const each = USUAL_DRAWS / WORKERS;
    const shares = await Promise.all(
      this.workers.map((worker, i) => worker.ask('samples', { document, from: i * each, to: (i + 1) * each }, { signal })),
    );
    if (shares.includes(null)) return;
    const samples = shares.flatMap((share) => share ?? []);
    this.answers.onBanded(document, await this.beside().ask('band', { document, samples }, { signal }));
  }

  /** Hands what was found to the worker that answers at once, and has it answered anew unless the hand has moved on. */
  private async show(document: BatchDocument, found: string): Promise<void> {
    await this.foreground().ask('primeCache', found);
    if (document !== this.asked || this.closed) return;
    this.waiting = document;
    if (!this.busy) void this.work();
  }
}
