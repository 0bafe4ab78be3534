/** A pan on the hob, from recipe to keeping; the numbers expected of it stand in docs/model/heat.md, written before it was. */
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../../tests/reference/shipped';
import { addBand } from '../../bands';
import { machinesOf, callsOf, oneTurn } from '../../calls';
import type { BatchDocument } from '../../document';
import { predict, type PredictionRun } from '../../prediction';
import { findProgrammes } from '../../search';
import type { HeatStep } from '../steps';

const hold = (setpoint_c: number, minutes: number): HeatStep => ({ do: 'hold', setpoint_c, minutes });
const TURN: HeatStep = { do: 'turn' };
const rolled = (thickness_mm: number, length_mm: number): BatchDocument['shape'] => ({
  method: 'roll-and-cut',
  thickness_mm,
  cutter: { outline: 'circle', length_mm },
});
type Line = BatchDocument['recipe']['ingredients'][number];
const fried = (
  ingredients: readonly Line[],
  shape: BatchDocument['shape'],
  steps: readonly HeatStep[],
  lid = false,
): BatchDocument => ({
  format: 'upbeat-oven/batch',
  version: 1,
  recipe: { method: 'M20', ingredients },
  shape,
  heat: { appliance: { kind: 'hob-pan', ...(lid ? { lid } : {}) }, steps },
});
const MEAT: readonly Line[] = [
  { ingredient: 'beef_mince_lean', amount: 300, unit: 'g' },
  { ingredient: 'flour_wheat_wholemeal', amount: 20, unit: 'g' },
];
const DOUGH: readonly Line[] = [
  { ingredient: 'flour_wheat_wholemeal', amount: 300, unit: 'g' },
  { ingredient: 'egg_whole', amount: 1, unit: 'each' },
  { ingredient: 'water', amount: 90, unit: 'g' },
];
const patties = (steps: readonly HeatStep[], lid = false): BatchDocument => fried(MEAT, rolled(10, 80), steps, lid);
const flatbreads = (minutes: number): BatchDocument =>
  fried(DOUGH, rolled(5, 50), [hold(160, minutes), TURN, hold(160, minutes)]);
function worked(document: BatchDocument): PredictionRun {
  const result = predict(document, { pantry: PANTRY });
  if (!result.ok) throw new Error(result.message);
  return result.value;
}

describe('a pan on the hob', () => {
  it('leaves the upper face below 70 °C after eight minutes, and pale', () => {
    const { end } = worked(patties([hold(170, 8)])).bake;
    expect(end.surface_c).toBeLessThan(70);
    expect(end.browningBottom).toBeGreaterThan(0.03);
    expect(end.browningTop).toBeLessThan(0.005);
  });
  it('cooks the middle 3 to 25 K hotter under a lid, where more juice runs out (E3 wants more water left: missed)', () => {
    const [open, lidded] = [worked(patties([hold(170, 5)])), worked(patties([hold(170, 5)], true))];
    const hotter = lidded.prediction.heat.core_c_max - open.prediction.heat.core_c_max;
    expect(hotter).toBeGreaterThan(3);
    expect(hotter).toBeLessThan(25);
    expect(Math.abs(lidded.prediction.outcome.moisture_pct - open.prediction.outcome.moisture_pct)).toBeLessThan(1);
  });
  it('takes 8 to 22 % off a 5 mm disc of dough in four and four minutes', () => {
    const { outcome, heat } = worked(flatbreads(4)).prediction;
    expect(outcome.mass_loss_pct).toBeGreaterThan(8);
    expect(outcome.mass_loss_pct).toBeLessThan(22);
    expect(heat.core_c_max).toBeGreaterThan(90);
  });
  it('browns both faces alike when they are turned half-way, and tells the browner', () => {
    const { end } = worked(flatbreads(6)).bake;
    const ratio = end.browningTop / end.browningBottom;
    expect(ratio).toBeGreaterThan(1 / 2.5);
    expect(ratio).toBeLessThan(2.5);
    expect(end.browningEdge).toBeCloseTo(Math.max(end.browningTop, end.browningBottom), 3);
  });
  it('draws 0.08 to 0.35 kWh for a pan of ten minutes', () => {
    const { energy_kwh, loads } = worked(flatbreads(5)).prediction.heat;
    expect(energy_kwh / loads).toBeGreaterThan(0.08);
    expect(energy_kwh / loads).toBeLessThan(0.35);
  });
  it('holds what its floor holds, and is filled again for the rest', () => {
    const { yield: out, heat } = worked(flatbreads(4)).prediction;
    expect(out.per_tray).toBeLessThan(25);
    expect(heat.loads).toBe(Math.ceil(out.pieces / out.per_tray));
  });
  it('goes all the way to the jar: bands, days, cautions and calls', () => {
    const run = worked(flatbreads(6));
    const { outcome, keeps } = addBand(run, 30);
    expect(outcome.moisture_pct_low).toBeLessThan(outcome.moisture_pct_high);
    expect(Number.isFinite(keeps[0].days)).toBe(true);
    const acts = callsOf(flatbreads(6), oneTurn(flatbreads(6), run.prediction)).map(({ act }) => act.do);
    expect(acts).toContain('heat-up');
    expect(acts).toContain('put-in');
    expect(machinesOf([{ id: 'pan', appliance: { kind: 'hob-pan' } }], 20)).toMatchObject([{ kind: 'oven', slots: 1 }]);
  });
  it('is asked for the turns that are written, not for a bake that nobody turns', () => {
    const found = findProgrammes({ ...flatbreads(3), target: { snap_max: 6, keeps_days_min: 1 } }, { pantry: PANTRY });
    if (!found.ok) throw new Error(found.message);
    for (const { strategy } of [...found.value.candidates, ...found.value.failed]) expect(strategy).toBe('as-written');
  });
  it.each([
    ['a base', { base: 'mesh' as const, steps: [hold(160, 5)] }, 'heat.base'],
    ['snapping apart', { steps: [hold(160, 5), { do: 'snap-apart' as const }] }, 'heat.steps[1].do'],
  ])('refuses %s with what to do', (_, heat, path) => {
    const document = { ...flatbreads(4), heat: { appliance: { kind: 'hob-pan' as const }, ...heat } };
    expect(predict(document, { pantry: PANTRY })).toMatchObject({ ok: false, code: 'BAD_VALUE', path });
  });
});
