import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../../tests/reference/shipped';
import type { BatchDocument } from '@/core/document';
import { readRecipeText } from '@/formats/recipe-text';
import { countFixes } from './count-fixes';
import { marksOf } from './marks';
import { canDoWithout, withoutDanger } from './without-danger';

const TEXT = `Fell-end snaps

2 1/2 cups wholemeal flour
2 tbsp peanut butter (with xylitol)

For the glaze:
1 egg yolk

Roll 1/4 inch thick. Bake at 350°F for 25-30 min,
then 225°F for 2 hours. Makes 48.`;

function reading(text: string): Parameters<typeof marksOf>[1] {
  const read = readRecipeText(text, PANTRY);
  if (!read.ok) throw new Error(read.message);
  return read.value;
}

describe('marks of what words became', () => {
  const marks = marksOf(TEXT, reading(TEXT)).map(({ start, end, kind }) => [TEXT.slice(start, end), kind]);
  it('stand on the words that were used', () =>
    expect(marks).toEqual([
      ['2 1/2 cups', 'amount'],
      ['2 tbsp', 'amount'],
      ['xylitol', 'danger'],
      ['For the glaze:', 'part'],
      ['1', 'amount'],
      ['Roll 1/4 inch thick.', 'shape'],
      ['Bake at 350°F for 25-30 min', 'heat'],
      ['225°F for 2 hours.', 'heat'],
      ['Makes 48', 'makes'],
    ]));
  it('never lie over each other', () => {
    const all = marksOf(TEXT, reading(TEXT));
    for (const [i, mark] of all.entries()) expect(mark.start).toBeGreaterThanOrEqual(all[i - 1]?.end ?? 0);
  });
});

describe('a danger that is taken out', () => {
  const [caution] = reading(TEXT).cautions;
  it('leaves the plain thing', () => {
    expect(canDoWithout(caution)).toBe(true);
    expect(withoutDanger(TEXT, caution)).toContain('2 tbsp peanut butter\n');
  });
  it('is offered only where something is left', () => expect(canDoWithout({ ...caution, line: '1/2 cup xylitol' })).toBe(false));
});

describe('a count that is promised', () => {
  const document: BatchDocument = {
    format: 'upbeat-oven/batch',
    version: 1,
    recipe: { ingredients: [{ ingredient: 'egg_whole', amount: 1, unit: 'each' }], promises: { pieces: 48 } },
    shape: { method: 'roll-and-cut', thickness_mm: 6, cutter: { outline: 'circle', length_mm: 50 } },
    heat: { steps: [{ do: 'hold', setpoint_c: 170, minutes: 20 }] },
  };
  /** Pieces as a plain volume gives them. */
  const count = (tried: BatchDocument): Promise<number | null> => {
    const { shape, scale } = tried;
    if (shape.method !== 'roll-and-cut' || !shape.cutter || !('length_mm' in shape.cutter)) return Promise.resolve(null);
    const factor = scale?.by === 'factor' ? scale.factor : 1;
    return Promise.resolve(
      Math.round((36 * factor * 6 * 50 ** 2) / ((shape.thickness_mm ?? 6) * (shape.cutter.length_mm ?? 50) ** 2)),
    );
  };
  it('is reached by each of thickness, cutter and amount, tried until it is near', async () => {
    const fixes = await countFixes(document, 36, count);
    expect(fixes.map(({ words }) => words)).toEqual(['roll 4.5 mm', 'cut 43 mm', 'make 1.33 times the dough']);
    for (const { pieces } of fixes) expect(Math.abs(pieces / 48 - 1)).toBeLessThanOrEqual(0.06);
  });
  it('that is far off is reached by more dough alone', async () => {
    const fixes = await countFixes({ ...document, recipe: { ...document.recipe, promises: { pieces: 120 } } }, 36, count);
    expect(fixes).toHaveLength(1);
  });
  it('nothing is tried where nothing is promised or nothing can be worked out', async () => {
    expect(await countFixes({ ...document, recipe: { ingredients: document.recipe.ingredients } }, 36, count)).toEqual([]);
    expect(await countFixes(document, 36, () => Promise.resolve(null))).toEqual([]);
  });
});
