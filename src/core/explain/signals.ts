import { SPREAD, type Draw, type Sample } from '../bands';
import type { PredictionRun } from '../prediction';
import { thicknessSpread } from '../yield';
import { lossAt } from './loss-at';
import { waterByDrying } from '../pantry';
import { DRY_TEST_G, LOSS_SD_PCT, THICKNESS_SD } from './measured';

/** Something that can be measured before or in a bake. */
export const MEASUREMENTS = ['thickness', 'oven', 'water', 'half-time'] as const;
export type Measurement = (typeof MEASUREMENTS)[number];

/** What a measurement would show in a draw, and how far it may be off. */
export type Signal = { readonly of: (sample: Sample, draw: Draw) => number; readonly sd: number };

/** What each measurement would show; null where it cannot be made, or was made already. */
export function signalOf(measurement: Measurement, worked: PredictionRun): Signal | null {
  const { shape, heat } = worked;
  switch (measurement) {
    case 'thickness': {
      const spread = thicknessSpread(shape);
      return spread > THICKNESS_SD ? { of: (_, draw) => spread * draw.thickness, sd: THICKNESS_SD } : null;
    }
    case 'oven':
      // Two readings were taken already where the offset is known.
      return heat.applianceStages.some(({ offsetKnown }) => !offsetKnown)
        ? { of: (_, draw) => SPREAD.thermostat_K * draw.thermostat, sd: SPREAD.measuredThermostat_K }
        : null;
    case 'water': {
      const { water_g, mass_g } = worked.dough.composition;
      const dried = waterByDrying(DRY_TEST_G, DRY_TEST_G * (1 - water_g / mass_g));
      // The scale's own half-width, taken as a deviation: what else may go wrong is in the difference.
      return dried.ok ? { of: (_, draw) => SPREAD.water_pct * draw.water, sd: dried.value.halfWidth_pct } : null;
    }
    case 'half-time': {
      const half = heat.minutes / 2;
      return { of: (sample, draw) => lossAt(worked, sample, draw, half), sd: LOSS_SD_PCT };
    }
  }
}
