/** What hands are called to, and when, on every recipe that ships. */
import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { complaintsAbout, solve } from '../bakeday';
import { USUAL_DAY, dayOf } from './bake-day';
import { begunSteps, dueTimes, stageOfCalls, nextCall, callsOf, stageNow, stageTimes, type Call } from './calls-of';
import { dayBatch, machinesOf, type KitMachine } from './day-batch';
import { oneTurn } from './turns';
import { predict } from '../prediction';
import { type BatchDocument } from '../document';
import { PANTRY } from '../../../tests/reference/shipped';

const FILES = ['examples', 'data/recipes'].flatMap((folder) => readdirSync(folder).map((file) => `${folder}/${file}`));
function called(document: BatchDocument): Call[] {
  const worked = predict(document, { pantry: PANTRY }, 'quick');
  if (!worked.ok) throw new Error(worked.message);
  return callsOf(document, oneTurn(document, worked.value.prediction));
}
type Unshaped = Omit<BatchDocument, 'shape'> & { readonly shape?: BatchDocument['shape'] };
/** A file as it is read: a bowl in portions is shaped as its first one is. */
function read(file: string): BatchDocument {
  const written = JSON.parse(readFileSync(file, 'utf8')) as Unshaped;
  return { ...written, shape: written.shape ?? written.portions?.[0].shape ?? { method: 'ball' } };
}
const FRESH = { added: [], starts: 0, planned: {} };
const hillbars = read('examples/hillbars.batch.json');

describe('where the trays are', () => {
  const calls = called(read('data/recipes/freeze-dried-salmon-cubes.batch.json'));
  const times = (upTo: number): Array<number | null> => calls.map((_, i) => (i < upTo ? 10 * i : null));
  const at = (act: string, from = 0): number => calls.findIndex(({ act: { do: what } }, i) => i >= from && what === act);
  const [firstIn, firstOut] = [at('put-in'), at('take-out')];
  const secondIn = at('put-in', firstOut);
  it('is nowhere, then in one appliance after another, by the first load', () => {
    expect(calls.filter(({ act }) => act.do === 'put-in').length).toBeGreaterThan(2);
    const stages = stageTimes(calls, times(secondIn + 1));
    expect(stages).toEqual([
      { stage: 0, in: 10 * firstIn, out: 10 * firstOut },
      { stage: 1, in: 10 * secondIn, out: null },
    ]);
    expect(stageNow(stages)?.stage).toBe(1);
  });
  it('calls tell which appliance they are at: every load of the first, then every load of the second', () => {
    const stages = stageOfCalls(calls);
    for (const [i, { act, step }] of calls.entries()) {
      const moves = act.do === 'put-in' || act.do === 'take-out';
      const stage = act.do === 'heat-up' ? 0 : moves ? Number(step.split('-')[1]) - 1 : null;
      expect(stages[i], `${step} ${act.do}`).toBe(stage);
    }
    expect(new Set(stages)).toEqual(new Set([null, 0, 1]));
  });
  it('before anything went in, it is where it goes first; after everything, where it was last', () => {
    expect(stageNow(stageTimes(calls, times(0)))).toEqual({ stage: 0, in: null, out: null });
    expect(stageNow(stageTimes(calls, times(calls.length)))?.out).not.toBeNull();
  });
});

describe('calls to the hands', () => {
  it.each(FILES)('%s: from the bowl to the jar, each once, in the order of the clock', (file) => {
    const calls = called(read(file));
    expect(calls[0].act.do).toBe('mix');
    expect(calls.at(-1)?.act.do).toBe('pack');
    expect(new Set(calls.map(({ id }) => id)).size).toBe(calls.length);
    const ins = calls.filter(({ act }) => act.do === 'put-in').length;
    expect(calls.filter(({ act }) => act.do === 'take-out')).toHaveLength(ins);
    const due = dueTimes(calls, { ...FRESH, done: calls.map(() => null), starts: 480 });
    for (let i = 1; i < due.length; i++) expect(due[i]).toBeGreaterThanOrEqual(due[i - 1]);
  });
  it('the last tray is out after the programme’s minutes, in its loads', () => {
    const calls = called(hillbars);
    const total = hillbars.heat.steps.reduce((sum, step) => sum + ('minutes' in step ? step.minutes : 0), 0);
    const due = dueTimes(calls, { ...FRESH, done: calls.map(() => null), starts: 0 });
    const at = (act: string): number => due[calls.findIndex((one) => one.act.do === act)];
    expect(at('take-out') - at('put-in')).toBe(total);
  });
  it('what cools between two appliances is taken out, waited for, and put into the next', () => {
    const calls = called(read('data/recipes/freeze-dried-salmon-cubes.batch.json'));
    const from = calls.findIndex(({ act }) => act.do === 'put-in');
    expect(calls.slice(from, from + 4).map(({ step, act, minutes }) => [step, act.do, minutes])).toEqual([
      ['heat-1', 'put-in', 0],
      ['heat-1', 'take-out', 14],
      ['stand-1', 'cooled', 30],
      ['heat-2-1', 'put-in', 0],
    ]);
  });
  it('turns the dial only where it changes', () => {
    const dials = called(hillbars).flatMap(({ act }) =>
      act.do === 'step' && 'setpoint_c' in act.step ? [act.step.setpoint_c] : [],
    );
    const loads = called(hillbars).filter(({ act }) => act.do === 'put-in').length;
    expect(dials).toEqual(new Array<number>(loads).fill(110));
  });
});

describe('when a call is due', () => {
  const calls = called(hillbars);
  const nobody = calls.map(() => null);
  const putIn = calls.findIndex(({ act }) => act.do === 'put-in');
  it('a programme runs on from when its trays went in, however late a call is answered', () => {
    const done: Array<number | null> = [...nobody];
    for (let i = 0; i <= putIn; i++) done[i] = 100 + i;
    const due = dueTimes(calls, { ...FRESH, done });
    done[putIn + 1] = due[putIn + 1] + 9;
    const after = dueTimes(calls, { ...FRESH, done });
    const out = calls.findIndex(({ act }) => act.do === 'take-out');
    expect(after[out]).toBe(due[out]);
    expect(nextCall(done)).toBe(putIn + 2);
  });
  it('what waits on the one before moves with it, and so does what was put on top', () => {
    const usual = dueTimes(calls, { ...FRESH, done: nobody });
    const late = dueTimes(calls, { ...FRESH, done: nobody.map((_, i) => (i === 0 ? 60 : null)) });
    expect(late.at(-1)).toBeGreaterThan(usual.at(-1) ?? Infinity);
    const cooled = calls.findIndex(({ act }) => act.do === 'cooled');
    const longer = dueTimes(calls, { ...FRESH, done: nobody, added: calls.map((_, i) => (i === cooled ? 5 : 0)) });
    expect(longer[cooled]).toBe(usual[cooled] + 5);
    expect(longer.at(-1)).toBe((usual.at(-1) ?? 0) + 5);
    expect(nextCall(calls.map(() => 1))).toBeNull();
  });
  it('waits for hands and machine where the day’s plan has them later, but not to cool', () => {
    const planned = Object.fromEntries(calls.map(({ step }) => [step, 2000]));
    const due = dueTimes(calls, { ...FRESH, done: nobody, planned });
    const shape = calls.findIndex(({ step }) => step === 'shape');
    expect(due[shape]).toBe(2000);
    const cooled = calls.findIndex(({ act }) => act.do === 'cooled');
    const early = dueTimes(calls, { ...FRESH, done: calls.map((_, i) => (i < cooled ? 50 : null)), planned });
    expect(early[cooled]).toBe(50 + calls[cooled].minutes);
  });
});

describe('a day under way', () => {
  const calls = called(hillbars);
  const done = calls.map((_, i) => (i === 0 ? 500 : null));
  const progress = { ...FRESH, done, starts: 470 };
  it('has begun what is done or due', () => {
    expect(begunSteps('a', calls, { ...progress, done: calls.map(() => null) }, 400)).toEqual([]);
    const [mix, ...more] = begunSteps('a', calls, progress, 505);
    expect(mix).toMatchObject({ step: 'mix', to: 500 });
    expect(mix.from).toBeLessThan(500);
    expect(more.every(({ from, to }) => from >= 500 && to === null)).toBe(true);
  });
  it('is planned anew around what has begun: it stays where it was, and nothing else begins in the past', () => {
    const worked = predict(hillbars, { pantry: PANTRY }, 'quick');
    if (!worked.ok) throw new Error(worked.message);
    const { appliances } = JSON.parse(readFileSync('data/demo-kitchen.json', 'utf8')) as { appliances: KitMachine[] };
    const batches = ['a', 'b'].map((id) =>
      dayBatch(id, { document: hillbars, turns: oneTurn(hillbars, worked.value.prediction) }, appliances, 1020),
    );
    const settings = { ...USUAL_DAY, picked: batches.map(({ id }) => ({ batch: id, due: 1020 })), pins: [] };
    const now = 560;
    const places = { trays: 8, fridge: 4, freezer: 12 };
    const putIn = calls.findIndex(({ act }) => act.do === 'put-in');
    const begun = begunSteps('a', calls, { ...progress, done: calls.map((_, i) => (i <= putIn ? 500 + 12 * i : null)) }, now);
    const day = dayOf(settings, { batches, machines: machinesOf(appliances, 19), places }, { now, begun });
    const planned = solve(day, { seed: 1, iterations: 200 });
    expect(planned).not.toBeNull();
    expect(complaintsAbout(day, planned?.plan ?? [])).toEqual([]);
    for (const { step, from } of begun) {
      const j = day.batches[0].steps.findIndex(({ id }) => id === step);
      expect(planned?.plan.find((rec) => rec.b === 0 && rec.j === j)?.s).toBe(Math.round(from));
    }
    for (const { b, s } of planned?.plan ?? []) if (b === 1) expect(s).toBeGreaterThanOrEqual(now);
  });
});
