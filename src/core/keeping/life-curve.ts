import { scaleComposition } from '../pantry';
import { daysToReach, type DriftPoint } from './moisture-drift';
import type { Product, Storage } from './life';
import { airOf, packOf, type Air } from './packs';

/**
 * Moisture in a closed pack against time, up to `days`: what the keep bench draws.
 * Empty for an open bowl, which follows the room within days.
 */
export function lifeCurve(product: Product, storage: Storage, room: Air, days: number): DriftPoint[] {
  const pack = packOf(storage.option, storage.volume_ml, storage.own);
  if (pack.open || product.composition.solids_g <= 0) return [];
  const composition = scaleComposition(product.composition, storage.solids_g / product.composition.solids_g);
  const water_g = (storage.solids_g * product.moisture_pct) / (100 - product.moisture_pct);
  const air = airOf(storage.store, room);
  const points: DriftPoint[] = [];
  // The limit lies beyond what the air can reach, so the walk goes on to the last day asked for.
  const limit = air.relativeHumidity > 0.5 ? Math.min(0.97, air.relativeHumidity + 0.02) : 0.97;
  daysToReach(limit, { composition, water_g, state: product.state }, pack, air, storage.openings_per_day, (point) => {
    points.push(point);
    return point.day <= days;
  });
  return points;
}
