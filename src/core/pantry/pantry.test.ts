import { describe, expect, it } from 'vitest';
import { PANTRY, ingredient, mix } from '../../../tests/reference/shipped';
import {
  allergensIn,
  allergensOf,
  findIngredient,
  freshnessOf,
  ownIngredient,
  preparationOf,
  searchPantry,
  sharesOf,
  startFrom,
  swapIdeas,
  waterByDrying,
  weighIngredient,
} from '.';

describe("an ingredient of the baker's own", () => {
  // An own ingredient called "constructor" once took the whole pantry page down.
  it.each(['constructor', 'toString', 'valueOf', 'hasOwnProperty'])('called %s is like any other', (name) => {
    const own = ownIngredient(name, { water: 10, protein: 12, fat: 2, carbohydrate: 75, ash: 1 });
    if (!own.ok) throw new Error(own.message);
    const row = { ...own.value, id: name, category: name };
    expect(preparationOf(row)).toBeNull();
    expect(freshnessOf(row)).toEqual({ room_h: null, fridge_days: null, freezer_months: null });
    expect(swapIdeas(row, PANTRY)).toEqual([]);
    expect(findIngredient(name, new Map([[name, row]])).row).toBe(row);
  });
});

describe('names', () => {
  it('every other name finds its own row, or asks', () => {
    for (const row of PANTRY.values())
      for (const name of row.otherNames) {
        const found = findIngredient(name, PANTRY);
        expect([found.row?.id, found.sure], name).toEqual([row.id, !name.endsWith('?')]);
      }
  });
  it('no two rows share a name', () => {
    const seen = new Map<string, string>();
    for (const row of PANTRY.values())
      for (const name of row.otherNames) {
        expect(seen.get(name.replace('?', '')) ?? row.id, name).toBe(row.id);
        seen.set(name.replace('?', ''), row.id);
      }
  });
  it('an id finds itself', () => expect(findIngredient('cod_raw', PANTRY).row?.id).toBe('cod_raw'));
  it('what a word names elsewhere is never explained away', () => {
    for (const name of ['cashew milk', 'hemp milk', 'beet sugar', 'chicken stock cube powder soup', 'sugar free peanut butter'])
      expect(findIngredient(name, PANTRY).sure, name).toBe(false);
  });
  it('a picker narrows while one types, the plainest name first', () => {
    expect(searchPantry('pum', PANTRY)[0].id).toBe('pumpkin_puree');
    expect(searchPantry('whole wh', PANTRY)[0].id).toBe('flour_wheat_wholemeal');
    expect(searchPantry('qqq', PANTRY)).toEqual([]);
    expect(searchPantry('', PANTRY)).toHaveLength(PANTRY.size);
  });
});

describe('allergens', () => {
  it('two words are two allergens, "or" and brackets a maybe', () => {
    expect(allergensOf(ingredient('flour_wheat_white'))).toEqual([
      { name: 'wheat', certain: true },
      { name: 'gluten', certain: true },
    ]);
    expect(allergensOf(ingredient('broth_homemade'))).toEqual([
      { name: 'beef', certain: false },
      { name: 'chicken', certain: false },
    ]);
    expect(allergensOf(ingredient('oats_rolled'))).toContainEqual({ name: 'gluten', certain: false });
    expect(allergensOf(ingredient('water'))).toEqual([]);
  });
  it('what one row has for certain is certain', () =>
    expect(allergensIn([ingredient('broth_homemade'), ingredient('chicken_mince')])).toContainEqual({
      name: 'chicken',
      certain: true,
    }));
});

describe('preparing', () => {
  it('180 g of grated beetroot start from 220 g', () => expect(startFrom(ingredient('beetroot_raw'), 180)).toBeCloseTo(219.5, 1));
  it('what swells starts from less', () => expect(startFrom(ingredient('lentils_cooked'), 240)).toBeCloseTo(100, 9));
  it('what comes as it is starts from itself', () => {
    expect(preparationOf(ingredient('honey'))).toBeNull();
    expect(startFrom(ingredient('honey'), 40)).toBe(40);
  });
  it('each has a verb, a yield that can be, and a time', () => {
    for (const row of PANTRY.values()) {
      const way = preparationOf(row);
      if (!way) continue;
      expect(way.yield, row.id).toBeGreaterThan(0.2);
      expect(way.yield, row.id).toBeLessThan(6);
      expect(way.minutes, row.id).toBeGreaterThan(0);
    }
  });
  it('cooked grain swells by the water it takes up: dry solids are kept within a fifth', () => {
    // Solids of the dry goods: about 87 g per 100 g.
    for (const id of [
      'rice_brown_cooked',
      'rice_white_cooked',
      'quinoa_cooked',
      'barley_cooked',
      'lentils_cooked',
      'oatmeal_porridge',
    ]) {
      const row = ingredient(id);
      const solids = ((100 - row.water) / 100) * (preparationOf(row)?.yield ?? 1);
      expect(Math.abs(solids / 0.87 - 1), id).toBeLessThan(0.2);
    }
  });
  it('wet things have a clock, dry ones none', () => {
    expect(freshnessOf(ingredient('spent_grain_wet'))).toEqual({ room_h: 6, fridge_days: 2, freezer_months: 3 });
    expect(freshnessOf(ingredient('pumpkin_puree')).fridge_days).toBe(4);
    expect(freshnessOf(ingredient('flour_rice_white')).fridge_days).toBeNull();
    for (const row of PANTRY.values()) if (row.rawAnimal) expect(freshnessOf(row).fridge_days, row.id).toBeLessThanOrEqual(4);
  });
});

describe('weigh, dry, weigh again', () => {
  it('20 g that dry to 5.6 g were 72 % water, give or take what the scale shows', () => {
    const test = waterByDrying(20, 5.6, 0.1);
    expect(test.ok && test.value.water_pct).toBeCloseTo(72, 9);
    expect(test.ok && test.value.halfWidth_pct).toBeCloseTo(0.32, 2);
  });
  it('weights the wrong way round are told', () => expect(waterByDrying(5, 20)).toMatchObject({ ok: false, path: 'dry_g' }));
});

describe('sizes', () => {
  it('a large egg is not a medium one', () => {
    const weigh = (size?: string) => weighIngredient(ingredient('egg_whole'), 1, 'each', { size });
    expect(weigh('UK large')).toMatchObject({ value: { mass_g: 59 } });
    expect(weigh()).toMatchObject({ value: { mass_g: 50 } });
    expect(weigh('ostrich')).toMatchObject({ ok: false, code: 'NO_COUNT_WEIGHT', path: 'size' });
  });
});

describe('own entries', () => {
  it('of which nobody wrote the allergens down may hold any; "none" is none', () => {
    const panel = { water: 9, protein: 12, fat: 3, carbohydrate: 73, ash: 3 };
    const allergens = (allergen?: string) => {
      const own = ownIngredient('mine', allergen === undefined ? panel : { ...panel, allergen });
      return own.ok ? allergensOf(own.value) : [];
    };
    expect(allergens()).toEqual([{ name: 'what its label says', certain: false }]);
    expect(allergens('none')).toEqual([]);
    expect(allergens('wheat/gluten')).toHaveLength(2);
  });
  it('carry the density and the allergens of their packet', () => {
    const own = ownIngredient('Hedgerow meal', {
      water: 9,
      protein: 12,
      fat: 3,
      carbohydrate: 73,
      ash: 3,
      density_g_per_ml: 0.44,
      allergen: 'gluten',
    });
    expect(own).toMatchObject({ ok: true, value: { bulkSpooned_g_per_ml: 0.44, allergen: 'gluten', uncertain: true } });
  });
});

describe('what a dough is made of', () => {
  it('adds up to nearly all of it', () => {
    const shares = sharesOf(mix({ flour_wheat_wholemeal: 300, egg_whole: 50, water: 120, rapeseed_oil: 15 }));
    const total = Object.values(shares).reduce((sum, share) => sum + share, 0);
    expect(Math.abs(total - 100)).toBeLessThan(2);
  });
});

describe('swap ideas', () => {
  it('are known, other than the thing itself, and each named once', () => {
    for (const row of PANTRY.values()) {
      const ideas = swapIdeas(row, PANTRY);
      expect(new Set(ideas.map(({ id }) => id)).size, row.id).toBe(ideas.length);
      for (const { parts } of ideas)
        for (const { ingredient: id, perGram } of parts) {
          expect(PANTRY.get(id)?.dogFlag, `${row.id} -> ${id}`).not.toBe('avoid');
          expect(id).not.toBe(row.id);
          expect(perGram).toBeGreaterThan(0);
        }
    }
  });
  it('lead from wheat to what has no grain', () =>
    expect(
      swapIdeas(ingredient('flour_wheat_wholemeal'), PANTRY)
        .filter(({ reason }) => reason === 'grain-free')
        .map(({ id }) => id),
    ).toContain('flour_buckwheat'));
});
