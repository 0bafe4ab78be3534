import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { addBand } from '../bands';
import { drawingOf } from './drawing';
import { predict } from './predict';
import { type BatchDocument } from '../document';
import { type HeatStep } from '../catalogue';

const example = (name: string): BatchDocument => JSON.parse(readFileSync(`examples/${name}.batch.json`, 'utf8')) as BatchDocument;
const HILLBARS = example('hillbars');
const worked = (document: BatchDocument): Extract<ReturnType<typeof predict>, { ok: true }>['value'] => {
  const result = predict(document, { pantry: PANTRY });
  if (!result.ok) throw new Error(`${result.message} (${result.path})`);
  return result.value;
};
const numbersIn = (value: unknown): number[] => {
  if (typeof value === 'number') return [value];
  return value !== null && typeof value === 'object' ? Object.values(value).flatMap(numbersIn) : [];
};

/** A plain wholemeal biscuit of 6.4 mm. */
const biscuit = (steps: readonly HeatStep[]): BatchDocument => ({
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
  shape: { method: 'roll-and-cut', thickness_mm: 6.4, cutter: { outline: 'circle', length_mm: 50 } },
  heat: { appliance: { kind: 'static-oven', thermostat_offset_c: 0 }, steps },
});

describe('the whole line', () => {
  it.each(['hillbars', 'malt-grain-batons', 'rye-broth-rusks'])('%s: every number is one', (name) => {
    const { prediction } = worked(example(name));
    expect(numbersIn(addBand(worked(example(name)), 5)).every(Number.isFinite)).toBe(true);
    expect(prediction.yield.pieces).toBeGreaterThan(50);
  });
  it('closes its mass: dough is pieces, scraps and what the board took', () => {
    const { prediction, out } = worked(HILLBARS);
    const { flour_g, loss_g } = out;
    const { pieces, piece_raw_g, scrap_g } = prediction.yield;
    expect(pieces * piece_raw_g + scrap_g).toBeCloseTo(prediction.dough.mass_g + flour_g - loss_g, 6);
  });
  it('loses in mass what it loses in water', () => {
    const { prediction } = worked(HILLBARS);
    const dry = 1 - prediction.dough.water_pct / 100;
    const left = dry / (1 - prediction.outcome.moisture_pct / 100);
    expect(prediction.outcome.mass_loss_pct / 100).toBeCloseTo(1 - left, 3);
  });
  it('gives the same numbers every time, bands too', () =>
    expect(addBand(worked(HILLBARS), 20)).toEqual(addBand(worked(HILLBARS), 20)));
  it('twice the recipe is twice the dough with the same crunch per full oven', () => {
    const [one, two] = [1, 2].map((factor) => worked({ ...HILLBARS, scale: { by: 'factor', factor } }).prediction);
    expect(two.dough.mass_g).toBeCloseTo(2 * one.dough.mass_g, 6);
    expect(two.dough.feel_index).toBeCloseTo(one.dough.feel_index, 9);
  });
  it('reaches the pieces that were asked for, with the least dough found', () => {
    for (const pieces of [17, 100, 333]) {
      const { prediction } = worked({ ...HILLBARS, scale: { by: 'pieces', pieces } });
      expect(prediction.yield.pieces).toBeGreaterThanOrEqual(pieces);
      expect(prediction.yield.pieces).toBeLessThanOrEqual(pieces + 2);
    }
  });
  it('fills the trays that were asked for', () =>
    expect(worked({ ...HILLBARS, scale: { by: 'trays', trays: 2 } }).prediction.yield.trays).toBe(2));
  it('a thicker piece ends wetter and less crisp', () => {
    const at = (thickness_mm: number): ReturnType<typeof worked>['prediction'] =>
      worked({ ...HILLBARS, shape: { ...HILLBARS.shape, thickness_mm } as BatchDocument['shape'] }).prediction;
    expect(at(9).outcome.moisture_pct).toBeGreaterThan(at(6).outcome.moisture_pct);
    expect(at(9).outcome.snap).toBeLessThan(at(6).outcome.snap);
  });
  it('the band holds the likely value', () => {
    const { outcome, yield: out, keeps } = addBand(worked(HILLBARS), 40);
    expect(outcome.moisture_pct_low).toBeLessThanOrEqual(outcome.moisture_pct);
    expect(outcome.moisture_pct_high).toBeGreaterThan(outcome.moisture_pct);
    expect(outcome.snap_low).toBeLessThanOrEqual(outcome.snap);
    expect(out.pieces_low).toBeLessThan(out.pieces);
    for (const { days_low, days, days_high } of keeps) expect([days_low <= days, days <= days_high]).toEqual([true, true]);
  });
  it('a measured thermostat narrows the band', () => {
    const width = (offset: number | undefined): number => {
      const appliance = { kind: 'static-oven' as const, ...(offset === undefined ? {} : { thermostat_offset_c: offset }) };
      const { outcome } = addBand(
        worked({
          ...biscuit([{ do: 'hold', setpoint_c: 170, minutes: 14 }]),
          heat: { appliance, steps: [{ do: 'hold', setpoint_c: 170, minutes: 14 }] },
        }),
        150,
      );
      return outcome.moisture_pct_high - outcome.moisture_pct_low;
    };
    expect(width(0)).toBeLessThan(width(undefined));
  });
  it('lists the defaults it used', () =>
    expect(worked(biscuit([{ do: 'hold', setpoint_c: 170, minutes: 20 }])).prediction.assumed).toEqual(
      expect.arrayContaining(['kitchen.room_c = 20', 'shape.gap_mm = 4.5', 'recipe.rest_minutes = 10']),
    ));
});

describe('what bakers see', () => {
  const at = (...steps: HeatStep[]): ReturnType<typeof worked>['prediction'] => worked(biscuit(steps)).prediction;
  it('25 to 30 minutes at 177 °C turn a 6.4 mm biscuit golden with browned edges', () => {
    for (const minutes of [25, 30])
      expect(at({ do: 'hold', setpoint_c: 177, minutes }).heat.colour).toBe('golden, browned edges');
  });
  it('four hours at 120 °C after that turn it brown, not dark', () => {
    const { heat } = at({ do: 'hold', setpoint_c: 177, minutes: 27 }, { do: 'hold', setpoint_c: 120, minutes: 240 });
    expect(heat.colour).toBe('brown');
  });
  it('is never reported drier than 1.5 %', () =>
    expect(at({ do: 'hold', setpoint_c: 177, minutes: 180 }).outcome.moisture_pct).toBeCloseTo(1.5, 9));
  it('an oven that is slower than the model leaves more water', () => {
    const slow = biscuit([{ do: 'hold', setpoint_c: 170, minutes: 22 }]);
    const paced = { ...slow, heat: { ...slow.heat, appliance: { ...slow.heat.appliance, pace: 0.8 } } };
    expect(worked(paced).prediction.outcome.moisture_pct).toBeGreaterThan(worked(slow).prediction.outcome.moisture_pct);
    expect(worked(paced).prediction.heat.minutes).toBe(22);
  });
  it('a preheated oven is hot from the first minute, a cold one is not', () => {
    const [hot, cold] = [true, false].map(
      (preheated) => at({ do: 'hold', setpoint_c: 170, minutes: 20, preheated }).heat.timeline[0].air_c,
    );
    expect(hot).toBeCloseTo(170, 0);
    expect(cold).toBeCloseTo(20, 0);
  });
});

describe('an appliance beyond its reach', () => {
  const dehydrator = (setpoint_c: number): BatchDocument => {
    const document = biscuit([{ do: 'hold', setpoint_c, minutes: 240, preheated: true }]);
    return { ...document, heat: { ...document.heat, appliance: { kind: 'dehydrator' } } };
  };
  it('is simulated at the air it really reaches, with a caution and an energy', () => {
    const { heat, cautions } = worked(dehydrator(150)).prediction;
    expect(Math.max(...heat.timeline.map(({ air_c }) => air_c))).toBeLessThan(90);
    expect(heat.energy_kwh).toBeGreaterThan(1);
    expect(cautions.map(({ code }) => code)).toContain('beyond-heater');
  });
  it('is left in peace where it can hold what is asked', () =>
    expect(worked(dehydrator(70)).prediction.cautions.map(({ code }) => code)).not.toContain('beyond-heater'));
});

describe('no document makes a wild number', () => {
  const ids = [...PANTRY.keys()];
  const step = fc.oneof(
    fc.record({
      do: fc.constant('hold' as const),
      setpoint_c: fc.integer({ min: 30, max: 260 }),
      minutes: fc.integer({ min: 1, max: 400 }),
    }),
    fc.record({ do: fc.constant('off' as const), minutes: fc.integer({ min: 1, max: 600 }) }),
    fc.constant({ do: 'turn' as const }),
    fc.record({ do: fc.constant('brush' as const), grams: fc.integer({ min: 1, max: 80 }) }),
    fc.record({ do: fc.constant('cool' as const), minutes: fc.integer({ min: 1, max: 90 }) }),
  );
  it('any two ingredients, any programme: an answer of real numbers, or a failure that says what to do', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...ids),
        fc.constantFrom(...ids),
        fc.integer({ min: 1, max: 500 }),
        fc.integer({ min: 2, max: 40 }),
        fc.array(step, { minLength: 1, maxLength: 5 }),
        fc.constantFrom('static-oven', 'fan-oven', 'small-oven', 'dehydrator'),
        (a, b, grams, thickness_mm, steps, kind) => {
          const document: BatchDocument = {
            ...biscuit(steps),
            recipe: {
              ingredients: [
                { ingredient: a, amount: 300, unit: 'g' },
                { ingredient: b, amount: grams, unit: 'g' },
              ],
            },
            shape: { method: 'roll-and-cut', thickness_mm },
            heat: { appliance: { kind }, steps },
          };
          const result = predict(document, { pantry: PANTRY });
          if (!result.ok) {
            expect(result.message.length).toBeGreaterThan(20);
            return;
          }
          const bad = numbersIn(result.value.prediction).filter((number) => !Number.isFinite(number));
          expect(bad).toEqual([]);
          expect(numbersIn(drawingOf(result.value)).every(Number.isFinite)).toBe(true);
          expect(result.value.prediction.outcome.snap).toBeGreaterThanOrEqual(0);
        },
      ),
      { seed: 20261124, numRuns: 80 },
    );
  });
});
