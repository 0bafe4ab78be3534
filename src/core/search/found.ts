import type { Heat } from '../document';
import type { Prediction } from '../prediction';

/** Ways of going about the heat, each with its own strength. */
export const STRATEGIES = ['one-bake', 'hot-then-low', 'oven-off', 'low-and-long', 'dryer-second', 'as-written'] as const;
export type Strategy = (typeof STRATEGIES)[number];

/** A programme that was found, with what it gives and costs. */
export type Candidate = {
  readonly strategy: Strategy;
  readonly heat: Heat;
  /** Predicted exactly as every door would, bands included. */
  readonly prediction: Prediction;
  readonly minutes: number;
  /** Minutes until the first appliance is free again, and times that somebody must come. */
  readonly oven_minutes: number;
  readonly visits: number;
  /** Share of the draws that reach all that is asked for [0..1]. */
  readonly chance: number | null;
  /** Days that half of the batches keep in the fridge, when it is moist on purpose and the first pack stands in the room. */
  readonly chilled_days: number | null;
  readonly energy_kwh: number;
  /** Null where no price of energy is known. */
  readonly energy_cost: number | null;
};

/** What stands in the way of a strategy. */
export type Obstacle =
  | 'too-dark'
  | 'never-gets-there'
  | 'not-hot-enough'
  /** The first stage alone reaches it. */
  | 'one-stage-does'
  | 'too-dry'
  | 'too-late'
  | 'oven-too-long'
  | 'asleep'
  | 'no-setpoint'
  | 'no-dryer'
  /** Likely, but in too few of ten batches. */
  | 'not-sure'
  | 'caution';

/** A strategy that does not meet the target, why, and how near it comes. */
export type Failed = {
  readonly strategy: Strategy;
  readonly why: Obstacle;
  /** Of one that is not sure: what stops it from being drawn out until it is; null for all others, and where nothing does. */
  readonly because: Obstacle | null;
  readonly nearest: ClosestMiss | null;
};

/** How near a programme comes that misses. */
export type ClosestMiss = {
  readonly heat: Heat;
  readonly snap: number;
  readonly days: number;
  readonly browning: number;
  readonly minutes: number;
};

/** The outcome of a search: up to four programmes, the best first, and why the others failed. */
export type FoundProgrammes = {
  readonly candidates: readonly Candidate[];
  readonly failed: readonly Failed[];
  /** When none meets the target: the one that comes nearest, predicted. */
  readonly nearest: Candidate | null;
  /** Programmes that were tried. */
  readonly tried: number;
};

/** How much of the search is done. */
export type Progress = { readonly done: number; readonly of: number };
/** Everything has been tried; what is left is making sure. */
export const ALL_TRIED: Progress = { done: 1, of: 1 };
