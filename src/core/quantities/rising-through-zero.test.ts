import { describe, expect, it } from 'vitest';
import { risingThroughZero } from './rising-through-zero';

/** How often a function is asked on the way. */
function counted(rising: (at: number) => number): { readonly of: (at: number) => number; readonly asked: () => number } {
  let times = 0;
  return {
    of: (at) => {
      times++;
      return rising(at);
    },
    asked: () => times,
  };
}

describe('where a rising function passes zero', () => {
  it.each([
    ['a line', (x: number) => 3 * x - 1, 0, 1, 1 / 3],
    ['a root', (x: number) => x * x - 2, 0, 2, Math.SQRT2],
    ['a logarithm', (x: number) => Math.log(x) - 1, 0.1, 50, Math.E],
    ['flat, then steep', (x: number) => x ** 9 - 0.5 ** 9, 0, 4, 0.5],
    ['a pole at its end', (x: number) => x / (1 - x) - 9, 0, 1 - 1e-9, 0.9],
    ['below nothing', (x: number) => x ** 3 + 27, -80, 21, -3],
  ])('%s: to the last digit, with few questions', (_, rising, low, high, place) => {
    const { of, asked } = counted(rising);
    expect(Math.abs(risingThroughZero(of, low, high) - place)).toBeLessThan(4e-15 * Math.abs(place));
    expect(asked()).toBeLessThan(30);
  });
  it('a jump is found as well', () => {
    const { of, asked } = counted((x) => (x < 0.7 ? -1 : 1));
    expect(risingThroughZero(of, 0, 1)).toBeCloseTo(0.7, 14);
    expect(asked()).toBeLessThan(110);
  });
  it('one that never passes zero ends at the end that is nearer to it', () => {
    expect(risingThroughZero((x) => x + 1, 0, 2)).toBe(0);
    expect(risingThroughZero((x) => x - 3, 0, 2)).toBe(2);
  });
});
