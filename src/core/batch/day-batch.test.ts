/** Every demo batch as a day's work on the demo kitchen: possible, planned without a fault, and as long as it was predicted. */
import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { HORIZON, USUAL_GOALS, checkPossible, complaintsAbout, solve, type Day, type DayBatch } from '../bakeday';
import { dayBatch, heatName, machinesOf, predict, type BatchDocument, type KitMachine } from '.';
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
  stores: [{ id: 'freezer', cap: 12 }],
  batches,
  obj: USUAL_GOALS,
});
const made = (file: string) => {
  const document = JSON.parse(readFileSync(file, 'utf8')) as BatchDocument;
  const worked = predict(document, { pantry: PANTRY }, 'unadvised');
  if (!worked.ok) throw new Error(worked.message);
  const { prediction } = worked.value;
  return { document, prediction, batch: dayBatch(file, document, prediction, KIT, 2000) };
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
    const minutes = heats.reduce((sum, { dur }) => sum + dur, 0);
    const legs = prediction.heat.legs.reduce((sum, leg) => sum + leg.minutes * leg.loads, 0);
    expect(Math.abs(minutes - legs)).toBeLessThanOrEqual(heats.length + 0.35 * legs);
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
  it('what stands in a dead oven waits until morning', () => {
    const { batch } = made('data/recipes/pea-mint-doorstops.batch.json');
    const day = { ...dayWith([{ ...batch, release: 1000 }]) };
    const plan = solve(day, { seed: 1, iterations: 20 })?.plan ?? [];
    expect(complaintsAbout(day, plan)).toEqual([]);
    const heat = batch.steps.findIndex(({ id }) => id.startsWith('heat'));
    expect((plan.find(({ j }) => j === heat)?.e ?? 0) % 1440).toBeLessThan(700);
  });
});

describe('quiet hours', () => {
  it('a freeze dryer is not started in them; an oven may be', () => {
    const { batch } = made('data/recipes/freeze-dried-salmon-cubes.batch.json');
    const noisy = batch.steps.flatMap(({ name, hands = [] }) => (hands.some((one) => one.noisy) ? [name] : []));
    expect(new Set(noisy)).toEqual(new Set(['Freeze-dry']));
    const hours: Array<[number, number]> = [[480, 1200]];
    const day = { ...dayWith([batch]), quiet: hours };
    const planned = solve(day, { seed: 1, iterations: 50 });
    expect(planned).not.toBeNull();
    for (const { j, att } of planned?.plan ?? [])
      if (batch.steps[j].name === 'Freeze-dry') expect(att[0].s % 1440).toBeGreaterThanOrEqual(1200);
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
