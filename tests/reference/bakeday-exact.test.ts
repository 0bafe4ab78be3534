/** Small days against an exact solver: the planner's day is as short as any can be. */
import highsLoader from 'highs';
import { describe, expect, it } from 'vitest';
import { solve, type Day, type DayBatch } from '@/core/bakeday';
import { seededRandom } from '@/core/quantities';
import { batch, dayOf, inMachine, load, oven, unload, wait, work, x2 } from './bakeday-cases';
import { exactDay } from './exact-day';
import { ofSweep } from './sweep';

const DEHY = { ...oven(), id: 'dehy1', kind: 'dehy' as const, slots: 6, tol: 3, heat: 5, cool: 5 };

/** Two to four crunchy batches of random lengths on one oven and one dehydrator. */
function smallDay(count: number, seed: number): Day {
  const random = seededRandom(seed);
  const int = (low: number, high: number): number => low + 5 * Math.floor((random() * (high - low + 1)) / 5);
  const one = (id: string): DayBatch => {
    const [q, dry] = [random() < 0.5 ? 1 : 2, int(90, 180)];
    return batch(id, [
      work('mix', int(10, 25), { maxWait: 60 }),
      work('roll', int(20, 40), { maxWait: 30 }),
      inMachine('bake', [{ res: 'oven1', T: 160 + int(0, 25), q }], int(20, 40), [load, unload], { maxWait: 45 }),
      ...(random() < 0.6
        ? [
            inMachine(
              'dry',
              [
                { res: 'oven1', T: 90, q, dur: dry },
                { res: 'dehy1', T: 70, q: 2 * q, dur: Math.round(1.5 * dry) },
              ],
              dry,
              [load, unload],
            ),
          ]
        : []),
      wait('cool', 30),
      work('pack', 10),
    ]);
  };
  return dayOf(
    Array.from({ length: count }, (_, i) => one(`b${i}`)),
    { win: [], machines: [oven(), DEHY] },
  );
}

async function shortest(day: Day, most: number): Promise<number> {
  const highs = await highsLoader();
  const answer = highs.solve(exactDay(day, most), { time_limit: 60, mip_rel_gap: 0, mip_abs_gap: 0.5 });
  expect(answer.Status).toBe('Optimal');
  return Math.round(answer.ObjectiveValue);
}

describe('days as short as can be', () => {
  it('the oracle itself finds the proven 399', async () => expect(await shortest(x2(), 520)).toBe(399), 90_000);
  const sizes = [
    [2, 1],
    [2, 2],
    [3, 4],
    [3, 5],
    [2, 3],
    [4, 6],
  ] as const;
  it.each(ofSweep(sizes, 3))(
    '%d batches, day %d',
    async (count, seed) => {
      const day = smallDay(count, seed);
      const planned = solve(day, { seed: 1, iterations: 40_000, chains: 6 });
      const makespan = planned?.cost.makespan ?? NaN;
      expect(makespan).toBe(await shortest(day, makespan));
    },
    90_000,
  );
});
