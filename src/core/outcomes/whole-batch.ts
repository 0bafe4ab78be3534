import { bandFrom, samplesInSteps } from '../bands';
import type { BatchDocument } from '../document';
import { succeed, type Result } from '../failure';
import { predictPortions, togetherOf, type Kitchen, type PortionRun, type Prediction } from '../prediction';
import { runOut } from '../quantities';
import { withAdvice } from './advice';

/** A whole bowl, portion by portion and together. */
export type WholeBatch = {
  readonly prediction: Prediction;
  readonly portions: ReadonlyArray<PortionRun & { readonly prediction: Prediction }>;
};

/**
 * A batch with everything that is made of its bowl, with bands where there are draws.
 *
 * @param draws - of every portion; 0 for the likely run alone
 * @param effort - 'full' also looks for a better sheet to roll to, and says what would make the low end useful
 */
export function wholeBatch(
  document: BatchDocument,
  kitchen: Kitchen,
  effort: 'full' | 'light',
  draws: number,
): Result<WholeBatch> {
  const runs = predictPortions(document, kitchen, effort);
  if (!runs.ok) return runs;
  const portions = runs.value.map((run) => ({ ...run, prediction: banded(run, kitchen, effort, draws) }));
  const all = togetherOf(
    document,
    portions,
    portions.map(({ prediction }) => prediction),
  );
  return succeed({ prediction: all, portions });
}

function banded({ worked, document }: PortionRun, kitchen: Kitchen, effort: 'full' | 'light', draws: number): Prediction {
  if (draws === 0) return worked.prediction;
  const samples = runOut(samplesInSteps(worked, 0, draws));
  const prediction = bandFrom(worked, samples);
  return effort === 'full' ? withAdvice({ document, kitchen, worked }, samples, prediction) : prediction;
}
