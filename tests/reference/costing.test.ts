/** What a batch costs: the worked figures, and sums that must close. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { predict } from '@/core/prediction';
import { batchCost, breakEven, cheaper, handMinutes, priceForMargin } from '@/core/costing';
import { PANTRY } from './shipped';

const DRY = {
  ingredients: 0.66,
  energy_kwh: 1.615,
  energy_per_kwh: 0.28,
  packs: 2,
  pack_price: 0.25,
  label_price: 0,
  minutes: 0,
  wage_per_hour: 12,
  equipment: 0,
  overhead: 0,
};

describe('a batch', () => {
  it('of 60 pieces without labour: 1.61, 0.028 each, 0.53 per 100 g', () => {
    const { total, per } = batchCost(DRY, { pieces: 60, finished_g: 310 });
    expect(total).toBeCloseTo(1.612, 2);
    expect(per.piece.total).toBeCloseTo(0.0277, 3);
    expect(per.hundred_g.total).toBeCloseTo(0.536, 2);
  });
  it('forty minutes of work make five sixths of it', () => {
    const { total, parts, withoutLabour, per } = batchCost({ ...DRY, minutes: 40 }, { pieces: 60, finished_g: 340 });
    expect(total).toBeCloseTo(9.61, 2);
    expect(per.hundred_g.total).toBeCloseTo(2.91, 2);
    expect(parts.labour / total).toBeGreaterThan(0.8);
    expect(withoutLabour).toBeCloseTo(1.61, 2);
  });
  it('closes: the parts are the whole, and pieces, grams and packs each make it up again', () =>
    fc.assert(
      fc.property(
        fc.record({
          ingredients: fc.integer({ min: 0, max: 90 }),
          minutes: fc.integer({ min: 0, max: 600 }),
          packs: fc.integer({ min: 1, max: 50 }),
        }),
        (facts) => {
          const cost = batchCost({ ...DRY, ...facts }, { pieces: 80, finished_g: 400 }, 0);
          const sum = Object.values(cost.parts).reduce((all, part) => all + part, 0);
          expect(cost.total).toBeCloseTo(sum, 9);
          expect(cost.per.piece.total * 80).toBeCloseTo(sum, 9);
          expect(cost.per.hundred_g.total * 4).toBeCloseTo(sum, 9);
          expect(cost.per.pack.total * facts.packs).toBeCloseTo(sum, 9);
        },
      ),
      { seed: 3 },
    ));
});

describe('worth it', () => {
  it('a machine pays for itself when bought treats cost more, and never otherwise', () => {
    expect(breakEven(0.53, 2.2, 310, 60)).toMatchObject({ batches: 12 });
    expect(breakEven(2.91, 2.2, 310, 60).batches).toBe(Infinity);
  });
  it('a third is left of what is sold for half as much again', () => expect(priceForMargin(2, 100 / 3)).toBeCloseTo(3, 9));
  it('tells the cheaper one, and what makes the difference', () => {
    const made = { pieces: 60, finished_g: 310 };
    const [short, long] = [batchCost(DRY, made), batchCost({ ...DRY, energy_kwh: 4, packs: 3 }, made)];
    const { difference, because, share } = cheaper(short, long);
    expect(difference).toBeGreaterThan(0);
    expect(because).toBe('energy');
    expect(share).toBeGreaterThan(0.5);
    expect(cheaper(long, short)).toMatchObject({ because: 'energy' });
    expect(cheaper(long, short).difference).toBeCloseTo(-difference, 9);
  });
  it('hands are busier with more pieces, trays, visits and packs', () => {
    const work = { lines: 6, pieces: 60, seconds_per_piece: 4, trays: 2, visits: 2, packs: 2 };
    expect(handMinutes(work)).toBeCloseTo(38, 9);
    for (const key of ['pieces', 'trays', 'visits', 'packs'] as const)
      expect(handMinutes({ ...work, [key]: work[key] + 10 })).toBeGreaterThan(handMinutes(work));
  });
});

/** The textbook sum for an oven's energy [kWh]: heat it up, hold it, boil the water off, warm the dough. */
function ovenSum(
  oven: { c_Wh_per_K: number; ua_W_per_K: number },
  set_c: number,
  minutes: number,
  water_g: number,
  dough_g: number,
): number {
  const rise = set_c - 20;
  const wh =
    oven.c_Wh_per_K * rise +
    (oven.ua_W_per_K * rise * minutes) / 60 +
    0.72 * water_g +
    (dough_g * 2.8 * Math.min(80, rise)) / 3600;
  return wh / 1000;
}

describe('energy', () => {
  const FAN = { c_Wh_per_K: 2.2, ua_W_per_K: 4.2 };
  it('the textbook sum gives 0.826 kWh for half an hour at 180 °C', () =>
    expect(Math.abs(ovenSum(FAN, 180, 30, 150, 485) - 0.826)).toBeLessThan(0.005));
  it.each([
    [180, 30],
    [150, 60],
    [110, 150],
  ])('the simulated oven at %d °C for %d min takes as much, within a half', (setpoint_c, minutes) => {
    const worked = predict(
      {
        format: 'upbeat-oven/batch',
        version: 1,
        recipe: {
          ingredients: [
            { ingredient: 'flour_wheat_wholemeal', amount: 300, unit: 'g' },
            { ingredient: 'egg_whole', amount: 50, unit: 'g' },
            { ingredient: 'water', amount: 120, unit: 'g' },
            { ingredient: 'rapeseed_oil', amount: 15, unit: 'g' },
          ],
        },
        shape: { method: 'score-slab', thickness_mm: 8 },
        heat: {
          appliance: { kind: 'fan-oven', thermostat_offset_c: 0 },
          steps: [{ do: 'hold', setpoint_c, minutes, preheated: true }],
        },
      },
      { pantry: PANTRY },
    );
    if (!worked.ok) throw new Error(worked.message);
    const { heat, dough, outcome } = worked.value.prediction;
    const sum = ovenSum(FAN, setpoint_c, minutes, (dough.mass_g * outcome.mass_loss_pct) / 100, dough.mass_g);
    expect(Math.abs(heat.energy_kwh / sum - 1)).toBeLessThan(0.5);
  });
});
