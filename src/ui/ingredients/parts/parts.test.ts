import { describe, expect, it } from 'vitest';
import type { Recipe } from '@/core/document';
import { changedPart, intoPart, withPart, withoutPart } from './change-parts';
import { amountBy, wayOf } from './part-amount';

const PLAIN: Recipe = {
  ingredients: [
    { ingredient: 'flour_oat', amount: 200, unit: 'g' },
    { ingredient: 'egg_whole', amount: 1, unit: 'each' },
  ],
};

describe('parts of a recipe', () => {
  it('come under names of their own', () =>
    expect(withPart(withPart(withPart(PLAIN, 'drizzle'), 'drizzle'), 'wash').parts?.map(({ name }) => name)).toEqual([
      'Drizzle',
      'Drizzle 2',
      'Wash',
    ]));
  it('take their lines with them under another name, but not a name that is taken', () => {
    const two = withPart(withPart(PLAIN, 'wash'), 'dip');
    const washed = { ...two, ingredients: [PLAIN.ingredients[0], intoPart(PLAIN.ingredients[1], 'Wash')] };
    expect(changedPart(washed, 0, { name: 'Egg wash', role: 'wash' }).ingredients[1].part).toBe('Egg wash');
    expect(changedPart(washed, 0, { name: 'Dip', role: 'wash' })).toBe(washed);
  });
  it('go with their lines; the last line stays, as dough', () => {
    const washed = { ...withPart(PLAIN, 'wash'), ingredients: PLAIN.ingredients.map((line) => intoPart(line, 'Wash')) };
    expect(withoutPart(washed, 0)).toEqual({ ingredients: [PLAIN.ingredients[0]] });
    const half = { ...washed, ingredients: [PLAIN.ingredients[0], washed.ingredients[1]] };
    expect(withoutPart(half, 0)).toEqual({ ingredients: [PLAIN.ingredients[0]] });
  });
});

describe('how much of a part', () => {
  const dip = { name: 'Dip', role: 'dip' } as const;
  it.each([
    ['grams', 84.26, 84.3],
    ['grams_per_piece', 1.234, 1.2],
    ['coats', 2.4, 2],
  ] as const)('is said by %s as it was just now', (way, now, said) => {
    const next = amountBy(dip, way, now);
    expect(next[way]).toBe(said);
    expect(wayOf(next)).toBe(way);
  });
  it('is said one way only, or not at all', () => {
    const thick = amountBy(amountBy(dip, 'grams', 50), 'thickness_mm');
    expect(thick.grams).toBeUndefined();
    expect(amountBy(thick, 'usual')).toEqual(dip);
    expect(wayOf(dip)).toBe('usual');
  });
});
