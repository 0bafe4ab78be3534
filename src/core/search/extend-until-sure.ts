import { runOut } from '../quantities';
import { bandFrom, samplesInSteps, bandMinutes, type Sample } from '../bands';
import type { BatchDocument } from '../document';
import { predict, type Kitchen } from '../prediction';
import type { Candidate } from './found';
import type { Goal } from './goal';
import { broken } from './limits';
import { candidateOf, wholeMinutes } from './candidate';
import { beforeLast, withLast } from './strategies';

/** Draws for the bands of a candidate. */
const DRAWS = 40;
/** Where a surer ending is looked for: up to so many times the last stretch that the likely run needs [1]. */
const FURTHEST = 3;
/** A look-up between coarse points may be a little early: the last stretch is drawn out by so much until the draws agree [1]. */
const LONGER = 1.06;
const TRIES = 4;
const MOST_MIN = 2880;

/** The same candidate with the bands that a door would show, and how often it gets there. */
export function withBands(candidate: Candidate, document: BatchDocument, kitchen: Kitchen, goal: Goal): Candidate {
  const worked = predict({ ...document, heat: candidate.heat }, kitchen, 'light');
  if (!worked.ok) return candidate;
  const samples = runOut(samplesInSteps(worked.value, 0, DRAWS));
  return { ...candidate, prediction: bandFrom(worked.value, samples), chance: shareThatMeets(samples, goal) };
}

/**
 * Draws the last stretch out until as many of the draws meet the target as are asked for; likely is not sure.
 *
 * @returns null when no ending within the limits is sure enough: what a dry batch needs, a quick one may not bear
 */
export function extendUntilSure(candidate: Candidate, document: BatchDocument, kitchen: Kitchen, goal: Goal): Candidate | null {
  const wanted = (goal.target.sure_pct ?? 0) / 100;
  if ((candidate.chance ?? 1) >= wanted) return candidate;
  const before = beforeLast(candidate);
  const last_min = candidate.minutes - before;
  let minutes = firstSure(candidate, document, kitchen, goal, wanted);
  for (let i = 0; i < TRIES && minutes !== null && minutes <= FURTHEST * last_min; i++) {
    const heat = withLast(candidate, wholeMinutes(minutes));
    const worked = predict({ ...document, heat }, kitchen, 'light');
    if (!worked.ok || broken(heat, goal.target) || worked.value.prediction.blocked_by.length > 0) return null;
    const longer = withBands(candidateOf(candidate.strategy, heat, worked.value, kitchen), document, kitchen, goal);
    if ((longer.chance ?? 0) >= wanted) return longer;
    minutes = Math.max(minutes + 1, minutes * LONGER);
  }
  return null;
}

/** Minutes of the last stretch at which enough draws would meet the target, read off draws of a much longer one. */
function firstSure(candidate: Candidate, document: BatchDocument, kitchen: Kitchen, goal: Goal, wanted: number): number | null {
  const before = beforeLast(candidate);
  const heat = withLast(candidate, Math.min(MOST_MIN, (candidate.minutes - before) * FURTHEST));
  const worked = predict({ ...document, heat }, kitchen, 'light');
  if (!worked.ok) return null;
  const samples = runOut(samplesInSteps(worked.value, 0, DRAWS));
  const looks = bandMinutes(worked.value.prediction.heat.minutes);
  const at = looks.findIndex((minute, i) => {
    if (minute < candidate.minutes) return false;
    const then = samples.map(({ curves }) => ({ snap: curves.snap[i], browning: curves.browning[i] }));
    return shareThatMeets(then, goal) >= wanted;
  });
  if (at < 0) return null;
  // The look before was not enough: between the two is the first that is, and the tries go up from there.
  return Math.max(candidate.minutes, looks[Math.max(0, at - 1)]) - before;
}

function shareThatMeets(ends: ReadonlyArray<Pick<Sample, 'snap' | 'browning'>>, { target, browningMost }: Goal): number {
  const meets = ends.filter(
    ({ snap, browning }) => snap >= (target.snap_min ?? 0) && snap <= (target.snap_max ?? 10) && browning <= browningMost,
  );
  return ends.length > 0 ? meets.length / ends.length : 0;
}
