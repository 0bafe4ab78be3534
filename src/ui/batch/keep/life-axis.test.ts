import { describe, expect, it } from 'vitest';
import { moistureOn, roundTicks } from './life-axis';

describe('the axis of a pack’s life', () => {
  it('ends on a round number at or after the last, and has few marks', () => {
    for (const last of [0.4, 1, 6.2, 12, 41, 90, 97, 365, 900, 2600, 4000]) {
      const ticks = roundTicks(last);
      expect(ticks[0]).toBe(0);
      expect(ticks.at(-1)).toBeGreaterThanOrEqual(last);
      expect(ticks.length).toBeLessThanOrEqual(8);
      expect(ticks.at(-2)).toBeLessThan(last);
    }
    expect(roundTicks(90)).toEqual([0, 14, 28, 42, 56, 70, 84, 98]);
  });
});

describe('water on a day', () => {
  const points = [
    { day: 0, moisture_pct: 4 },
    { day: 10, moisture_pct: 6 },
    { day: 30, moisture_pct: 7 },
  ];
  it('is read off between two that were worked out', () => {
    expect([0, 5, 10, 20, 30].map((day) => moistureOn(day, points))).toEqual([4, 5, 6, 6.5, 7]);
  });
  it('is not told after the last, nor of nothing', () => {
    expect(moistureOn(31, points)).toBeNull();
    expect(moistureOn(1, [])).toBeNull();
  });
});
