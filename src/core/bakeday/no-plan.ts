import { checkPossible } from './impossible';
import { solve } from './solve';
import type { Day, DayBatch } from './day';
import { fail, type Failure } from '../failure';

/** Why a day for which no plan was found has none: a step that never fits, a batch that fits on no day, or too much for the time. */
export function whyNoPlan(day: Day): Failure {
  const possible = checkPossible(day);
  if (!possible.ok) return possible;
  for (const [b, batch] of day.batches.entries()) {
    const j = stepWithoutPlace(day, batch);
    if (j === null) continue;
    const [before, name] = [batch.steps[j - 1]?.name, batch.steps[j].name];
    return fail(
      'OUTSIDE_MODEL',
      before === undefined
        ? `"${name}" fits nowhere, even on a day of its own. Give the day longer hours, or a later end.`
        : `"${name}" cannot follow "${before}" in time, even on a day of its own. Allow a longer wait between them, longer hours, or another machine.`,
      `batches[${b}].steps[${j}]`,
    );
  }
  return fail('OUTSIDE_MODEL', 'No plan ends within the horizon. Take fewer batches, longer hours, or a later end.');
}

/** The first step of a batch up to which it has no plan by itself. */
function stepWithoutPlace(day: Day, batch: DayBatch): number | null {
  const fits = (steps: DayBatch['steps']): boolean =>
    solve({ ...day, batches: [{ ...batch, steps }] }, { seed: 1, iterations: 0 }) !== null;
  if (fits(batch.steps)) return null;
  return batch.steps.findIndex((_, j) => !fits(batch.steps.slice(0, j + 1)));
}
