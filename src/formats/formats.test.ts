import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readPantryCsv } from './pantry-csv';
import { checkBatch, readBatch } from './read-batch';
import { shippedPantry } from './shipped-pantry';

const HEAD = readFileSync('data/ingredients.csv', 'utf8').split('\n')[0];
const COLUMNS = HEAD.trim().split(',');
/** A row that makes sense, with some cells changed. */
function row(cells: Readonly<Record<string, string>>): string {
  const usual: Record<string, string> = {
    id: 'test_flour',
    name: 'Test flour',
    category: 'flour/meal',
    water: '12',
    protein: '11',
    fat: '2',
    carb: '74',
    starch: '65',
    sugars: '1',
    fibre: '8',
    ash: '1',
    bulk_spooned: '0.5',
    bulk_packed: '0.6',
    sorption_class: 'cereal',
    oil_class: 'cereal',
    dog_flag: 'ok',
  };
  return COLUMNS.map((column) => cells[column] ?? usual[column] ?? '').join(',');
}
const table = (...rows: string[]): ReturnType<typeof readPantryCsv> => readPantryCsv([HEAD, ...rows].join('\n'));

describe('the ingredient table', () => {
  it('reads a row, blanks as nought, lists by their separators', () => {
    const read = table(row({ count_weights_g: 'small:40;UK medium:50', pack_sizes_g: '500;1000', raw_animal: '' }));
    if (!read.ok) throw new Error(read.message);
    expect(read.value.get('test_flour')).toMatchObject({
      water: 12,
      ethanol: 0,
      countWeights: [
        { name: 'small', mass_g: 40 },
        { name: 'UK medium', mass_g: 50 },
      ],
      packs_g: [500, 1000],
      rawAnimal: null,
      uncertain: false,
    });
  });
  it.each([
    ['sums that are not 100', { water: '30' }, 'add up to 118.0 g'],
    ['parts beyond the carbohydrate', { starch: '90' }, 'exceed the carbohydrate'],
    ['more salt than ash', { sodium_mg: '5000' }, 'more salt than the 1 g of ash'],
    ['a packed cup lighter than a spooned one', { bulk_packed: '0.3' }, 'packed density is below'],
    ['a danger without a reason', { dog_flag: 'avoid' }, 'without a reason'],
    ['a word for a number', { protein: 'much' }, 'protein is NaN'],
  ])('refuses %s', (_, cells, words) => {
    const read = table(row(cells));
    expect(read).toMatchObject({ ok: false, code: 'BAD_COMPOSITION', path: 'row 2' });
    expect(!read.ok && read.message).toContain(words);
  });
  it('refuses an id that is there twice', () => {
    const read = table(row({}), row({}));
    expect(!read.ok && read.message).toContain('its id is there twice');
  });
  it('is read once and shared', async () => expect(await shippedPantry()).toBe(await shippedPantry()));
});

const HILLBARS = readFileSync('examples/hillbars.batch.json', 'utf8');

describe('the batch file', () => {
  it('comes back as it was written', () => {
    const read = readBatch(HILLBARS);
    expect(read.ok && read.value).toEqual(JSON.parse(HILLBARS));
  });
  it('survives a byte more than it can read only as a refusal', () => {
    expect(readBatch(`${HILLBARS}${' '.repeat(1_000_000)}`)).toMatchObject({ ok: false, code: 'TOO_LARGE' });
    expect(readBatch(`${HILLBARS}${' '.repeat(10_000)}`).ok).toBe(true);
  });
  it("scales by one way only, with that way's own keys", () => {
    const scaled = (scale: object): ReturnType<typeof checkBatch> => checkBatch({ ...(JSON.parse(HILLBARS) as object), scale });
    expect(scaled({ by: 'pieces', pieces: 120 }).ok).toBe(true);
    expect(scaled({ by: 'pieces', factor: 2 }).ok).toBe(false);
    expect(scaled({ by: 'pieces', pieces: 120, factor: 2 })).toMatchObject({
      ok: false,
      code: 'UNKNOWN_KEY',
      path: 'scale.factor',
    });
    expect(scaled({ by: 'moon' })).toMatchObject({ ok: false, code: 'BAD_VALUE', path: 'scale.by' });
    expect(scaled({ by: 'pieces', pieces: 1.5 })).toMatchObject({ ok: false, path: 'scale.pieces' });
  });
  it.each([
    ['hold', { do: 'hold', setpoint_c: 110 }, 'heat.steps[0].minutes'],
    ['brush', { do: 'brush', grams: 0 }, 'heat.steps[0].grams'],
    ['coat', { do: 'coat' }, 'heat.steps[0].part'],
    ['dry-coat', { do: 'dry-coat' }, 'heat.steps[0].minutes'],
    ['turn', { do: 'turn', minutes: 5 }, 'heat.steps[0].minutes'],
    ['an unknown deed', { do: 'juggle' }, 'heat.steps[0].do'],
    ['a door that is half a door', { do: 'off', minutes: 5, door: 'half' }, 'heat.steps[0].door'],
  ])('a step "%s" with the wrong keys is told by its place', (_, step, path) => {
    const document = JSON.parse(HILLBARS) as { heat: object };
    expect(checkBatch({ ...document, heat: { ...document.heat, steps: [step] } })).toMatchObject({ ok: false, path });
  });
  it('an own ingredient needs its water, protein, fat and carbohydrate', () => {
    const document = JSON.parse(HILLBARS) as { recipe: object };
    const own = (composition_per_100g: object): ReturnType<typeof checkBatch> =>
      checkBatch({ ...document, recipe: { ingredients: [{ ingredient: 'mine', amount: 5, unit: 'g', composition_per_100g }] } });
    expect(own({ water: 70, protein: 6, fat: 2, carbohydrate: 20 }).ok).toBe(true);
    expect(own({ water: 70, protein: 6, fat: 2 })).toMatchObject({
      code: 'MISSING_VALUE',
      path: 'recipe.ingredients[0].composition_per_100g.carbohydrate',
    });
    expect(own({ water: 170, protein: 6, fat: 2, carbohydrate: 20 })).toMatchObject({ code: 'OUT_OF_RANGE' });
  });
});

describe('a key that belongs to the language, not to the format', () => {
  const HILLBARS = readFileSync('examples/hillbars.batch.json', 'utf8');
  it.each(['__proto__', 'constructor', 'prototype', 'toString'])('"%s" is unknown, at any depth', (key) => {
    expect(readBatch(HILLBARS.replace('{', `{ "${key}": { "name": "x" },`))).toMatchObject({ code: 'UNKNOWN_KEY', path: key });
    expect(readBatch(HILLBARS.replace('"amount"', `"${key}": {}, "amount"`))).toMatchObject({
      code: 'UNKNOWN_KEY',
      path: `recipe.ingredients[0].${key}`,
    });
  });
});
