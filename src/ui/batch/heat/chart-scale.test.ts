import { describe, expect, it } from 'vitest';
import { chartScale, minuteTicks } from './chart-scale';

describe('the time axis', () => {
  it('leads from minute to pixel and back, and holds at its ends', () => {
    const scale = chartScale(868, [26, 91, 131]);
    for (const minute of [0, 17, 66, 131]) expect(scale.minuteAt(scale.x(minute))).toBeCloseTo(minute, 9);
    expect(scale.x(0)).toBe(scale.left);
    expect(scale.x(131)).toBeCloseTo(scale.right, 9);
    expect([scale.minuteAt(-100), scale.minuteAt(5000)]).toEqual([0, 131]);
  });
  it.each([12, 45, 131, 300, 720, 2880, 9000])('%d minutes get few, round marks from nought', (last) => {
    const ticks = minuteTicks(chartScale(868, [last]));
    expect(ticks[0]).toBe(0);
    expect(ticks.length).toBeLessThanOrEqual(12);
    expect(ticks.at(-1)).toBeLessThanOrEqual(last);
  });
  it('a short bake before a day of drying is wide enough to grasp, and the rest runs evenly', () => {
    const scale = chartScale(700, [14, 44, 344, 1424]);
    expect(scale.x(14) - scale.x(0)).toBeGreaterThanOrEqual(30);
    const [perMinute, later] = [scale.x(400) - scale.x(360), scale.x(1240) - scale.x(1200)];
    expect(perMinute).toBeCloseTo(later, 9);
    for (const minute of [0, 7, 14, 100, 344, 900, 1424]) expect(scale.minuteAt(scale.x(minute))).toBeCloseTo(minute, 6);
    for (let minute = 10; minute < 1424; minute += 10) expect(scale.x(minute)).toBeGreaterThan(scale.x(minute - 10));
  });
  it('marks never run into each other where the scale changes', () => {
    const scale = chartScale(700, [14, 44, 344, 1424]);
    const places = minuteTicks(scale).map(scale.x);
    for (let i = 1; i < places.length; i++) expect(places[i] - places[i - 1]).toBeGreaterThan(30);
  });
  it('more stretches than fit share what there is', () => {
    const scale = chartScale(
      160,
      Array.from({ length: 30 }, (_, i) => i + 1),
    );
    expect(scale.x(30)).toBeCloseTo(scale.right, 6);
  });
});
