import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { softness } from '../dough';
import { weighRecipe } from '../yield';
import { canBeMashed, mashed, ownIngredient, rowOfLine, type Ingredient } from '.';

const rowOf = (id: string): Ingredient => {
  const row = PANTRY.get(id);
  if (!row) throw new Error(id);
  return row;
};
const asMash = (row: Ingredient): Ingredient => {
  const made = mashed(row);
  if (!made.ok) throw new Error(made.message);
  return made.value;
};
/** Feel of 300 g of flour with 200 g of something. */
const feelWith = (ingredient: Ingredient): number =>
  softness([
    { ingredient: rowOf('flour_wheat_wholemeal'), mass_g: 300 },
    { ingredient, mass_g: 200 },
  ]).index;

describe('mashed', () => {
  it('blueberries wet a dough as apple sauce does; whole they leave it stiff', () => {
    const berries = rowOf('blueberries');
    const sauce = feelWith(rowOf('applesauce'));
    expect(feelWith(berries)).toBeLessThan(0.3 * sauce);
    expect(feelWith(asMash(berries))).toBeGreaterThan(0.9 * sauce);
    expect(feelWith(asMash(berries))).toBeLessThan(1.1 * sauce);
  });
  it('a raw root comes out near the row of its own mash', () => {
    for (const [raw, mash] of [
      ['carrot_raw', 'carrot_puree'],
      ['sweet_potato_raw', 'sweet_potato_puree'],
      ['pear_fresh', 'pear_puree'],
      ['apple_fresh', 'applesauce'],
    ])
      expect(Math.abs(asMash(rowOf(raw)).mobileWaterFraction - rowOf(mash).mobileWaterFraction), raw).toBeLessThan(0.1);
  });
  it('a mash stays what it is, and flour, meat and raisins cannot be mashed', () => {
    expect(asMash(rowOf('pumpkin_puree'))).toBe(rowOf('pumpkin_puree'));
    for (const id of ['flour_wheat_wholemeal', 'beef_mince_lean', 'raisins', 'peanut_butter'])
      expect([id, mashed(rowOf(id)).ok, canBeMashed(rowOf(id))]).toEqual([id, false, false]);
    expect(mashed(rowOf('raisins'))).toMatchObject({ code: 'BAD_VALUE', path: 'mashed' });
  });
  it('of an own ingredient, its name tells', () => {
    const composition = { water: 85, protein: 1, fat: 0.3, carbohydrate: 13, sugars: 9, fibre: 2 };
    const named = (name: string): number => {
      const own = ownIngredient(name, composition);
      if (!own.ok) throw new Error(own.message);
      return feelWith(own.value);
    };
    expect(named('apricot purée')).toBeCloseTo(feelWith(asMash(rowOf('blueberries'))), 0.5);
    expect(named('apricot purée')).toBeGreaterThan(1.3 * named('apricots'));
  });
  it('is said on the line of a recipe', () => {
    const line = { ingredient: 'blueberries', amount: 1, unit: 'cup-metric' } as const;
    const weighed = (more: object): Ingredient => {
      const lines = weighRecipe({ ingredients: [{ ...line, ...more }] }, PANTRY);
      if (!lines.ok) throw new Error(lines.message);
      return lines.value[0].ingredient;
    };
    expect(weighed({}).name).toBe('Blueberries');
    expect(weighed({ mashed: true }).name).toBe('Blueberries, mashed');
    expect(rowOfLine({ ...line, mashed: true }, PANTRY)?.name).toBe('Blueberries, mashed');
    expect(weighRecipe({ ingredients: [{ ingredient: 'water', amount: 1, unit: 'l', mashed: true }] }, PANTRY)).toMatchObject({
      ok: false,
      path: 'recipe.ingredients[0].mashed',
    });
  });
});
