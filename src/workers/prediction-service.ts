import { bandInSteps, drawingOf, predict, swapsOf, type BatchDocument, type Kitchen, type Prediction } from '@/core/batch';
import { succeed, type Result } from '@/core/failure';
import type { KitchenGoods, Likely, PredictionService, TriedSwap } from './protocol';

/** Draws are made in slices this long, so that a newer question is heard soon [ms]. */
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
      const worked = predict(document, kitchen);
      return worked.ok ? succeed({ prediction: worked.value.prediction, drawing: drawingOf(worked.value) }) : worked;
    },
    swaps(document: BatchDocument, line: number): readonly TriedSwap[] {
      return swapsOf(document.recipe, line, kitchen.pantry, document.kitchen?.cup_fill).flatMap((swapped) => {
        const after = predict({ ...document, recipe: swapped.recipe }, kitchen);
        return after.ok ? [{ ...swapped, after: after.value.prediction }] : [];
      });
    },
    async banded(document: BatchDocument): Promise<Result<Prediction> | null> {
      const ticket = ++latest;
      const worked = predict(document, kitchen);
      if (!worked.ok) return worked;
      const steps = bandInSteps(worked.value);
      let sliceEnds = now() + SLICE_MS;
      for (;;) {
        const step = steps.next();
        if (step.done) return succeed(step.value);
        if (now() < sliceEnds) continue;
        await pause();
        if (ticket !== latest) return null;
        sliceEnds = now() + SLICE_MS;
      }
    },
  };
}
