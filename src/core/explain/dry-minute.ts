import { bandMinutes, type Sample } from '../bands';
import type { PredictionRun } from '../prediction';

/** Nobody waits longer than so many times the planned programme [1]. */
const LONGEST = 3;

/**
 * The minute at which a draw is as dry as planned; one that is not by the end goes on as it went at last, its water nearing what its
 * surroundings leave it.
 */
export function dryMinute({ prediction, heat }: PredictionRun, { curves }: Sample): number {
  const wanted_pct = prediction.outcome.moisture_pct;
  const minutes = bandMinutes(heat.minutes);
  const water = curves.moisture_pct;
  const at = water.findIndex((moisture_pct) => moisture_pct <= wanted_pct);
  if (at > 0) {
    const share = (water[at - 1] - wanted_pct) / (water[at - 1] - water[at]);
    return minutes[at - 1] + share * (minutes[at] - minutes[at - 1]);
  }
  if (at === 0) return minutes[1] / 2;
  const last = water.length - 1;
  const pace_per_min = Math.log(water[last - 1] / water[last]) / (minutes[last] - minutes[last - 1]);
  const more = pace_per_min > 0 ? Math.log(water[last] / wanted_pct) / pace_per_min : Infinity;
  return Math.min(LONGEST * heat.minutes, minutes[last] + more);
}
