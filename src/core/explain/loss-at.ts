import { SPREAD, bandMinutes, type Draw, type Sample } from '../bands';
import type { PredictionRun } from '../prediction';

/** Share of its raw mass that a draw had lost at a minute, from its water then and at first: what is dry stays [%]. */
export function lossAt(made: PredictionRun, { curves }: Sample, draw: Draw, minute: number): number {
  const wet_pct = (100 * made.dough.composition.water_g) / made.dough.composition.mass_g + SPREAD.water_pct * draw.water;
  const minutes = bandMinutes(made.heat.minutes);
  const after = Math.max(
    1,
    minutes.findIndex((at) => at >= minute),
  );
  const [from, to] = [minutes[after - 1], minutes[after]];
  const share = Math.min(1, Math.max(0, (minute - from) / (to - from)));
  const moisture_pct = (1 - share) * curves.moisture_pct[after - 1] + share * curves.moisture_pct[after];
  return 100 * (1 - (100 - wet_pct) / (100 - moisture_pct));
}
