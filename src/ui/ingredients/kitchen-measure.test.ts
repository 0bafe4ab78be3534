import { describe, expect, it } from 'vitest';
import { PANTRY, ingredient } from '../../../tests/reference/shipped';
import { kitchenMeasure } from './kitchen-measure';

const US = { measures: 'us', cup_fill: null } as const;
const METRIC = { measures: 'metric', cup_fill: null } as const;

describe('kitchen measures', () => {
  it('eggs by the piece, in halves, when the weight is near one', () => {
    expect(kitchenMeasure(ingredient('egg_whole'), 100, US)?.words).toBe('2 × US large');
    expect(kitchenMeasure(ingredient('egg_whole'), 77, METRIC)?.words).toBe('1 1/2 × UK medium');
    expect(kitchenMeasure(ingredient('egg_whole'), 62, US)?.words).not.toContain('×');
  });
  it('flour by the cup, wide of the mark by a tenth or more', () => {
    const cup = kitchenMeasure(ingredient('flour_wheat_wholemeal'), 260, METRIC);
    expect(cup?.words).toMatch(/cups?/);
    expect((cup?.scatter_g ?? 0) / 260).toBeGreaterThan(0.08);
  });
  it('a cup of the two sets is not the same cup', () => {
    const [us, metric] = [US, METRIC].map((set) => kitchenMeasure(ingredient('water'), 500, set)?.words);
    expect(metric).toBe('2 cups');
    expect(us).not.toBe('2 cups');
  });
  it('a baker who scoops gets more into a cup, and scatters less once asked', () => {
    const measure = (cup_fill: 'scooped' | 'spooned' | null) =>
      kitchenMeasure(ingredient('flour_wheat_white'), 500, { measures: 'metric', cup_fill });
    expect(measure('scooped')?.words).not.toBe(measure('spooned')?.words);
    expect(measure('scooped')?.scatter_g).toBeLessThan(measure(null)?.scatter_g ?? 0);
  });
  it('every ingredient has a measure or none, and no measure without a size', () => {
    for (const row of PANTRY.values())
      for (const mass_g of [2, 35, 240, 1500]) {
        const measure = kitchenMeasure(row, mass_g, METRIC);
        if (!measure) continue;
        expect(measure.words, row.id).not.toMatch(/NaN|undefined|Infinity/);
        expect(measure.scatter_g, row.id).toBeGreaterThan(0);
      }
  });
});
