import { addDays } from '../quantities';

/** Beyond these, dates are rounded down to weeks and to months of thirty days [days]. */
const WEEKS_BEYOND = 28;
const MONTHS_BEYOND = 180;

/**
 * The date to print, from the low end of the days that it keeps; null when there is none to print.
 *
 * @param bakedOn - ISO date; the days count from it
 */
export function bestBefore(bakedOn: string, days_low: number): string | null {
  const days = roundedDown(Math.floor(days_low));
  return days <= 0 ? null : addDays(bakedOn, days);
}

function roundedDown(days: number): number {
  const step = days > MONTHS_BEYOND ? 30 : days > WEEKS_BEYOND ? 7 : 1;
  return Math.floor(days / step) * step;
}
