import { bandInSteps, drawingOf, predict, type BatchDocument, type Prediction } from '@/core/batch';
import { succeed, type Result } from '@/core/failure';
import type { Ingredient, Pantry } from '@/core/pantry';
import type { Likely, PredictionService } from './protocol';

/** Draws are made in slices this long, so that a newer question is heard soon [ms]. */
const SLICE_MS = 25;

/**
 * Answers predictions. In a browser it lives in a worker; tests call it in their own process.
 *
 * @param now - a clock [ms], and `pause` which lets waiting messages in: both come from outside, so that tests can drive them
 */
export function makePredictionService(now: () => number, pause: () => Promise<void>): PredictionService {
  let pantry: Pantry = new Map();
  let latest = 0;
  return {
    load(rows: readonly Ingredient[]): void {
      pantry = new Map(rows.map((row) => [row.id, row]));
    },
    likely(document: BatchDocument): Result<Likely> {
      const worked = predict(document, { pantry });
      return worked.ok ? succeed({ prediction: worked.value.prediction, drawing: drawingOf(worked.value) }) : worked;
    },
    async banded(document: BatchDocument): Promise<Result<Prediction> | null> {
      const ticket = ++latest;
      const worked = predict(document, { pantry });
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
