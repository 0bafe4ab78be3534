import {
  bandInSteps,
  drawingOf,
  gapFromCut,
  predict,
  remember,
  searchLayout,
  swapsOf,
  type BatchDocument,
  type Found,
  type Kitchen,
} from '@/core/batch';
import { succeed, type Result } from '@/core/failure';
import type { Banded, KitchenGoods, Likely, OnSearch, PredictionService, TriedSwap } from './protocol';

/** Searches and draws are made in slices this long, so that a newer question is heard soon [ms]. */
const SLICE_MS = 25;

/**
 * Answers predictions. In a browser it lives in a worker; tests call it in their own process.
 *
 * @param now - a clock [ms], and `pause` which lets waiting messages in: both come from outside, so that tests can drive them
 */
export function makePredictionService(now: () => number, pause: () => Promise<void>): PredictionService {
  let kitchen: Kitchen = { pantry: new Map() };
  let latest = 0;
  return {
    load({ pantry, currency, prices }: KitchenGoods): void {
      const known = new Map(pantry.map((row) => [row.id, row]));
      kitchen = prices.length > 0 ? { pantry: known, prices: { currency, prices: new Map(prices) } } : { pantry: known };
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
    async banded(document: BatchDocument, onSearch?: OnSearch): Promise<Result<Banded> | null> {
      const ticket = ++latest;
      const search = searchLayout(document, kitchen);
      const found = await inSlices(search, ticket, ({ done, of }) => onSearch?.(done / of));
      if (found === OVERTAKEN) return null;
      const worked = predict(document, kitchen);
      if (!worked.ok) return worked;
      const prediction = await inSlices(bandInSteps(worked.value), ticket);
      return prediction === OVERTAKEN ? null : succeed({ prediction, found: found && JSON.stringify(found) });
    },
    gapFromCut: (document, cut) => gapFromCut(document, kitchen, cut),
    remember: (found) => remember(JSON.parse(found) as Found),
  };

  /** Runs steps a slice at a time; gives up when a newer question was asked meanwhile. */
  async function inSlices<Step, Answer>(
    steps: Generator<Step, Answer>,
    ticket: number,
    onSlice?: (step: Step) => void,
  ): Promise<Answer | typeof OVERTAKEN> {
    let sliceEnds = now() + SLICE_MS;
    for (;;) {
      const step = steps.next();
      if (step.done) return step.value;
      if (now() < sliceEnds) continue;
      onSlice?.(step.value);
      await pause();
      if (ticket !== latest) return OVERTAKEN;
      sliceEnds = now() + SLICE_MS;
    }
  }
}

const OVERTAKEN = Symbol('a newer question was asked');
