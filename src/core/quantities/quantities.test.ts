import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  IMPERIAL_MEASURES,
  METRIC_MEASURES,
  US_MEASURES,
  celsius,
  eggChoices,
  fahrenheit,
  fanFromStatic,
  gasMark,
  gasMarkHeat,
  asMarked,
  kitchenVolume,
  massOfVolume,
  onScale,
  packChoices,
  staticFromFan,
} from '.';

describe('an amount as cups and spoons are marked', () => {
  it.each([
    [0.333, '1/3'],
    [1 / 3, '1/3'],
    [0.5, '1/2'],
    [1.5, '1 1/2'],
    [2.667, '2 2/3'],
    [0.125, '1/8'],
  ])('%f is %s', (value, words) => expect(asMarked(value)).toBe(words));
  it.each([0, 1, 2, 0.2, 0.34, 1.69])('%f is a plain number', (value) => expect(asMarked(value)).toBeNull());
});

describe('oven heat', () => {
  it.each([
    [100, 212],
    [175, 347],
    [180, 356],
  ])('%d °C is %d °F', (c, f) => expect(Math.round(fahrenheit(c))).toBe(f));
  it('there and back', () => expect(celsius(fahrenheit(163.5))).toBeCloseTo(163.5, 10));
  it.each([
    ['1/4', 110],
    ['1', 140],
    ['4', 180],
    ['9', 240],
  ])('gas mark %s is %d °C', (mark, c) => {
    expect(gasMarkHeat(mark)).toBe(c);
    expect(gasMark(c)).toBe(mark);
  });
  it('the nearest mark is taken; below the lowest there is none', () => {
    expect(gasMark(172)).toBe('3');
    expect(gasMark(176)).toBe('4');
    expect(gasMark(80)).toBeNull();
    expect(gasMarkHeat('11')).toBeNull();
  });
  it.each([
    [100, 95],
    [125, 115],
    [150, 135],
    [160, 145],
    [180, 160],
    [200, 180],
    [220, 200],
  ])('static %d °C is %d °C with the fan', (still, fan) => expect(fanFromStatic(still)).toBe(fan));
  it('a fan dial reads back as a static heat that gives it', () => {
    for (let fan = 60; fan <= 230; fan += 5) expect(fanFromStatic(staticFromFan(fan))).toBeGreaterThanOrEqual(fan);
  });
});

describe('eggs do not halve', () => {
  it('75 g out of 50 g eggs: weigh it beaten, or use two and 18 g less liquid', () => {
    const [beaten, whole] = eggChoices(75, 50);
    expect(beaten).toMatchObject({ kind: 'weigh-beaten', count: 2, leftOver_g: 25 });
    expect(whole).toMatchObject({ kind: 'whole-and-liquid', count: 2 });
    expect(whole.kind === 'whole-and-liquid' && whole.liquid_g).toBeCloseTo(-17.5, 9);
  });
  it('near enough to whole is whole', () => expect(eggChoices(104, 50)).toEqual([{ kind: 'whole', count: 2, mass_g: 100 }]));
  it('a trace of egg still takes one egg', () => expect(eggChoices(12, 50).map(({ count }) => count)).toEqual([1, 1]));
  it('whatever is needed, enough is cracked and nothing is left that was not', () =>
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 900 }), fc.constantFrom(42, 50, 59, 66), (need, each) => {
        for (const choice of eggChoices(need, each)) {
          expect(choice.count).toBeGreaterThan(0);
          if (choice.kind === 'weigh-beaten') expect(choice.mass_g + choice.leftOver_g).toBeCloseTo(choice.count * each, 9);
          if (choice.kind === 'whole-and-liquid') expect(Math.abs(choice.liquid_g)).toBeLessThanOrEqual(0.7 * each);
        }
      }),
      { seed: 5 },
    ));
});

describe('whole packs', () => {
  it('480 g of pumpkin from tins of 425 and 822: scale by 0.885 and use one', () => {
    const [best] = packChoices(480, [425, 822]);
    expect(best).toMatchObject({ pack_g: 425, count: 1, leftOver_g: 0 });
    expect(best.factor).toBeCloseTo(0.885, 3);
  });
  it('offers to keep what is left, when scaling would go too far', () =>
    expect(packChoices(480, [822])).toEqual([{ pack_g: 822, count: 1, factor: 1, leftOver_g: 342 }]));
  it('never scales by more than 15 %, never leaves more than a pack', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 3000 }),
        fc.array(fc.integer({ min: 50, max: 1500 }), { maxLength: 3 }),
        (need, packs) => {
          for (const { factor, leftOver_g, pack_g, count } of packChoices(need, packs)) {
            expect(Math.abs(factor - 1)).toBeLessThanOrEqual(0.15);
            expect(leftOver_g).toBeLessThan(pack_g);
            expect(count * pack_g).toBeCloseTo(need * factor + leftOver_g, 6);
          }
        },
      ),
      { seed: 6 },
    ));
});

describe('what a scale can weigh', () => {
  it.each([
    [248.4, 1, 248, false],
    [248.4, 5, 250, false],
    [6.3, 1, 6.5, false],
    [6.3, 5, 6, false],
    [0.7, 5, 1, true],
    [0, 1, 0, false],
  ])('%f g on a %d g scale is %f g', (wished, step, mass_g, useSpoon) =>
    expect(onScale(wished, step)).toEqual({ mass_g, useSpoon }),
  );
});

describe('cups to grams to cups', () => {
  it.each([
    ['US', US_MEASURES],
    ['metric', METRIC_MEASURES],
    ['imperial', IMPERIAL_MEASURES],
  ])('come back within what a %s spoon can measure', (_, set) =>
    fc.assert(
      fc.property(fc.double({ min: 8, max: 1500, noNaN: true }), fc.constantFrom('spooned', 'scooped', 'unknown'), (ml, fill) => {
        const density = { spooned_g_per_ml: 0.5, packed_g_per_ml: 0.6 };
        const measured = kitchenVolume(ml, set);
        const { mass_g } = massOfVolume(measured.volume_ml, density, fill);
        const back_ml = mass_g / massOfVolume(1, density, fill).mass_g;
        expect(Math.abs(kitchenVolume(back_ml, set).volume_ml / measured.volume_ml - 1)).toBeLessThan(0.05);
      }),
      { seed: 7 },
    ),
  );
});
