import type { JarView } from '@/contract/jars';
import { addDays, dayNumber } from '@/core/quantities';
import { freshness, type Freshness } from './jar-view';

/** Where one pack stands in time, in shares of the drawn stretch [0..1]. */
export type PackStretch = {
  readonly jar: JarView;
  /** Until here it can be counted on, and until here it is likely good. */
  readonly sure: number;
  readonly likely: number;
  readonly state: Freshness;
};

export type StoreTimeline = {
  readonly packs: readonly PackStretch[];
  /** Where today is, and days to read it by. */
  readonly today: number;
  readonly marks: ReadonlyArray<{ readonly on: string; readonly at: number }>;
  /** Packs that are not drawn, since others end sooner. */
  readonly more: number;
};

/** Packs that are drawn; how far back those past their day reach, and how far ahead is looked at least and at most [days]. */
const DRAWN = 20;
const BACK_DAYS = 21;
const AHEAD_DAYS = { least: 28, most: 400 };
const MARKS = 4;

/** Every pack from today to its day, the first to end on top. */
export function storeTimeline(jars: readonly JarView[], today: string): StoreTimeline {
  const now = dayNumber(today);
  const inOrder = [...jars].sort((one, other) => one.use_by.localeCompare(other.use_by));
  const drawn = inOrder.slice(0, DRAWN);
  const ends = drawn.map(({ use_by }) => dayNumber(use_by) - now);
  const back = Math.min(BACK_DAYS, Math.max(0, ...ends.map((days) => -days)));
  const ahead = Math.min(AHEAD_DAYS.most, Math.max(AHEAD_DAYS.least, ...ends) * 1.15);
  const share = (days: number): number => Math.min(1, Math.max(0, (days + back) / (back + ahead)));
  return {
    packs: drawn.map((jar, i) => ({
      jar,
      sure: share(ends[i]),
      likely: share(Math.max(ends[i], dayNumber(jar.likely_until) - now)),
      state: freshness(jar, today),
    })),
    today: share(0),
    marks: Array.from({ length: MARKS }, (_, i) => {
      const days = Math.round((ahead * (i + 1)) / (MARKS + 0.5));
      return { on: addDays(today, days), at: share(days) };
    }),
    more: inOrder.length - drawn.length,
  };
}
