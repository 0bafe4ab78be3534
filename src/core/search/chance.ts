import { bandMinutes, daysOver, type Sample } from '../bands';
import type { PredictionRun } from '../prediction';
import { quantile } from '../quantities';
import type { Obstacle } from './found';
import type { Goal } from './goal';

/** How one draw stands at a moment. */
export type DrawnEnding = Pick<Sample, 'index' | 'moisture_pct' | 'snap' | 'browning'> & {
  /** Hottest that its middle has been [°C], and whether a pick comes out clean. */
  readonly core_cMax: number;
  readonly clean: boolean;
};

const last = (values: readonly number[]): number => values.length - 1;

/** A draw at one of the moments of its bands. */
export function atMinute(
  { index, curves, hottest_c, reached }: Sample,
  look: number,
  { prediction }: PredictionRun,
): DrawnEnding {
  const minute = bandMinutes(prediction.heat.minutes)[look];
  const pick = reached[prediction.heat.reached.findIndex(({ what }) => what === 'pick-clean')] ?? Infinity;
  return {
    index,
    moisture_pct: curves.moisture_pct[look],
    snap: curves.snap[look],
    browning: curves.browning[look],
    core_cMax: hottest_c[look],
    clean: pick <= minute,
  };
}

/** A draw as it ends. */
export const drawnAtEnd = (sample: Sample, worked: PredictionRun): DrawnEnding => ({
  ...atMinute(sample, last(sample.curves.snap), worked),
  moisture_pct: sample.moisture_pct,
  snap: sample.snap,
  browning: sample.browning,
});

/** Share of the draws that reach everything that was asked for [0..1]. */
export function chanceOf(draws: readonly DrawnEnding[], worked: PredictionRun, goal: Goal): number {
  const { keeps_days_min } = goal.target;
  const days = keeps_days_min === undefined ? null : daysOver(worked, draws, goal.choice);
  const meets = draws.filter((draw, i) => isAsAsked(draw, goal) && (days === null || days[i] >= (keeps_days_min ?? 0)));
  return draws.length > 0 ? meets.length / draws.length : 0;
}

/** Days that half of the draws keep where the goal looks. */
export const likelyDays = (draws: readonly DrawnEnding[], worked: PredictionRun, goal: Goal): number =>
  Math.floor(
    quantile(
      daysOver(worked, draws, goal.choice).sort((a, b) => a - b),
      0.5,
    ),
  );

function isAsAsked({ snap, browning, core_cMax, clean }: DrawnEnding, { target, browningMost, core_c, pick }: Goal): boolean {
  const { snap_min = 0, snap_max = 10 } = target;
  return snap >= snap_min && snap <= snap_max && browning <= browningMost && core_cMax >= core_c && (clean || !pick);
}

/** So many have passed what time takes away that staying longer cannot make it sure. */
export function tooMany(draws: readonly DrawnEnding[], goal: Goal): boolean {
  const stops = whatStops(draws, goal);
  return stops === 'too-dark' || stops === 'too-dry';
}

/** What keeps draws from being sure however long they stay: what more of them miss; null when it is only too seldom. */
export function whatStops(draws: readonly DrawnEnding[], { target, browningMost, core_c, sure }: Goal): Obstacle | null {
  const misses = (miss: (draw: DrawnEnding) => boolean): boolean => draws.filter(miss).length > (1 - sure) * draws.length;
  if (misses(({ browning }) => browning > browningMost)) return 'too-dark';
  if (misses(({ snap }) => snap > (target.snap_max ?? 10))) return 'too-dry';
  if (misses(({ core_cMax }) => core_cMax < core_c)) return 'not-hot-enough';
  return misses(({ snap }) => snap < (target.snap_min ?? 0)) ? 'never-gets-there' : null;
}
