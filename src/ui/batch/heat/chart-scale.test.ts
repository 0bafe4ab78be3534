import { describe, expect, it } from 'vitest';
import { chartScale, minuteTicks } from './chart-scale';

describe('the time axis', () => {
  it('leads from minute to pixel and back, and holds at its ends', () => {
    const scale = chartScale(868, 131);
    for (const minute of [0, 17, 66, 131]) expect(scale.minuteAt(scale.x(minute))).toBeCloseTo(minute, 9);
    expect(scale.x(0)).toBe(scale.left);
    expect(scale.x(131)).toBeCloseTo(scale.right, 9);
    expect([scale.minuteAt(-100), scale.minuteAt(5000)]).toEqual([0, 131]);
  });
  it.each([12, 45, 131, 300, 720, 2880, 9000])('%d minutes get few, round marks from nought', (last) => {
    const ticks = minuteTicks(last);
    expect(ticks[0]).toBe(0);
    expect(ticks.length).toBeLessThanOrEqual(12);
    expect(ticks.at(-1)).toBeLessThanOrEqual(last);
  });
});
