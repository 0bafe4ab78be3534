/** The demo's recipes: each is a believable batch by the models, from the bowl to the jar. */
import { readFileSync, readdirSync } from 'node:fs';
import Ajv2020 from 'ajv/dist/2020';
import { describe, expect, it } from 'vitest';
import { METHODS, type BatchDocument } from '@/core/document';
import { predict, type Prediction } from '@/core/prediction';
import { swapsOf } from '@/core/yield';
import { CORE_TARGET_C } from '@/core/cautions';
import { ingredientCost } from '@/core/costing';
import { screen } from '@/core/feeding';
import { readBatch } from '@/formats/read-batch';
import { PANTRY } from './shipped';

type Demo = {
  readonly recipes: ReadonlyArray<{ readonly id: string; readonly file: string }>;
  readonly dogs: ReadonlyArray<{ readonly name: string; readonly avoids: readonly string[] }>;
  readonly prices: ReadonlyArray<{ readonly ingredient: string; readonly pack_g: number; readonly price: number }>;
  readonly lots: ReadonlyArray<{ readonly ingredient: string }>;
};
const DEMO = JSON.parse(readFileSync('data/demo-kitchen.json', 'utf8')) as Demo;
const isBatch = new Ajv2020({ strict: false }).compile(JSON.parse(readFileSync('docs/batch.schema.json', 'utf8')) as object);

const RECIPES = DEMO.recipes.map(({ id, file }): readonly [string, BatchDocument] => {
  const read = readBatch(readFileSync(file, 'utf8'));
  if (!read.ok) throw new Error(`${file}: ${read.message}`);
  return [id, read.value];
});
function predicted(document: BatchDocument): Prediction {
  const worked = predict({ ...document, kitchen: { altitude_m: 310, room_c: 19, room_rh_pct: 60 } }, { pantry: PANTRY });
  if (!worked.ok) throw new Error(worked.message);
  return worked.value.prediction;
}
const linesOf = (document: BatchDocument) =>
  predicted(document).dough.ingredients.map(({ ingredient: id, mass_g }) => ({
    ingredient: PANTRY.get(id) ?? expect.fail(id),
    mass_g,
  }));

describe('the demo kitchen', () => {
  it('has a recipe for every method, and every file is in the book', () => {
    expect(new Set(RECIPES.map(([, { recipe }]) => recipe.method))).toEqual(new Set(METHODS));
    expect(RECIPES.length).toBeGreaterThanOrEqual(14);
    const files = new Set(DEMO.recipes.map(({ file }) => file));
    for (const file of readdirSync('data/recipes')) expect(files.has(`data/recipes/${file}`), file).toBe(true);
  });
  it('prices and lots are of ingredients that there are', () => {
    for (const { ingredient } of [...DEMO.prices, ...DEMO.lots]) expect(PANTRY.has(ingredient), ingredient).toBe(true);
  });
  it('its dogs show a mix of yes and no', () => {
    const verdicts = RECIPES.flatMap(([, document]) => screen(linesOf(document), DEMO.dogs).dogs.map(({ may }) => may));
    expect(new Set(verdicts)).toEqual(new Set(['yes', 'ask', 'no']));
  });
});

/** What a dough may feel like to be shaped. */
const FEELS: Partial<Record<BatchDocument['shape']['method'], readonly string[]>> = {
  'roll-and-cut': ['stiff', 'rollable'],
  'log-slice': ['stiff', 'rollable'],
  ball: ['stiff', 'rollable'],
  cup: ['scoopable', 'batter'],
  cake: ['scoopable', 'batter'],
};
const HAS_FLOUR = new Set(['flour/meal', 'whole grain', 'spent cereal grain']);

describe.each(RECIPES)('%s', (_, document) => {
  const { recipe, shape, target } = document;
  const prediction = predicted(document);
  it('is a file that the published schema knows, with a name, a line about it and steps', () => {
    expect(isBatch(document)).toBe(true);
    for (const text of [recipe.name, recipe.summary, ...(recipe.steps ?? []).map((step) => step.text)])
      expect(text?.length).toBeGreaterThan(5);
    expect(recipe.steps?.length).toBeGreaterThan(1);
  });
  it('makes a dough that can be shaped as it says; without flour, or cut as it grew, nothing is said of its feel', () => {
    const flour = recipe.ingredients.some(({ ingredient }) => HAS_FLOUR.has(PANTRY.get(ingredient)?.category ?? ''));
    if (!flour || shape.method === 'slice' || shape.method === 'cube') return expect(prediction.dough.feel).toBeNull();
    const allowed = FEELS[shape.method] ?? ['stiff', 'rollable', 'soft-sticky', 'scoopable'];
    return expect(allowed).toContain(prediction.dough.feel);
  });
  it('is heated through for what is in it, and not burnt', () => {
    const need_c = Math.max(
      0,
      ...linesOf(document).map(({ ingredient }) =>
        ingredient.rawAnimal ? CORE_TARGET_C[ingredient.rawAnimal] : ingredient.category === 'flour/meal' ? 71 : 0,
      ),
    );
    expect(prediction.heat.core_c_max).toBeGreaterThanOrEqual(need_c);
    expect(prediction.heat.browning).toBeLessThan(0.5);
    expect(prediction.blocked_by).toEqual([]);
  });
  it('reaches the Snap and the days that its baker wants', () => {
    expect(prediction.outcome.snap).toBeGreaterThanOrEqual(target?.snap_min ?? 0);
    expect(Math.max(...prediction.keeps.map(({ days }) => days))).toBeGreaterThanOrEqual(target?.keeps_days_min ?? 0);
  });
  it('costs what ingredients cost: pence, not pounds, per 10 g', () => {
    const prices = new Map(DEMO.prices.map(({ ingredient, ...price }) => [ingredient, price]));
    const { total, missing } = ingredientCost(linesOf(document), { currency: 'GBP', prices });
    const per100g = (100 * total) / prediction.dough.mass_g;
    expect(per100g).toBeGreaterThan(0.05);
    expect(per100g).toBeLessThan(1.5);
    expect(missing.length).toBeLessThanOrEqual(2);
  });
  // What is cut as it grew has no feel to keep.
  it.skipIf(shape.method === 'slice' || shape.method === 'cube')(
    'stays a dough of the same feel when its flour is swapped',
    () => {
      for (const { idea, recipe: swapped } of swapsOf(recipe, 0, PANTRY)) {
        const { dough } = predicted({ ...document, recipe: swapped });
        expect(Math.abs(dough.feel_index / prediction.dough.feel_index - 1), idea.id).toBeLessThan(0.03);
      }
    },
  );
});
