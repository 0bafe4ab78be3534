import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { readRecipeText } from '@/formats/recipe-text';
import { clearLines, linesTaken, type Reading } from './incoming';

function reading(text: string, draft: Reading['draft']): Pick<Reading, 'reading' | 'draft'> {
  const read = readRecipeText(text, PANTRY);
  if (!read.ok) throw new Error(read.message);
  return { reading: read.value, draft };
}
const OATS = { ingredient: 'flour_oat', amount: 200, unit: 'g' } as const;
const THREE = reading('200 g oat flour\n1 cup hemp milk\n1 cup samphire\na handful of clover', [OATS, null, null, null]);

describe('what goes into the recipe', () => {
  it('is what was understood; what is not known waits', () => {
    expect(linesTaken(THREE, {})).toEqual([OATS]);
    expect(clearLines(THREE, {})).toBe(1);
  });
  it('an answer brings its line in, with the amount as written', () => {
    const answers = { '1 cup hemp milk': 'milk_whole' };
    expect(linesTaken(THREE, answers)).toEqual([OATS, { ingredient: 'milk_whole', amount: 1, unit: 'cup-us' }]);
    expect(clearLines(THREE, answers)).toBe(2);
  });
  it('a measure that only words have stays out until it is weighed', () =>
    expect(linesTaken(THREE, { 'a handful of clover': 'parsley_fresh' })).toEqual([OATS]));
  it('another ingredient than was read keeps the weight that was read', () => {
    const cheese = reading('50 g grated cheese', [{ ingredient: 'cheddar', amount: 50, unit: 'g' }]);
    expect(linesTaken(cheese, { '50 g grated cheese': 'parmesan_grated' })).toEqual([
      { ingredient: 'parmesan_grated', amount: 50, unit: 'g' },
    ]);
    expect(linesTaken(cheese, { '50 g grated cheese': 'cheddar' })).toEqual(cheese.draft);
  });
});
