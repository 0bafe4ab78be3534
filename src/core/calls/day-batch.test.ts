/** Every demo batch as a day's work on the demo kitchen: possible, planned without a fault, and as long as it was predicted. */
import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { HORIZON, USUAL_GOALS, checkPossible, complaintsAbout, solve, type Day, type DayBatch } from '../bakeday';
import { USUAL_DAY, dayOf as planned } from './bake-day';
import { dayBatch, heatName, machinesOf, type KitMachine } from './day-batch';
import { predict } from '../prediction';
import { callsOf } from './calls-of';
import { oneTurn } from './turns';
import { type BatchDocument } from '../document';
import { PANTRY } from '../../../tests/reference/shipped';

const { appliances: KIT } = JSON.parse(readFileSync('data/demo-kitchen.json', 'utf8')) as { appliances: KitMachine[] };
const MACHINES = machinesOf(KIT, 19);
const T0 = 480;
const dayWith = (batches: DayBatch[]): Day => ({
  t0: T0,
  t1: T0 + HORIZON,
  handsCap: 2,
  win: [[420, 1320]],
  quiet: [],
  machines: MACHINES,
  stores: [
    { id: 'trays', cap: 40 },
    { id: 'fridge', cap: 8 },
    { id: 'freezer', cap: 12 },
  ],
  batches,
  obj: USUAL_GOALS,
});
const made = (file: string) => {
  const document = JSON.parse(readFileSync(file, 'utf8')) as BatchDocument;
  const worked = predict(document, { pantry: PANTRY }, 'light');
  if (!worked.ok) throw new Error(worked.message);
  const { prediction } = worked.value;
  return { document, prediction, batch: dayBatch(file, { document, turns: oneTurn(document, prediction) }, KIT, 2000) };
};

describe('machines of the kitchen', () => {
  it('heat and cool as they were read, and hold what their trays hold', () => {
    const big = MACHINES.find(({ id }) => id === 'big-oven');
    expect(big).toMatchObject({ kind: 'oven', slots: 2, cool: 2 });
    expect(big?.heat).toBeCloseTo((175 - 19) / 14, 6);
    expect(MACHINES.find(({ id }) => id === 'freeze-dryer')).toMatchObject({ kind: 'fd', slots: 14, turn: 90 });
    expect(MACHINES.some(({ id }) => id === 'chest-freezer')).toBe(false);
    for (const { heat, cool } of MACHINES) expect(Math.min(heat, cool)).toBeGreaterThan(0.4);
  });
});

describe('batches as a day’s work', () => {
  it.each(readdirSync('data/recipes').map((file) => [file]))('%s can be done, step by step', (file) => {
    const { prediction, batch } = made(`data/recipes/${file}`);
    const day = dayWith([batch]);
    expect(checkPossible(day)).toMatchObject({ ok: true });
    const plan = solve(day, { seed: 1, iterations: 20 })?.plan ?? [];
    expect(complaintsAbout(day, plan)).toEqual([]);
    const heats = batch.steps.filter(({ id }) => id.startsWith('heat'));
    // What the programme ends with on the rack is cooled there on, in one step.
    const racks = batch.steps.filter(({ id }) => id.startsWith('stand') || id === 'cool');
    const minutes = [...heats, ...racks].reduce((sum, { dur }) => sum + dur, -prediction.heat.cooling_minutes);
    const stages =
      prediction.heat.stages.reduce((sum, stage) => sum + stage.minutes * stage.loads, 0) + prediction.heat.finish_minutes;
    expect(Math.abs(minutes - stages)).toBeLessThanOrEqual(heats.length + 5 + 0.35 * stages);
    expect(batch.steps[0].name).toBe('Weigh and mix');
    expect(batch.steps.at(-1)?.name).toBe('Pack and label');
  });
  it('two setpoints have the oven to themselves, one may share it', () => {
    const hot = made('examples/hillbars.batch.json').batch.steps.filter(({ id }) => id.startsWith('heat'));
    expect(hot.every(({ excl }) => excl === true)).toBe(true);
    expect(hot[0].name).toBe('Bake at 175 °C, then 110 °C, oven off');
    const single = made('data/recipes/parsnip-buckwheat-snaps.batch.json').batch.steps.filter(({ id }) => id.startsWith('heat'));
    expect(single.every(({ excl }) => excl === undefined)).toBe(true);
  });
  it('an oven is free while its pieces stand on the rack', () => {
    const { steps } = made('data/recipes/freeze-dried-salmon-cubes.batch.json').batch;
    const [heat, rack, ...dryer] = steps.filter(({ id }) => /^(heat|stand)/.test(id));
    expect([heat.id, heat.dur, heat.modes?.[0].res]).toEqual(['heat-1', 14, 'fan-oven']);
    expect(rack).toEqual({ id: 'stand-1', name: 'Cool on the rack', dur: 30 });
    expect(dryer.every(({ modes }) => modes?.[0].res === 'freeze-dryer')).toBe(true);
    const { batch, prediction } = made('data/recipes/gotcha-day-cake.batch.json');
    expect(batch.steps.find(({ id }) => id === 'heat-1')?.dur).toBe(38);
    expect(batch.steps.find(({ id }) => id === 'cool')?.dur).toBe(Math.round(60 + prediction.heat.cooling_minutes));
  });
  it('what stands in a dead oven waits until morning', () => {
    const { batch } = made('data/recipes/pea-mint-doorstops.batch.json');
    const day = { ...dayWith([{ ...batch, release: 1000 }]) };
    const plan = solve(day, { seed: 1, iterations: 20 })?.plan ?? [];
    expect(complaintsAbout(day, plan)).toEqual([]);
    const heat = batch.steps.findIndex(({ id }) => id.startsWith('heat'));
    expect((plan.find(({ j }) => j === heat)?.e ?? 0) % 1440).toBeLessThan(700);
  });
});

describe('trays and places', () => {
  const held = (file: string) =>
    made(file).batch.steps.flatMap(({ id, store }) => (store ? [[id, store.id, store.q] as const] : []));
  it('are held from shaping until the last load is in, the oven’s trays by what bakes on them', () => {
    const { prediction } = made('examples/hillbars.batch.json');
    const { trays } = prediction.yield;
    expect(held('examples/hillbars.batch.json')).toEqual([
      ['shape', 'trays', trays],
      ['heat-1-1', 'trays', trays],
      ['heat-1-2', 'trays', trays - Math.ceil(trays / 2)],
    ]);
  });
  it('a dryer, a freeze dryer and a grill bring their own; what freezes takes places in the freezer', () => {
    expect(held('data/recipes/swede-crisps.batch.json')).toEqual([]);
    expect(held('data/recipes/hake-skewers.batch.json')).toEqual([]);
    expect(new Set(held('data/recipes/kefir-melon-drops.batch.json').map(([, id]) => id))).toEqual(new Set(['freezer']));
  });
  it('a chill before the oven stands in the fridge, with a hand that puts it there', () => {
    const { document, prediction } = made('data/recipes/carob-carrot-hearts.batch.json');
    const chilled = {
      ...document,
      heat: { ...document.heat, steps: [{ do: 'chill' as const, minutes: 45 }, ...document.heat.steps] },
    };
    const { steps, visits } = dayBatch('a', { document: chilled, turns: oneTurn(chilled, prediction) }, KIT, 2000);
    const fridge = steps.find(({ store }) => store?.id === 'fridge');
    expect(fridge).toMatchObject({ name: 'Chill in the fridge', dur: 45, hands: [{ off: 0, len: 1, n: 1 }] });
    expect(visits[fridge?.id ?? '']).toMatchObject([{ do: 'step', step: { do: 'chill' } }]);
    const calls = callsOf(chilled, oneTurn(chilled, prediction)).filter(({ step }) => step === fridge?.id);
    expect(calls.map(({ act, minutes }) => [act.do, minutes])).toEqual([
      ['step', 0],
      ['cooled', 45],
    ]);
    expect(steps.findIndex(({ id }) => id === fridge?.id)).toBe(steps.findIndex(({ id }) => id === 'heat-1') - 1);
  });
  it('a batch that wants more than there are takes them all', () => {
    const { batch } = made('examples/hillbars.batch.json');
    const settings = { ...USUAL_DAY, picked: [{ batch: batch.id, due: 1200 }], pins: [] };
    const day = planned(settings, { batches: [batch], machines: MACHINES, places: { trays: 1, fridge: 1, freezer: 1 } });
    expect(checkPossible(day)).toMatchObject({ ok: true });
    expect(day.batches[0].steps.find(({ id }) => id === 'shape')?.store).toEqual({ id: 'trays', q: 1 });
    expect(complaintsAbout(day, solve(day, { seed: 1, iterations: 20 })?.plan ?? [])).toEqual([]);
  });
});

describe('what hands come for', () => {
  it.each(readdirSync('data/recipes').map((file) => [file]))('%s: the same visits by the day as at the oven', (file) => {
    const { document, prediction, batch } = made(`data/recipes/${file}`);
    const calls = callsOf(document, oneTurn(document, prediction));
    for (const { id, hands = [] } of batch.steps.filter((step) => step.id.startsWith('heat'))) {
      const mine = calls.filter(({ step }) => step === id);
      expect(batch.visits[id]).toEqual(mine.map(({ act }) => act));
      expect(hands.map(({ len }) => len)).toEqual(mine.map((call) => call.hands));
      // Together on the programme's clock they are done one after the other.
      for (const [i, { off, end }] of hands.entries()) {
        if (end) continue;
        const before = hands[i - 1];
        expect(off).toBe(before ? Math.max(mine[i].minutes, Number(before.off) + before.len) : mine[i].minutes);
      }
    }
  });
  it('someone is awake to turn the dial down', () => {
    const { batch } = made('examples/hillbars.batch.json');
    const heat = batch.steps.find(({ id }) => id.startsWith('heat'));
    const acts = batch.visits[heat?.id ?? ''].map((act) => (act.do === 'step' ? act.step.do : act.do));
    expect(acts).toContain('hold');
    expect(acts).toContain('off');
    expect(heat?.hands?.every(({ len }) => len > 0)).toBe(true);
  });
});

describe('quiet hours', () => {
  it('a freeze dryer is not started in them; an oven may be', () => {
    const { batch } = made('data/recipes/freeze-dried-salmon-cubes.batch.json');
    const noisy = batch.steps.flatMap(({ name, hands = [] }) => (hands.some((one) => one.noisy) ? [name] : []));
    expect(new Set(noisy)).toEqual(new Set(['Freeze-dry']));
    /** Its pump starts when what was frozen first begins to dry. */
    const starts = batch.visits['heat-2-1'].findIndex((act) => act.do === 'step' && act.step.do === 'freeze-dry');
    expect(starts).toBe(1);
    const hours: Array<[number, number]> = [[480, 1200]];
    const day = { ...dayWith([batch]), quiet: hours };
    const planned = solve(day, { seed: 1, iterations: 50 });
    expect(planned).not.toBeNull();
    for (const { j, att } of planned?.plan ?? [])
      if (batch.steps[j].name === 'Freeze-dry') {
        const clock = att[starts].s % 1440;
        expect(clock < 480 || clock >= 1200).toBe(true);
      }
    expect(complaintsAbout(day, planned?.plan ?? [])).toEqual([]);
  });
});

describe('the heat of a step', () => {
  it('is told in whatever words a dial is read', () => {
    const { batch } = made('examples/hillbars.batch.json');
    const heats = Object.entries(batch.heats);
    expect(heats.length).toBeGreaterThan(0);
    for (const [id, heat] of heats) {
      expect(batch.steps.find((step) => step.id === id)?.name).toBe(heatName(heat, (c) => `${c} °C`));
      expect(heatName(heat, (c) => `${Math.round(c * 1.8 + 32)} °F`)).toMatch(/^(Bake|Dry) at \d{3} °F/);
    }
  });
});
