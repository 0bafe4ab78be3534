import { fail, succeed, type Result } from '../failure';
import { runOut } from '../quantities';
import type { BatchDocument, Heat, Preference } from '../document';
import { doughOf, predict, type PredictionRun, type Kitchen } from '../prediction';
import { bakedBy, type DoughMaterial } from '../yield';
import {
  STRATEGIES,
  type Candidate,
  type Failed,
  type FoundProgrammes,
  type ClosestMiss,
  type Obstacle,
  type Strategy,
} from './found';
import { applianceRecord, isChamber, heatsFromBelow } from '../catalogue';
import { goalOf, isHotEnough, isPassed, isReached, missOf, type Ending, type Goal } from './goal';
import { candidateOf, wholeMinutes } from './candidate';
import { broken, minutesOf, untilAwake, visitsOf } from './limits';
import {
  asWritten,
  beforeLast,
  firstStages,
  hotMinutes,
  seconds,
  settingOf,
  singles,
  withLast,
  type Draft,
  type Setting,
} from './strategies';
import { extendUntilSure, withBands, type Asked } from './extend-until-sure';
import { tryOut, type Bench, type Trial } from './trial';

/** How much of the search is done. */
type Progress = { readonly done: number; readonly of: number };

/** Of a strategy the best cut that leaves so much of the colour for staying longer is predicted exactly, then paler ones until one is sure [1]. */
const COLOUR_LEFT = [1, 0.65, 0.5, 0.38] as const;
/** Trials tell no finer shares of the baking apart [1]. */
const TRIED_SHARE = 0.05;
/** Surer than this, a cut that uses all of the colour is in vain: browning scatters by two fifths [1]. */
const LIKELY = 0.6;
const MOST_CANDIDATES = 4;
/** A draft is tried for this share of the longest at first [1]; moments between two looks. */
const AT_FIRST = 0.25;
const STRIDE = 6;
/** A second stretch shorter than this is none [min]. */
const SHORTEST_SECOND = 10;
/** A coarse trial and the exact run differ a little: the last stretch is drawn out by so much until the exact run agrees [1]. */
const LONGER = 1.04;
const TRIES = 5;

/** A draft cut where it meets the target, or where it comes nearest. */
type Cut = {
  readonly strategy: Strategy;
  readonly heat: Heat;
  readonly ending: Ending;
  readonly why: Obstacle | null;
  readonly miss: number;
};

/** Finds programmes that meet a document's target; see `findInSteps`. */
export const findProgrammes = (document: BatchDocument, kitchen: Kitchen): Result<FoundProgrammes> =>
  runOut(findInSteps(document, kitchen));

/**
 * Looks through the strategies of heating for programmes that meet the document's target within its limits, and predicts the
 * best of each exactly. Yields how far it is, so that a worker can show that and be stopped.
 *
 * @returns up to four candidates, best first by what is preferred; or why the document or its target is wrong
 */
export function* findInSteps(document: BatchDocument, kitchen: Kitchen): Generator<Progress, Result<FoundProgrammes>> {
  const setting = settingOf(document);
  const { target } = setting;
  if (target.snap_min === undefined && target.keeps_days_min === undefined && !target.pick_clean && target.snap_max === undefined)
    return fail('BAD_VALUE', 'Say what the programme shall reach: a Snap, days that it keeps, or a clean pick.', 'target');
  if (target.snap_min !== undefined && target.snap_max !== undefined && target.snap_min > target.snap_max)
    return fail('BAD_VALUE', 'At least this Snap and at most that one cannot both be. Lower one of them.', 'target.snap_min');
  const bench = benchOf(document, kitchen);
  if (!bench.ok) return bench;
  const goal = goalOf(target, bench.value.worked);
  const cuts = yield* cutAll(setting, goal, bench.value);
  const prefer = target.prefer ?? 'fastest';
  const asked: Asked = { document, kitchen, goal };
  const shown: Candidate[] = [];
  const failed: Failed[] = [];
  for (const strategy of STRATEGIES) {
    const mine = cuts.filter((cut) => cut.strategy === strategy);
    const found = yield* surestOf(mine, prefer, asked);
    if (found && 'prediction' in found) shown.push(found);
    else if (found) failed.push(found);
    else if (mine.length > 0 || isExpected(strategy, setting))
      failed.push(failureOf(strategy, mine, setting, (heat) => nearOf(heat, document, kitchen)));
    yield { done: 1, of: 1 };
  }
  shown.sort(byPreference(prefer)).splice(MOST_CANDIDATES);
  return succeed({
    candidates: shown,
    failed,
    nearest: shown.length > 0 ? null : nearestOf(cuts, asked),
    tried: cuts.length,
  });
}

/** The batch as it is written, worked out once: dough and pieces are the same in every trial. */
function benchOf(document: BatchDocument, kitchen: Kitchen): Result<Bench> {
  const worked = predict(document, kitchen, 'light');
  if (!worked.ok) return worked;
  const known = new Map<number, DoughMaterial>();
  const doughAfter = (heat: Heat): DoughMaterial => {
    const share = Math.round(bakedBy(heat) / TRIED_SHARE);
    const dough = known.get(share) ?? doughOf({ ...document, heat }, kitchen) ?? worked.value.dough;
    known.set(share, dough);
    return dough;
  };
  return succeed({ document, worked: worked.value, doughAfter });
}

/** Tries every draft of every strategy, and cuts each where it meets the target. */
function* cutAll(setting: Setting, goal: Goal, bench: Bench): Generator<Progress, Cut[]> {
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

/** What is better comes first when sorted upwards. */
const METRICS: Record<Preference, (candidate: Candidate) => number> = {
  fastest: ({ minutes }) => minutes,
  'least-energy': ({ energy_kwh }) => energy_kwh,
  gentlest: ({ prediction, heat }) =>
    prediction.heat.browning + Math.max(0, ...heat.steps.map((s) => ('setpoint_c' in s ? s.setpoint_c : 0))) / 1e4,
  'least-attention': ({ visits, minutes }) => visits + minutes / 1e5,
};
const byPreference =
  (prefer: Preference) =>
  (a: Candidate, b: Candidate): number =>
    METRICS[prefer](a) - METRICS[prefer](b);

/** Guesses of the same from a coarse trial, to choose the finalists by. */
const GUESSES: Record<Preference, (cut: Cut) => number> = {
  fastest: ({ heat }) => minutesOf(heat.steps),
  'least-energy': ({ heat }) =>
    heat.steps.reduce(
      (sum, step) => sum + ('setpoint_c' in step && 'minutes' in step ? (step.setpoint_c - 20) * step.minutes : 0),
      0,
    ),
  gentlest: ({ ending }) => ending.browning,
  'least-attention': ({ heat }) => visitsOf(heat).length + minutesOf(heat.steps) / 1e5,
};

/**
 * The best programme of one strategy that is as sure as was asked; else the best that only likely gets there, with what stops
 * it; null when the exact prediction confirms none.
 */
function* surestOf(cuts: readonly Cut[], prefer: Preference, asked: Asked): Generator<Progress, Candidate | Failed | null> {
  let likely: Failed | null = null;
  for (const cut of finalistsOf(cuts, prefer, asked.goal)) {
    const candidate = confirm(cut, asked);
    yield { done: 1, of: 1 };
    if (!candidate) continue;
    const extended = extendUntilSure(candidate, asked);
    yield { done: 1, of: 1 };
    if (extended.sure) return extended.sure;
    likely ??= unsure(candidate, extended.because);
  }
  return likely;
}

/** The cuts of a strategy that are worth an exact look: the best as they are, and the best of those that stay paler. */
function finalistsOf(cuts: readonly Cut[], prefer: Preference, goal: Goal): Cut[] {
  const ranked = cuts
    .filter(({ why }) => why === null)
    .sort((a, b) => GUESSES[prefer](a) - GUESSES[prefer](b) || b.ending.browning - a.ending.browning);
  const paler = COLOUR_LEFT.slice(
    goal.sure > LIKELY && ranked[0]?.ending.browning > COLOUR_LEFT[1] * goal.browningMost ? 1 : 0,
  ).flatMap((share) => ranked.find(({ ending }) => ending.browning <= share * goal.browningMost) ?? []);
  // With none pale enough, the best of them says what is wrong.
  return paler.length > 0 ? [...new Set(paler)] : ranked.slice(0, 1);
}

/** Predicts a cut exactly, and draws its last stretch out until that meets the target too. */
function confirm({ strategy, heat }: Cut, { document, kitchen, goal }: Asked): Candidate | null {
  let tried = heat;
  for (let i = 0; i < TRIES; i++) {
    const worked = predict({ ...document, heat: tried }, kitchen, 'light');
    if (!worked.ok || broken(tried, goal.target)) return null;
    const ending = endingOf(worked.value);
    if (isReached(goal, ending)) {
      const fits = isPassed(goal, ending) === null && worked.value.prediction.blocked_by.length === 0;
      return fits ? candidateOf(strategy, tried, worked.value, kitchen) : null;
    }
    const last = tried.steps[tried.steps.length - 1];
    tried = withLast({ heat: tried }, wholeMinutes(('minutes' in last ? last.minutes : 1) * LONGER + 0.5));
  }
  return null;
}

const endingOf = ({ finish, prediction }: PredictionRun): Ending => ({
  minute: prediction.heat.minutes,
  finish,
  browning: prediction.heat.browning,
  core_cMax: prediction.heat.core_c_max,
  kill_log10: prediction.heat.salmonella_log10,
  clean: prediction.heat.clean_minutes !== null && prediction.heat.clean_minutes <= prediction.heat.minutes,
});

/** A strategy that a baker would ask about although there was nothing to try. */
const isExpected = (strategy: Strategy, { kind, drier }: Setting): boolean =>
  isChamber(kind) &&
  !applianceRecord(kind).drier &&
  !heatsFromBelow(kind) &&
  (strategy === 'dryer-second' ? drier === null : strategy !== 'as-written');

function failureOf(
  strategy: Strategy,
  cuts: readonly Cut[],
  { drier }: Setting,
  judged: (heat: Heat) => ClosestMiss | null,
): Failed {
  if (cuts.length === 0)
    return { strategy, why: strategy === 'dryer-second' && !drier ? 'no-dryer' : 'no-setpoint', because: null, nearest: null };
  const best = cuts.reduce((a, b) => (b.miss < a.miss ? b : a));
  return { strategy, why: best.why ?? 'caution', because: null, nearest: judged(best.heat) };
}

/** It meets the target when all goes as is likely, but not often enough. */
const unsure = (
  { strategy, heat, minutes, prediction: { outcome, keeps, heat: heated } }: Candidate,
  because: Obstacle | null,
): Failed => ({
  strategy,
  why: 'not-sure',
  because,
  nearest: { heat, minutes, snap: outcome.snap, days: keeps[0].days, browning: heated.browning },
});

/** What a programme that misses would give, predicted as every other row is: a coarse trial says something else of it. */
function nearOf(heat: Heat, document: BatchDocument, kitchen: Kitchen): ClosestMiss | null {
  const worked = predict({ ...document, heat }, kitchen, 'light');
  if (!worked.ok) return null;
  const { outcome, keeps, heat: heated } = worked.value.prediction;
  return { heat, minutes: heated.minutes, snap: outcome.snap, days: keeps[0].days, browning: heated.browning };
}

/** The cut that misses by least, predicted with its bands. */
function nearestOf(cuts: readonly Cut[], asked: Asked): Candidate | null {
  const { document, kitchen } = asked;
  if (cuts.length === 0) return null;
  const best = cuts.reduce((a, b) => (b.miss < a.miss ? b : a));
  const worked = predict({ ...document, heat: best.heat }, kitchen, 'light');
  return worked.ok ? withBands(candidateOf(best.strategy, best.heat, worked.value, kitchen), asked) : null;
}
