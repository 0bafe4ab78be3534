/** Bake days whose plans are known, and what must hold for every plan of every day. */
import { describe, expect, it } from 'vitest';
import { checkPossible, complaintsAbout, solve, whyNoPlan, type Day, type Planned } from '@/core/bakeday';
import { T0, batch, dayOf, inMachine, load, oven, unload, wait, work, x1, x2 } from './bakeday-cases';
import { workMs } from '../work-ms';

const plan = (day: Day, iterations = 3000, seed = 1): Planned => {
  const found = solve(day, { seed, iterations, chains: 6 });
  if (!found) throw new Error('no plan');
  expect(complaintsAbout(day, found.plan)).toEqual([]);
  return found;
};
const times = ({ plan: recs }: Planned, b = 0): string[] =>
  recs
    .filter((rec) => rec.b === b)
    .sort((x, y) => x.j - y.j)
    .map(({ s, e }) => `${s}-${e}`);
const at = (T: number, q = 1) => [{ res: 'oven1', T, q }];

describe('days worked by hand', () => {
  it('an oven heats up while hands mix', () =>
    expect(
      times(plan(dayOf([batch('a', [work('mix', 20), inMachine('bake', at(180), 30), wait('cool', 40), work('pack', 10)])]))),
    ).toEqual(['480-500', '500-530', '530-570', '570-580']));
  it('the cooler bake goes first: heating is quicker than cooling', () => {
    const found = plan(dayOf([batch('hot', [inMachine('bake', at(180), 30)]), batch('cool', [inMachine('bake', at(140), 30)])]));
    expect([times(found, 1), times(found, 0)]).toEqual([['492-522'], ['526-556']]);
    expect(found.cost.makespan).toBe(76);
  });
  it('setpoints within the tolerance share, as soon as hands have loaded the first', () => {
    const found = plan(
      dayOf([batch('a', [inMachine('bake', at(180), 30, [load])]), batch('b', [inMachine('bake', at(175), 30, [load])])]),
    );
    expect([...times(found, 0), ...times(found, 1)].sort()).toEqual(['496-526', '498-528']);
  });
  it('an oven that was switched off keeps its treats until somebody is awake', () => {
    const off = {
      id: 'off',
      name: 'oven off',
      dur: 120,
      sameRes: true,
      excl: true,
      modes: [{ res: 'oven1', T: 150, Tout: 50, q: 2 }],
      hands: [{ off: 120, len: 2, n: 1, extend: 660 }],
    } as const;
    const found = plan(
      dayOf([batch('a', [inMachine('bake', at(150), 30, [load], { maxWait: 0 }), off, work('pack', 10)], { release: 1270 })]),
    );
    expect(times(found)).toEqual(['1270-1300', '1300-1862', '1862-1872']);
  });
  it('rolling waits for the oven, so that dough does not dry on the board', () => {
    const found = plan(
      dayOf([
        batch('full', [inMachine('bake', at(180, 2), 90, [], { pin: 520 })]),
        batch('b', [work('roll', 30, { maxWait: 30 }), inMachine('bake', at(180), 30)]),
      ]),
    );
    expect(times(found, 1)).toEqual(['550-580', '610-640']);
  });
  it('a pin that cannot be kept is missed by as little as can be, and said so', () => {
    const found = plan(dayOf([batch('a', [work('mix', 20), inMachine('bake', at(180), 30, [], { pin: 490 })])]));
    expect(times(found)).toEqual(['480-500', '500-530']);
    expect(found.cost.pinMiss).toBe(10);
  });
  it('loads of a freeze dryer go in together or wait for its turn', () => {
    const machines = [{ ...oven(), id: 'fd', kind: 'fd' as const, slots: 40, turn: 60 }];
    const one = (id: string, release: number) => batch(id, [inMachine('dry', [{ res: 'fd', T: 40, q: 20 }], 600)], { release });
    const found = plan(dayOf([one('a', 480), one('b', 540), one('c', 480)], { machines }));
    expect([times(found, 0), times(found, 2), times(found, 1)].flat()).toEqual(['480-1080', '480-1080', '1140-1740']);
  });
  it('hands that may give way do so for hands that may not', () => {
    const flipped = inMachine('bake', at(20), 40, [load, { off: 'mid', len: 3, n: 1, flex: 4 }, unload], { pin: 500 });
    const found = plan(dayOf([batch('a', [flipped]), batch('b', [work('mix', 20, { pin: 502 })])]));
    expect([...times(found, 0), ...times(found, 1)]).toEqual(['500-540', '502-522']);
    expect(found.plan.find(({ b }) => b === 0)?.att[1].s).toBe(522);
    expect(found.cost.pinMiss).toBe(0);
  });
});

describe('visits that fall together in one step', () => {
  const visit = (off: number, flex: number) => ({ off, len: 4, n: 1 as const, flex });
  const baked = (flex: number, handsCap: 1 | 2) =>
    dayOf([batch('a', [inMachine('bake', at(180), 60, [load, visit(30, flex), visit(30, flex), visit(30, flex), unload])])], {
      handsCap,
    });
  const visits = (found: Planned): number[] => found.plan[0].att.map(({ s }) => s - found.plan[0].s);
  it('are done one after the other by one pair of hands', () => expect(visits(plan(baked(8, 1)))).toEqual([0, 30, 34, 38, 58]));
  it('two at a time by two', () => expect(visits(plan(baked(8, 2)))).toEqual([0, 30, 30, 34, 58]));
  it('are refused where there is no room for them, with the step and what to do', () => {
    const refused = checkPossible(baked(3, 1));
    expect(refused.ok ? '' : refused.message).toMatch(/Hands can never come to "bake" .* more hands/);
    expect(refused).toMatchObject({ ok: false, path: 'batches[0].steps[0]' });
    expect(checkPossible(baked(4, 2)).ok).toBe(true);
  });
});

describe('a step that must follow soon', () => {
  /** Baked at 175 °C, then dried: the oven cools for 22 minutes first, the warm dryer takes longer to dry. */
  const driedWithin = (maxWait: number): Day => {
    const day = x1();
    const steps = day.batches[0].steps.map((step) => (step.name === 'bake' ? { ...step, maxWait } : step));
    return { ...day, batches: [{ ...day.batches[0], steps }, ...day.batches.slice(1)] };
  };
  const dryer = ({ plan: recs }: Planned, { batches, ...day }: Day): string | undefined => {
    const { j, m } = recs.find((rec) => rec.b === 0 && batches[0].steps[rec.j].name === 'dry') ?? { j: 0, m: 0 };
    return day.machines.find(({ id }) => id === batches[0].steps[j].modes?.[m]?.res)?.id;
  };
  it('goes where it can begin in time, though it ends later there', () => {
    for (const day of [driedWithin(0), driedWithin(3)]) expect(dryer(plan(day), day)).toBe('dehy1');
  });
  it('has a plan where only the slower of two modes leads on', () => {
    const step = inMachine(
      'bake',
      [
        { res: 'oven1', T: 180, q: 1, dur: 30 },
        { res: 'oven2', T: 180, q: 1, dur: 50 },
      ],
      50,
      [],
      {
        maxWait: 5,
      },
    );
    const dry = inMachine('dry', [{ res: 'oven1', T: 90, q: 1 }], 60, []);
    const found = plan(dayOf([batch('a', [step, dry])], { machines: [oven({ kind: 'oven' }), oven({ id: 'oven2' })] }));
    expect(found.plan.map(({ m }) => m)).toEqual([1, 0]);
  });
});

describe('a day without a plan', () => {
  it('is told by the step that can never follow', () => {
    const rushed = inMachine('bake', [{ res: 'oven1', T: 180, q: 2 }], 40, [load]);
    const slow = work('roll', 35, { dur: 3, maxWait: 10 });
    const day = dayOf([batch('fine', [work('mix', 20)]), batch('odd', [work('mix', 20), slow, rushed])]);
    expect(solve(day, { seed: 1, iterations: 20 })).toBeNull();
    expect(whyNoPlan(day)).toMatchObject({ code: 'OUTSIDE_MODEL', path: 'batches[1].steps[2]' });
    expect(whyNoPlan(day).message).toBe(
      '"bake" cannot follow "roll" in time, even on a day of its own. Allow a longer wait between them, longer hours, or another machine.',
    );
  });
  it('is told by its length, when each batch would fit by itself', () => {
    const day = { ...dayOf([batch('a', [work('mix', 60)]), batch('b', [work('mix', 60)])]), t1: T0 + 100 };
    expect(solve(day, { seed: 1, iterations: 20 })).toBeNull();
    expect(whyNoPlan(day).message).toMatch(/^No plan ends within the horizon\. Take fewer batches/);
  });
  it('is told at once, not searched for minute by minute', () => {
    const day = dayOf([batch('odd', [work('roll', 35, { dur: 3, maxWait: 10 }), work('bake', 20)])]);
    const began = workMs();
    expect(solve(day, { seed: 1, iterations: 0 })).toBeNull();
    expect(workMs() - began).toBeLessThan(300);
  });
});

describe('days that an exact solver has proven', () => {
  it.each([1, 2, 3])('three crunchy batches take 595 minutes (seed %d)', (seed) =>
    expect(plan(x1(), 20_000, seed).cost.makespan).toBe(595),
  );
  it('a twice-baked and a crunchy one take 399', () => expect(plan(x2(), 20_000).cost.makespan).toBe(399));
  it('with due times they are 379 minutes late together', () =>
    expect(plan(x1([T0 + 889 - 480, T0 + 824 - 480, T0 + 982 - 480]), 20_000).cost.tardiness).toBe(379));
});
