/** Peel, core and stone come off once: what is bought, what lies in the bowl and what lies on the tray. */
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { ingredientCost, shoppingList, type PriceList } from '../costing';
import type { BatchDocument } from '../document';
import { preparationOf, startFrom } from '../pantry';
import { predict, type PredictionRun } from '.';

const sliced = (
  ingredient: string,
  shape: Omit<Extract<BatchDocument['shape'], { method: 'slice' }>, 'method'>,
): PredictionRun => {
  const worked = predict(
    {
      format: 'upbeat-oven/batch',
      version: 1,
      recipe: { ingredients: [{ ingredient, amount: 1000, unit: 'g' }] },
      shape: { method: 'slice', thickness_mm: 5, diameter_mm: 70, ends_pct: 0, ...shape },
      heat: { appliance: { kind: 'dehydrator' }, steps: [{ do: 'hold', setpoint_c: 65, minutes: 300 }] },
    },
    { pantry: PANTRY },
  );
  if (!worked.ok) throw new Error(worked.message);
  return worked.value;
};
const PRICES: PriceList = { currency: 'GBP', prices: new Map([['apple_fresh', { pack_g: 1000, price: 2 }]]) };
const bought = ({ lines }: PredictionRun): number => startFrom(lines[0].ingredient, lines[0].mass_g);
const onTrays = ({ out }: PredictionRun): number => out.pieces * out.piece_g;

describe('apples for rings', () => {
  it('cored by hand: more is bought than lies in the bowl, and all of that goes on the trays but the last scrap', () => {
    const run = sliced('apple_fresh', {});
    expect(bought(run)).toBeCloseTo(1000 / 0.88, 6);
    expect(run.prediction.dough.mass_g).toBe(1000);
    expect(onTrays(run)).toBeGreaterThan(960);
  });
  it('cored at the slicing: as much is bought as lies in the bowl, and the core is missing from the trays', () => {
    const run = sliced('apple_fresh', { core_mm: 22 });
    expect(bought(run)).toBe(1000);
    expect(run.prediction.dough.mass_g).toBe(1000);
    // A core of 22 of 70 mm is a tenth of the disc.
    expect(onTrays(run) / 1000).toBeLessThan(1 - (22 / 70) ** 2 + 1e-9);
    expect(onTrays(run)).toBeGreaterThan(860);
  });
  it('only peeled at the slicing still have to be cored by hand', () => {
    const run = sliced('apple_fresh', { peel_mm: 1 });
    expect(preparationOf(run.lines[0].ingredient)?.verb).toMatch(/core/);
  });
  it('cost and are shopped for as they are bought, once', () => {
    for (const [shape, whole_g] of [
      [{}, 1000 / 0.88],
      [{ core_mm: 22 }, 1000],
    ] as const) {
      const { planned } = sliced('apple_fresh', shape);
      expect(ingredientCost(planned, PRICES).total).toBeCloseTo((2 * whole_g) / 1000, 6);
      expect(shoppingList(planned, new Map(), PRICES)[0].need_g).toBeCloseTo(whole_g, 6);
    }
  });
});

describe('roots that the slicer peels', () => {
  it('are bought as they are weighed; those it does not peel are peeled before', () => {
    expect(bought(sliced('swede_raw', { peel_mm: 3 }))).toBe(1000);
    expect(bought(sliced('swede_raw', {}))).toBeCloseTo(1000 / 0.85, 6);
  });
});

describe('stone fruit', () => {
  it('has no weight of stones in the bowl', () => {
    for (const id of ['peach_fresh', 'apricot_fresh', 'plum_fresh', 'cherries', 'mango_fresh']) {
      const row = PANTRY.get(id);
      expect(row && startFrom(row, 100), id).toBeGreaterThan(104);
    }
  });
});
