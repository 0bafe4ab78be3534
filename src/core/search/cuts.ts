import type { Heat } from '../document';
import type { Obstacle, Progress, Strategy } from './found';
import { wholeMinutes } from './candidate';
import { isHotEnough, isPassed, isReached, missOf, type Ending, type Goal } from './goal';
import { broken, untilAwake } from './limits';
import {
  asWritten,
  beforeLast,
  firstStages,
  hotMinutes,
  seconds,
  singles,
  withLast,
  type Draft,
  type Setting,
} from './strategies';
import { tryOut, type Bench, type Trial } from './trial';

/** A draft is tried for this share of the longest at first [1]; moments between two looks. */
const AT_FIRST = 0.25;
const STRIDE = 6;
/** A second stretch shorter than this is none [min]. */
const SHORTEST_SECOND = 10;

/** A draft cut where it meets the target, or where it comes nearest. */
export type Cut = {
  readonly strategy: Strategy;
  readonly heat: Heat;
  readonly ending: Ending;
  readonly why: Obstacle | null;
  readonly miss: number;
};

/** Tries every draft of every strategy, and cuts each where it meets the target. */
export function* cutAll(setting: Setting, goal: Goal, bench: Bench): Generator<Progress, Cut[]> {
  const cuts: Cut[] = [];
  const plain = [...singles(setting), ...asWritten(setting)];
  const hots = firstStages(setting);
  const total = plain.length + hots.length * 12;
  const cut = (draft: Draft): void => {
    const made = cutInTime(draft, bench, goal);
    if (made) cuts.push(made);
  };
  for (const draft of plain) {
    cut(draft);
    yield { done: cuts.length, of: total };
  }
  for (const hot_c of hots) {
    const first = tryOut(bench, { ...bench.document.heat, steps: [{ do: 'hold', setpoint_c: hot_c, minutes: 90 }] });
    if (!first) continue;
    const hotFrom = first.minutes.findIndex((_, i) => isHotEnough(goal, first.endAt(i)));
    if (hotFrom < 0) continue;
    for (const minutes of hotMinutes(first.minutes, first.browningAt, first.minutes[hotFrom], goal.browningMost))
      for (const draft of seconds(setting, hot_c, minutes)) {
        cut(draft);
        yield { done: Math.min(cuts.length, total), of: total };
      }
  }
  return cuts;
}

/** Tries a draft for a while, and for as long as it may take only when it needs that. */
function cutInTime(draft: Draft, bench: Bench, goal: Goal): Cut | null {
  for (const minutes of [draft.most_min * AT_FIRST, draft.most_min]) {
    const trial = tryOut(bench, withLast(draft, minutes));
    if (!trial) return null;
    const made = cutOf(draft, trial, goal);
    if (minutes === draft.most_min || isUsual(made)) return made;
  }
  return null;
}

/** Nothing is gained by trying it for longer. */
const isUsual = ({ why }: Cut): boolean => why !== 'never-gets-there' && why !== 'not-hot-enough';

/** Ends a draft at the first moment of its last stretch at which everything is reached. */
function cutOf(draft: Draft, trial: Trial, goal: Goal): Cut {
  const before = beforeLast(draft);
  const from = Math.max(
    0,
    trial.minutes.findIndex((minute) => minute >= before - 1e-6),
  );
  const end = trial.minutes.length - 1;
  const { strategy } = draft;
  const at = firstReached(trial, goal, from, end);
  if (at === null) {
    const ending = nearestEnding(trial, goal, from, end);
    const heat = withLast(draft, wholeMinutes(ending.minute - before));
    return { strategy, heat, ending, why: whyNever(trial.endAt(end), goal), miss: missOf(goal, ending) };
  }
  const ending = trial.endAt(at);
  const minutes = wholeMinutes(ending.minute - before);
  const heat = untilAwake(withLast(draft, minutes), goal.target);
  const why =
    isPassed(goal, ending) ??
    broken(heat, goal.target) ??
    (isSecond(strategy) && minutes < SHORTEST_SECOND ? 'one-stage-does' : null);
  return { strategy, heat, ending, why, miss: missOf(goal, ending) };
}

const isSecond = (strategy: Strategy): boolean =>
  strategy === 'hot-then-low' || strategy === 'oven-off' || strategy === 'dryer-second';

function whyNever(ending: Ending, goal: Goal): Obstacle {
  const passed = isPassed(goal, ending);
  if (passed) return passed;
  return isHotEnough(goal, ending) ? 'never-gets-there' : 'not-hot-enough';
}

/** The first moment at which all is reached: looked for in strides, then to the moment. Null when there is none. */
function firstReached(trial: Trial, goal: Goal, from: number, end: number): number | null {
  let low = from;
  for (let at = from; ; at = Math.min(end, at + STRIDE)) {
    if (isReached(goal, trial.endAt(at))) {
      let high = at;
      while (high > low && isReached(goal, trial.endAt(high - 1))) high--;
      return high;
    }
    if (at === end) return null;
    low = at;
  }
}

/** The moment that misses by least, of a few over the stretch. */
function nearestEnding(trial: Trial, goal: Goal, from: number, end: number): Ending {
  const looks = Array.from({ length: 9 }, (_, i) => trial.endAt(Math.round(from + ((end - from) * (i + 1)) / 9)));
  return looks.reduce((best, ending) => (missOf(goal, ending) < missOf(goal, best) ? ending : best));
}
