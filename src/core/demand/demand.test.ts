/** What will be wanted: bands that hold on simulated sales, weeks counted whole, and a store that is lived day by day. */
import { describe, expect, it } from 'vitest';
import { addDays, normals, seededRandom, weekdayOf } from '../quantities';
import { foretell } from './forecast';
import { storeOutlook } from './store';
import { byWeek, weekdayShares } from './weeks';

/** A count around a mean (Knuth 1969); large means by a normal. */
function poisson(mean: number, random: () => number, normal: () => number): number {
  if (mean > 60) return Math.max(0, Math.round(mean + Math.sqrt(mean) * normal()));
  const limit = Math.exp(-mean);
  let count = 0;
  for (let product = random(); product > limit; product *= random()) count++;
  return count;
}

/** Weeks of a kitchen whose level wanders and whose customers take by chance, more than chance alone would have it. */
function sales(seed: number, weeks: number): number[] {
  const random = seededRandom(seed);
  const normal = normals(random);
  let level = Math.exp(2 + 3 * random());
  return Array.from({ length: weeks }, () => {
    level *= Math.exp(0.06 * normal());
    return poisson(level * Math.exp(0.25 * normal()), random, normal);
  });
}

describe('the weeks to come', () => {
  it.each([8, 13, 26, 52])('lie in their band in 75 to 90 of 100 kitchens, after %d weeks', (seen) => {
    const held = [1, 4].map((ahead) => {
      const inside = Array.from({ length: 1500 }, (_, kitchen) => {
        const weeks = sales(1000 * seen + kitchen, seen + ahead);
        const told = foretell(weeks.slice(0, seen), ahead)?.at(-1);
        return told && weeks[seen + ahead - 1] >= Math.floor(told.low) && weeks[seen + ahead - 1] <= Math.ceil(told.high);
      }).filter((one) => one !== undefined);
      return inside.filter(Boolean).length / inside.length;
    });
    for (const share of held) {
      expect(share, held.join(' ')).toBeGreaterThan(0.75);
      expect(share, held.join(' ')).toBeLessThan(0.9);
    }
  });
  it('are not told from too little, nor from weeks in which next to nothing was taken', () => {
    expect(foretell([10, 12, 9, 11, 10], 4)).toBeNull();
    expect(foretell([0, 0, 0, 0, 0, 0, 4, 0, 5, 0], 4)).toBeNull();
  });
  it('follow a lasting change, and stay where nothing changes', () => {
    const steady = foretell(new Array<number>(20).fill(40), 2) ?? expect.fail('a forecast');
    expect(steady[0].likely).toBeCloseTo(40, 0);
    expect(steady[0].low).toBeLessThan(40);
    const grown =
      foretell([...new Array<number>(15).fill(20), ...new Array<number>(10).fill(60)], 1) ?? expect.fail('a forecast');
    expect(grown[0].likely).toBeGreaterThan(50);
    const [near, , , far] = foretell(sales(3, 20), 4) ?? expect.fail('a forecast');
    expect(far.high - far.low).toBeGreaterThanOrEqual(near.high - near.low);
  });
});

describe('weeks', () => {
  it('are whole ones that ended before today, from the first taking on', () => {
    expect(
      byWeek(
        [
          { on: '2026-12-01', pieces: 99 },
          { on: '2026-11-30', pieces: 1 },
          { on: '2026-11-24', pieces: 2 },
          { on: '2026-11-23', pieces: 4 },
          { on: '2026-11-05', pieces: 8 },
        ],
        '2026-12-01',
      ),
    ).toEqual([8, 0, 4, 3]);
    expect(byWeek([], '2026-12-01')).toEqual([]);
  });
  it('have weekdays, Monday first, none ruled out by a short history', () => {
    expect(weekdayOf('2026-11-30')).toBe(0);
    expect(weekdayOf('1969-12-28')).toBe(6);
    const shares = weekdayShares([{ on: '2026-11-28', pieces: 40 }]);
    expect(shares.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 12);
    expect(shares[5]).toBeGreaterThan(0.7);
    expect(Math.min(...shares)).toBeGreaterThan(0);
  });
});

describe('the store', () => {
  const EVEN = new Array<number>(7).fill(1 / 7);
  const week = (likely: number): { likely: number; low: number; high: number } => ({ likely, low: likely / 2, high: 2 * likely });
  const TODAY = '2026-12-01';
  it('uses first what ends first, loses what reaches its day, and says when it is empty and how much is short', () => {
    const packs = [
      { left_over: 30, use_by: addDays(TODAY, 60) },
      { left_over: 40, use_by: addDays(TODAY, 6) },
      { left_over: 50, use_by: addDays(TODAY, -1) },
    ];
    // 7 a week is one a day: the second pack is used for seven days, 33 of it are left on its day; the first then lasts past the end.
    const slow = storeOutlook(packs, [week(7), week(7), week(7), week(7)], EVEN, TODAY);
    expect(slow).toEqual({ in_store: 70, left_on_their_day: 33, lasts_until: null, short: 0 });
    const fast = storeOutlook(packs, [week(70), week(70)], EVEN, TODAY);
    expect(fast).toMatchObject({ left_on_their_day: 0, lasts_until: addDays(TODAY, 7), short: 70 });
    expect(storeOutlook([], [week(14)], EVEN, TODAY)).toEqual({
      in_store: 0,
      left_on_their_day: 0,
      lasts_until: TODAY,
      short: 14,
    });
  });
});
