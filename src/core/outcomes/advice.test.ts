import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { bandFrom, samplesInSteps } from '../bands';
import { applyEdit, editTo, pathFrom, type BatchDocument } from '../document';
import { predict, type Prediction } from '../prediction';
import { runOut } from '../quantities';
import { withAdvice } from './advice';

const KITCHEN = { pantry: PANTRY };
const HILLBARS = JSON.parse(readFileSync('examples/hillbars.batch.json', 'utf8')) as BatchDocument;

function advised(document: BatchDocument): Prediction {
  const worked = predict(document, KITCHEN, 'light');
  if (!worked.ok) throw new Error(worked.message);
  const samples = runOut(samplesInSteps(worked.value, 0, 60));
  return withAdvice({ document, kitchen: KITCHEN, worked: worked.value }, samples, bandFrom(worked.value, samples));
}
const barely: BatchDocument = {
  ...HILLBARS,
  heat: { ...HILLBARS.heat, steps: [{ do: 'hold', setpoint_c: 165, minutes: 34 }] },
  pack: [{ option: 'clip-jar', store: 'room' }],
  target: { snap_min: 6, keeps_days_min: 28 },
};

describe('what would make the low end useful', () => {
  const before = advised(barely);
  it('a few minutes more come first, and do what they say', () => {
    const [first] = before.advice;
    expect(first.code).toBe('heat-longer');
    expect(first.text).toMatch(/^\d in 10 reach Snap 6 and keep 28 days; \d+ min more at 165 °C: (9|10) in 10$/);
    const after = advised(applyEdit(barely, editTo(barely, pathFrom(first.change.path), first.change.to)));
    expect(after.keeps[0].days_low).toBeGreaterThan(before.keeps[0].days_low);
    expect(after.keeps[0].share_fit_pct).toBeGreaterThanOrEqual(85);
    expect(after.keeps[0].days - before.keeps[0].days).toBeGreaterThan(0.5 * first.days_gained);
  });
  it('nothing is advised where nine of ten get there already', () =>
    expect(advised({ ...HILLBARS, target: { snap_min: 3, keeps_days_min: 10 } }).advice).toEqual([]));
  it('a moist treat is not dried on: it goes into the cold', () => {
    const buttons = JSON.parse(readFileSync('data/recipes/cottage-parsley-buttons.batch.json', 'utf8')) as BatchDocument;
    const { advice } = advised({ ...buttons, pack: [{ option: 'zip-bag', store: 'room' }], target: { keeps_days_min: 4 } });
    expect(advice.map(({ code }) => code)).toEqual(['fridge', 'freezer']);
    for (const { change, days_gained } of advice) {
      expect(change.path).toBe('pack[0].store');
      expect(days_gained).toBeGreaterThanOrEqual(3);
    }
  });
  it('of meat that never got hot nothing longer is advised', () => {
    const raw = { ...barely, recipe: { ingredients: [{ ingredient: 'turkey_mince', amount: 500, unit: 'g' as const }] } };
    const cold: BatchDocument = {
      ...raw,
      heat: { appliance: { kind: 'dehydrator' }, steps: [{ do: 'hold', setpoint_c: 55, minutes: 120 }] },
    };
    expect(advised(cold).advice.map(({ code }) => code)).not.toContain('heat-longer');
  });
});
