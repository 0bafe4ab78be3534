import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { predict } from './predict';
import type { BatchDocument, RecipeLine } from '../document';
import type { Prediction } from './prediction';

const document = (ingredients: readonly RecipeLine[], more: Partial<BatchDocument> = {}): BatchDocument => ({
  format: 'upbeat-oven/batch',
  version: 1,
  recipe: { ingredients },
  shape: { method: 'roll-and-cut' },
  heat: { steps: [{ do: 'hold', setpoint_c: 170, minutes: 30 }] },
  ...more,
});
const LINES: readonly RecipeLine[] = [
  { ingredient: 'flour_wheat_wholemeal', amount: 300, unit: 'g' },
  { ingredient: 'egg_whole', amount: 1, unit: 'each' },
  { ingredient: 'water', amount: 120, unit: 'g' },
];
const changed = (index: number, more: Partial<RecipeLine>): RecipeLine[] =>
  LINES.map((line, i) => (i === index ? { ...line, ...more } : line));
function of(doc: BatchDocument, prices?: Parameters<typeof predict>[1]['prices']): Prediction {
  const worked = predict(doc, { pantry: PANTRY, ...(prices ? { prices } : {}) });
  if (!worked.ok) throw new Error(worked.message);
  return worked.value.prediction;
}

describe('what really went into the bowl', () => {
  it('moves the feel, the water and the yield; the plan stays', () => {
    const planned = of(document(LINES));
    const wet = of(document(changed(1, { actual_g: 66 })));
    expect(wet.dough.feel_index).toBeGreaterThan(planned.dough.feel_index);
    expect(wet.dough.mass_g).toBeCloseTo(planned.dough.mass_g + 16, 9);
    expect(wet.dough.ingredients[1]).toMatchObject({ ingredient: 'egg_whole', mass_g: 66, planned_g: 50 });
    expect(wet.heat.timeline[0].moisture_pct).toBeGreaterThan(planned.heat.timeline[0].moisture_pct);
  });
  it('as planned is the same as not weighed', () => {
    const planned = of(document(LINES));
    const weighed = of(document(changed(0, { actual_g: 300 })));
    expect(weighed.dough.feel_index).toBeCloseTo(planned.dough.feel_index, 9);
    expect(weighed.outcome.moisture_pct).toBeCloseTo(planned.outcome.moisture_pct, 6);
  });
  it('stays what it weighed when the batch is scaled', () => {
    const twice = of(document(changed(1, { actual_g: 61 }), { scale: { by: 'factor', factor: 2 } }));
    expect(twice.dough.ingredients.map(({ mass_g, planned_g }) => [mass_g, planned_g])).toEqual([
      [600, 600],
      [61, 100],
      [240, 240],
    ]);
  });
});

describe('measuring', () => {
  it('a wetter puree than the table makes a softer dough', () => {
    const puree = (water_pct?: number): RecipeLine[] => [
      { ingredient: 'flour_wheat_wholemeal', amount: 340, unit: 'g' },
      { ingredient: 'pumpkin_puree', amount: 245, unit: 'g', ...(water_pct ? { water_pct } : {}) },
    ];
    expect(of(document(puree(93))).dough.feel_index).toBeGreaterThan(of(document(puree())).dough.feel_index + 0.05);
  });
  it('the way of filling a cup counts, and is assumed when it is not said', () => {
    const cups = [{ ingredient: 'flour_wheat_white', amount: 2, unit: 'cup-us' }, LINES[2]] as const;
    const scooped = of(document(cups, { kitchen: { cup_fill: 'scooped' } }));
    const spooned = of(document(cups, { kitchen: { cup_fill: 'spooned' } }));
    expect(scooped.dough.ingredients[0].mass_g / spooned.dough.ingredients[0].mass_g).toBeCloseTo(0.62 / 0.53, 6);
    expect(of(document(cups)).assumed).toContain('kitchen.cup_fill = unknown');
    expect(of(document(LINES)).assumed.join()).not.toContain('cup_fill');
  });
  it('three eggs left are eggs of the size that the recipe takes', () => {
    const large = changed(1, { size: 'UK large', amount: 2 });
    const three = { by: 'fixed', fixed: [{ ingredient: 'egg_whole', amount: 3, unit: 'each' }] } as const;
    const { dough } = of(document(large, { scale: three }));
    expect(dough.factor).toBeCloseTo(1.5, 9);
    expect(dough.left_over).toEqual([{ ingredient: 'egg_whole', mass_g: 0, limits: true }]);
  });
  it('a large egg outweighs a medium one', () =>
    expect(of(document(changed(1, { size: 'UK large' }))).dough.ingredients[1].mass_g).toBe(59));
});

describe('what stops a batch', () => {
  it('blocks label and feeding, and is still predicted', () => {
    const onion = of(document([...LINES, { ingredient: 'onion', amount: 20, unit: 'g' }]));
    expect(onion.blocked_by).toContain('avoid-onion');
    expect(onion.yield.pieces).toBeGreaterThan(0);
    expect(of(document(LINES)).blocked_by).toEqual([]);
  });
});

describe('cost', () => {
  const prices = {
    currency: 'GBP',
    prices: new Map([
      ['flour_wheat_wholemeal', { pack_g: 1500, price: 1.8 }],
      ['egg_whole', { pack_g: 348, price: 1.74 }],
    ]),
  };
  it('is null until there are prices', () => expect(of(document(LINES)).cost).toBeNull());
  it('adds up what one starts from: an egg is paid with its shell', () => {
    const { cost, yield: out } = of(document(LINES), prices);
    const egg_g = 50 / 0.88;
    expect(cost?.ingredients).toBeCloseTo((300 * 1.8) / 1500 + (egg_g * 1.74) / 348, 6);
    expect(cost?.per_piece).toBeCloseTo((cost?.ingredients ?? 0) / out.pieces, 9);
    expect(cost?.dough_per_100g).toBeLessThan(cost?.per_100g ?? 0);
    expect(cost?.missing).toEqual([]);
  });
  it('names what has no price instead of taking it for free', () =>
    expect(of(document([...LINES, { ingredient: 'honey', amount: 10, unit: 'g' }]), prices).cost?.missing).toEqual(['honey']));
});
