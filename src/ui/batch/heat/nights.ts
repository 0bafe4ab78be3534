import type { Prediction } from '@/core/prediction';
import { duration } from '../../format/units';

/** From this long on a load is left alone in the evening [min]; and so long is a night [min]. Source: ours. */
const OVERNIGHT_MIN = 240;
const A_NIGHT_MIN = 720;

/** That an overnight programme does not fit one night with all its loads; empty where it does. */
export function nightsWords({
  minutes,
  loads,
  all_loads_minutes,
}: Pick<Prediction['heat'], 'minutes' | 'loads' | 'all_loads_minutes'>): string {
  if (loads < 2 || minutes < OVERNIGHT_MIN || all_loads_minutes <= A_NIGHT_MIN) return '';
  const nights = Math.ceil(loads / Math.max(1, Math.floor(A_NIGHT_MIN / minutes)));
  return `${duration(all_loads_minutes)} together, ${nights} nights: what waits goes into the fridge`;
}
