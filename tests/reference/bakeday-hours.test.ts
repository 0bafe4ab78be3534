/** Waking and quiet hours as they run on, and work that pauses: against hours worked out by hand. */
import { describe, expect, it } from 'vitest';
import { complaintsAbout, solve, type Day } from '@/core/bakeday';
import { seededRandom } from '@/core/quantities';
import { batch, dayOf, wait, work } from './bakeday-cases';

const startOf = (day: Day): number => {
  const found = solve(day, { seed: 1, iterations: 20 });
  if (!found) throw new Error('no plan');
  expect(complaintsAbout(day, found.plan)).toEqual([]);
  return found.plan[0].s;
};
const released = (at: number, more: Partial<Day>, noisy = false): Day =>
  dayOf([batch('a', [work('mix', 20, noisy ? { hands: [{ off: 0, len: 20, n: 1, noisy }] } : {})], { release: at })], more);

describe('waking hours', () => {
  it('go on as on the last calendar day, not with the evening of the day before', () => {
    const win: Day['win'] = [
      [480, 1400],
      [1860, 2760],
    ];
    expect(startOf(released(2790, { win }))).toBe(3300);
    expect(startOf(released(2741, { win }))).toBe(3300);
    expect(startOf(released(2740, { win }))).toBe(2740);
  });
  it('that touch or overlap are one', () => {
    const win: Day['win'] = [
      [480, 720],
      [700, 760],
      [760, 1320],
    ];
    expect(startOf(released(750, { win }))).toBe(750);
    expect(startOf(released(1430, { win: [[0, 1440]] }))).toBe(1430);
  });
  it('keep a break of every day', () => {
    const win: Day['win'] = [
      [480, 720],
      [780, 1320],
    ];
    expect(startOf(released(2150, { win }))).toBe(2220);
  });
});

describe('quiet hours', () => {
  it('hold on the morning of a day that begins in them', () => {
    const day = { t0: 360, win: [[360, 1320]] as Day['win'], quiet: [[1260, 1920]] as Day['quiet'] };
    expect(startOf(released(360, day, true))).toBe(480);
    expect(startOf(released(360, day))).toBe(360);
    expect(startOf(released(1250, day, true))).toBe(1920);
    expect(startOf(released(2695, day, true))).toBe(3360);
  });
});

describe('work that pauses', () => {
  it('never in stretches of less than five minutes, the last one too', () => {
    const random = seededRandom(9);
    const int = (low: number, high: number): number => low + Math.floor(random() * (high - low + 1));
    let paused = 0;
    for (let k = 0; k < 200; k++) {
      const visits = Array.from({ length: 6 }, (_, i) => ({ off: 20 + 30 * i + int(0, 12), len: int(1, 4), n: 1 as const }));
      const roll = { ...work('roll', int(3, 120)), hands: undefined };
      const long = { ...roll, hands: [{ off: 0, len: roll.dur, n: 1 as const, interruptible: true as const, maxPause: 8 }] };
      const day = dayOf([batch('a', [wait('dry', 220, { hands: visits })]), batch('b', [long])]);
      const found = solve(day, { seed: k, iterations: 10 });
      if (!found) throw new Error(`no plan ${k}`);
      expect(complaintsAbout(day, found.plan), `${k}`).toEqual([]);
      const { att } = found.plan[1];
      if (att.length > 1) {
        paused++;
        for (const { s, e } of att) expect(e - s, `${k}`).toBeGreaterThanOrEqual(5);
      }
    }
    expect(paused).toBeGreaterThan(60);
  });
});
