/** What recipe book, recipe, editor, pantry and the two bowls say, drawn without a browser. */
import type { RecipeView } from '@/contract/recipes';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { drawingOf, predict } from '@/core/prediction';
import { startingPoint, type BatchDocument, type RecipeLine } from '@/core/document';
import { shoppingList } from '@/core/costing';
import { screen } from '@/core/feeding';
import { freshnessOf, preparationOf, sharesOf, type DoughLine } from '@/core/pantry';
import type { BenchProps } from '@/ui/batch/bench-props';
import { OutcomePanel } from '@/ui/batch/OutcomePanel';
import { MixBench, addToBowl } from '@/ui/batch/weigh/MixBench';
import { WeighBench } from '@/ui/batch/weigh/WeighBench';
import { bowlOrder, linesInBowl } from '@/ui/batch/weigh/bowl';
import { wholeChoices } from '@/ui/batch/weigh/whole-choices';
import { packed } from '@/contract/packed';
import { PantryPage } from '@/ui/pantry/PantryPage';
import { ShoppingList } from '@/ui/pantry/ShoppingList';
import { firstToGo, inHouse_g } from '@/ui/pantry/pantry-data';
import { WhoMay } from '@/ui/kit/WhoMay';
import { RecipeBook } from '@/ui/recipes/RecipeBook';
import { RecipeEditor } from '@/ui/recipes/RecipeEditor';
import { RecipePage } from '@/ui/recipes/RecipePage';
import { PANTRY, ingredient, mix } from '../reference/shipped';
import { NO_QUESTIONS } from './no-questions';
import { drawn, words } from './drawn';
import { loaded } from './at-once';

vi.mock('next/dynamic', async () => ({ default: (await import('./at-once')).atOnce }));
beforeAll(() => loaded());

const HABITS = { measures: 'metric', cup_fill: null, scale_step_g: 1, cut_gaps_mm: [] } as const;
const GROWN = {
  age: 'adult',
  activity: 'usual',
  neutered: true,
  overweight: false,
  wornTeeth: false,
  upsetByFat: false,
} as const;
const DOGS = [
  { ...GROWN, name: 'Juno', avoids: ['chicken'], weight_kg: 31 },
  { ...GROWN, name: 'Moss', avoids: ['wheat'], weight_kg: 14 },
];
const nothing = (): void => undefined;
const document = (lines: readonly RecipeLine[], more: Partial<BatchDocument> = {}): BatchDocument => ({
  ...startingPoint('M1'),
  recipe: { name: 'Rounds', ingredients: lines, rest_minutes: 10 },
  ...more,
});
const LINES: readonly RecipeLine[] = [
  { ingredient: 'flour_wheat_wholemeal', amount: 300, unit: 'g' },
  { ingredient: 'egg_whole', amount: 1.5, unit: 'each' },
  { ingredient: 'pumpkin_puree', amount: 120, unit: 'g' },
  { ingredient: 'water', amount: 40, unit: 'g' },
];
function bench(doc: BatchDocument): BenchProps {
  const prices = { currency: 'GBP', prices: new Map([['flour_wheat_wholemeal', { pack_g: 1500, price: 1.95 }]]) };
  const worked = predict(doc, { pantry: PANTRY, prices });
  if (!worked.ok) throw new Error(worked.message);
  return {
    document: doc,
    edits: { set: nothing, change: nothing, newest: () => doc, undo: nothing, redo: nothing, begin: nothing },
    questions: NO_QUESTIONS,
    search: { subscribe: () => () => undefined, getSnapshot: () => null },
    nominal: { prediction: worked.value.prediction, drawing: drawingOf(worked.value) },
    banded: null,
    bandIsOld: true,
    pantry: PANTRY,
    appliances: [],
    habits: HABITS,
    onHabits: nothing,
    dogs: DOGS,
    batchId: 'b',
    compared: null,
    onCompare: nothing,
    costs: {},
    lots: [
      {
        id: 'l',
        ingredient_id: 'pumpkin_puree',
        left_g: 425,
        best_before: null,
        water_pct: null,
        got_on: '2026-11-20',
        note: '',
        revision: 1,
      },
    ],
    alsoUsedIn: new Map([['pumpkin_puree', [{ id: 'x', name: 'Pumpkin bones' }]]]),
  };
}

describe('the weigh bench', () => {
  it('adds the ingredients up, and names what has no price', () =>
    expect(words(<WeighBench {...bench(document(LINES))} />)).toContain('£0.39 of ingredients, without egg and pumpkin puree'));
  it('offers whole eggs and whole tins, with what each does to the feel and where the rest goes', () => {
    const text = words(<WeighBench {...bench(document(LINES, { scale: { by: 'factor', factor: 3.3 } }))} />);
    expect(text).toMatch(/Beat 5 eggs of 50 g, weigh 248 g|Use 5 eggs of 50 g/);
    const thrice = words(<WeighBench {...bench(document(LINES, { scale: { by: 'factor', factor: 3 } }))} />);
    expect(thrice).toMatch(/Beat 5 eggs of 50 g, weigh 225 g.*softness 0\.\d\d → 0\.\d\d.*25 g left/);
    expect(text).toMatch(/Scale the batch ×1\.\d+ and use exactly 1 pack of 425 g/);
    const doubled = words(<WeighBench {...bench(document(LINES))} />);
    expect(doubled).toMatch(/Open 1 pack of 425 g and keep the rest.*305 g left, also used in Pumpkin bones/);
  });
  it('says which of the fixed things limits the batch, and what is left of the others', () => {
    const fixed = [
      { ingredient: 'flour_wheat_wholemeal', amount: 1000, unit: 'g' },
      { ingredient: 'pumpkin_puree', amount: 240, unit: 'g' },
    ] as const;
    const text = words(<WeighBench {...bench(document(LINES, { scale: { by: 'fixed', fixed } }))} />);
    expect(text).toContain('400 g left over');
    expect(words(<WeighBench {...bench(document(LINES, { scale: { by: 'fixed', fixed: fixed.slice(0, 1) } }))} />)).toContain(
      'use the 425 g of pumpkin puree, canned, plain in the house',
    );
    expect(text).toContain('limits the batch');
  });
  it('asks how a cup is filled where cups are used, and not elsewhere', () => {
    const cups = LINES.map((line, i): RecipeLine => (i === 0 ? { ...line, amount: 2, unit: 'cup-us' } : line));
    expect(words(<WeighBench {...bench(document(cups))} />)).toContain('A scooped cup of flour holds a sixth more');
    expect(words(<WeighBench {...bench(document(LINES))} />)).not.toContain('How do you fill a cup?');
  });
  it('shows cups as they are marked, and grams as the scale does', () => {
    const amounts = (unit: RecipeLine['unit']): string => {
      const lines = LINES.map((line, i): RecipeLine => (i === 0 ? { ...line, amount: 4 / 3, unit } : line));
      return drawn(<WeighBench {...bench(document(lines))} />);
    };
    expect(amounts('cup-us')).toContain('value="1 1/3"');
    expect(amounts('oz')).not.toContain('value="1 1/3"');
  });
  it('an ingredient that is not for dogs stops label and feeding in plain words', () =>
    expect(words(<WeighBench {...bench(document([...LINES, { ingredient: 'onion', amount: 5, unit: 'g' }]))} />)).toMatch(
      /Stop Onion.* is not for dogs/,
    ));
});

describe('the mix bench', () => {
  it('lists the bowl in the order of the work', () => {
    const order = bowlOrder(document(LINES), PANTRY);
    expect(order.map(({ part, lines }) => [part, ...lines])).toEqual([
      ['dry', 0],
      ['wet', 1, 2],
      ['liquid', 3],
    ]);
  });
  it('shows planned and actual beside each other, and what to add once they differ', () => {
    const wet = LINES.map((line, i): RecipeLine => (i === 1 ? { ...line, actual_g: 130 } : line));
    const text = words(<MixBench {...bench(document(wet))} />);
    expect(text).toMatch(/Egg, whole, without shell 75 g .* \+55 g/);
    expect(text).toMatch(/Add \d+ g wholemeal \(whole wheat\) flour · .* by the spoon/);
    expect(text).toContain('Water: adding it only leads further away');
  });
  it('tells how the dough goes on drinking while it stands', () => {
    const oats: readonly RecipeLine[] = [
      { ingredient: 'flour_oat', amount: 200, unit: 'g' },
      { ingredient: 'pumpkin_puree', amount: 245, unit: 'g' },
      { ingredient: 'egg_whole', amount: 1, unit: 'each' },
    ];
    expect(words(<MixBench {...bench(document(oats))} />)).toMatch(
      /fresh 10 min 20 min 30 min 60 min 1\.44 scoop .* 0\.9\d rollable/,
    );
  });
  it('what is put in is added to what is there, or to a line of its own', () => {
    const inBowl = [{ ingredient: 'water', mass_g: 80 }];
    const water: readonly RecipeLine[] = [{ ingredient: 'water', amount: 40, unit: 'g' }];
    expect(addToBowl({ ingredients: water }, inBowl, 'water', 12.34)).toEqual([
      { ingredient: 'water', amount: 40, unit: 'g', actual_g: 92.3 },
    ]);
    expect(addToBowl({ ingredients: water }, inBowl, 'flour_oat', 20)).toEqual([
      ...water,
      { ingredient: 'flour_oat', amount: 0, unit: 'g', actual_g: 20 },
    ]);
  });
});

describe('what comes out', () => {
  it('screens a composition that a line brings like any other ingredient', () => {
    const own = { water: 9, protein: 12, fat: 3, carbohydrate: 73, ash: 3, allergen: 'wheat/gluten' };
    const lines: readonly RecipeLine[] = [
      ...LINES.slice(1),
      { ingredient: 'Hill meal', amount: 300, unit: 'g', composition_per_100g: own },
    ];
    const { document: doc, nominal, pantry, dogs } = bench(document(lines));
    const plate = words(
      <OutcomePanel
        portion={null}
        document={doc}
        nominal={nominal.prediction}
        banded={null}
        bandIsOld
        pantry={pantry}
        dogs={dogs}
        costs={{}}
        onAccept={() => undefined}
      />,
    );
    expect(plate).toContain('Moss : no. Reacts to wheat, in hill meal.');
  });
});

describe('coming out even', () => {
  const choicesOf = (doc: BatchDocument) => {
    const { nominal } = bench(doc);
    const { dough } = nominal.prediction;
    const lines = linesInBowl(doc, dough, PANTRY);
    return wholeChoices({ document: doc, lines, factor: dough.factor, pantry: PANTRY, standing_min: 10, kitchen_c: 20 });
  };
  it('whole eggs and less water leave the dough about as soft as it was', () => {
    const doc = document(LINES);
    const whole = choicesOf(doc).find(({ words: said }) => said.includes('less water'));
    const before = bench(doc).nominal.prediction.dough.feel_index;
    expect(Math.abs((whole?.feel_index ?? 0) / before - 1)).toBeLessThan(0.03);
    const after = whole?.apply ? bench({ ...doc, ...whole.apply(doc) }).nominal.prediction.dough : null;
    expect(after?.feel_index).toBeCloseTo(whole?.feel_index ?? 0, 2);
    expect(after?.ingredients[1].mass_g).toBe(100);
  });
  it('a pack that is used up whole scales the rest with it', () => {
    const doc = document(LINES, { scale: { by: 'factor', factor: 3.3 } });
    const pack = choicesOf(doc).find(({ words: said }) => said.startsWith('Scale the batch'));
    const after = pack?.apply ? bench({ ...doc, ...pack.apply(doc) }).nominal.prediction.dough : null;
    expect(after?.ingredients[2].mass_g).toBeCloseTo(425, 6);
  });
});

function recipeOf(lines: readonly DoughLine[], stops: RecipeView['stops'] = []): RecipeView {
  return {
    id: 'rounds',
    name: 'Rounds',
    method: 'M1',
    summary: 'Plain ones.',
    card: {
      lines: lines.map(({ ingredient: row, mass_g }) => ({ ingredient: row.id, name: row.name, mass_g })),
      dough_g: 500,
      feel: 'rollable',
      feel_index: 0.85,
      feel_low: 0.7,
      feel_high: 1,
      crumble_edge: 0.45,
      pieces: 84,
      minutes: 45,
      snap: 9,
      texture: 'snaps clean',
      keeps_days: 60,
      shares: sharesOf(lines),
      allergens: [
        { name: 'wheat', certain: true },
        { name: 'chicken', certain: false },
      ],
      water_g: 240,
      finished_g: 280,
      moisture_pct: 3,
    },
    cost: { currency: 'GBP', dough_per_100g: 0.31, with_work_per_100g: 2.1, missing: ['Honey'] },
    dogs: screen(lines, DOGS).dogs,
    stops,
  };
}
const BISCUIT = mix({ flour_wheat_wholemeal: 300, egg_whole: 50, water: 120, broth_homemade: 30 });

describe('the book', () => {
  const book = (recipes: readonly RecipeView[], q = ''): string =>
    words(
      <RecipeBook
        kitchen="Bothy"
        dogs={DOGS}
        open={null}
        allergens={['dairy', 'wheat']}
        recipes={recipes}
        total={recipes.length}
        search={{ q, method: '', dog: '', without: '', archived: '' }}
        startAction={() => Promise.resolve()}
      />,
    );
  it('shows dough, cost, who may have it and what it contains', () => {
    const text = book([recipeOf(BISCUIT)]);
    for (const part of [
      'Rounds',
      'Rolled and cut, one bake',
      '500 g',
      '84',
      '£0.31',
      'without honey',
      'contains wheat, maybe chicken',
      '1 recipe',
    ])
      expect(text).toContain(part);
    expect(text).toContain('Moss : no, wheat, in wholemeal (whole wheat) flour');
    expect(text).toContain('Juno : ask first, maybe chicken');
  });
  it('says what to do when it is empty, and when nothing fits', () => {
    expect(book([])).toContain('Write a recipe, paste one');
    expect(book([], 'xyz')).toContain('Take one of the limits away');
  });
});

describe('a recipe', () => {
  const page = (recipe: RecipeView, lines: readonly DoughLine[]): string =>
    words(
      <RecipePage
        recipe={recipe}
        document={document(lines.map(({ ingredient: row, mass_g }) => ({ ingredient: row.id, amount: mass_g, unit: 'g' })))}
        revision={3}
        archived={false}
        screening={screen(lines, DOGS)}
        versions={[{ revision: 2, name: 'Rounds', saved_at: '2026-11-20T10:00:00Z', ingredients: 4 }]}
        pantry={[...PANTRY.values()]}
        habits={HABITS}
        actions={{
          start: () => Promise.resolve(),
          copy: () => Promise.resolve(),
          archive: () => Promise.resolve(),
          restore: () => Promise.resolve(),
        }}
      />,
    );
  it('opens on its dough: made of, feel with band, cost, line, and who', () => {
    const text = page(recipeOf(BISCUIT), BISCUIT);
    for (const part of [
      'version 3',
      'softness 0.85 (0.70 – 1.00)',
      '£0.31 of ingredients per 100 g, £2.10 with your time, guessed; without honey',
      '240 g water in',
      '8 g stays',
      '2: Rounds',
    ])
      expect(text).toContain(part);
    expect(text).toContain('Moss no: wheat in wholemeal (whole wheat) flour');
    expect(text).toContain('Juno ask your vet first: maybe chicken in broth, home-made');
  });
  it('carries preparing with its yield, and clocks', () => {
    const lines = mix({ flour_oat: 300, beetroot_raw: 205, spent_grain_wet: 100 });
    const text = page(recipeOf(lines), lines);
    expect(text).toContain('peel and grate: from 250 g whole beetroot');
    expect(text).toContain('keeps 6 h out, 2 days in the fridge');
  });
  it('shows both sides of a dispute, and stops what is not for dogs', () => {
    const lines = mix({ flour_oat: 300, garlic_fresh: 3, raisins: 20 });
    const text = page(recipeOf(lines, screen(lines, []).stops), lines);
    expect(text).toContain('People disagree about garlic, fresh.');
    expect(text).toContain('No label and no feeding while it is in.');
    expect(text).toContain('Moss no, while it holds what stops it');
  });
});

describe('who may have it', () => {
  it('no dog at all while something stops it', () =>
    expect(words(<WhoMay verdicts={[]} blocked nameOf={(id) => id} />)).toContain('For no dog'));
});

describe('the editor', () => {
  it('starts with paper for a new recipe, and with the lines of one that is there', () => {
    const props = {
      pantry: packed([...PANTRY.values()]),
      prices: { currency: 'GBP', prices: [] },
      habits: HABITS,
      dogs: DOGS,
      costs: {},
    };
    const fresh = words(<RecipeEditor saved={null} document={startingPoint('M1')} {...props} />);
    expect(fresh).toContain('Type or paste the whole recipe');
    expect(fresh).toContain('Save recipe');
    const edited = words(<RecipeEditor saved={{ id: 'rounds', revision: 4 }} document={document(LINES)} {...props} />);
    expect(edited).toContain('Save as version 5');
    expect(edited).toContain('Pumpkin puree, canned, plain');
  });
});

const item = (id: string, lots: Parameters<typeof firstToGo>[0]['lots'] = []): Parameters<typeof firstToGo>[0] => ({
  row: ingredient(id),
  price: { pack_g: 1000, price: 2.6, revision: 1 },
  lots,
  preparation: preparationOf(ingredient(id)),
  freshness: freshnessOf(ingredient(id)),
});
const lot = (left_g: number, best_before: string | null) => ({
  id: `${left_g}`,
  left_g,
  got_on: '2026-11-01',
  best_before,
  water_pct: null,
  note: '',
  revision: 1,
  ingredient_id: 'beetroot_raw',
});

describe('the pantry', () => {
  it('shows composition, price, what is in the house, and the date that has passed', () => {
    const items = [item('beetroot_raw', [lot(500, '2026-11-20'), lot(300, '2027-01-01')]), item('onion')];
    const text = words(
      <PantryPage
        currency="GBP"
        rows={packed(items.map(({ row }) => row))}
        prices={items.flatMap(({ row, price }) => (price ? [[row.id, price] as const] : []))}
        lots={items.flatMap(({ lots }) => lots)}
        today="2026-11-25"
      />,
    );
    expect(text).toContain('£0.26 per 100 g');
    expect(text).toMatch(/800 g past 20 Nov 2026/);
    expect(text).toContain('peel and grate, 8 min; 100 g whole beetroot give 82 g');
    expect(text).toContain('past its date, 20 Nov 2026');
  });
  it('knows which lot goes first', () => {
    const two = item('beetroot_raw', [lot(500, null), lot(300, '2027-01-01')]);
    expect(firstToGo(two)?.left_g).toBe(300);
    expect(inHouse_g(two)).toBe(800);
    expect(firstToGo(item('onion'))).toBeNull();
  });
});

describe('the shopping list', () => {
  it('says what to buy in whole packs, what is enough, and what has no price', () => {
    const prices = { currency: 'GBP', prices: new Map([['flour_wheat_wholemeal', { pack_g: 1500, price: 1.5 }]]) };
    const items = shoppingList(
      mix({ flour_wheat_wholemeal: 2300, honey: 100, rapeseed_oil: 30 }),
      new Map([['rapeseed_oil', 200]]),
      prices,
    );
    const text = words(
      <ShoppingList
        currency="GBP"
        batches={[{ id: 'b', name: 'Bars', chosen: true }]}
        planned={1}
        items={items}
        total={2.5}
        unpriced={['Honey']}
      />,
    );
    expect(text).toMatch(/1 × 1 kg \+ 1 × 1\.5 kg|1 × 1\.5 kg \+ 1 × 1 kg/);
    expect(text).toContain('enough Rapeseed / canola oil');
    expect(text).toContain('Together without honey £2.50');
  });
  it('with nothing planned says how to plan', () =>
    expect(words(<ShoppingList currency="GBP" batches={[]} planned={0} items={[]} total={0} unpriced={[]} />)).toContain(
      'No batch is planned',
    ));
});
