import { describe, expect, it } from 'vitest';
import type { BatchDocument } from './document';
import { withRecipe } from './with-recipe';

const RECIPE: BatchDocument['recipe'] = {
  parts: [
    { name: 'Icing', role: 'drizzle' },
    { name: 'Egg wash', role: 'wash' },
  ],
  ingredients: [
    { ingredient: 'flour_oat', amount: 200, unit: 'g' },
    { ingredient: 'yogurt_plain', amount: 40, unit: 'g', part: 'Icing' },
    { ingredient: 'egg_whole', amount: 20, unit: 'g', part: 'Egg wash' },
  ],
};
const BATCH: BatchDocument = {
  format: 'upbeat-oven/batch',
  version: 1,
  name: 'Followed',
  recipe: RECIPE,
  scale: { by: 'factor', factor: 1 },
  shape: { method: 'roll-and-cut' },
  heat: {
    steps: [
      { do: 'brush', part: 'Egg wash' },
      { do: 'hold', setpoint_c: 170, minutes: 30 },
      { do: 'coat', part: 'Icing' },
      { do: 'dry-coat', minutes: 600 },
    ],
  },
  portions: [
    { name: 'Iced', share_pct: 50, parts: ['Icing'] },
    { name: 'Shiny', rest: true, heat: { steps: [{ do: 'brush', part: 'Egg wash' }] } },
  ],
};
const called = (icing: string): BatchDocument['recipe'] => ({
  ...RECIPE,
  parts: [{ name: icing, role: 'drizzle' }, RECIPE.parts?.[1] ?? { name: '', role: 'wash' }],
});

describe('a batch with another recipe', () => {
  it('puts a part on under its new name, in steps and portions', () => {
    const { heat, portions } = withRecipe(BATCH, called('Yoghurt top'));
    expect(heat.steps[2]).toEqual({ do: 'coat', part: 'Yoghurt top' });
    expect(heat.steps[0]).toEqual({ do: 'brush', part: 'Egg wash' });
    expect(portions?.[0].parts).toEqual(['Yoghurt top']);
  });
  it('no longer puts on what was taken out, nor waits for it', () => {
    const { heat, portions } = withRecipe(BATCH, { ...RECIPE, parts: [{ name: 'Egg wash', role: 'wash' }] });
    expect(heat.steps.map((step) => step.do)).toEqual(['brush', 'hold']);
    expect(portions?.[0].parts).toEqual([]);
    expect(withRecipe(BATCH, { ...RECIPE, parts: [] }).portions?.[1].heat?.steps).toEqual([]);
  });
  it('is else as it was', () => {
    const more = { ...RECIPE, parts: [...(RECIPE.parts ?? []), { name: 'Crumbs', role: 'sprinkle' as const }] };
    expect(withRecipe(BATCH, more)).toEqual({ ...BATCH, recipe: more });
  });
});
