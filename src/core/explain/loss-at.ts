import { SPREAD, curveAt, type Draw, type Sample } from '../bands';
import type { PredictionRun } from '../prediction';

/** Share of its raw mass that a draw had lost at a minute, from its water then and at first: what is dry stays [%]. */
export function lossAt(made: PredictionRun, { curves }: Sample, draw: Draw, minute: number): number {
  const wet_pct = (100 * made.dough.composition.water_g) / made.dough.composition.mass_g + SPREAD.water_pct * draw.water;
  const moisture_pct = curveAt(curves.moisture_pct, minute / made.heat.minutes);
  return 100 * (1 - (100 - wet_pct) / (100 - moisture_pct));
}
