import { runOut } from '../quantities';
import { bandFrom, samplesInSteps, bandMinutes } from '../bands';
import type { BatchDocument, Heat } from '../document';
import { predict, type Kitchen } from '../prediction';
import { atMinute, chanceOf, drawnAtEnd, likelyDays, tooMany, whatStops, type DrawnEnding } from './chance';
import type { Candidate, Obstacle } from './found';
import type { Goal } from './goal';
import { broken, canWait, untilAwake } from './limits';
import { candidateOf, wholeMinutes } from './candidate';
import { beforeLast, withLast } from './strategies';

/** Draws for the bands of a candidate, and for a first look at how long it must stay. */
const DRAWS = 40;
const LOOK_DRAWS = 24;
/** Where a surer ending is looked for: up to so many times the last stretch that the likely run needs [1]; what waits in a dead oven, a night [min]. */
const FURTHEST = 6;
const A_NIGHT_MIN = 720;
/** A look-up between coarse points may be a little early: the last stretch is drawn out by so much until the draws agree [1]. */
const LONGER = 1.06;
const TRIES = 4;
const MOST_MIN = 2880;

/** What every step of making a candidate sure works on. */
export type Asked = { readonly document: BatchDocument; readonly kitchen: Kitchen; readonly goal: Goal };

/** A surer candidate, or what stops it from being sure. */
export type Extended = { readonly sure: Candidate } | { readonly sure: null; readonly because: Obstacle | null };

/** The same candidate with the bands that a door would show, and how often it gets there. */
export function withBands(candidate: Candidate, { document, kitchen, goal }: Asked): Candidate {
  const worked = predict({ ...document, heat: candidate.heat }, kitchen, 'light');
  if (!worked.ok) return candidate;
  const samples = runOut(samplesInSteps(worked.value, 0, DRAWS));
  const ends = samples.map((sample) => drawnAtEnd(sample, worked.value));
  return {
    ...candidate,
    prediction: bandFrom(worked.value, samples),
    chance: chanceOf(ends, worked.value, goal),
    chilled_days: goal.chilled ? likelyDays(ends, worked.value, goal) : null,
  };
}

/** Draws the last stretch out until as many of the draws meet the target as are asked for; likely is not sure. */
export function extendUntilSure(candidate: Candidate, asked: Asked): Extended {
  const { document, kitchen, goal } = asked;
  const banded = withBands(candidate, asked);
  if ((banded.chance ?? 1) >= goal.sure) return { sure: banded };
  const before = beforeLast(candidate);
  const last_min = candidate.minutes - before;
  const first = firstSure(candidate, asked);
  if (typeof first !== 'number') return { sure: null, because: first };
  let minutes = first;
  for (let i = 0; i < TRIES && minutes <= furthest(candidate.heat, last_min); i++) {
    const heat = untilAwake(withLast(candidate, wholeMinutes(minutes)), goal.target);
    const worked = predict({ ...document, heat }, kitchen, 'light');
    const stopped = broken(heat, goal.target);
    if (stopped) return { sure: null, because: stopped };
    if (!worked.ok || worked.value.prediction.blocked_by.length > 0) return { sure: null, because: 'caution' };
    const longer = withBands(candidateOf(candidate.strategy, heat, worked.value, kitchen), asked);
    if ((longer.chance ?? 0) >= goal.sure) return { sure: longer };
    minutes = Math.max(minutes + 1, minutes * LONGER);
  }
  return { sure: null, because: null };
}

/** Longest last stretch that is looked at [min]. */
const furthest = ({ steps }: Heat, last_min: number): number =>
  Math.min(MOST_MIN, Math.max(FURTHEST * last_min, canWait(steps[steps.length - 1]) ? A_NIGHT_MIN : 0));

/** Minutes of the last stretch at which enough draws would meet the target, read off draws of a much longer one; or what stops them. */
function firstSure(candidate: Candidate, { document, kitchen, goal }: Asked): number | Obstacle | null {
  const before = beforeLast(candidate);
  const heat = withLast(candidate, furthest(candidate.heat, candidate.minutes - before));
  const worked = predict({ ...document, heat }, kitchen, 'light');
  if (!worked.ok) return null;
  const samples = runOut(samplesInSteps(worked.value, 0, LOOK_DRAWS));
  const looks = bandMinutes(worked.value.prediction.heat.minutes);
  const drawn = (i: number): DrawnEnding[] => samples.map((sample) => atMinute(sample, i, worked.value));
  const from = looks.findIndex((minute) => minute >= candidate.minutes);
  let best = { chance: -1, at: looks.length - 1 };
  for (let i = Math.max(0, from); i < looks.length; i++) {
    const chance = chanceOf(drawn(i), worked.value, goal);
    // The look before was not enough: between the two is the first that is, and the tries go up from there.
    if (chance >= goal.sure) return Math.max(candidate.minutes, looks[Math.max(0, i - 1)]) - before;
    if (chance > best.chance) best = { chance, at: i };
    // Longer is only darker and drier.
    if (tooMany(drawn(i), goal)) break;
  }
  return whatStops(drawn(best.at), goal);
}
