import { A_DAY_MIN } from '../quantities';

/**
 * A bake day: machines, hands, and batches of steps, in whole minutes of one clock that runs on over midnight. Keys are
 * those of the open `Day` document (docs/day-file.md), which is why they are short.
 */

/** An oven, dehydrator or freeze dryer. */
export type Machine = {
  readonly id: string;
  readonly kind: 'oven' | 'dehy' | 'fd';
  /** Trays at once; of a freeze dryer tenths of a kilogram. */
  readonly slots: number;
  /** Setpoints this near may share it [K]. */
  readonly tol: number;
  /** How fast it heats and cools [K/min]. */
  readonly heat: number;
  readonly cool: number;
  readonly ambient: number;
  readonly maxT?: number;
  /** Of a freeze dryer: minutes between two runs. */
  readonly turn?: number;
  /** Energy: held [kW per K over ambient], heated [kWh per K]. */
  readonly kHold?: number;
  readonly kHeat?: number;
};

/** A stretch in which a step needs hands. */
export type Attention = {
  /** Minutes after the step's start, or half-way; with `end`, before its end. */
  readonly off: number | 'mid';
  readonly end?: true;
  readonly len: number;
  readonly n: 1 | 2;
  /** It may come this much earlier or later. */
  readonly flex?: number;
  readonly noisy?: boolean;
  /** It may come this much later; the step lasts until it is done. */
  readonly extend?: number;
  /** Long work that may pause, at most three times, in stretches of five minutes or more. */
  readonly interruptible?: true;
  readonly maxPause?: number;
};

/** A machine that a step may run in. */
export type Mode = {
  readonly res: string;
  readonly T: number;
  /** Setpoint that it leaves the machine at. */
  readonly Tout?: number;
  readonly q: number;
  readonly dur?: number;
};

export type Step = {
  readonly id: string;
  readonly name: string;
  readonly dur: number;
  readonly modes?: readonly Mode[];
  readonly hands?: readonly Attention[];
  /** Minutes until the next step: at least, and at most. */
  readonly minWait?: number;
  readonly maxWait?: number;
  /** Nobody else inside. */
  readonly excl?: true;
  /** In the machine of the step before. */
  readonly sameRes?: true;
  /** A place in a fridge, freezer or on trays, held until the next step starts. */
  readonly store?: { readonly id: string; readonly q: number };
  readonly pin?: number;
  readonly pinMode?: number;
};

export type DayBatch = {
  readonly id: string;
  readonly due: number;
  readonly release?: number;
  readonly weight?: number;
  readonly steps: readonly Step[];
};

export type Goals = { readonly tard: number; readonly mk: number; readonly sum: number; readonly energy: number };

export type Day = {
  readonly t0: number;
  /** The end of the horizon. */
  readonly t1: number;
  readonly handsCap: number;
  /** Somebody is awake. */
  readonly win: ReadonlyArray<readonly [number, number]>;
  /** Nothing noisy. */
  readonly quiet: ReadonlyArray<readonly [number, number]>;
  readonly machines: readonly Machine[];
  readonly stores: ReadonlyArray<{ readonly id: string; readonly cap: number }>;
  readonly batches: readonly DayBatch[];
  readonly obj: Goals;
};

/** One step of a plan: batch and step by their number, when, in which mode, and when hands are at it. */
export type PlannedStep = {
  readonly b: number;
  readonly j: number;
  readonly s: number;
  readonly e: number;
  /** Number of its mode; -1 where it needs no machine. */
  readonly m: number;
  readonly att: readonly HandsUse[];
};
export type HandsUse = { readonly s: number; readonly e: number; readonly n: number };

/** How far plans may run on [min]. */
export const HORIZON = 14 * A_DAY_MIN;
export const USUAL_GOALS: Goals = { tard: 1000, mk: 1, sum: 0.02, energy: 0 };
/** Interruptible work: pauses at most, and the shortest stretch between two [min]. */
export const MOST_PAUSES = 3;
export const SHORTEST_STRETCH = 5;

/** When an attention is called for, if the step starts at `s` and lasts `dur`. */
export function calledAt({ off, end, len }: Attention, s: number, dur: number): number {
  if (off === 'mid') return s + Math.round(dur / 2);
  return end ? s + dur - len - off : s + off;
}

/** Minutes that a machine takes from one setpoint to another. */
export function setupMinutes({ heat, cool, tol }: Machine, from: number, to: number): number {
  const rise = to - from;
  if (Math.abs(rise) <= tol) return 0;
  return rise > 0 ? Math.ceil(rise / heat - 1e-9) : Math.ceil(-rise / cool - 1e-9);
}

export const durationOf = (step: Step, mode: Mode | null): number => mode?.dur ?? step.dur;
