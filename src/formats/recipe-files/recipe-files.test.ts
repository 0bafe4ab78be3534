import { readFileSync, readdirSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import type { BatchDocument } from '@/core/document';
import { readAny } from '../incoming';
import { readBatch } from '../read-batch';
import { ingredientText, toJsonLd, toRecipeCsv } from '.';

const back = (text: string): ReturnType<typeof readAny> => readAny(text, PANTRY);

const examples = readdirSync('examples').map((file): readonly [string, BatchDocument] => {
  const document = readBatch(readFileSync(`examples/${file}`, 'utf8'));
  return document.ok ? [file, document.value] : expect.fail(document.message);
});
const RICH: BatchDocument = {
  ...examples[0][1],
  recipe: {
    name: '=Bars, "the best"',
    summary: 'Two\nlines; and a comma, and an ü',
    method: 'M2',
    rest_minutes: 15,
    ingredients: [
      { ingredient: 'egg_whole', amount: 2, unit: 'each', size: 'UK large', note: '-beaten' },
      { ingredient: 'pumpkin_puree', amount: 1.5, unit: 'cup-us', water_pct: 91.5, actual_g: 361 },
      {
        ingredient: 'Hedgerow meal',
        amount: 80,
        unit: 'g',
        composition_per_100g: { water: 9, protein: 12, fat: 3, carbohydrate: 73, allergen: 'gluten' },
      },
    ],
    steps: [{ text: '@home: mix, then roll', minutes: 12, tool: 'rolling pin' }, { text: 'Bake' }],
  },
  scale: { by: 'fixed', fixed: [{ ingredient: 'egg_whole', amount: 3, unit: 'each' }] },
};
const OUT = { pieces: 120, kcal_per_piece: 12.34, piece_g: 3.21 } as const;
const DOCUMENTS = [...examples, ['everything at once', RICH] as const];

describe('there and back', () => {
  it.each(DOCUMENTS)('%s through CSV loses nothing', (_, document) =>
    expect(back(toRecipeCsv(document))).toEqual({ ok: true, value: { kind: 'document', document } }),
  );
  it.each(DOCUMENTS)('%s through schema.org/Recipe loses nothing', (_, document) => {
    const file = JSON.stringify(toJsonLd(document, PANTRY, OUT));
    expect(back(file)).toEqual({ ok: true, value: { kind: 'document', document } });
  });
  it('any words a baker writes survive a spreadsheet', () =>
    fc.assert(
      fc.property(
        fc.string({ minLength: 1, maxLength: 60 }).filter((text) => text.trim() === text && text !== ''),
        (words) => {
          const document = { ...RICH, recipe: { ...RICH.recipe, name: words, steps: [{ text: words }] } };
          expect(back(toRecipeCsv(document))).toMatchObject({ value: { document: { recipe: { name: words } } } });
        },
      ),
      { seed: 31 },
    ));
});

describe('through a spreadsheet program', () => {
  // What Gnumeric 1.12 made of the table that is written here: saved as .xlsx and .ods, and back to .csv.
  it.each(['hillbars.xlsx', 'hillbars.ods', 'hillbars.csv'])('%s comes back the same', (file) => {
    const found = readAny(new Uint8Array(readFileSync(`tests/written/sheets/${file}`)), PANTRY);
    const document = JSON.parse(readFileSync('examples/hillbars.batch.json', 'utf8')) as BatchDocument;
    expect(found).toEqual({ ok: true, value: { kind: 'document', document } });
  });
});

describe('for other programs', () => {
  it('is a Recipe with lines a person can read', () => {
    const file = toJsonLd(RICH, PANTRY, OUT);
    expect(file).toMatchObject({ '@type': 'Recipe', recipeYield: '120 pieces', prepTime: 'PT27M' });
    expect(file.recipeIngredient[0]).toBe('2 UK large Egg, whole, without shell, -beaten');
    expect(file.nutrition).toMatchObject({ calories: '12.3 kcal', servingSize: '1 piece (3.2 g)' });
    expect(ingredientText({ ingredient: 'water', amount: 0.5, unit: 'cup-us' }, PANTRY)).toBe('0.5 US cup Water');
  });
});

describe('what other programs read of it', () => {
  it('holds the bake: without the whole document the same programme and shape are read from its words', () => {
    const { additionalProperty: _whole, ...words } = toJsonLd(RICH, PANTRY, OUT);
    const read = back(JSON.stringify(words));
    if (!read.ok || read.value.kind !== 'reading') throw new Error('not read');
    const { programme, shape, makes } = read.value.reading;
    const holds = (steps: BatchDocument['heat']['steps']): unknown[] =>
      steps.flatMap((step) => (step.do === 'hold' ? [[Math.round(step.setpoint_c), Math.round(step.minutes)]] : []));
    expect(holds(programme?.steps ?? [])).toEqual(holds(RICH.heat.steps));
    expect(shape?.shape.method).toBe(RICH.shape.method);
    expect(makes).toMatchObject({ pieces: 120 });
  });
  it('a table has the line ends and the mark that spreadsheet programs expect', () => {
    const text = toRecipeCsv(RICH);
    expect(text.startsWith('\uFEFF')).toBe(true);
    expect(text.replace(/\r\n/g, '')).not.toMatch(/[\r]/);
    expect(text.endsWith('\r\n')).toBe(true);
  });
});

describe('a table that is wrong is told by its row', () => {
  it.each([
    ['an unknown kind', 'kind,name,amount,unit,note\nspell,abracadabra,1,g,', 'row 2'],
    ['a setting that is no value', 'kind,name,amount,unit,note\nsetting,shape.method,roll,,', 'row 2'],
    ['a setting that is no path', 'kind,name,amount,unit,note\nsetting,"a b",1,,', 'row 2'],
  ])('%s', (_, text, path) => expect(back(text)).toMatchObject({ ok: false, code: 'BAD_VALUE', path }));
  it('an amount that is no number is told by its key', () => {
    const text = toRecipeCsv(RICH).replace('egg_whole,2,each', 'egg_whole,two,each');
    expect(back(text)).toMatchObject({ ok: false, path: 'recipe.ingredients[0].amount' });
  });
  it('cannot reach into what every object has', () => {
    const result = back('kind,name,amount,unit,note\nsetting,__proto__.polluted,1,,');
    expect(result.ok).toBe(false);
    expect(({} as Record<string, unknown>).polluted).toBeUndefined();
  });
});
