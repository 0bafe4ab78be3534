import { A_DAY_MIN } from '../quantities';
import type { Day } from './day';

type Span = readonly [number, number];

/** When somebody is awake, and when nothing noisy may be done: as far as plans may run. */
export type Calendar = { readonly awake: readonly Span[]; readonly quiet: readonly Span[] };

/** The last day's hours go on, day after day, to the end of the horizon. */
export function calendarOf({ win, quiet, t0, t1 }: Day): Calendar {
  return {
    awake: win.length === 0 ? [[t0, t1]] : runOn(win, t1),
    quiet: runOn(quiet, t1),
  };
}

function runOn(given: readonly Span[], t1: number): Span[] {
  const spans = [...given].sort((a, b) => a[0] - b[0]);
  const last = spans.at(-1);
  if (!last) return [];
  const lastDay = spans.filter(([a]) => a > last[0] - A_DAY_MIN);
  for (let days = 1; last[0] + days * A_DAY_MIN < t1; days++)
    for (const [a, b] of lastDay) spans.push([a + days * A_DAY_MIN, b + days * A_DAY_MIN]);
  return spans;
}

/** Earliest start from `from` on at which so many minutes lie in one awake window and outside the quiet ones; infinity without. */
export function nextAwake({ awake, quiet }: Calendar, from: number, len: number, noisy: boolean): number {
  for (const [a, b] of awake) {
    if (b < from + len) continue;
    let start = Math.max(a, from);
    if (noisy)
      for (const [qa, qb] of quiet) {
        if (qb <= start) continue;
        if (qa >= start + len) break;
        start = qb;
      }
    if (start + len <= b) return start;
  }
  return Infinity;
}
