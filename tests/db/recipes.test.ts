/** The recipe book, the pantry and the shopping list over a real PostgreSQL. */
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startingPoint, type BatchDocument } from '@/core/document';
import { stockIngredients } from '@/db/pantry';
import { PANTRY } from '../reference/shipped';
import { must, openKitchen, saveOver } from './kitchen-database';
import { quickest } from './quickest';

let db: pg.Client;
let close: () => Promise<void>;
let cases: Awaited<ReturnType<typeof useCases>>;

async function useCases() {
  const [save, recipes, recipe, exchange, stock, pantry, shopping, habits, start, batch, refresh] = await Promise.all([
    import('@/server/save-recipe'),
    import('@/server/view-recipes'),
    import('@/server/view-recipe'),
    import('@/server/exchange-recipe'),
    import('@/server/stock-pantry'),
    import('@/server/view-pantry'),
    import('@/server/view-shopping'),
    import('@/server/habits'),
    import('@/server/start-batch'),
    import('@/server/open-batch'),
    import('@/server/refresh-recipes'),
  ]);
  const saving = await import('@/server/save-batch');
  return {
    ...save,
    ...recipes,
    ...recipe,
    ...exchange,
    ...stock,
    ...pantry,
    ...shopping,
    ...habits,
    ...start,
    ...batch,
    ...refresh,
    ...saving,
  };
}

beforeAll(async () => {
  ({ db, close } = await openKitchen('oven_test_recipes'));
  cases = await useCases();
});
afterAll(() => close());

const PLAIN: BatchDocument = {
  ...startingPoint('M1'),
  recipe: {
    name: 'Plain rounds',
    method: 'M1',
    ingredients: [
      { ingredient: 'flour_rice_brown', amount: 300, unit: 'g' },
      { ingredient: 'egg_whole', amount: 2, unit: 'each' },
      { ingredient: 'water', amount: 90, unit: 'g' },
    ],
  },
};
const added = async (document: BatchDocument = PLAIN): Promise<string> => must(await cases.createRecipe(document)).id;
const names = async (query: Parameters<typeof cases.viewRecipes>[0]): Promise<string[]> =>
  must(await cases.viewRecipes(query)).recipes.map(({ name }) => name);

describe('the book', () => {
  it('is searched by name, ingredient, method and allergen, all words together', async () => {
    expect(await names({ q: 'hillbars' })).toEqual(['Beet and mackerel hillbars']);
    expect(await names({ q: 'buckwheat chia' })).toEqual(['Buckwheat and seed bars']);
    expect(await names({ q: 'zucchini' })).toEqual([
      'Turkey and courgette tiles',
      'Turkey and courgette mat bits',
      'Turkey and courgette muffins',
    ]);
    expect(await names({ q: 'washes' })).toEqual(['Barley and broth washboards']);
    expect((await names({ q: 'legume' })).length).toBeGreaterThan(1);
    expect(await names({ q: '100%_\\' })).toEqual([]);
  });
  it('is narrowed by method, by what must not be in it, and by dog', async () => {
    expect(await names({ method: 'M6' })).toEqual(['Venison and barley training bits', 'Lamb-liver training squares']);
    const without = must(await cases.viewRecipes({ without: 'wheat' })).recipes;
    expect(without.length).toBeGreaterThan(5);
    expect(without.flatMap(({ card }) => card.allergens.map(({ name }) => name))).not.toContain('wheat');
    const forMoss = must(await cases.viewRecipes({ dog: 'Moss' })).recipes;
    expect(forMoss.map(({ dogs }) => dogs.find(({ dog }) => dog === 'Moss')?.may)).not.toContain('no');
    expect(forMoss.length).toBe(without.length);
    expect((await names({ q: 'moss fish' })).sort()).toEqual([
      'Freeze-dried salmon cubes',
      'Hake skewers on the grill',
      'Salmon and swede slips',
    ]);
  });
  it('shows dough, cost and who may have it without predicting', async () => {
    const [hillbars] = must(await cases.viewRecipes({ q: 'hillbars' })).recipes;
    expect(hillbars.card).toMatchObject({ feel: 'rollable' });
    expect(hillbars.cost.dough_per_100g).toBeGreaterThan(0.1);
    expect(hillbars.cost.missing).toEqual([]);
    expect(hillbars.dogs.find(({ dog }) => dog === 'Moss')).toMatchObject({ may: 'no' });
    expect(hillbars.dogs.find(({ dog }) => dog === 'Tarn')).toMatchObject({ may: 'yes' });
  });
});

describe('a recipe', () => {
  it('is made, opened on its dough, and found', async () => {
    const id = await added();
    const { recipe, document, revision, versions } = must(await cases.viewRecipe(id));
    expect(recipe.card.dough_g).toBe(490);
    expect(document.recipe).toEqual(PLAIN.recipe);
    expect([revision, versions.length]).toEqual([1, 0]);
    expect(await names({ q: 'plain rounds' })).toEqual(['Plain rounds']);
  });
  it('keeps every version, and brings an old one back as the newest', async () => {
    const id = await added();
    const more = { ...PLAIN, recipe: { ...PLAIN.recipe, name: 'Rounder rounds' } };
    expect(must(await cases.saveRecipe(id, { revision: 1, document: more })).revision).toBe(2);
    expect(must(await cases.viewRecipe(id)).versions.map(({ revision, name }) => [revision, name])).toEqual([
      [1, 'Plain rounds'],
    ]);
    expect(must(await cases.bringBack(id, 1)).revision).toBe(3);
    const { document, versions } = must(await cases.viewRecipe(id));
    expect(document.recipe.name).toBe('Plain rounds');
    expect(versions.map(({ revision }) => revision)).toEqual([2, 1]);
    expect(await cases.bringBack(id, 9)).toMatchObject({ ok: false, code: 'NOT_FOUND' });
  });
  it('saved from a stale revision is refused, and nothing of it is kept', async () => {
    const id = await added();
    must(await cases.saveRecipe(id, { revision: 1, document: { ...PLAIN, recipe: { ...PLAIN.recipe, name: 'First' } } }));
    const late = await cases.saveRecipe(id, { revision: 1, document: { ...PLAIN, recipe: { ...PLAIN.recipe, name: 'Late' } } });
    expect(late).toMatchObject({ ok: false, code: 'CHANGED_ELSEWHERE' });
    expect(must(await cases.viewRecipe(id)).versions).toHaveLength(1);
  });
  it('is copied, put away, and taken back', async () => {
    const id = await added();
    const copy = must(await cases.copyRecipe(id)).id;
    expect(must(await cases.viewRecipe(copy)).recipe.name).toBe('Plain rounds, copy');
    must(await cases.setArchived(copy, true));
    expect(await names({ q: 'copy' })).toEqual([]);
    expect(await names({ q: 'copy', archived: 'yes' })).toEqual(['Plain rounds, copy']);
    must(await cases.setArchived(copy, false));
    expect(await names({ q: 'copy' })).toEqual(['Plain rounds, copy']);
  });
  it('with a composition of its own is screened, in the book and on its page', async () => {
    const composition_per_100g = { water: 9, protein: 12, fat: 3, carbohydrate: 73, ash: 3, allergen: 'wheat/gluten' };
    const ingredients = [
      ...PLAIN.recipe.ingredients,
      { ingredient: 'Hill meal', amount: 40, unit: 'g' as const, composition_per_100g },
    ];
    const id = await added({ ...PLAIN, recipe: { ...PLAIN.recipe, name: 'Hill rounds', ingredients } });
    for (const { dogs } of [
      must(await cases.viewRecipe(id)).recipe,
      must(await cases.viewRecipes({ q: 'hill rounds' })).recipes[0],
    ])
      expect(dogs.find(({ dog }) => dog === 'Moss')).toMatchObject({ may: 'no' });
  });
  it('in cups weighs what this kitchen fills into a cup', async () => {
    const cups = [{ ingredient: 'flour_wheat_white', amount: 2, unit: 'cup-us' as const }, ...PLAIN.recipe.ingredients.slice(1)];
    const id = await added({ ...PLAIN, recipe: { ...PLAIN.recipe, ingredients: cups } });
    must(await saveOver(cases.saveHabits, { measures: 'metric', cup_fill: 'scooped', scale_step_g: 1, cut_gaps_mm: [] }));
    expect(must(await cases.viewRecipe(id)).recipe.card.lines[0].mass_g).toBeCloseTo(293.4, 1);
    must(await saveOver(cases.saveHabits, { measures: 'metric', cup_fill: null, scale_step_g: 1, cut_gaps_mm: [] }));
    expect(must(await cases.viewRecipe(id)).recipe.card.lines[0].mass_g).toBeCloseTo(265.7, 1);
  });
  it('is started with the gap that this kitchen’s hands leave', async () => {
    const id = await added(PLAIN);
    const gapOf = async (): Promise<number | undefined> => {
      const batch = must(await cases.startBatch(id));
      return must(await cases.openBatch(batch.id)).batch.document.kitchen?.hand_gap_mm;
    };
    expect(await gapOf()).toBeUndefined();
    must(await saveOver(cases.saveHabits, { measures: 'metric', cup_fill: null, scale_step_g: 1, cut_gaps_mm: [6, 5, 7.5] }));
    expect(await gapOf()).toBe(6);
    must(await saveOver(cases.saveHabits, { measures: 'metric', cup_fill: null, scale_step_g: 1, cut_gaps_mm: [] }));
    expect(
      await saveOver(cases.saveHabits, { measures: 'metric', cup_fill: null, scale_step_g: 1, cut_gaps_mm: [40] }),
    ).toMatchObject({
      ok: false,
      code: 'OUT_OF_RANGE',
    });
  });
  it('with what is not for dogs is saved, and says stop', async () => {
    const id = await added({
      ...PLAIN,
      recipe: { ...PLAIN.recipe, ingredients: [...PLAIN.recipe.ingredients, { ingredient: 'onion', amount: 20, unit: 'g' }] },
    });
    expect(must(await cases.viewRecipe(id)).screening.stops.map(({ ingredient }) => ingredient)).toEqual(['onion']);
  });
  it.each([
    ['no ingredient', { ...PLAIN, recipe: { ingredients: [] } }, 'document.recipe.ingredients'],
    [
      'an unknown one',
      { ...PLAIN, recipe: { ingredients: [{ ingredient: 'gravel', amount: 1, unit: 'g' }] } },
      'document.recipe.ingredients[0].ingredient',
    ],
  ])('with %s is refused by its key', async (_, document, path) =>
    expect(await cases.createRecipe(document)).toMatchObject({ ok: false, path }),
  );
});

describe('files', () => {
  const read = (text: string, wishes: { cups?: string; recipe?: number } = {}): ReturnType<typeof cases.readRecipe> =>
    cases.readRecipe(new TextEncoder().encode(text), { cups: wishes.cups ?? null, recipe: wishes.recipe ?? 0 });
  it.each(['batch', 'json-ld', 'csv'] as const)('a recipe goes out as %s and comes back the same', async (as) => {
    const id = await added();
    const { content } = must(await cases.recipeFile(id, as));
    const back = must(await read(content));
    expect(back.kind === 'document' && back.document).toEqual(must(await cases.viewRecipe(id)).document);
  });
  it('plain words are read with the habits of the kitchen, where they say nothing else', async () => {
    must(await saveOver(cases.saveHabits, { measures: 'us', cup_fill: 'scooped', scale_step_g: 5, cut_gaps_mm: [] }));
    const found = must(await read('Rounds\n2 cups flour (plain)\n1 cup samphire\n\nMethod\n1. Mix.', { cups: 'us' }));
    if (found.kind !== 'reading') throw new Error('a document');
    expect(found.reading.ingredients[0].grams).toBeCloseTo(293.4, 1);
    expect(found.reading.ingredients[1].question).toContain('samphire');
    must(await saveOver(cases.saveHabits, { measures: 'metric', cup_fill: null, scale_step_g: 1, cut_gaps_mm: [] }));
    expect(must(await read('1 cup water'))).toMatchObject({ reading: { cups: { meant: 'metric' } } });
    expect(must(await read('1 cup water', { cups: 'uk' }))).toMatchObject({ reading: { ingredients: [{ grams: 284.13 }] } });
  });
  it.each([
    ['a broken batch file', '{"format":"upbeat-oven/batch"', 'NOT_JSON'],
    ['a page without a recipe', '<html><body>hello</body></html>', 'MISSING_VALUE'],
    ['nothing', '  ', 'MISSING_VALUE'],
  ])('%s is refused', async (_, text, code) => expect(await read(text)).toMatchObject({ ok: false, code }));
  it('cups of no country are refused', async () =>
    expect(await read('1 cup water', { cups: 'mars' })).toMatchObject({ ok: false, code: 'BAD_VALUE', path: 'cups' }));
});

describe('a batch and its recipe', () => {
  it('what a batch found out is kept as a new version, without the day it belongs to', async () => {
    const recipe = await added();
    const { id } = must(await cases.startBatch(recipe));
    const { document } = must(await cases.openBatch(id)).batch;
    const lines = document.recipe.ingredients.map((line, i) => (i === 2 ? { ...line, amount: 105, actual_g: 104 } : line));
    must(
      await cases.saveBatch(id, { revision: 1, document: { ...document, recipe: { ...document.recipe, ingredients: lines } } }),
    );
    expect(must(await cases.keepInRecipe(id)).id).toBe(recipe);
    const kept = must(await cases.viewRecipe(recipe));
    expect(kept.document.recipe.ingredients[2]).toEqual({ ingredient: 'water', amount: 105, unit: 'g' });
    expect(kept.document.kitchen).toBeUndefined();
    expect(kept.versions).toHaveLength(1);
  });
  it('opens with what is in the house and where a rest can go', async () => {
    const { id } = must(await cases.startBatch('malt-grain-batons'));
    const { lots, alsoUsedIn, prices, dogs } = must(await cases.openBatch(id));
    expect(lots.find(({ ingredient_id }) => ingredient_id === 'spent_grain_wet')?.left_g).toBe(860);
    expect(new Map(alsoUsedIn).get('peanut_butter')?.map(({ name }) => name)).toContain('Malt-grain crackers');
    expect(prices.currency).toBe('GBP');
    expect(dogs.map(({ name }) => name)).toEqual(['Juno', 'Moss', 'Pip', 'Skerry', 'Tarn']);
  });
});

describe('the pantry', () => {
  const PANEL = { water: 9, protein: 12, fat: 3, carbohydrate: 73, fibre: 9, ash: 3 };
  it('takes an own entry, uses it in a recipe, and sends its composition along', async () => {
    must(await cases.addOwnIngredient({ name: 'Hedgerow meal', composition: { ...PANEL, allergen: 'gluten' }, pack_g: 750 }));
    const id = await added({
      ...PLAIN,
      recipe: {
        ...PLAIN.recipe,
        ingredients: [...PLAIN.recipe.ingredients, { ingredient: 'Hedgerow meal', amount: 50, unit: 'g' }],
      },
    });
    const { content } = must(await cases.recipeFile(id, 'batch'));
    const line = (JSON.parse(content) as BatchDocument).recipe.ingredients[3];
    expect(line.composition_per_100g).toMatchObject({ water: 9, carbohydrate: 73, allergen: 'gluten' });
    expect(must(await cases.viewPantry()).items.find(({ row }) => row.id === 'Hedgerow meal')?.row).toMatchObject({
      own: true,
      packs_g: [750],
    });
  });
  it('a changed own entry changes the cards of the recipes that hold it', async () => {
    const before = must(await cases.viewRecipes({ q: 'hedgerow' })).recipes[0].card.shares.water;
    must(await cases.addOwnIngredient({ name: 'Hedgerow meal', composition: { ...PANEL, water: 39, carbohydrate: 43 } }));
    expect(must(await cases.viewRecipes({ q: 'hedgerow' })).recipes[0].card.shares.water).toBeGreaterThan(before + 2);
  });
  it('refuses a panel whose sums make no sense, and the name of a shipped row', async () => {
    expect(await cases.addOwnIngredient({ name: 'Odd', composition: { ...PANEL, protein: 60 } })).toMatchObject({
      ok: false,
      code: 'BAD_COMPOSITION',
    });
    expect(await cases.addOwnIngredient({ name: 'honey', composition: PANEL })).toMatchObject({ ok: false, path: 'name' });
  });
  it('a shipped table that is brought up to date leaves own entries alone', async () => {
    await stockIngredients(db, [...PANTRY.values()], null);
    expect(must(await cases.viewPantry()).items.some(({ row }) => row.own)).toBe(true);
  });
  it('notes prices and takes them away', async () => {
    const price = async (): Promise<unknown> => must(await cases.viewPantry()).items.find(({ row }) => row.id === 'honey')?.price;
    must(await saveOver(cases.savePrice, { ingredient: 'honey', pack_g: 340, price: 2.5 }));
    expect(await price()).toEqual({ pack_g: 340, price: 2.5, revision: 1 });
    must(await saveOver(cases.savePrice, { ingredient: 'honey', pack_g: 340, price: null }));
    expect(await price()).toBeNull();
    const both = await Promise.all(
      [2, 3].map((price) => cases.savePrice({ revision: 0, document: { ingredient: 'honey', pack_g: 340, price } })),
    );
    expect(both.map((one) => must(one).kind).sort()).toEqual(['saved', 'stale']);
    must(await saveOver(cases.savePrice, { ingredient: 'honey', pack_g: 340, price: null }));
    expect(await saveOver(cases.savePrice, { ingredient: 'gravel', pack_g: 1, price: 1 })).toMatchObject({
      ok: false,
      code: 'BAD_VALUE',
    });
  });
  it('takes lots in, with their water when a sample was dried, and notes what is left', async () => {
    const lot = { ingredient: 'spent_grain_pressed', left_g: 500, got_on: '2026-11-25', best_before: '2026-11-27', note: '' };
    const { id, water_pct } = must(await cases.addToHouse({ ...lot, sample: { wet_g: 20, dry_g: 6.4 } }));
    expect(water_pct).toBe(68);
    must(await cases.noteLeft(id, { revision: 1, document: { left_g: 0 } }));
    expect(must(await cases.viewPantry()).items.find(({ row }) => row.id === 'spent_grain_pressed')?.lots).toEqual([]);
    expect(must(await cases.noteLeft(id, { revision: 1, document: { left_g: 90 } }))).toMatchObject({
      kind: 'stale',
      current: { revision: 2, document: { left_g: 0 } },
    });
    must(await cases.addToHouse({ ...lot, paid: 3.2 }));
    const paid = await db.query('select pack_g, price from price where ingredient_id = $1', [lot.ingredient]);
    expect(paid.rows).toEqual([{ pack_g: lot.left_g, price: 3.2 }]);
    expect(await cases.addToHouse({ ...lot, best_before: '2026-11-01' })).toMatchObject({ ok: false });
    expect(await cases.addToHouse({ ...lot, got_on: 'soon' })).toMatchObject({ ok: false, path: 'got_on' });
    expect(await cases.addToHouse({ ...lot, ingredient: 'gravel' })).toMatchObject({ ok: false, code: 'UNKNOWN_INGREDIENT' });
    expect(await cases.noteLeft('00000000-0000-4000-8000-000000000000', { revision: 1, document: { left_g: 1 } })).toMatchObject({
      ok: false,
      code: 'NOT_FOUND',
    });
  });
});

describe('the shopping list', () => {
  it('adds the planned batches up, takes off what is in the house, and costs it', async () => {
    const all = must(await cases.viewShopping([]));
    expect(all.batches.every(({ chosen }) => chosen)).toBe(true);
    const one = must(await cases.viewShopping([all.batches[0].id]));
    expect(one.batches.filter(({ chosen }) => chosen)).toHaveLength(1);
    expect(one.total).toBeLessThanOrEqual(all.total);
    const grain = all.items.find(({ ingredient }) => ingredient.id === 'spent_grain_wet');
    expect(grain?.have_g).toBe(860);
    for (const { need_g, have_g, buy_g } of all.items) expect(have_g + buy_g).toBeGreaterThanOrEqual(need_g - 0.5);
  });
});

describe('the routes', () => {
  const at = (id: string): { params: Promise<{ id: string }> } => ({ params: Promise.resolve({ id }) });
  const json = (body: unknown): Request => new Request('http://127.0.0.1/x', { method: 'POST', body: JSON.stringify(body) });
  it('send a recipe as a file with a name that every computer takes', async () => {
    const { GET } = await import('@/app/api/recipes/[id]/file/route');
    const file = await GET(new Request('http://127.0.0.1/x?as=csv'), at('squash-millet-fingers'));
    expect(file.headers.get('content-disposition')).toBe('attachment; filename="squash-and-millet-fingers.csv"');
    expect(await file.text()).toContain('ingredient,butternut_puree,300,g,');
    expect((await GET(new Request('http://127.0.0.1/x?as=stone'), at('hillbars'))).status).toBe(422);
    expect((await GET(new Request('http://127.0.0.1/x'), at('nowhere'))).status).toBe(404);
  });
  it('save, refuse and report a stale recipe with its status', async () => {
    const { POST } = await import('@/app/api/recipes/route');
    const made = await POST(json(PLAIN));
    expect(made.status).toBe(201);
    const { id } = (await made.json()) as { id: string };
    const { PATCH } = await import('@/app/api/recipes/[id]/route');
    expect((await PATCH(json({ revision: 1, document: PLAIN }), at(id))).status).toBe(200);
    expect((await PATCH(json({ revision: 1, document: PLAIN }), at(id))).status).toBe(409);
    expect((await PATCH(json({ revision: 2, document: { ...PLAIN, colour: 1 } }), at(id))).status).toBe(422);
    expect((await POST(new Request('http://127.0.0.1/x', { method: 'POST', body: 'eggs' }))).status).toBe(422);
  });
  it('give the shopping list as a table', async () => {
    const { GET } = await import('@/app/api/shopping.csv/route');
    const table = await (await GET(new Request('http://127.0.0.1/api/shopping.csv'))).text();
    expect(table.split('\n')[0]).toBe('ingredient,need_g,have_g,buy_g,packs,left_over_g,cost_gbp');
    expect(table).toMatch(/Wholegrain spelt flour,\d+,740,\d+,/);
  });
  it('remember habits, and refuse what is none', async () => {
    const { PUT } = await import('@/app/api/kitchen/route');
    const sifted = { measures: 'metric', cup_fill: 'sifted', scale_step_g: 1, cut_gaps_mm: [] };
    expect((await saveOver(cases.saveHabits, sifted)).ok).toBe(true);
    // Over a revision that is none any more: told so, with what stands there.
    const stale = await PUT(json({ revision: 0, document: { ...sifted, scale_step_g: 5 } }));
    expect(stale.status).toBe(409);
    expect(await stale.json()).toMatchObject({ error: { code: 'CHANGED_ELSEWHERE' }, current: { document: sifted } });
    expect(
      (await PUT(json({ revision: 0, document: { measures: 'metric', cup_fill: 'heaped', scale_step_g: 1, cut_gaps_mm: [] } })))
        .status,
    ).toBe(422);
    expect(
      (await PUT(json({ revision: 0, document: { measures: 'metric', cup_fill: null, scale_step_g: 2, cut_gaps_mm: [] } })))
        .status,
    ).toBe(422);
    must(await saveOver(cases.saveHabits, { measures: 'metric', cup_fill: null, scale_step_g: 1, cut_gaps_mm: [] }));
  });
});

describe('two thousand recipes', () => {
  it('are opened within 100 ms and searched within 50', async () => {
    await db.query(
      `insert into recipe (id, kitchen_id, name, method, summary, document, ingredient_ids, allergens, words, card, card_of)
       select 'many-' || id || n, kitchen_id, name || ' ' || n, method, summary, document, ingredient_ids, allergens, words || n, card, card_of
       from recipe cross join generate_series(1, 125) as n where archived_at is null and id not like 'many-%' limit 2000`,
    );
    const answersWithin = async (most_ms: number, query: Parameters<typeof cases.viewRecipes>[0]): Promise<void> =>
      expect((await quickest(most_ms, async () => must(await cases.viewRecipes(query)))).ms).toBeLessThan(most_ms);
    expect(must(await cases.viewRecipes({})).total).toBeGreaterThanOrEqual(2000);
    await answersWithin(100, {});
    await answersWithin(50, { q: 'mackerel spelt' });
    await answersWithin(50, { dog: 'Juno', without: 'wheat' });
    await db.query("delete from recipe where id like 'many-%'");
  });
});

describe('cards', () => {
  it('are left alone while models and table are the same, and made anew when they are not', async () => {
    expect(await cases.refreshRecipes(db)).toEqual({ made: 0, stuck: [] });
    await db.query("update recipe set card_of = 'of older models'");
    const { made, stuck } = await cases.refreshRecipes(db);
    expect(made).toBeGreaterThan(15);
    expect(stuck).toEqual([]);
  });
});
