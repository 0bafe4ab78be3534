/** Dough feel: everyday doughs whose handling every baker knows. Regression cases, not proof: the weights were fitted to them. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { crumbleEdge, feelOf, gramsToReach, holdBack, softness } from '@/core/dough';
import { freeLiquid } from '@/core/dough/softness';
import { PANTRY, ingredient, mix } from './shipped';

const at = (standing_min: number): { standing_min: number; kitchen_c: number } => ({ standing_min, kitchen_c: 20 });

const DOUGHS: ReadonlyArray<readonly [name: string, amounts: Record<string, number>, rest: number, index: number, feel: string]> =
  [
    ['wholemeal, half water', { flour_wheat_wholemeal: 100, water: 50 }, 10, 0.74, 'stiff'],
    ['wholemeal, little water', { flour_wheat_wholemeal: 100, water: 28 }, 10, 0.41, 'crumbly'],
    ['pie crust', { flour_wheat_white: 100, butter_unsalted: 50, water: 22 }, 10, 0.67, 'stiff'],
    ['bread', { flour_wheat_strong: 100, water: 65, salt: 2, yeast_dried: 1 }, 15, 1.0, 'rollable'],
    ['wet bread', { flour_wheat_strong: 100, water: 80 }, 15, 1.25, 'soft-sticky'],
    ['flatbread', { flour_wheat_wholemeal: 100, water: 62 }, 20, 0.88, 'rollable'],
    ['drop cookie', { flour_wheat_white: 280, butter_unsalted: 227, sugar_white: 300, egg_whole: 100 }, 5, 1.47, 'scoopable'],
    ['rolled cookie', { flour_wheat_white: 360, butter_unsalted: 227, sugar_white: 200, egg_whole: 50 }, 20, 0.82, 'rollable'],
    ['pancake', { flour_wheat_white: 125, milk_whole: 240, egg_whole: 50, butter_unsalted: 28 }, 5, 3.58, 'batter'],
    ['muffin', { flour_wheat_white: 250, milk_whole: 240, egg_whole: 50, rapeseed_oil: 80, sugar_white: 100 }, 5, 2.17, 'batter'],
    ['drop scone', { flour_wheat_white: 250, butter_unsalted: 75, milk_whole: 150 }, 5, 1.1, 'soft-sticky'],
    ['mince alone', { beef_mince_lean: 500 }, 0, 1.21, 'soft-sticky'],
    ['meatball', { beef_mince_lean: 500, egg_whole: 50, breadcrumbs_dry: 60 }, 10, 0.98, 'rollable'],
    ['rice, dry', { flour_rice_white: 100, water: 45 }, 5, 0.53, 'crumbly'],
    ['rice, middling', { flour_rice_white: 100, water: 60 }, 5, 0.7, 'stiff'],
    ['rice, wet', { flour_rice_white: 100, water: 80 }, 5, 0.94, 'rollable'],
    ['oat and pumpkin, fresh', { flour_oat: 200, pumpkin_puree: 245, egg_whole: 50 }, 0, 1.44, 'scoopable'],
    ['oat and pumpkin, stood', { flour_oat: 200, pumpkin_puree: 245, egg_whole: 50 }, 30, 0.91, 'rollable'],
    ['spent grain', { spent_grain_wet: 650, flour_wheat_wholemeal: 250, peanut_butter: 258, egg_whole: 50 }, 10, 0.75, 'stiff'],
    ['liver cake', { liver_chicken: 450, egg_whole: 50, flour_wheat_wholemeal: 150 }, 5, 2.3, 'batter'],
    ['tuna', { tuna_canned: 204, egg_whole: 100, flour_rice_white: 150 }, 10, 0.66, 'stiff'],
  ];

describe('known doughs', () => {
  it.each(DOUGHS)('%s', (_, amounts, rest, index, feel) => {
    const lines = mix(amounts);
    const soft = softness(lines, at(rest));
    expect(Math.abs(soft.index - index)).toBeLessThanOrEqual(0.02);
    expect(feelOf(soft.index, crumbleEdge(lines))).toBe(feel);
  });
});

describe('putting a dough right', () => {
  const base = { flour_wheat_wholemeal: 300, egg_whole: 50, water: 130, peanut_butter: 32 };
  const pumpkin = { flour_wheat_wholemeal: 340, pumpkin_puree: 245, egg_whole: 100, peanut_butter: 64 };

  it.each([
    [0, 0.904],
    [10, 0.829],
    [30, 0.787],
  ])('standing %d min it is at %f', (rest, index) => expect(softness(mix(base), at(rest)).index).toBeCloseTo(index, 2.5));
  it('a jumbo egg wants 16.7 g more flour', () => {
    const target = softness(mix(base)).index;
    const fix = gramsToReach(mix({ ...base, egg_whole: 63 }), ingredient('flour_wheat_wholemeal'), target);
    expect(fix.kind === 'add' && Math.abs(fix.mass_g - 16.7)).toBeLessThan(0.1);
  });
  it('a puree three points wetter wants 34.7 g more', () => {
    const target = softness(mix(pumpkin)).index;
    const wet = mix(pumpkin).map((line) => (line.ingredient.id === 'pumpkin_puree' ? { ...line, waterPct: 93 } : line));
    const fix = gramsToReach(wet, ingredient('flour_wheat_wholemeal'), target);
    expect(fix.kind === 'add' && Math.abs(fix.mass_g - 34.7)).toBeLessThan(0.2);
  });
  it('a larger banana wants 28.7 g more oat flour', () => {
    const banana = (mass_g: number) => mix({ flour_oat: 150, egg_whole: 50, banana_mashed: mass_g });
    const target = softness(banana(118), at(20)).index;
    expect(target).toBeCloseTo(0.673, 2.5);
    expect(softness(banana(152), at(20)).index).toBeCloseTo(0.802, 2.5);
    const fix = gramsToReach(banana(152), ingredient('flour_oat'), target, at(20));
    expect(fix.kind === 'add' && Math.abs(fix.mass_g - 28.7)).toBeLessThan(0.3);
  });
  it.each([
    ['egg_whole', 0.72],
    ['pumpkin_puree', 0.676],
    ['banana_mashed', 0.606],
    ['applesauce', 0.778],
    ['sweet_potato_puree', 0.497],
    ['milk_whole', 0.902],
    ['honey', 0.417],
    ['peanut_butter', 0.16],
    ['butter_unsalted', 0.349],
    ['rapeseed_oil', 0.45],
    ['sugar_white', 0.299],
    ['glycerol', 0.602],
  ])('a gram of %s frees %f g in the dough at 20 °C', (id, free) =>
    expect(Math.abs(freeLiquid({ ingredient: ingredient(id), mass_g: 1 }, 20) - free)).toBeLessThan(0.002),
  );
  it('wholemeal and half water wants 10.9 g water to roll', () => {
    const fix = gramsToReach(mix({ flour_wheat_wholemeal: 100, water: 50 }), ingredient('water'), 0.9);
    expect(fix.kind === 'add' && Math.abs(fix.mass_g - 10.9)).toBeLessThan(0.1);
  });
  it('says when adding cannot help', () => {
    expect(gramsToReach(mix(base), ingredient('water'), 0.3).kind).toBe('take-away');
  });
  it('keeps a seventh of the flour back', () => expect(holdBack(mix(base))).toMatchObject({ fraction: 0.15, mass_g: 45 }));
  it('all liquid is a batter', () => {
    const { index } = softness(mix({ water: 100 }));
    expect(index).toBe(Infinity);
    expect(feelOf(index, crumbleEdge(mix({ water: 100 })))).toBe('batter');
  });
});

describe('rules that hold for every dough', () => {
  const amounts = fc.record({
    flour: fc.integer({ min: 50, max: 900 }),
    water: fc.integer({ min: 20, max: 500 }),
    egg: fc.integer({ min: 0, max: 200 }),
  });
  const of = (a: { flour: number; water: number; egg: number }): number =>
    softness(mix({ flour_wheat_wholemeal: a.flour, water: a.water, egg_whole: a.egg })).index;

  it('water never stiffens it, flour never softens it, and twice of all changes nothing', () => {
    fc.assert(
      fc.property(amounts, (a) => {
        expect(of({ ...a, water: a.water + 10 })).toBeGreaterThanOrEqual(of(a));
        expect(of({ ...a, flour: a.flour + 10 })).toBeLessThanOrEqual(of(a));
        expect(of({ flour: 2 * a.flour, water: 2 * a.water, egg: 2 * a.egg })).toBeCloseTo(of(a), 9);
      }),
      { seed: 3 },
    );
  });
  it('no single ingredient gives a number that is none', () => {
    for (const row of PANTRY.values()) {
      const { index, sd } = softness([{ ingredient: row, mass_g: 1 }]);
      expect(Number.isNaN(index) || Number.isNaN(sd), row.id).toBe(false);
    }
  });
});
