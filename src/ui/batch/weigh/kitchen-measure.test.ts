import { describe, expect, it } from 'vitest';
import { PANTRY, ingredient } from '../../../../tests/reference/shipped';
import { kitchenMeasure } from './kitchen-measure';

describe('kitchen measures', () => {
  it('eggs by the piece, in halves, when the weight is near one', () => {
    expect(kitchenMeasure(ingredient('egg_whole'), 100, 'us')?.words).toBe('2 × UK medium');
    expect(kitchenMeasure(ingredient('egg_whole'), 77, 'us')?.words).toBe('1 1/2 × UK medium');
    expect(kitchenMeasure(ingredient('egg_whole'), 62, 'us')?.words).not.toContain('×');
  });
  it('flour by the cup, wide of the mark by a tenth or more', () => {
    const cup = kitchenMeasure(ingredient('flour_wheat_wholemeal'), 260, 'metric');
    expect(cup?.words).toMatch(/cups?/);
    expect((cup?.scatter_g ?? 0) / 260).toBeGreaterThan(0.08);
  });
  it('a cup of the two sets is not the same cup', () => {
    const [us, metric] = (['us', 'metric'] as const).map((set) => kitchenMeasure(ingredient('water'), 500, set)?.words);
    expect(metric).toBe('2 cups');
    expect(us).not.toBe('2 cups');
  });
  it('every ingredient has a measure or none, and no measure without a size', () => {
    for (const row of PANTRY.values())
      for (const mass_g of [2, 35, 240, 1500]) {
        const measure = kitchenMeasure(row, mass_g, 'metric');
        if (!measure) continue;
        expect(measure.words, row.id).not.toMatch(/NaN|undefined|Infinity/);
        expect(measure.scatter_g, row.id).toBeGreaterThan(0);
      }
  });
});
