import { COLOUR_STARTS } from '../heat';
import type { BatchDocument } from '../document';
import { keptOf, type PredictionRun } from '../prediction';
import { mixtureOf } from '../yield';

/** What a practice bake should come to. */
export type Goal = {
  /** Days in its first pack. */
  readonly days: number;
  /** Crunch that is wanted, at least where it is meant to be crisp, at most where it is meant to be soft. */
  readonly snap: number;
  readonly crisp: boolean;
  /** No darker than this at the edge, and not much paler than that. */
  readonly browning: number;
  readonly browning_from: number;
  /** As long as the recipe takes [min]. */
  readonly minutes: number;
  /** Water of the middle from which a guess calls it damp, and wet [%]: round where the recipe's own comes to lie. */
  readonly damp_from_pct: number;
  readonly wet_from_pct: number;
  /** A pick must come out clean. */
  readonly pick: boolean;
  /** The middle must have been so hot, and so much of what is raw killed; null where nothing raw is in it. */
  readonly raw: { readonly core_c: number; readonly kill_log10: number } | null;
};

/** How a practice bake ended, as far as the goal asks. */
export type Ending = {
  readonly days: number;
  readonly snap: number;
  readonly browning: number;
  readonly minutes: number;
  readonly clean: boolean;
  readonly hottest_c: number;
  readonly kill_log10: number;
};

/** How much of each thing wanted there is, and of all together [0..1]. */
export type Worth = {
  readonly kept: number;
  readonly crunch: number;
  readonly colour: number;
  readonly time: number;
  readonly safe: boolean;
  readonly all: number;
};

/** Snap off by this is not felt; off by so much more it is another treat [1]. Source: ours. */
const NOT_FELT = 1;
const ANOTHER_TREAT = 4;
/** Browning beyond what is wanted at which nobody would eat it [1]. Source: ours; from brown to burnt. */
const BURNT_BEYOND = 0.3;
/** Half as brown as the recipe makes it still passes; raw in colour costs a third. Source: ours. */
const PALE_FROM = 0.5;
const PALE_COSTS = 0.35;
/** Twice the time costs a third of the worth: half as much worth per hour would ask too much of a first bake. Source: ours. */
const TIME_WEIGHT = 0.5;

/** What the recipe itself comes to, unless its baker said what is wanted. */
export function goalOf({ target, heat }: BatchDocument, planned: PredictionRun): Goal {
  const { prediction, shape } = planned;
  const { outcome, keeps } = prediction;
  const { raw } = prediction.heat;
  const crisp = keptOf(planned).product.wantCrisp;
  const snap = crisp ? (target?.snap_min ?? outcome.snap) : (target?.snap_max ?? outcome.snap);
  return {
    // What the recipe itself does not reach nobody is asked for.
    days: Math.max(1, Math.min(target?.keeps_days_min ?? Infinity, keeps[0]?.days ?? 1)),
    snap,
    crisp,
    browning: target?.browning_max ?? Math.max(COLOUR_STARTS.brown, prediction.heat.browning),
    ...(crisp ? CRISP_GUESS : guessFrom(outcome.centre_moisture_pct)),
    browning_from: PALE_FROM * prediction.heat.browning,
    minutes: inTheHeat(heat.steps),
    pick: mixtureOf(shape) === 'batter',
    raw: raw ? { core_c: raw.needs_c, kill_log10: raw.kill_step === 'while-wet' ? raw.needs_log10 : 0 } : null,
  };
}

/** What is meant to be crisp is dry, damp or wet in the middle from here [%]. Source: ours. */
const CRISP_GUESS = { damp_from_pct: 8, wet_from_pct: 15 };
/** What is meant to be moist is told apart by shares of its own water [1]. */
const DAMP_SHARE = 0.9;
const WET_SHARE = 1.07;

const guessFrom = (water_pct: number): typeof CRISP_GUESS => ({
  damp_from_pct: Math.round(DAMP_SHARE * water_pct),
  wet_from_pct: Math.max(Math.round(DAMP_SHARE * water_pct) + 1, Math.round(WET_SHARE * water_pct)),
});

/** Minutes of the programme in the heat: the rack and the coat come after it. */
const inTheHeat = (steps: BatchDocument['heat']['steps']): number =>
  steps.reduce((sum, step) => sum + (step.do === 'hold' || step.do === 'ramp' || step.do === 'off' ? step.minutes : 0), 0);

const within = (share: number): number => Math.min(1, Math.max(0, share));

/** How much of what was wanted there is. */
export function worthOf(goal: Goal, ending: Ending): Worth {
  const short = goal.crisp ? goal.snap - ending.snap : ending.snap - goal.snap;
  const kept = within(ending.days / goal.days);
  const crunch = goal.pick && !ending.clean ? 0 : within(1 - (short - NOT_FELT) / ANOTHER_TREAT);
  const pale = within(1 - ending.browning / Math.max(1e-6, goal.browning_from));
  const colour = within(1 - (ending.browning - goal.browning) / BURNT_BEYOND) * (1 - PALE_COSTS * pale);
  const time = 1 / (1 + TIME_WEIGHT * Math.max(0, ending.minutes / goal.minutes - 1));
  const safe = goal.raw === null || (ending.hottest_c >= goal.raw.core_c && ending.kill_log10 >= goal.raw.kill_log10);
  return { kept, crunch, colour, time, safe, all: safe ? kept * crunch * colour * time : 0 };
}
