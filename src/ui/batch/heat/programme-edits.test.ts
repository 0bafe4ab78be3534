import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { HeatStep } from '@/core/catalogue';
import {
  addTimed,
  eventsOf,
  firstSteps,
  inAppliance,
  inShort,
  inWords,
  insertEvent,
  kindAt,
  moveCorner,
  moveEvent,
  moveOn,
  removeStep,
  stretchesOf,
} from './programme-edits';

const STEPS: readonly HeatStep[] = [
  { do: 'hold', setpoint_c: 175, minutes: 26, preheated: true },
  { do: 'turn' },
  { do: 'hold', setpoint_c: 110, minutes: 65 },
  { do: 'off', minutes: 40 },
];
const total = (steps: readonly HeatStep[]): number => stretchesOf(steps).at(-1)?.to ?? 0;

describe('a heat programme under the hand', () => {
  it('lays stretches and events on the clock', () => {
    expect(stretchesOf(STEPS).map(({ from, to }) => [from, to])).toEqual([
      [0, 26],
      [26, 91],
      [91, 131],
    ]);
    expect(eventsOf(STEPS)).toMatchObject([{ minute: 26, event: { do: 'turn' } }]);
  });
  it('moves a corner in time and heat, within what ovens can do', () => {
    const [first] = stretchesOf(STEPS);
    expect(moveCorner(first.step, 30.4, 181.6)).toMatchObject({ minutes: 30, setpoint_c: 182, preheated: true });
    expect(moveCorner(first.step, -5, 900)).toMatchObject({ minutes: 1, setpoint_c: 260 });
    expect(moveCorner({ do: 'off', minutes: 40 }, 50, 100)).toEqual({ do: 'off', minutes: 50 });
  });
  it('an event inside a stretch splits it and keeps the time', () => {
    const split = insertEvent(STEPS, 50, { do: 'stir' });
    expect(split).toHaveLength(6);
    expect(total(split)).toBe(131);
    expect(eventsOf(split)[1]).toMatchObject({ minute: 50, event: { do: 'stir' } });
  });
  it('only the first half of a split stretch was preheated', () => {
    const split = insertEvent(STEPS, 10, { do: 'turn' });
    expect(split[0]).toMatchObject({ preheated: true, minutes: 10 });
    expect(split[2]).toEqual({ do: 'hold', setpoint_c: 175, minutes: 16 });
  });
  it('taking an event out again gives the old programme back', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 130 }), (minute) => {
        fc.pre(![26, 91].includes(minute));
        const split = insertEvent(STEPS, minute, { do: 'stir' });
        expect(
          removeStep(
            split,
            split.findIndex((step) => step.do === 'stir'),
          ),
        ).toEqual(STEPS);
      }),
      { seed: 2 },
    );
  });
  it('an event moves along the line, closes the gap behind it, and comes back', () => {
    const turn = { do: 'turn' } as const;
    const steps = [STEPS[0], turn, ...STEPS.slice(2)];
    const there = moveEvent(steps, turn, (minute) => minute + 34);
    expect(eventsOf(there)).toMatchObject([{ minute: 60, event: { do: 'turn' } }]);
    expect(total(there)).toBe(131);
    expect(moveEvent(there, turn, () => 26)).toEqual(STEPS);
    expect(eventsOf(moveEvent(steps, turn, () => -5))[0].minute).toBe(0);
    expect(moveEvent(steps, { do: 'turn' }, () => 10)).toBe(steps);
  });
  it('does not join stretches of different heat', () => expect(removeStep(STEPS, 1)).toHaveLength(3));
  it('a new hold comes before the oven goes off', () =>
    expect(addTimed(STEPS, { do: 'hold', setpoint_c: 110, minutes: 30 }).map((step) => step.do)).toEqual([
      'hold',
      'turn',
      'hold',
      'hold',
      'off',
    ]));
  it('reads in one line', () => expect(inShort(STEPS)).toBe('175 · 110 · oven off'));
  it('what is no heat comes last; heat comes after the last move', () => {
    expect(addTimed(STEPS, { do: 'cool', minutes: 20 }).at(-1)).toEqual({ do: 'cool', minutes: 20 });
    const moved = moveOn(STEPS, { kind: 'dehydrator' });
    expect(addTimed(moved, { do: 'hold', setpoint_c: 60, minutes: 30 }).at(-1)).toMatchObject({ setpoint_c: 60 });
  });
  it('moving on goes into the other appliance, for as long as is usual there', () => {
    const moved = moveOn(STEPS, { kind: 'freeze-dryer' });
    expect(moved.slice(4).map((step) => step.do)).toEqual(['move', 'freeze', 'freeze-dry']);
    const heat = { appliance: { kind: 'fan-oven' as const }, steps: moved };
    expect([0, 3, 4, 6].map((index) => kindAt(heat, index))).toEqual(['fan-oven', 'fan-oven', 'freeze-dryer', 'freeze-dryer']);
    expect(kindAt({ steps: STEPS }, 2)).toBe('static-oven');
  });
  it('a programme goes along into another oven, and gives way where it cannot be worked', () => {
    const heat = { base: 'wire-rack' as const, steps: STEPS };
    expect(inAppliance(heat, { kind: 'gas-oven' })).toEqual({ base: 'wire-rack', appliance: { kind: 'gas-oven' }, steps: STEPS });
    expect(inAppliance(heat, { kind: 'freezer' }).steps).toEqual(firstSteps('freezer'));
    expect(inAppliance(heat, { kind: 'contact-grill' })).not.toHaveProperty('base');
  });
});

describe('a programme in full words', () => {
  it('is read on the baker’s own dial, in whatever appliance it has moved to', () => {
    const steps: HeatStep[] = [
      { do: 'hold', setpoint_c: 170, minutes: 20 },
      { do: 'move', appliance: { kind: 'dehydrator' } },
      { do: 'hold', setpoint_c: 65, minutes: 60 },
    ];
    const heat = { appliance: { kind: 'gas-oven' as const }, steps };
    expect(inWords(heat, 'gas')).toBe('gas 3 20 min, into the dehydrator, 65 °C 1 h');
    expect(inWords(heat, 'f')).toBe('338 °F 20 min, into the dehydrator, 149 °F 1 h');
  });
});
