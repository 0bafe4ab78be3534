import { WOBBLE_SD } from './fit';
import type { EndTime } from './forecast';

/** When a forecast was made. */
export type Moment = 'start' | 'half-way';

/** How far a forecast was off, and how unsure it said it was. */
export type Miss = {
  /** Logarithm of the time it really still took over the time it said. */
  readonly off: number;
  /** Its own spread, with how surely it is known when it really ended (ln). */
  readonly own: number;
};

/** When a batch really was as dry as planned, told by its last tray, and the spread of that (ln). */
export type Really = { readonly really: number; readonly sure?: number };

/** A forecast held against what happened. */
export const missOf = (now: number, said: EndTime, { really, sure = 0 }: Really): Miss => ({
  off: Math.log(Math.max(1e-6, really - now) / Math.max(1e-6, said.mid - now)),
  own: Math.hypot(ownSpread(now, said), sure),
});

/** Spread of a forecast, as its upper end tells it (ln). */
export const ownSpread = (now: number, { mid, high }: EndTime): number => Math.log((high - now) / (mid - now)) / SDS_IN_80_PCT;

/** The shape of the model may be wrong by so much (ln), the more so half-way. Source: ours, chosen on simulated kitchens. */
const DISCREPANCY: Record<Moment, number> = { start: 0.1, 'half-way': 0.2 };
/** Of the time that such a tail takes, more than this is not added (ln). Source: ours. */
const MOST_TAIL = 0.6;
const SDS_IN_80_PCT = 1.282;
/** Fewer hits than this of at least so many forecasts: the layer widens itself. */
const TALLY = { least: 5, share: 0.6, widen: 1.5 } as const;

/** Forecasts of an appliance and whether they held. */
export type Tally = { readonly of: number; readonly inside: number };

/** How far the model may be off for good in one kitchen (ln). Source: ours. */
const BIAS_SD = 0.25;

/**
 * The interval that may be shown: what the model says, moved and widened by how far its forecasts were off before.
 *
 * A miss counts by how sure its own forecast was: the first bake of an oven, of which nothing was known, is mostly off by the
 * oven's pace, which the fit learns; counting that again would move the next forecast twice.
 *
 * @param now - minutes since the start at which the forecast is made
 * @param misses - of past forecasts made at the same moment of a bake
 * @param tally - how its forecasts held so far
 * @param tail - how unsure the time is because hardly anything leaves near its end (ln)
 */
// oxlint-disable-next-line max-params -- older than the rule
export function honest(
  now: number,
  end: EndTime,
  misses: readonly Miss[],
  moment: Moment,
  { tally = { of: 0, inside: 0 }, tail = 0 }: { readonly tally?: Tally; readonly tail?: number } = {},
): EndTime {
  const wobble = WOBBLE_SD ** 2;
  const weighed = misses.map(({ off, own }) => ({ off, variance: own ** 2 + wobble }));
  const precision = weighed.reduce((sum, { variance }) => sum + 1 / variance, 1 / BIAS_SD ** 2);
  const bias = weighed.reduce((sum, { off, variance }) => sum + off / variance, 0) / precision;
  const counts = weighed.map(({ off, variance }) => ({ off, count: wobble / variance }));
  const n = counts.reduce((sum, { count }) => sum + count, 0);
  const scatter =
    (2 * wobble + counts.reduce((sum, { off, count }) => sum + count * (off - bias) ** 2, 0)) / (2 + n) + 1 / precision;
  const widen = tally.of >= TALLY.least && tally.inside / tally.of < TALLY.share ? TALLY.widen : 1;
  const learned = n / (n + 2);
  const own = ownSpread(now, end);
  const spread = Math.sqrt(
    (1 - learned) * (own ** 2 + (widen * DISCREPANCY[moment]) ** 2) + learned * scatter + Math.min(MOST_TAIL, tail) ** 2,
  );
  const at = (deviations: number): number => now + (end.mid - now) * Math.exp(bias + deviations * spread);
  return { low: at(-SDS_IN_80_PCT), mid: at(0), high: at(SDS_IN_80_PCT) };
}
