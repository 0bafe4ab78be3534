/** Water activity: published points of single components, and foods with known water activity. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compose } from '@/core/pantry';
import { awOf, awOnTheSafeSide, dampnessWord, dryReadingAllowance, waterHeld } from '@/core/sorption';
import { BAKED_POLYMERS, RAW_POLYMERS, SUGARS, gabAt, gabWater, saltWater } from '@/core/sorption/gab';
import { BISCUIT, mix } from './shipped';

const within = (value: number, expected: number, tolerance: number): void =>
  expect(Math.abs(value - expected)).toBeLessThanOrEqual(tolerance);

describe('single components', () => {
  it('starch at aw .5 holds the published water, less when warm', () => {
    within(gabWater(gabAt(RAW_POLYMERS.starch, 25), 0.5), 0.13404, 1e-4);
    within(gabWater(gabAt(RAW_POLYMERS.starch, 60), 0.5), 0.10786, 1e-4);
  });
  it('protein at aw .8', () => within(gabWater(gabAt(RAW_POLYMERS.protein, 25), 0.8), 0.20054, 1e-4));
  it('sugars at aw .7', () => within(gabWater(gabAt(SUGARS, 25), 0.7), 0.32667, 1e-4));
  it('salt takes up nothing below its saturation', () => {
    within(saltWater(0.9), 5.9993, 1e-3);
    within(saltWater(0.6), 0.0037, 1e-3);
  });
  it('sugars follow Norrish 1966 for hexoses within a tenth', () => {
    // Norrish: aw = xw exp(-K xs^2), K = 2.25; water per gram of glucose at these aw.
    for (const [aw, water] of [
      [0.9, 1.08],
      [0.8, 0.55],
      [0.7, 0.36],
    ] as const)
      within(gabWater(gabAt(SUGARS, 25), aw) / water, 1, 0.1);
  });
  it('a baked polymer holds less than a raw one where crackers are eaten', () => {
    for (const aw of [0.1, 0.2, 0.3, 0.4])
      expect(gabWater(gabAt(BAKED_POLYMERS.starch, 25), aw)).toBeLessThan(gabWater(gabAt(RAW_POLYMERS.starch, 25), aw));
  });
});

describe('whole ingredients', () => {
  it('wholemeal flour adds up', () => {
    const sum = compose(mix({ flour_wheat_wholemeal: 100 }));
    within(sum.solids_g, 89.3, 0.01);
    within(sum.nonFatSolids_g, 86.8, 0.01);
    within(sum.otherCarb_g, 2.9, 0.01);
    within(sum.saltLike_g, 0.085, 0.01);
  });
  it.each([
    [0.1, 2.967],
    [0.3, 6.059],
    [0.5, 8.962],
    [0.7, 13.378],
    [0.9, 23.368],
  ])('baked wholemeal at aw %f holds %f g per 100 g solids', (aw, water_g) => {
    const sum = compose(mix({ flour_wheat_wholemeal: 100 }));
    within((waterHeld(sum, aw, 25, 'baked') / sum.solids_g) * 100, water_g, 0.01);
  });
  it('wholemeal at 6 % reads drier cold than warm', () => {
    const sum = compose(mix({ flour_wheat_wholemeal: 100 }));
    const water_g = (sum.solids_g * 6) / 94;
    within(awOf(sum, water_g, 25, 'baked').aw, 0.3241, 0.002);
    within(awOf(sum, water_g, 60, 'baked').aw, 0.4418, 0.002);
  });
  it('honey', () => {
    const sum = compose(mix({ honey: 100 }));
    within(awOf(sum, (sum.solids_g * 17.1) / 82.9, 25, 'raw').aw, 0.5652, 0.002);
  });
  it.each([
    ['flour_wheat_white', 13, 'raw', 0.56, 0.68],
    ['flour_oat', 10, 'raw', 0.42, 0.56],
    ['flour_rice_white', 12, 'raw', 0.48, 0.6],
    ['apple_dried', 24, 'raw', 0.65, 0.75],
    ['beef_lean_raw', 15, 'raw', 0.64, 0.77],
  ] as const)('%s at %d %% lies where measured foods lie', (id, wb, state, low, high) => {
    const sum = compose(mix({ [id]: 100 }));
    const { aw } = awOf(sum, (sum.solids_g * wb) / (100 - wb), 25, state);
    expect(aw).toBeGreaterThan(low);
    expect(aw).toBeLessThan(high);
  });
});

describe('the biscuit on the scale', () => {
  const sum = compose(mix(BISCUIT));
  it('has the published solids and target weights', () => {
    within(sum.solids_g, 294.8, 0.1);
    within(sum.solids_g + waterHeld(sum, 0.25, 21, 'baked'), 310.1, 0.1);
    within(sum.solids_g + waterHeld(sum, 0.45, 21, 'baked'), 317.9, 0.1);
  });
  it.each([
    [315, 0.379],
    [325, 0.593],
    [340, 0.768],
  ])('weighing %d g means aw %f', (mass_g, aw) => within(awOf(sum, mass_g - sum.solids_g, 21, 'baked').aw, aw, 0.003));
  it('comes back from aw to water to aw', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.06, max: 0.97, noNaN: true }), (aw) => {
        within(awOf(sum, waterHeld(sum, aw, 21, 'baked'), 21, 'baked').aw, aw, 0.001);
      }),
      { seed: 7 },
    );
  });
  it('holds strictly more water at every higher aw', () => {
    for (let aw = 0.05; aw < 0.98; aw += 0.01)
      expect(waterHeld(sum, aw + 0.005, 21, 'baked')).toBeGreaterThan(waterHeld(sum, aw, 21, 'baked'));
  });
  it('says so beyond the range it can be trusted in', () => {
    expect(awOf(sum, 0, 21, 'baked').flag).toBe('below');
    expect(awOf(sum, 3000, 21, 'baked').flag).toBe('above');
    expect(awOf(compose(mix({ water: 100 })), 50, 21, 'raw').flag).toBe('no-solids');
  });
});

describe('the careful side', () => {
  it('adds the published margins', () => {
    within(awOnTheSafeSide(0.72, 0), 0.77, 0.001);
    within(awOnTheSafeSide(0.95, 0), 0.975, 0.001);
    within(awOnTheSafeSide(0.6, 0, true), 0.62, 0.001);
  });
  it('adds more where the isotherm is known to read too dry', () => {
    const sweet = mix({ flour_wheat_white: 100, sugar_white: 60, butter_unsalted: 40 });
    expect(dryReadingAllowance(sweet, compose(sweet))).toBeGreaterThan(0.05);
    expect(dryReadingAllowance(mix(BISCUIT), compose(mix(BISCUIT)))).toBe(0);
  });
  it('has a word for every dampness', () =>
    expect([0.2, 0.4, 0.6, 0.7, 0.8, 0.9, 0.97].map(dampnessWord)).toEqual([
      'bone dry',
      'dry',
      'just dry',
      'chewy-dry',
      'half-moist',
      'moist',
      'wet',
    ]));
});
