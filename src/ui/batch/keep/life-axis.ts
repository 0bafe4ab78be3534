import type { LifeCurve } from '@/core/prediction';

const ROUND_STEPS = [1, 2, 3, 5, 7, 10, 14, 20, 30, 60, 90, 120, 180, 365];
const MOST_TICKS = 7;

/** An axis that ends on a round number and is marked on round ones: those it is marked on, from 0 to its end. */
export function roundTicks(last: number): number[] {
  const step = ROUND_STEPS.find((candidate) => last / candidate <= MOST_TICKS) ?? Math.ceil(last / MOST_TICKS / 365) * 365;
  const count = Math.max(1, Math.ceil(last / step));
  return Array.from({ length: count + 1 }, (_, i) => i * step);
}

/** Water of the treats on a day between those that were worked out [% of the mass]; null after the last. */
export function moistureOn(day: number, points: LifeCurve['points']): number | null {
  const next = points.findIndex((point) => point.day >= day);
  if (next < 0) return null;
  const [after, before] = [points[next], points[Math.max(0, next - 1)]];
  const share = after.day > before.day ? (day - before.day) / (after.day - before.day) : 0;
  return before.moisture_pct + share * (after.moisture_pct - before.moisture_pct);
}
