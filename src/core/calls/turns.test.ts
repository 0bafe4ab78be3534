/** A bowl whose portions are baked by themselves: each is called to the oven, lengthened and planned in its own programme. */
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import type { BatchDocument } from '../document';
import { USUAL_DAY, dayOf } from './bake-day';
import { complaintsAbout, solve } from '../bakeday';
import { callsOf, lengthened, stageOfCalls, stageTimes } from './calls-of';
import { dayBatch, machinesOf, type KitMachine } from './day-batch';
import { trayCourses } from './tray-model';
import { heatsInTurn, stagesInTurn, turnsOf, type Turn } from './turns';

const BOWL: BatchDocument = {
  format: 'upbeat-oven/batch',
  version: 1,
  recipe: {
    ingredients: [
      { ingredient: 'flour_spelt_whole', amount: 900, unit: 'g' },
      { ingredient: 'pumpkin_puree', amount: 400, unit: 'g' },
      { ingredient: 'egg_whole', amount: 2, unit: 'each' },
    ],
  },
  shape: { method: 'roll-and-cut', thickness_mm: 6, cutter: { outline: 'bone', length_mm: 70 } },
  heat: {
    appliance: { shelves: 2 },
    steps: [
      { do: 'hold', setpoint_c: 170, minutes: 40 },
      { do: 'off', minutes: 30 },
    ],
  },
  portions: [
    { name: 'Bones', share_pct: 40 },
    {
      name: 'Rounds',
      share_pct: 30,
      shape: { method: 'roll-and-cut', thickness_mm: 5, cutter: { outline: 'circle', length_mm: 40 } },
    },
    {
      name: 'Balls',
      rest: true,
      shape: { method: 'ball', diameter_mm: 20 },
      heat: {
        steps: [{ do: 'hold', setpoint_c: 180, minutes: 22 }, { do: 'turn' }, { do: 'hold', setpoint_c: 120, minutes: 30 }],
      },
    },
  ],
};
function turns(document: BatchDocument): readonly Turn[] {
  const worked = turnsOf(document, { pantry: PANTRY });
  if (!worked.ok) throw new Error(worked.message);
  return worked.value;
}
const alone = ({ portions: _, ...document }: BatchDocument): BatchDocument => document;

describe('programmes in turn', () => {
  it('are one where all goes together, and one more for each that is baked by itself', () => {
    expect(heatsInTurn(alone(BOWL)).map(({ portion }) => portion)).toEqual([null]);
    expect(heatsInTurn(BOWL).map(({ portion }) => portion)).toEqual(['Bones, Rounds', 'Balls']);
    const allOwn = { ...BOWL, portions: (BOWL.portions ?? []).map((one) => ({ ...one, heat: one.heat ?? BOWL.heat })) };
    expect(heatsInTurn(allOwn).map(({ portion }) => portion)).toEqual(['Bones', 'Rounds', 'Balls']);
  });
  it('have what goes through each: the pieces of all are those of the bowl', () => {
    const [shared, balls] = turns(BOWL);
    expect(shared.prediction.portions.map(({ name }) => name)).toEqual(['Bones', 'Rounds']);
    expect(balls.document.shape.method).toBe('ball');
    expect(shared.prediction.yield.trays).toBe(shared.prediction.portions.reduce((sum, { yield: out }) => sum + out.trays, 0));
  });
});

describe('calls of a bowl in portions', () => {
  const calls = callsOf(BOWL, turns(BOWL));
  it('bring each programme its trays, and say whose it is', () => {
    const balls = calls.filter(({ portion }) => portion === 'Balls').map(({ act }) => act.do);
    expect(balls[0]).toBe('put-in');
    expect(balls).toContain('step');
    expect(balls.at(-1)).toBe('take-out');
    expect(new Set(calls.map(({ id }) => id)).size).toBe(calls.length);
    expect(calls.filter(({ act }) => act.do === 'mix' || act.do === 'pack').map(({ portion }) => portion)).toEqual([null, null]);
  });
  it('fill the shared oven with the trays of all that share it', () => {
    const loads = calls.flatMap(({ act, portion }) => (act.do === 'put-in' && portion === 'Bones, Rounds' ? [act.loads] : []));
    const trays = turns(BOWL)[0].prediction.yield.trays;
    expect(loads).toHaveLength(Math.ceil(trays / 2));
  });
  it('are in the appliances of all programmes, one after another', () => {
    const all = stagesInTurn(BOWL);
    expect(all.map(({ turn, at }) => [turn, at])).toEqual([
      [0, 0],
      [1, 0],
    ]);
    expect(new Set(stageOfCalls(calls).filter((stage) => stage !== null))).toEqual(new Set([0, 1]));
    const times = stageTimes(
      calls,
      calls.map((_, i) => i),
    );
    expect(times).toHaveLength(2);
    expect(times[1].in).toBeGreaterThan(times[0].out ?? Infinity);
  });
  it('lengthen the programme that they are of, and no other', () => {
    const out = calls.find(({ portion, act }) => portion === 'Balls' && act.do === 'take-out');
    const longer = lengthened(BOWL, out ?? calls[0], 7);
    expect(longer.heat).toEqual(BOWL.heat);
    expect(longer.portions?.[2].heat?.steps[2]).toMatchObject({ minutes: 37 });
    const shared = calls.find(({ portion, act }) => portion === 'Bones, Rounds' && act.do === 'take-out');
    expect(lengthened(BOWL, shared ?? calls[0], 7).heat.steps[1]).toMatchObject({ minutes: 37 });
  });
  it('follow a tray in each of them by its own pieces', () => {
    const courses = trayCourses(BOWL, { pantry: PANTRY });
    if (!courses.ok) throw new Error(courses.message);
    expect(courses.value.map(({ stage, minutes }) => [stage, minutes])).toEqual([
      [0, 70],
      [1, 52],
    ]);
    expect(courses.value[0].target).not.toBeCloseTo(courses.value[1].target, 3);
  });
});

describe('a bowl in portions on a bake day', () => {
  const kit: KitMachine[] = [{ id: 'oven', appliance: { kind: 'static-oven', shelves: 2 } }];
  it('has every programme in the oven, one after another, within a plan that holds', () => {
    const batch = dayBatch('bowl', { document: BOWL, turns: turns(BOWL) }, kit, 1200);
    const heated = batch.steps.filter(({ id }) => batch.heats[id] !== undefined);
    expect(heated.map(({ name }) => name.split(':')[0])).toEqual(expect.arrayContaining(['Bones, Rounds', 'Balls']));
    const settings = { ...USUAL_DAY, picked: [{ batch: 'bowl', due: 1200 }], pins: [] };
    const day = dayOf(settings, { batches: [batch], machines: machinesOf(kit, 20), places: { trays: 8, fridge: 4, freezer: 4 } });
    expect(complaintsAbout(day, solve(day, { seed: 1, iterations: 40 })?.plan ?? [])).toEqual([]);
  });
});
