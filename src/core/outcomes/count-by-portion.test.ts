import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { countByPortion } from './count-by-portion';

describe('a count over portions', () => {
  it('is shared out as was predicted', () => {
    expect(countByPortion(137, [35, 88, 27])).toEqual([32, 80, 25]);
    expect(countByPortion(150, [35, 88, 27])).toEqual([35, 88, 27]);
    expect(countByPortion(7, [0, 0])).toEqual([4, 3]);
  });
  it('always adds up, each within a piece of its share', () =>
    fc.assert(
      fc.property(
        fc.nat({ max: 2000 }),
        fc.array(fc.integer({ min: 1, max: 400 }), { minLength: 1, maxLength: 8 }),
        (counted, predicted) => {
          const whole = countByPortion(counted, predicted);
          const all = predicted.reduce((sum, pieces) => sum + pieces, 0);
          expect(whole.reduce((sum, pieces) => sum + pieces, 0)).toBe(counted);
          for (const [i, pieces] of whole.entries()) expect(Math.abs(pieces - (counted * predicted[i]) / all)).toBeLessThan(1);
        },
      ),
    ));
});
