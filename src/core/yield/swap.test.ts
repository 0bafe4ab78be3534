import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { softness } from '../dough';
import type { Recipe } from '../document';
import { swapsOf } from './swap';
import { weighRecipe } from './weigh-recipe';

const RECIPE: Recipe = {
  rest_minutes: 15,
  ingredients: [
    { ingredient: 'flour_wheat_wholemeal', amount: 300, unit: 'g' },
    { ingredient: 'egg_whole', amount: 1, unit: 'each' },
    { ingredient: 'pumpkin_puree', amount: 120, unit: 'g' },
    { ingredient: 'water', amount: 60, unit: 'g' },
    { ingredient: 'butter_unsalted', amount: 20, unit: 'g' },
  ],
};
const indexOf = (recipe: Recipe): number => {
  const lines = weighRecipe(recipe, PANTRY);
  if (!lines.ok) throw new Error(lines.message);
  return softness(lines.value, { standing_min: 15, kitchen_c: 20 }).index;
};

describe('swapping an ingredient', () => {
  it.each([
    ['flour for flour', 0],
    ['egg for gelled seeds', 1],
    ['puree for puree', 2],
    ['butter for oil', 4],
  ])('%s leaves the dough as soft as it was', (_, index) => {
    const swaps = swapsOf(RECIPE, index, PANTRY);
    expect(swaps.length).toBeGreaterThan(1);
    for (const { recipe, idea } of swaps) expect(Math.abs(indexOf(recipe) / indexOf(RECIPE) - 1), idea.id).toBeLessThan(0.02);
  });
  it('takes the old thing out, and puts as much of the new one in', () => {
    const flax = swapsOf(RECIPE, 1, PANTRY).find(({ idea }) => idea.id === 'flaxseed_ground-gel');
    expect(flax?.recipe.ingredients.some(({ ingredient }) => ingredient === 'egg_whole')).toBe(false);
    expect(flax?.recipe.ingredients).toContainEqual({ ingredient: 'flaxseed_ground', amount: 7.5, unit: 'g' });
  });
  it('says how much water it added or took away, and the recipe has it', () => {
    for (const { recipe, corrections, idea } of swapsOf(RECIPE, 0, PANTRY)) {
      const delta_g = corrections.find(({ ingredient }) => ingredient === 'water')?.delta_g ?? 0;
      const water = recipe.ingredients
        .filter(({ ingredient }) => ingredient === 'water')
        .reduce((sum, { amount }) => sum + amount, 0);
      expect(Math.abs(water - (60 + delta_g)), idea.id).toBeLessThan(0.06);
    }
  });
  it('adds flour where there is no water to take away', () => {
    const wet: Recipe = { ...RECIPE, ingredients: RECIPE.ingredients.filter(({ ingredient }) => ingredient !== 'water') };
    const potato = swapsOf(wet, 2, PANTRY).find(({ idea }) => idea.id === 'applesauce');
    expect(potato?.corrections).toEqual([{ ingredient: 'flour_wheat_wholemeal', delta_g: expect.any(Number) as number }]);
    expect(potato?.corrections[0].delta_g).toBeGreaterThan(5);
  });
  it('leaves what goes on the pieces where it is: water of a wash neither joins the dough nor takes its corrections', () => {
    const washed: Recipe = {
      ...RECIPE,
      parts: [{ name: 'Wash', role: 'wash' }],
      ingredients: [{ ingredient: 'water', amount: 8, unit: 'g', part: 'Wash' }, ...RECIPE.ingredients],
    };
    const swaps = swapsOf(washed, 1, PANTRY);
    expect(swaps.length).toBeGreaterThan(1);
    for (const { recipe, idea } of swaps)
      expect(
        recipe.ingredients.filter(({ part }) => part === 'Wash'),
        idea.id,
      ).toEqual([washed.ingredients[0]]);
  });
  it('of what cannot be swapped there are none', () => {
    expect(swapsOf(RECIPE, 3, PANTRY)).toEqual([]);
    expect(swapsOf(RECIPE, 99, PANTRY)).toEqual([]);
  });
});
