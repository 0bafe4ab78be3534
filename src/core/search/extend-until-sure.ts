import { bandFrom, samplesInSteps, bandMinutes, type Sample } from '../bands';
import type { Heat } from '../document';
import type { PredictionRun } from '../prediction';
import { atMinute, chanceOf, drawnAtEnd, likelyDays, tooMany, whatStops, type DrawnEnding } from './chance';
import { ALL_TRIED, type Candidate, type Obstacle, type Progress } from './found';
import type { Goal } from './goal';
import { broken, canWait, untilAwake } from './limits';
import { candidateOf, wholeMinutes } from './candidate';
import { beforeLast, withLast } from './strategies';
import { predictTried, type Searched } from './tried';

/** Draws for the bands of a candidate; for a look at how long it must stay, and for a glance whether that is worth it. */
const DRAWS = 40;
const LOOK_DRAWS = 24;
const GLANCE_DRAWS = 8;
/** Draws between two counts of how many have missed. */
const AT_ONCE = 4;
/** With fewer of a glance's draws than this share of what is asked for, however long they stay, no look is worth it [1]. */
const HOPELESS = 0.5;
/** Where a surer ending is looked for, near and far: up to so many times the last stretch that the likely run needs [1]; what waits in a dead oven, a night [min]. */
const NEAR = 2;
const FURTHEST = 6;
const A_NIGHT_MIN = 720;
/** A look-up between coarse points may be a little early: the last stretch is drawn out by so much until the draws agree [1]. */
const LONGER = 1.06;
const TRIES = 4;
const MOST_MIN = 2880;

/** What every step of making a candidate sure works on. */
export type Asked = Searched & { readonly goal: Goal };

/** A surer candidate, or what stops it from being sure. */
export type Extended = { readonly sure: Candidate } | { readonly sure: null; readonly because: Obstacle | null };

/** The same candidate with the bands that a door would show, and how often it gets there. */
export function* withBands(candidate: Candidate, asked: Asked): Generator<Progress, Candidate> {
  const worked = predictTried(asked, candidate.heat);
  if (!worked.ok) return candidate;
  return banded(candidate, worked.value, yield* drawn(worked.value, 0, DRAWS), asked.goal);
}

/** Draws from one number to another; whoever waits for something else is heard between any two. */
function* drawn(worked: PredictionRun, from: number, to: number): Generator<Progress, Sample[]> {
  const steps = samplesInSteps(worked, from, to);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    yield ALL_TRIED;
  }
}

function banded(candidate: Candidate, worked: PredictionRun, samples: readonly Sample[], goal: Goal): Candidate {
  const ends = samples.map((sample) => drawnAtEnd(sample, worked));
  return {
    ...candidate,
    prediction: bandFrom(worked, samples),
    chance: chanceOf(ends, worked, goal),
    chilled_days: goal.chilled ? likelyDays(ends, worked, goal) : null,
  };
}

/** The candidate with its bands if it is as sure as was asked; null as soon as too many draws have missed for that. */
function* ifSure(candidate: Candidate, asked: Asked): Generator<Progress, Candidate | null> {
  const { goal } = asked;
  const worked = predictTried(asked, candidate.heat);
  if (!worked.ok) return null;
  const samples: Sample[] = [];
  let missed = 0;
  for (let from = 0; from < DRAWS; from += AT_ONCE) {
    const more = yield* drawn(worked.value, from, from + AT_ONCE);
    const ends = more.map((sample) => drawnAtEnd(sample, worked.value));
    missed += ends.length * (1 - chanceOf(ends, worked.value, goal));
    samples.push(...more);
    if (missed > (1 - goal.sure) * DRAWS + 1e-9) return null;
  }
  const found = banded(candidate, worked.value, samples, goal);
  return (found.chance ?? 0) >= goal.sure ? found : null;
}

/** Draws the last stretch out until as many of the draws meet the target as are asked for; likely is not sure. */
export function* extendUntilSure(candidate: Candidate, asked: Asked): Generator<Progress, Extended> {
  const { kitchen, goal } = asked;
  const already = yield* ifSure(candidate, asked);
  if (already) return { sure: already };
  const before = beforeLast(candidate);
  const last_min = candidate.minutes - before;
  const first = yield* firstSure(candidate, asked);
  if (typeof first !== 'number') return { sure: null, because: first };
  let minutes = first;
  for (let i = 0; i < TRIES && minutes <= furthest(candidate.heat, last_min); i++) {
    const heat = untilAwake(withLast(candidate, wholeMinutes(minutes)), goal.target);
    const worked = predictTried(asked, heat);
    const stopped = broken(heat, goal.target);
    if (stopped) return { sure: null, because: stopped };
    if (!worked.ok || worked.value.prediction.blocked_by.length > 0) return { sure: null, because: 'caution' };
    const longer = yield* ifSure(candidateOf(candidate.strategy, heat, worked.value, kitchen), asked);
    if (longer) return { sure: longer };
    minutes = Math.max(minutes + 1, minutes * LONGER);
  }
  return { sure: null, because: null };
}

/** Longest last stretch that is looked at [min]. */
const furthest = ({ steps }: Heat, last_min: number): number =>
  Math.min(MOST_MIN, Math.max(FURTHEST * last_min, canWait(steps[steps.length - 1]) ? A_NIGHT_MIN : 0));

/** Minutes of the last stretch at which enough draws would meet the target, read off draws of a longer one; or what stops them. */
function* firstSure(candidate: Candidate, asked: Asked): Generator<Progress, number | Obstacle | null> {
  const last_min = candidate.minutes - beforeLast(candidate);
  const far_min = furthest(candidate.heat, last_min);
  const near = far_min > NEAR * last_min ? yield* lookAlong(candidate, NEAR * last_min, asked) : null;
  if (near && (near.minutes !== null || near.passed)) return near.minutes ?? near.stops;
  const far = yield* lookAlong(candidate, far_min, asked);
  return far && (far.minutes ?? far.stops);
}

/** What is seen along a last stretch: where enough draws meet the target, or what stops them, and whether time has passed it. */
type Look = { readonly minutes: number | null; readonly stops: Obstacle | null; readonly passed: boolean };

function* lookAlong(candidate: Candidate, last_min: number, asked: Asked): Generator<Progress, Look | null> {
  const { goal } = asked;
  const worked = predictTried(asked, withLast(candidate, last_min));
  if (!worked.ok) return null;
  const glance = yield* drawn(worked.value, 0, GLANCE_DRAWS);
  const first = bestAlong(candidate, worked.value, glance, goal);
  if (first.chance < HOPELESS * goal.sure) return { minutes: null, stops: first.stops, passed: first.passed };
  const rest = yield* drawn(worked.value, GLANCE_DRAWS, LOOK_DRAWS);
  return bestAlong(candidate, worked.value, [...glance, ...rest], goal);
}

/** The first moment that is sure, or the best there is. */
function bestAlong(
  candidate: Candidate,
  worked: PredictionRun,
  samples: readonly Sample[],
  goal: Goal,
): Look & { readonly chance: number } {
  const looks = bandMinutes(worked.prediction.heat.minutes);
  const drawn = (i: number): DrawnEnding[] => samples.map((sample) => atMinute(sample, i, worked));
  const from = looks.findIndex((minute) => minute >= candidate.minutes);
  let best = { chance: -1, at: looks.length - 1 };
  let passed = false;
  for (let i = Math.max(0, from); i < looks.length && !passed; i++) {
    const chance = chanceOf(drawn(i), worked, goal);
    // The look before was not enough: between the two is the first that is, and the tries go up from half-way.
    if (chance >= goal.sure) {
      const minutes = Math.max(candidate.minutes, (looks[Math.max(0, i - 1)] + looks[i]) / 2) - beforeLast(candidate);
      return { minutes, stops: null, passed: false, chance };
    }
    if (chance > best.chance) best = { chance, at: i };
    // Longer is only darker and drier.
    passed = tooMany(drawn(i), goal);
  }
  return { minutes: null, stops: whatStops(drawn(best.at), goal), passed, chance: best.chance };
}
