import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import type { BatchDocument } from '../document';
import { predict, type Prediction } from '.';

const SNAPS: BatchDocument = {
  format: 'upbeat-oven/batch',
  version: 1,
  recipe: {
    ingredients: [
      { ingredient: 'flour_wheat_wholemeal', amount: 300, unit: 'g' },
      { ingredient: 'water', amount: 120, unit: 'g' },
    ],
  },
  shape: { method: 'roll-and-cut', thickness_mm: 6 },
  heat: { steps: [{ do: 'hold', setpoint_c: 170, minutes: 30 }] },
};
const GLAZED: BatchDocument = {
  ...SNAPS,
  recipe: {
    parts: [{ name: 'Glaze', role: 'drizzle' }],
    ingredients: [
      ...SNAPS.recipe.ingredients,
      { ingredient: 'yogurt_plain', amount: 80, unit: 'g', part: 'Glaze' },
      { ingredient: 'chocolate_dark', amount: 20, unit: 'g', part: 'Glaze' },
    ],
  },
};
function predicted(document: BatchDocument): Prediction {
  const run = predict(document, { pantry: PANTRY }, 'quick');
  if (!run.ok) throw new Error(run.message);
  return run.value.prediction;
}

describe('parts of a treat', () => {
  it('nothing of a finish lands in the dough', () => {
    const [plain, glazed] = [predicted(SNAPS), predicted(GLAZED)];
    expect(glazed.dough.mass_g).toBe(plain.dough.mass_g);
    expect(glazed.dough.water_pct).toBe(plain.dough.water_pct);
    expect(glazed.yield.pieces).toBe(plain.yield.pieces);
  });
  it('but it is weighed, scaled, and told by its part', () => {
    const twice = predicted({ ...GLAZED, scale: { by: 'factor', factor: 2 } });
    expect(twice.parts).toEqual([{ name: 'Glaze', role: 'drizzle', mass_g: 200 }]);
    expect(twice.dough.ingredients[2]).toEqual({ ingredient: 'yogurt_plain', mass_g: 0, planned_g: 160 });
  });
  it('what a dog must not eat counts in a finish as well', () => {
    expect(predicted(GLAZED).blocked_by).toContain('avoid-chocolate_dark');
    const allergens = predicted(GLAZED).cautions.find(({ code }) => code === 'allergens');
    expect(allergens?.message).toContain('dairy');
  });
  it('a line of a part that is not there is refused with what there is', () => {
    const wrong = predict(
      { ...GLAZED, recipe: { ...GLAZED.recipe, parts: [{ name: 'Icing', role: 'frosting' }] } },
      { pantry: PANTRY },
      'quick',
    );
    expect(wrong).toMatchObject({ ok: false, code: 'BAD_VALUE', path: 'recipe.ingredients[2].part' });
    expect(wrong.ok ? '' : wrong.message).toContain('Icing');
  });
  it('a range widens what a line may weigh', () => {
    const water = { ingredient: 'water', amount: 120, unit: 'g', amount_low: 80, amount_high: 160 } as const;
    const open = predicted({ ...SNAPS, recipe: { ingredients: [SNAPS.recipe.ingredients[0], water] } });
    const width = ({ dough }: Prediction): number => dough.feel_index_high - dough.feel_index_low;
    expect(width(open)).toBeGreaterThan(1.3 * width(predicted(SNAPS)));
  });
});
