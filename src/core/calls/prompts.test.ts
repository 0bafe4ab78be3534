/** What hands are called to, and when, on every recipe that ships. */
import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { complaintsAbout, solve } from '../bakeday';
import { USUAL_DAY, dayOf } from './bake-day';
import { begunSteps, dueTimes, legsOf, nextCall, promptsOf, stayNow, staysOf, type Prompt } from './prompts';
import { dayBatch, machinesOf, type KitMachine } from './day-batch';
import { predict } from '../prediction';
import { type BatchDocument } from '../document';
import { PANTRY } from '../../../tests/reference/shipped';

const FILES = ['examples', 'data/recipes'].flatMap((folder) => readdirSync(folder).map((file) => `${folder}/${file}`));
function called(document: BatchDocument): Prompt[] {
  const worked = predict(document, { pantry: PANTRY }, 'quick');
  if (!worked.ok) throw new Error(worked.message);
  return promptsOf(document, worked.value.prediction);
}
const read = (file: string): BatchDocument => JSON.parse(readFileSync(file, 'utf8')) as BatchDocument;
const FRESH = { added: [], starts: 0, planned: {} };
const hillbars = read('examples/hillbars.batch.json');

describe('where the trays are', () => {
  const prompts = called(read('data/recipes/freeze-dried-salmon-cubes.batch.json'));
  const times = (upTo: number): Array<number | null> => prompts.map((_, i) => (i < upTo ? 10 * i : null));
  const at = (act: string, from = 0): number => prompts.findIndex(({ act: { do: what } }, i) => i >= from && what === act);
  const [firstIn, firstOut] = [at('put-in'), at('take-out')];
  const secondIn = at('put-in', firstOut);
  it('is nowhere, then in one appliance after another, by the first load', () => {
    expect(prompts.filter(({ act }) => act.do === 'put-in').length).toBeGreaterThan(2);
    const stays = staysOf(prompts, times(secondIn + 1));
    expect(stays).toEqual([
      { leg: 0, in: 10 * firstIn, out: 10 * firstOut },
      { leg: 1, in: 10 * secondIn, out: null },
    ]);
    expect(stayNow(stays)?.leg).toBe(1);
  });
  it('calls tell which appliance they are at: every load of the first, then every load of the second', () => {
    const legs = legsOf(prompts);
    for (const [i, { act, step }] of prompts.entries()) {
      const moves = act.do === 'put-in' || act.do === 'take-out';
      const leg = act.do === 'heat-up' ? 0 : moves ? Number(step.split('-')[1]) - 1 : null;
      expect(legs[i], `${step} ${act.do}`).toBe(leg);
    }
    expect(new Set(legs)).toEqual(new Set([null, 0, 1]));
  });
  it('before anything went in, it is where it goes first; after everything, where it was last', () => {
    expect(stayNow(staysOf(prompts, times(0)))).toEqual({ leg: 0, in: null, out: null });
    expect(stayNow(staysOf(prompts, times(prompts.length)))?.out).not.toBeNull();
  });
});

describe('calls to the hands', () => {
  it.each(FILES)('%s: from the bowl to the jar, each once, in the order of the clock', (file) => {
    const prompts = called(read(file));
    expect(prompts[0].act.do).toBe('mix');
    expect(prompts.at(-1)?.act.do).toBe('pack');
    expect(new Set(prompts.map(({ id }) => id)).size).toBe(prompts.length);
    const ins = prompts.filter(({ act }) => act.do === 'put-in').length;
    expect(prompts.filter(({ act }) => act.do === 'take-out')).toHaveLength(ins);
    const due = dueTimes(prompts, { ...FRESH, done: prompts.map(() => null), starts: 480 });
    for (let i = 1; i < due.length; i++) expect(due[i]).toBeGreaterThanOrEqual(due[i - 1]);
  });
  it('the last tray is out after the programme’s minutes, in its loads', () => {
    const prompts = called(hillbars);
    const total = hillbars.heat.steps.reduce((sum, step) => sum + ('minutes' in step ? step.minutes : 0), 0);
    const due = dueTimes(prompts, { ...FRESH, done: prompts.map(() => null), starts: 0 });
    const at = (act: string): number => due[prompts.findIndex((one) => one.act.do === act)];
    expect(at('take-out') - at('put-in')).toBe(total);
  });
  it('what cools between two appliances is taken out, waited for, and put into the next', () => {
    const prompts = called(read('data/recipes/freeze-dried-salmon-cubes.batch.json'));
    const from = prompts.findIndex(({ act }) => act.do === 'put-in');
    expect(prompts.slice(from, from + 4).map(({ step, act, minutes }) => [step, act.do, minutes])).toEqual([
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
  const prompts = called(hillbars);
  const nobody = prompts.map(() => null);
  const putIn = prompts.findIndex(({ act }) => act.do === 'put-in');
  it('a programme runs on from when its trays went in, however late a call is answered', () => {
    const done: Array<number | null> = [...nobody];
    for (let i = 0; i <= putIn; i++) done[i] = 100 + i;
    const due = dueTimes(prompts, { ...FRESH, done });
    done[putIn + 1] = due[putIn + 1] + 9;
    const after = dueTimes(prompts, { ...FRESH, done });
    const out = prompts.findIndex(({ act }) => act.do === 'take-out');
    expect(after[out]).toBe(due[out]);
    expect(nextCall(done)).toBe(putIn + 2);
  });
  it('what waits on the one before moves with it, and so does what was put on top', () => {
    const usual = dueTimes(prompts, { ...FRESH, done: nobody });
    const late = dueTimes(prompts, { ...FRESH, done: nobody.map((_, i) => (i === 0 ? 60 : null)) });
    expect(late.at(-1)).toBeGreaterThan(usual.at(-1) ?? Infinity);
    const cooled = prompts.findIndex(({ act }) => act.do === 'cooled');
    const longer = dueTimes(prompts, { ...FRESH, done: nobody, added: prompts.map((_, i) => (i === cooled ? 5 : 0)) });
    expect(longer[cooled]).toBe(usual[cooled] + 5);
    expect(longer.at(-1)).toBe((usual.at(-1) ?? 0) + 5);
    expect(nextCall(prompts.map(() => 1))).toBeNull();
  });
  it('waits for hands and machine where the day’s plan has them later, but not to cool', () => {
    const planned = Object.fromEntries(prompts.map(({ step }) => [step, 2000]));
    const due = dueTimes(prompts, { ...FRESH, done: nobody, planned });
    const shape = prompts.findIndex(({ step }) => step === 'shape');
    expect(due[shape]).toBe(2000);
    const cooled = prompts.findIndex(({ act }) => act.do === 'cooled');
    const early = dueTimes(prompts, { ...FRESH, done: prompts.map((_, i) => (i < cooled ? 50 : null)), planned });
    expect(early[cooled]).toBe(50 + prompts[cooled].minutes);
  });
});

describe('a day under way', () => {
  const prompts = called(hillbars);
  const done = prompts.map((_, i) => (i === 0 ? 500 : null));
  const progress = { ...FRESH, done, starts: 470 };
  it('has begun what is done or due', () => {
    expect(begunSteps('a', prompts, { ...progress, done: prompts.map(() => null) }, 400)).toEqual([]);
    const [mix, ...more] = begunSteps('a', prompts, progress, 505);
    expect(mix).toMatchObject({ step: 'mix', to: 500 });
    expect(mix.from).toBeLessThan(500);
    expect(more.every(({ from, to }) => from >= 500 && to === null)).toBe(true);
  });
  it('is planned anew around what has begun: it stays where it was, and nothing else begins in the past', () => {
    const worked = predict(hillbars, { pantry: PANTRY }, 'quick');
    if (!worked.ok) throw new Error(worked.message);
    const { appliances } = JSON.parse(readFileSync('data/demo-kitchen.json', 'utf8')) as { appliances: KitMachine[] };
    const batches = ['a', 'b'].map((id) => dayBatch(id, hillbars, worked.value.prediction, appliances, 1020));
    const settings = { ...USUAL_DAY, picked: batches.map(({ id }) => ({ batch: id, due: 1020 })), pins: [] };
    const now = 560;
    const places = { trays: 8, fridge: 4, freezer: 12 };
    const putIn = prompts.findIndex(({ act }) => act.do === 'put-in');
    const begun = begunSteps('a', prompts, { ...progress, done: prompts.map((_, i) => (i <= putIn ? 500 + 12 * i : null)) }, now);
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
