import { describe, expect, it } from 'vitest';
import { causeWords, lateBatches, solve, whatWouldHelp, type Day } from '.';
import { batch, dayOf, inMachine, wait, work } from '../../../tests/reference/bakeday-cases';

const bake = (id: string, due: number) =>
  batch(id, [work('mix', 20), inMachine('bake', [{ res: 'oven1', T: 180, q: 2 }], 90), work('pack', 10)], { due });
const planOf = (day: Day) => solve(day, { seed: 1, iterations: 500 })?.plan ?? [];
const savings = (day: Day) => {
  const probes = whatWouldHelp(day, planOf(day));
  for (;;) {
    const step = probes.next();
    if (step.done) return step.value;
  }
};

describe('why a batch is late', () => {
  it('the oven, when two want all of it', () => {
    const day = dayOf([bake('a', 620), bake('b', 620)]);
    const late = lateBatches(day, planOf(day));
    const worst = late.reduce((most, one) => (one.minutes > most.minutes ? one : most));
    expect(worst.causes[0].waitedFor).toEqual({ kind: 'machine', id: 'oven1' });
    expect(causeWords(worst.causes[0])).toMatch(/^waited \d+ min for oven1$/);
  });
  it('hands, when there is no oven in it', () => {
    const day = dayOf([batch('a', [work('knead', 120)], { due: 600 }), batch('b', [work('knead', 120)], { due: 600 })]);
    const [late] = lateBatches(day, planOf(day));
    expect(late.minutes).toBe(120);
    expect(late.causes).toEqual([{ waitedFor: { kind: 'hands' }, minutes: 120 }]);
  });
  it('the night, when work cannot begin before morning', () => {
    const day = dayOf([batch('a', [work('knead', 60)], { due: 1330, release: 1300 })]);
    const [late] = lateBatches(day, planOf(day));
    expect(late.causes[0]).toMatchObject({ waitedFor: { kind: 'night' } });
  });
  it('trays, when another has them all until its next step begins', () => {
    const onTrays = (id: string) =>
      batch(id, [wait('prove', 60, { store: { id: 'trays', q: 4 } }), wait('cool', 30)], { due: 600 });
    const day = dayOf([onTrays('a'), onTrays('b')], { stores: [{ id: 'trays', cap: 4 }] });
    const late = lateBatches(day, planOf(day));
    expect(late.map(({ causes }) => causes)).toEqual([[{ waitedFor: { kind: 'store', id: 'trays' }, minutes: 60 }]]);
    expect(causeWords(late[0].causes[0])).toBe('waited 60 min for trays');
  });
  it('nothing but itself, when it takes longer than there is time', () => {
    const day = dayOf([bake('a', 560)]);
    const [late] = lateBatches(day, planOf(day));
    expect(late.causes.map(causeWords)).toEqual(['takes longer than there is time']);
  });
  it('nobody is late for nothing', () =>
    expect(lateBatches(dayOf([bake('a', 1000)]), planOf(dayOf([bake('a', 1000)])))).toEqual([]));
});

describe('what would help', () => {
  it('is measured by planning again: another oven for two that want one', () => {
    const found = savings(dayOf([bake('a', 620), bake('b', 620)], { handsCap: 2 }));
    const oven = found.find(({ relief }) => relief.kind === 'another');
    expect(oven?.minutes).toBeGreaterThan(60);
    expect(found.find(({ relief }) => relief.kind === 'leave-out')?.minutes).toBeGreaterThan(60);
  });
  it('never proposes doing less when nothing is late', () => {
    const found = savings(dayOf([bake('a', 2000), bake('b', 2000)]));
    expect(found.every(({ relief }) => relief.kind !== 'leave-out' && relief.kind !== 'start-earlier')).toBe(true);
  });
});
