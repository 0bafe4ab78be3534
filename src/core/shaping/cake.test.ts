/** Pans by volume, layers by depth, frosting by area. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { borderOf, frostingOf, layerCake, type CakePlan } from './cake';
import { panArea, panFactor, panOutline, panVolume_ml, panWall } from './pan';
import { PAN_SHAPES, type Pan } from './pan-kinds';

const round: Pan = { shape: 'round', width_mm: 200, length_mm: 200, depth_mm: 50, hole_mm: 0 };
const square: Pan = { ...round, shape: 'square' };

describe('pans', () => {
  it('hold what their shape says', () => {
    expect(panVolume_ml(round)).toBeCloseTo(Math.PI * 500, 6);
    expect(panVolume_ml(square)).toBe(2000);
    expect(panVolume_ml({ ...round, shape: 'rectangle', length_mm: 300 })).toBe(3000);
    expect(panVolume_ml({ ...round, shape: 'ring', hole_mm: 60 })).toBeCloseTo(Math.PI * (100 ** 2 - 30 ** 2) * 0.05, 6);
  });
  it('a square holds 27 % more than a round of the same width', () =>
    expect(panFactor(round, square)).toBeCloseTo(4 / Math.PI, 9));
  it('a loaf pan narrows downwards, a bone-shaped one is narrower than its box', () => {
    const box = { ...round, length_mm: 300 };
    for (const shape of ['loaf', 'bone'] as const) {
      expect(panArea({ ...box, shape })).toBeLessThan(200 * 300);
      expect(panArea({ ...box, shape })).toBeGreaterThan(0.5 * 200 * 300);
    }
  });
  it('are drawn as large as they are, lying across', () => {
    for (const shape of PAN_SHAPES) {
      const outline = panOutline({ ...round, shape, length_mm: 300, hole_mm: 0 });
      const size = (axis: 0 | 1): number => 2 * Math.max(...outline.map((point) => point[axis]));
      const long = shape === 'rectangle' || shape === 'loaf' || shape === 'bone';
      expect(size(0), shape).toBeCloseTo(long ? 300 : 200, 6);
      expect(size(1), shape).toBeCloseTo(200, 6);
    }
  });
  it('no wall is shorter than that of a circle with its area', () => {
    for (const shape of PAN_SHAPES) {
      const pan: Pan = { ...round, shape, length_mm: 260, hole_mm: shape === 'ring' ? 60 : 0 };
      expect(panWall(pan)).toBeGreaterThanOrEqual(2 * Math.sqrt(Math.PI * panArea(pan)) * 0.97);
    }
  });
});

const plan: CakePlan = {
  batter_g: 1000,
  batter_g_per_ml: 1.05,
  pan: round,
  layers: 2,
  layersPerPan: 1,
  rise: 1.4,
  trim_mm: 0,
  level_mm: 0,
};
describe('layers', () => {
  it('batter depth follows from volume and base', () => {
    const cake = layerCake(plan);
    expect(cake.batterDepth_mm).toBeCloseTo(1000 / 1.05 / 2 / (Math.PI * 10), 6);
    expect(cake.cake_mm).toBeCloseTo(2 * 1.4 * cake.batterDepth_mm, 9);
    expect(cake.trimmed_g).toBe(0);
  });
  it('two layers cut from one deep cake are as high as two baked by themselves', () =>
    expect(layerCake({ ...plan, layersPerPan: 2 }).cake_mm).toBeCloseTo(layerCake(plan).cake_mm, 9));
  it('trimming and levelling take what their geometry says', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...PAN_SHAPES),
        fc.integer({ min: 0, max: 8 }),
        fc.integer({ min: 0, max: 6 }),
        (shape, trim_mm, level_mm) => {
          const pan: Pan = { ...round, shape, length_mm: 300, hole_mm: shape === 'ring' ? 60 : 0 };
          const cake = layerCake({ ...plan, pan, trim_mm, level_mm });
          const risen_ml = (1000 / 1.05) * plan.rise;
          const kept_ml = (cake.top_mm2 * cake.cake_mm) / 1000;
          expect((plan.batter_g * kept_ml) / risen_ml + cake.trimmed_g).toBeCloseTo(1000, 6);
        },
      ),
      { seed: 3 },
    ));
});

describe('frosting', () => {
  const cake = layerCake(plan);
  const coats = { between_mm: 4, crumb_mm: 1, coat_mm: 3, piping_g: 40 };
  it('is area times thickness', () => {
    const frosting = frostingOf(coats, cake, 2, 200);
    expect(frosting.between_g).toBeCloseTo(Math.PI * 100 ** 2 * 4e-3 * 1.05, 6);
    const skin_mm2 = Math.PI * 100 ** 2 + Math.PI * 200 * (cake.cake_mm + 4);
    expect(frosting.coat_g).toBeCloseTo(skin_mm2 * 3e-3 * 1.05, 6);
    expect(frosting.crumb_g).toBeCloseTo(frosting.coat_g / 3, 6);
    expect(frosting.packs).toBe(Math.ceil(frosting.total_g / 200));
    expect(frosting.height_mm).toBeCloseTo(cake.cake_mm + 8, 9);
  });
  it('without coats asks for no chilling and no tub', () =>
    expect(frostingOf({ between_mm: 0, crumb_mm: 0, coat_mm: 0, piping_g: 0 }, cake, 2, 200)).toMatchObject({
      total_g: 0,
      packs: 0,
      chill_minutes: [0, 0, 0],
    }));
  it('a thicker coat waits longer in the fridge', () => {
    const wait = (coat_mm: number): number => frostingOf({ ...coats, coat_mm }, cake, 2, 200).chill_minutes[1];
    expect(wait(6)).toBeGreaterThan(wait(2));
  });
});

describe('border biscuits', () => {
  const cake = layerCake(plan);
  it('go round a circle with even gaps', () => {
    // A circle of 200 mm with 4 mm of coats: 653 mm round, biscuits of 30 mm at least 3 mm apart.
    const { biscuits, gap_mm } = borderOf(round, cake, 4, 30, 3);
    expect(biscuits).toBe(Math.floor((Math.PI * 208) / 33));
    expect(biscuits * (30 + gap_mm)).toBeCloseTo(Math.PI * 208, 6);
  });
  it('are counted side by side where there are corners', () => {
    // Four sides of 200 mm: six of 30 mm each, at least 3 mm apart.
    const { biscuits, gap_mm } = borderOf(square, layerCake({ ...plan, pan: square }), 0, 30, 3);
    expect(biscuits).toBe(24);
    expect(gap_mm).toBeCloseTo((800 - 720) / 24, 6);
  });
  it('none fits when they are wider than the side', () =>
    expect(borderOf(square, layerCake({ ...plan, pan: square }), 0, 250, 3).biscuits).toBe(0));
});
