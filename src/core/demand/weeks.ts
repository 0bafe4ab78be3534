import { dayNumber, weekdayOf } from '../quantities';

/** Treats that left the store on a day, for a mouth. */
export type Taken = { readonly on: string; readonly pieces: number };

const WEEK = 7;

/**
 * Pieces taken in each whole week that ended before today, the oldest first; from the week of the first taking on, since before it nobody
 * could take any.
 *
 * @param today - ISO day; it and the days before it back to a whole number of weeks are counted from the day before today
 */
export function byWeek(taken: readonly Taken[], today: string): number[] {
  const now = dayNumber(today);
  const ages = taken.map(({ on, pieces }) => ({ week: Math.floor((now - 1 - dayNumber(on)) / WEEK), pieces }));
  const past = ages.filter(({ week }) => week >= 0);
  const oldest = Math.max(-1, ...past.map(({ week }) => week));
  const weeks = new Array<number>(oldest + 1).fill(0);
  for (const { week, pieces } of past) weeks[oldest - week] += pieces;
  return weeks;
}

/** Pieces that every weekday is taken to have seen before any was counted, so that a short history does not rule a day out [1]. */
const BEFORE = 2;

/** Share of a week that falls on each weekday, Monday first; all of them make one. */
export function weekdayShares(taken: readonly Taken[]): number[] {
  const days = new Array<number>(WEEK).fill(BEFORE);
  for (const { on, pieces } of taken) days[weekdayOf(on)] += pieces;
  const all = days.reduce((sum, one) => sum + one, 0);
  return days.map((one) => one / all);
}
