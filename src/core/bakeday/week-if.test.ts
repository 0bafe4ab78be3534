/** A week with one thing otherwise: planned anew, it is never worse for more, and twice the work takes more. */
import { describe, expect, it } from 'vitest';
import { HORIZON, USUAL_GOALS, type Day } from './day';
import { solve } from './solve';
import { weekChanges, weekIf, type WeekChange, type WeekWork } from './week-if';

const OVEN = { id: 'oven', kind: 'oven', slots: 2, tol: 5, heat: 10, cool: 3, ambient: 20 } as const;
const DRYER = { id: 'dryer', kind: 'dehy', slots: 5, tol: 3, heat: 5, cool: 5, ambient: 20 } as const;
const batch = (id: string, due: number): Day['batches'][number] => ({
  id,
  due,
  steps: [
    { id: 'mix', name: 'mix', dur: 20, hands: [{ off: 0, len: 20, n: 1 }] },
    { id: 'shape', name: 'shape', dur: 30, hands: [{ off: 0, len: 30, n: 1 }] },
    { id: 'bake', name: 'bake', dur: 60, modes: [{ res: 'oven', T: 170, q: 2 }], hands: [{ off: 0, len: 3, n: 1 }] },
    { id: 'pack', name: 'pack', dur: 10, hands: [{ off: 0, len: 10, n: 1 }] },
  ],
});
const day = (batches: Day['batches']): Day => ({
  t0: 480,
  t1: 480 + HORIZON,
  handsCap: 1,
  win: [
    [420, 1320],
    [1860, 2760],
  ],
  quiet: [],
  machines: [OVEN, DRYER],
  stores: [],
  obj: USUAL_GOALS,
  batches,
});
const FULL = day([batch('a', 900), batch('b', 900), batch('c', 900)]);
const SMALL = day([batch('d', 1200)]);
const WEEK = [FULL, SMALL].map((one) => ({ day: one, plan: solve(one, { seed: 1, iterations: 300 })?.plan ?? [] }));

describe('a week', () => {
  const works = new Map<string, WeekWork>(
    weekChanges(WEEK).map((change) => [
      change.kind + ('machine' in change && change.kind === 'twice' && change.machine ? ' with' : ''),
      weekIf(WEEK, change),
    ]),
  );
  const of = (kind: WeekChange['kind'] | 'twice with'): WeekWork => works.get(kind) ?? expect.fail(kind);
  const now = of('none');

  it('is tried with another of what its batches could use, and of nothing else', () => {
    expect(weekChanges(WEEK)).toContainEqual({ kind: 'another', machine: 'oven' });
    expect(weekChanges(WEEK)).not.toContainEqual({ kind: 'another', machine: 'dryer' });
  });
  it('takes what its days take', () => {
    // Hands: 63 minutes a batch, four batches.
    expect(now).toMatchObject({ hands_min: 4 * 63, evening_min: 0, impossible: 0 });
    expect(now.minutes).toBeGreaterThan(now.longest_min);
    expect(now.longest_min).toBeGreaterThanOrEqual(20 + 30 + 3 * 60);
  });
  it('ends sooner with another oven or another pair of hands, never later', () => {
    expect(of('another').longest_min).toBeLessThan(now.longest_min);
    expect(of('more-hands').minutes).toBeLessThanOrEqual(now.minutes);
    expect(of('another').hands_min).toBe(now.hands_min);
  });
  it('is shorter with the mixing done the evening before, which is work all the same', () => {
    const mixed = of('mix-before');
    expect(mixed.minutes).toBeLessThan(now.minutes);
    expect(mixed).toMatchObject({ hands_min: now.hands_min, evening_min: 4 * 20 });
  });
  it('of twice the work takes twice the hands, and more of the day', () => {
    const twice = of('twice');
    expect(twice.hands_min).toBe(2 * now.hands_min);
    expect(twice.minutes).toBeGreaterThan(1.4 * now.minutes);
    expect(twice.late_min).toBeGreaterThan(now.late_min);
    // Another oven takes of it what it can.
    expect(of('twice with').longest_min).toBeLessThan(twice.longest_min);
  });
  it('says in how many days nothing fits', () => {
    const never = { ...SMALL, machines: [{ ...OVEN, slots: 1 }] };
    expect(weekIf([{ day: never, plan: [] }], { kind: 'none' }).impossible).toBe(1);
  });
});
