/** The parts of a bake day, drawn once. */
import { describe, expect, it } from 'vitest';
import { lateBatches, solve } from '@/core/bakeday';
import { dayOf, type DaySettings } from '@/core/calls';
import { BlockSheet } from '@/ui/day/BlockSheet';
import { handCalls } from '@/ui/day/hand-calls';
import { DayPrint } from '@/ui/day/DayPrint';
import { DayPicker } from '@/ui/day/DayPicker';
import type { DayNames } from '@/ui/day/day-names';
import { DayVerdict } from '@/ui/day/DayVerdict';
import { batch, inMachine, oven, work } from '../reference/bakeday-cases';
import { words } from './drawn';

const bake = (id: string) => ({
  ...batch(id, [work('mix', 20), inMachine('bake', [{ res: 'oven1', T: 180, q: 2 }], 90), work('pack', 10)]),
  name: `Batch ${id}`,
  pieces: 40,
  heats: {},
  visits: {},
});
const BATCHES = [bake('a'), bake('b')];
const settings: DaySettings = {
  picked: [
    { batch: 'a', due: 620 },
    { batch: 'b', due: 620 },
  ],
  hands: 1,
  starts: 480,
  awake: [420, 1320],
  quiet: null,
  pins: [],
};
const day = dayOf(settings, { batches: BATCHES, machines: [oven()], places: { trays: 8, fridge: 4, freezer: 12 } });
const planned = solve(day, { seed: 1, iterations: 400 });
if (!planned) throw new Error('no plan');
const shown = { ...planned, late: lateBatches(day, planned.plan), searched: 1 };
const names: DayNames = {
  nameOf: (b) => BATCHES[b].name,
  stepName: (b, j) => day.batches[b].steps[j].name,
  visitName: (b, j) => day.batches[b].steps[j].name,
  machineName: () => 'Big oven',
};

describe('a bake day', () => {
  it('says what is late, what it waited for, and what would help', () => {
    const savings = [{ relief: { kind: 'more-hands' as const }, minutes: 35 }];
    const text = words(<DayVerdict {...{ day, shown, savings, names }} />);
    expect(text).toMatch(/Late Batch [ab] by (\d+ min|\d h( \d+ min)?) ; it waits/);
    expect(text).toContain('for the big oven');
    expect(text).toMatch(/another pair of hands makes it 35 min less late/);
  });
  it('says which batches are ready when', () => {
    const text = words(
      <DayPicker
        iso="2026-11-28"
        settings={settings}
        batches={BATCHES}
        plan={planned.plan}
        stuck={[{ name: 'Odd one', why: 'too thick.' }]}
        offers={{ rows: [{ id: 'c', name: 'Batch c', pieces: 12 }], total: 30 }}
        onSettings={() => undefined}
        onMeet={() => Promise.resolve(null)}
      />,
    );
    expect(text).toContain('1 of 30 planned batches');
    expect(text).toContain('Batch c 12 pieces');
    expect(text).toMatch(/Batch [ab] 40 pieces ready by .*late, Sat \d\d:\d\d/);
    expect(text).toContain('Odd one cannot be planned: too thick.');
  });
  it('says of a pinned step that it could not begin there', () => {
    const pinned = {
      ...day,
      batches: day.batches.map((one, b) =>
        b === 0 ? { ...one, steps: one.steps.map((step, j) => (j === 1 ? { ...step, pin: 485 } : step)) } : one,
      ),
    };
    const text = words(
      <BlockSheet iso="2026-11-28" day={pinned} plan={planned.plan} at={{ b: 0, j: 1 }} names={names} onPin={() => undefined} />,
    );
    expect(text).toMatch(/Batch a: bake/);
    expect(text).toContain('It could not begin at 08:05');
  });
  it('is printed as calls by the clock, with when each batch is ready', () => {
    const calls = handCalls(day, planned.plan, names);
    expect(calls.map(({ number }) => number)).toEqual(calls.map((_, i) => i + 1));
    const text = words(<DayPrint iso="2026-11-28" day={day} plan={planned.plan} names={names} calls={calls} />);
    const times = [...text.matchAll(/Sat (\d\d):(\d\d) (mix|bake|pack)/g)].map(([, h, m]) => 60 * Number(h) + Number(m));
    expect(times.length).toBe(planned.plan.flatMap(({ att }) => att).length);
    expect([...times].sort((a, b) => a - b)).toEqual(times);
    expect(text).toMatch(/Batch a: Sat \d\d:\d\d\s*, due Sat 10:20/);
  });
});
