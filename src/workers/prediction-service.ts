import { bandFrom, samplesInSteps, type Sample } from '@/core/bands';
import {
  coolingOf,
  drawingOf,
  gapFromCut,
  predict,
  remember,
  searchLayout,
  type Cooling,
  type Found,
  type Kitchen,
  type Prediction,
  type Worked,
} from '@/core/prediction';
import { findInSteps, type FoundProgrammes } from '@/core/search';
import { keepGains } from '@/core/outcomes';
import { swapsOf } from '@/core/yield';
import { type BatchDocument } from '@/core/document';
import { succeed, type Result } from '@/core/failure';
import type { KitchenGoods, Likely, OnSearch, PredictionService, TriedSwap } from './protocol';

/** Searches and draws are made in slices this long, so that a newer question is heard soon [ms]. */
const SLICE_MS = 25;

/**
 * Answers predictions. In a browser it lives in a worker; tests call it in their own process.
 *
 * @param now - a clock [ms], and `pause` which lets waiting messages in: both come from outside, so that tests can drive them
 */
export function makePredictionService(now: () => number, pause: () => Promise<void>): PredictionService {
  let kitchen: Kitchen = { pantry: new Map() };
  let newest = 0;
  let last: { readonly asked: string; readonly worked: Result<Worked> } | null = null;
  return {
    load({ pantry, currency, prices, energy_per_kwh }: KitchenGoods): void {
      const known = new Map(pantry.map((row) => [row.id, row]));
      last = null;
      const list = { currency, prices: new Map(prices), ...(energy_per_kwh === undefined ? {} : { energy_per_kwh }) };
      kitchen = prices.length > 0 ? { pantry: known, prices: list } : { pantry: known };
    },
    likely(document: BatchDocument): Result<Likely> {
      const worked = predict(document, kitchen, 'quick');
      return worked.ok ? succeed({ prediction: worked.value.prediction, drawing: drawingOf(worked.value) }) : worked;
    },
    swaps(document: BatchDocument, line: number): readonly TriedSwap[] {
      return swapsOf(document.recipe, line, kitchen.pantry, document.kitchen?.cup_fill).flatMap((swapped) => {
        const after = predict({ ...document, recipe: swapped.recipe }, kitchen, 'quick');
        return after.ok ? [{ ...swapped, after: after.value.prediction }] : [];
      });
    },
    async search(document: BatchDocument, onSearch?: OnSearch): Promise<string | null> {
      const found = await inSlices(searchLayout(document, kitchen), ({ done, of }) => onSearch?.(done / of));
      return found === STOPPED || found === null ? null : JSON.stringify(found);
    },
    async samples(document: BatchDocument, from: number, to: number): Promise<readonly Sample[] | null> {
      const worked = workedOut(document);
      if (!worked.ok) return null;
      const samples = await inSlices(samplesInSteps(worked.value, from, to));
      return samples === STOPPED ? null : samples;
    },
    band(document: BatchDocument, samples: readonly Sample[]): Result<Prediction> {
      const worked = workedOut(document);
      return worked.ok ? succeed(bandFrom(worked.value, samples)) : worked;
    },
    async find(document: BatchDocument, onSearch?: OnSearch): Promise<Result<FoundProgrammes> | null> {
      const found = await inSlices(findInSteps(document, kitchen), ({ done, of }) => onSearch?.(Math.min(1, done / of)));
      return found === STOPPED ? null : found;
    },
    cooling(document: BatchDocument): Cooling | null {
      const worked = predict(document, kitchen, 'quick');
      return worked.ok ? coolingOf(worked.value) : null;
    },
    gains: (document, pack) => keepGains(document, kitchen, pack),
    stop(): void {
      newest++;
    },
    gapFromCut: (document, cut) => gapFromCut(document, kitchen, cut),
    remember(found: string): void {
      last = null;
      remember(JSON.parse(found) as Found);
    },
  };

  /** The likely run of a document; the last one is kept, since its draws are asked for in several goes. */
  function workedOut(document: BatchDocument): Result<Worked> {
    const asked = JSON.stringify(document);
    if (last?.asked !== asked) last = { asked, worked: predict(document, kitchen) };
    return last.worked;
  }

  /** Runs steps a slice at a time; gives up when it is told to stop meanwhile. */
  async function inSlices<Step, Answer>(
    steps: Generator<Step, Answer>,
    onSlice?: (step: Step) => void,
  ): Promise<Answer | typeof STOPPED> {
    const ticket = newest;
    let sliceEnds = now() + SLICE_MS;
    for (;;) {
      const step = steps.next();
      if (step.done) return step.value;
      if (now() < sliceEnds) continue;
      onSlice?.(step.value);
      await pause();
      if (ticket !== newest) return STOPPED;
      sliceEnds = now() + SLICE_MS;
    }
  }
}

const STOPPED = Symbol('told to stop');
