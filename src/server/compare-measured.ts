import type { Beside, Comparison } from '@/contract/log';
import type { ForecastRow } from '@/db/forecast';
import type { Measured } from '@/db/measurements';

const beside = (measured: number, likely: number, low: number, high: number): Beside => ({
  measured,
  likely,
  low,
  high,
  inside: measured >= low && measured <= high,
});

/** How far the water of a dough lies from what its ingredients say [% of its mass]. Source: as in the bands (core/bands/vary.ts). */
const DOUGH_WATER_SD_PCT = 2;
/** Loss [%] that leaves a dough of this water at a moisture: dry solids stay. */
const lossAt = (doughWater_pct: number, moisture_pct: number): number =>
  100 * (1 - (100 - doughWater_pct) / (100 - moisture_pct));
const moistureAt = (doughWater_pct: number, loss_pct: number): number => 100 - (100 - doughWater_pct) / (1 - loss_pct / 100);

/** Share of the raw mass that left, by two weights of one tray [%]; null where it was not weighed so. */
export const measuredLoss = ({ tray_g, before_g, after_g }: Pick<Measured, 'tray_g' | 'before_g' | 'after_g'>): number | null =>
  before_g !== null && after_g !== null && before_g > tray_g ? 100 * (1 - (after_g - tray_g) / (before_g - tray_g)) : null;

/** Sets what was measured beside what was predicted. */
export function compareMeasured(
  measured: Pick<Measured, 'pieces' | 'tray_g' | 'before_g' | 'after_g' | 'texture'>,
  forecast: ForecastRow,
): Comparison {
  const { pieces, texture } = measured;
  const water = forecast.dough_water_pct;
  const loss = measuredLoss(measured);
  return {
    pieces: pieces === null ? null : beside(pieces, forecast.pieces, forecast.pieces_low, forecast.pieces_high),
    loss_pct:
      loss === null
        ? null
        : beside(
            loss,
            forecast.mass_loss_pct_low === undefined ? lossAt(water, forecast.moisture_pct) : forecast.mass_loss_pct,
            forecast.mass_loss_pct_low ?? lossAt(water, forecast.moisture_pct_high),
            forecast.mass_loss_pct_high ?? lossAt(water, forecast.moisture_pct_low),
          ),
    moisture_pct:
      loss === null
        ? null
        : {
            ...beside(
              Math.max(0, moistureAt(water, loss)),
              forecast.moisture_pct,
              forecast.moisture_pct_low,
              forecast.moisture_pct_high,
            ),
            give_or_take: DOUGH_WATER_SD_PCT / (1 - loss / 100),
          },
    texture: texture === null ? null : { measured: texture, predicted: forecast.texture, same: texture === forecast.texture },
  };
}
