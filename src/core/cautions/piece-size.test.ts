import { describe, expect, it } from 'vitest';
import { pieceSizes, sizeVerdict } from './piece-size';

describe('which size suits which dog', () => {
  it.each([
    [5, 8.6, 7, 21],
    [10, 11.3, 9, 28],
    [30, 17.5, 14, 44],
  ])('%d kg: throat %f, training up to %d, chews from %d mm', (weight_kg, throat, training, chew) => {
    const sizes = pieceSizes(weight_kg);
    expect(sizes.throat_mm).toBeCloseTo(throat, 1);
    expect(Math.round(sizes.training_mm)).toBe(training);
    expect(Math.abs(sizes.chew_mm - chew)).toBeLessThan(0.7);
  });
  it.each([
    [20, 15, 5, 'throat'],
    [8, 8, 10, 'training'],
    [20, 20, 30, 'throat'],
    [60, 12, 5, 'biscuit'],
    [60, 50, 5, 'chew'],
  ] as const)('%d x %d mm for %d kg: %s', (longest, second, weight_kg, verdict) =>
    expect(sizeVerdict(longest, second, weight_kg)).toBe(verdict),
  );
});
