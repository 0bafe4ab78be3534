import { A_DAY_MIN } from '../quantities';
import type { Day } from './day';

type Span = readonly [number, number];

/** When somebody is awake, and when nothing noisy may be done: as far as plans may run, in order and never touching. */
export type Calendar = { readonly awake: readonly Span[]; readonly quiet: readonly Span[] };

/**
 * Waking hours go on as on the last day written, quiet ones as in the last day's worth of them: in doubt fewer hands and
 * less noise. Quiet hours also hold on the days before the first one written, for a day that begins in them.
 */
export function calendarOf({ win, quiet, t0, t1 }: Day): Calendar {
  return {
    awake: win.length === 0 ? [[t0, t1]] : joined([...win, ...onwards(lastDayOf(win), t1)]),
    quiet: joined([...backwards(quiet, t0), ...quiet, ...onwards(lastHoursOf(quiet), t1)]),
  };
}

const moved = ([a, b]: Span, days: number): Span => [a + days * A_DAY_MIN, b + days * A_DAY_MIN];
const dayOf = (minute: number): number => Math.floor(minute / A_DAY_MIN);

/** Spans again, day after day, until the horizon. */
const onwards = (spans: readonly Span[], t1: number): Span[] =>
  spans.flatMap((span) =>
    Array.from({ length: Math.max(0, Math.ceil((t1 - span[0]) / A_DAY_MIN)) }, (_, days) => moved(span, days + 1)),
  );

/** The spans that begin on the last day of the calendar, midnight to midnight. */
function lastDayOf(spans: readonly Span[]): Span[] {
  const last = Math.max(...spans.map(([a]) => dayOf(a)));
  return spans.filter(([a]) => dayOf(a) === last);
}

/** What the spans hold of the last 24 hours before they end. */
function lastHoursOf(spans: readonly Span[]): Span[] {
  const end = Math.max(...spans.map(([, b]) => b));
  return clipped(spans, end - A_DAY_MIN, end);
}

/** What the spans hold of the first 24 hours after they begin, on the days before. */
function backwards(spans: readonly Span[], t0: number): Span[] {
  if (spans.length === 0) return [];
  const start = Math.min(...spans.map(([a]) => a));
  const first = clipped(spans, start, start + A_DAY_MIN);
  const days = Math.max(0, Math.ceil((start - t0) / A_DAY_MIN) + 1);
  return Array.from({ length: days }, (_, back) => first.map((span) => moved(span, -1 - back))).flat();
}

const clipped = (spans: readonly Span[], from: number, to: number): Span[] =>
  spans.flatMap(([a, b]) => (a < to && b > from ? [[Math.max(a, from), Math.min(b, to)] as const] : []));

/** In order, overlapping and touching ones as one. */
function joined(spans: readonly Span[]): Span[] {
  const found: Array<[number, number]> = [];
  for (const [a, b] of [...spans].sort((x, y) => x[0] - y[0])) {
    const last = found.at(-1);
    if (last && a <= last[1]) last[1] = Math.max(last[1], b);
    else if (b > a) found.push([a, b]);
  }
  return found;
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
