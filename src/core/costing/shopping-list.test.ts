import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mix } from '../../../tests/reference/shipped';
import { shoppingList } from '.';

const PRICES = { currency: 'GBP', prices: new Map([['flour_wheat_wholemeal', { pack_g: 1500, price: 1.5 }]]) };
const list = (amounts: Record<string, number>, have: Record<string, number> = {}) =>
  shoppingList(mix(amounts), new Map(Object.entries(have)), PRICES);

describe('the shopping list', () => {
  it('buys whole packs, the least over', () => {
    const [flour] = list({ flour_wheat_wholemeal: 2300 });
    expect(flour).toMatchObject({ short_g: 2300, buy_g: 2500, leftOver_g: 200, cost: 2.5 });
    expect(flour.packs).toEqual(
      expect.arrayContaining([
        { pack_g: 1000, count: 1 },
        { pack_g: 1500, count: 1 },
      ]),
    );
  });
  it('buys what one starts from: peel and all', () => expect(list({ beetroot_raw: 410 })[0].need_g).toBeCloseTo(500, 9));
  it('takes off what is in the house, and buys nothing there is enough of', () => {
    expect(list({ flour_wheat_wholemeal: 2300 }, { flour_wheat_wholemeal: 1400 })[0]).toMatchObject({
      have_g: 1400,
      buy_g: 1000,
    });
    expect(list({ flour_wheat_wholemeal: 300 }, { flour_wheat_wholemeal: 900 })[0]).toMatchObject({
      packs: [],
      buy_g: 0,
      cost: 0,
    });
  });
  it('adds up one ingredient over batches, and never lists water', () => {
    const twice = shoppingList([...mix({ honey: 200, water: 100 }), ...mix({ honey: 200 })], new Map(), PRICES);
    expect(twice.map(({ ingredient, need_g }) => [ingredient.id, need_g])).toEqual([['honey', 400]]);
  });
  it('what is sold loose is weighed out; what has no price says so', () =>
    expect(list({ carrot_raw: 86 })[0]).toMatchObject({ packs: [], buy_g: 100, cost: null }));
  it('always covers the need, and never buys a pack too many', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9000 }), fc.integer({ min: 0, max: 3000 }), (need, have) => {
        const [item] = list({ flour_wheat_wholemeal: need }, { flour_wheat_wholemeal: have });
        expect(item.have_g + item.buy_g).toBeGreaterThanOrEqual(need - 0.5);
        if (item.packs.length > 0) expect(item.buy_g - item.short_g).toBeLessThan(1000);
      }),
      { seed: 41 },
    ));
});
