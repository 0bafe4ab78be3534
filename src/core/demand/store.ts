import { addDays, dayNumber, weekdayOf } from '../quantities';
import type { WeekForecast } from './forecast';

/** A pack of the store: what is left in it, and the last day that it can be counted on. */
export type Stock = { readonly left_over: number; readonly use_by: string };

export type StoreOutlook = {
  /** Pieces that can still be used today. */
  readonly in_store: number;
  /** Pieces of them that reach their day before they are likely wanted. */
  readonly left_on_their_day: number;
  /** The first day on which nothing is likely left; null where the weeks that are foretold do not use it up. */
  readonly lasts_until: string | null;
  /** Pieces that are likely wanted over the foretold weeks and are not there. */
  readonly short: number;
};

const WEEK = 7;

/** Lives the foretold weeks day by day: what ends first is used first, and what reaches its day is out. */
export function storeOutlook(
  packs: readonly Stock[],
  forecast: readonly WeekForecast[],
  shares: readonly number[],
  today: string,
): StoreOutlook {
  const fresh = packs
    .filter(({ use_by }) => dayNumber(use_by) >= dayNumber(today))
    .map(({ left_over, use_by }) => ({ left: left_over, day: dayNumber(use_by) }))
    .sort((one, other) => one.day - other.day);
  const in_store = fresh.reduce((sum, { left }) => sum + left, 0);
  const [first, firstWeekday] = [dayNumber(today), weekdayOf(today)];
  let [past, short, lasts_until] = [0, 0, null as string | null];
  for (let day = 0; day < WEEK * forecast.length; day++) {
    for (const pack of fresh)
      if (pack.left > 0 && pack.day < first + day) {
        past += pack.left;
        pack.left = 0;
      }
    let wanted = forecast[Math.floor(day / WEEK)].likely * shares[(firstWeekday + day) % WEEK];
    for (const pack of fresh) {
      const used = Math.min(pack.left, wanted);
      pack.left -= used;
      wanted -= used;
    }
    if (wanted > 1e-9) lasts_until ??= addDays(today, day);
    short += wanted;
  }
  return { in_store, left_on_their_day: Math.round(past), lasts_until, short: Math.round(short) };
}
