/** Frozen treats, from the mould to the bag. */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { addBand } from '../bands';
import { predict } from './predict';
import type { PredictionRun } from './prediction-run';
import { type BatchDocument } from '../document';

const DROPS = JSON.parse(readFileSync('data/recipes/kefir-melon-drops.batch.json', 'utf8')) as BatchDocument;
function frozen(minutes: number, more: { freezer_c?: number; height_mm?: number } = {}): PredictionRun {
  const { freezer_c, height_mm } = more;
  const step = { do: 'freeze' as const, minutes, ...(freezer_c === undefined ? {} : { freezer_c }) };
  const shape = { ...DROPS.shape, ...(height_mm === undefined ? {} : { height_mm }) } as BatchDocument['shape'];
  const result = predict({ ...DROPS, shape, heat: { ...DROPS.heat, steps: [step] } }, { pantry: PANTRY });
  if (!result.ok) throw new Error(result.message);
  return result.value;
}
const through = (worked: PredictionRun): number => worked.prediction.heat.reached[0].minute ?? Infinity;

describe('in the freezer', () => {
  const usual = frozen(900);
  it('cools, stands at its freezing point, and cools on; never warmer than it was', () => {
    const cores = usual.prediction.heat.timeline.map(({ core_c }) => core_c);
    for (let i = 1; i < cores.length; i++) expect(cores[i]).toBeLessThanOrEqual(cores[i - 1] + 1e-9);
    expect(cores.filter((core_c) => Math.abs(core_c + 1) < 1e-6).length).toBeGreaterThan(10);
    expect(cores.at(-1)).toBeLessThan(-15);
    expect(cores.at(-1)).toBeGreaterThan(-18);
  });
  it('loses no water, takes no colour, kills nothing', () => {
    const { outcome, heat } = usual.prediction;
    expect(outcome.moisture_pct).toBeCloseTo(usual.prediction.dough.water_pct, 6);
    expect(outcome.mass_loss_pct).toBeCloseTo(0, 6);
    expect([heat.browning, heat.salmonella_log10]).toEqual([0, 0]);
  });
  it('is hard when its time is over and not before', () => {
    expect(usual.prediction.outcome.texture).toBe('frozen hard');
    expect(frozen(60).prediction.outcome.texture).not.toBe('frozen hard');
    expect(through(frozen(60))).toBe(Infinity);
  });
  it('freezes later in a deeper mould and sooner in colder air', () => {
    expect(through(frozen(1400, { height_mm: 26 }))).toBeGreaterThan(through(usual));
    expect(through(frozen(900, { freezer_c: -28 }))).toBeLessThan(through(usual));
  });
  it('draws the electricity for the heat that is taken out, once per load', () => {
    const { heat, dough } = usual.prediction;
    // Freezing a kilogram from the kitchen takes about 0.1 kWh of heat.
    expect(heat.energy_kwh).toBeGreaterThan(0.05 * (dough.mass_g / 1000));
    expect(heat.energy_kwh).toBeLessThan(0.4 * (dough.mass_g / 1000));
  });
  it('has a band of its own: the mix is not known to the last drop', () => {
    const { outcome } = addBand(usual, 20);
    expect(outcome.moisture_pct_high - outcome.moisture_pct_low).toBeGreaterThan(1);
    expect(outcome.others.find(({ which }) => which === 'thickest')?.thickness_mm).toBeGreaterThan(usual.out.body.thickness_mm);
  });
});
