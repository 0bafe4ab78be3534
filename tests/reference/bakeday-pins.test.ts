/** Pins: those that fit together are all kept, and one that cannot be is missed by as little as can be. */
import { describe, expect, it } from 'vitest';
import { complaintsAbout, solve, type Day } from '@/core/bakeday';
import { seededRandom } from '@/core/quantities';
import { batch, dayOf, inMachine, wait, work } from './bakeday-cases';
import { randomDay } from './random-day';
import { sweepLength } from './sweep';

const withPins = (day: Day, pins: ReadonlyMap<string, number>): Day => ({
  ...day,
  batches: day.batches.map((one, b) => ({
    ...one,
    steps: one.steps.map(({ pin: _pin, ...step }, j) => {
      const pin = pins.get(`${b}/${j}`);
      return pin === undefined ? step : { ...step, pin };
    }),
  })),
});
const planned = (day: Day) => {
  const found = solve(day, { seed: 310, iterations: 3000, chains: 6 });
  if (!found) throw new Error('no plan');
  expect(complaintsAbout(day, found.plan)).toEqual([]);
  return found;
};

describe('pins that fit together', () => {
  const days = sweepLength(60, 10);
  it(`are all kept, on ${days} made-up days whose pins a plan without them keeps`, () => {
    for (let seed = 0; seed < days; seed++) {
      const free = withPins(randomDay(seed), new Map());
      const one = solve(free, { seed: seed + 1000, iterations: 300 });
      if (!one) throw new Error(`day ${seed} has no plan`);
      const random = seededRandom(seed + 5);
      const pins = new Map<string, number>();
      for (let k = 0; k <= Math.floor(random() * 4); k++) {
        const { b, j, s } = one.plan[Math.floor(random() * one.plan.length)];
        pins.set(`${b}/${j}`, s);
      }
      expect(planned(withPins(free, pins)).cost.pinMiss, `day ${seed}`).toBe(0);
    }
  });
});

describe('a pin that cannot be kept', () => {
  const roll = work('roll', 30);
  it('at night, is missed towards the nearer morning or evening', () => {
    const late = dayOf([batch('a', [{ ...roll, pin: 1400 }])]);
    // Hands are there until 1320: it ends then, 110 minutes before it was wanted.
    expect(planned(late)).toMatchObject({ plan: [{ s: 1290 }], cost: { pinMiss: 110 } });
    const early = dayOf([batch('a', [{ ...roll, pin: 1800 }])]);
    expect(planned(early)).toMatchObject({ plan: [{ s: 1860 }], cost: { pinMiss: 60 } });
  });
  it('waits for its pin rather than come as soon as it can', () => {
    const day = dayOf([batch('a', [work('mix', 20), { ...roll, pin: 1310 }, wait('cool', 30)])]);
    expect(planned(day).cost.pinMiss).toBe(20);
  });
  it('does not wait for it where a later pin would be missed by more', () => {
    const day = dayOf([
      batch('a', [
        { ...work('mix', 20), pin: 1000 },
        { ...roll, pin: 520 },
      ]),
    ]);
    // Mixed at 500 at the latest for the later pin: 500 too early. Every minute more is one less there and one more here.
    expect(planned(day).cost.pinMiss).toBe(500);
  });
  it('is in the machine that it names, or nowhere', () => {
    const modes = [
      { res: 'oven1', T: 180, q: 2 },
      { res: 'oven2', T: 180, q: 2 },
    ];
    const day = dayOf([batch('a', [{ ...inMachine('bake', modes, 60), pin: 600, pinMode: 1 }])], {
      machines: ['oven1', 'oven2'].map((id) => ({ id, kind: 'oven', slots: 2, tol: 5, heat: 10, cool: 4, ambient: 20 })),
    });
    const { plan } = planned(day);
    expect(plan).toMatchObject([{ s: 600, m: 1 }]);
    expect(complaintsAbout(day, [{ ...plan[0], m: 0 }])).toEqual([
      'a/' + day.batches[0].steps[0].id + ' at 600: not in the machine that its pin names',
    ]);
  });
});
