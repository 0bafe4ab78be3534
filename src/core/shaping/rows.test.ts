/** Rows: how far they rise, how they stack, and what a harder try may never lose. */
import { describe, expect, it } from 'vitest';
import { makeCutter, type Cutter } from './cutter';
import type { OutlineName } from './outline-names';
import { inRowPattern, inRowPatterns, plainPatterns, rowStep } from './row-pattern';
import { bestStack, piecesOf } from './stack-rows';
import { isRound, turnCutter } from './turned-cutter';

function cutter(outline: OutlineName, length_mm: number, width_mm?: number): Cutter {
  const made = makeCutter(outline, length_mm, width_mm);
  if (!made.ok) throw new Error(made.message);
  return made.value;
}
const disc = turnCutter(cutter('circle', 50), 0, 0);
const square = turnCutter(cutter('square', 50), 4, 0);

describe('how far a row rises over the one below', () => {
  const [row] = plainPatterns(disc)[0].rows;
  it('discs above each other: a whole one; in the gaps: the height of the triangle', () => {
    expect(rowStep(disc, row, row, 0, 50)).toBeCloseTo(50, 6);
    expect(rowStep(disc, row, row, 25, 50)).toBeCloseTo((Math.sqrt(3) / 2) * 50, 6);
  });
  it('is the same to the left and to the right where the outline is its own mirror image', () => {
    for (const shift of [5, 12, 20])
      expect(rowStep(disc, row, row, shift, 50)).toBeCloseTo(rowStep(disc, row, row, -shift, 50), 9);
  });
  it('squares with a gap: one and the gap', () => {
    const [pattern] = plainPatterns(square);
    expect(pattern.pitch).toBeCloseTo(54, 1);
    expect(rowStep(square, pattern.rows[0], pattern.rows[0], 0, pattern.pitch)).toBeCloseTo(54, 1);
  });
});

describe('patterns', () => {
  it('half-turned rows are tried only where half a turn changes anything', () => {
    expect(plainPatterns(square)).toHaveLength(1);
    expect(plainPatterns(turnCutter(cutter('heart', 50), 0, 0))).toHaveLength(2);
    expect(turnCutter(cutter('bone', 50), 0, 0).halfTurnAlike).toBe(true);
  });
  it('a half-turned heart beside another takes less than two pitches', () => {
    const heart = turnCutter(cutter('heart', 50), 0, 0);
    const single = plainPatterns(heart)[0].pitch;
    expect(Math.min(...inRowPatterns(heart, 5).map(({ pitch }) => pitch))).toBeLessThan(2 * single);
  });
  it('pieces that would pass over each other make no row', () => {
    const heart = turnCutter(cutter('heart', 50), 0, 0);
    expect(inRowPattern(heart, 500)).toBeNull();
  });
  it('only a true circle counts as round', () => {
    expect(isRound(cutter('circle', 50))).toBe(true);
    expect(isRound(cutter('circle', 50, 40))).toBe(false);
  });
});

describe('a stack of rows', () => {
  const [pattern] = plainPatterns(disc);
  it('counts what it places, all inside the box', () => {
    const box = { w: 230, h: 190 };
    const stack = bestStack(pattern, box, 12, 0) ?? expect.fail('no stack');
    const pieces = piecesOf(stack, box);
    expect(pieces).toHaveLength(stack.count);
    for (const { x, y } of pieces) {
      expect(x).toBeGreaterThan(25 - 1e-6);
      expect(x).toBeLessThan(box.w - 25 + 1e-6);
      expect(y).toBeLessThan(box.h - 25 + 1e-6);
    }
    expect(stack.used).toBeLessThanOrEqual(box.h + 1e-6);
  });
  it('is none in a box too small for one piece, or for as many as are asked for', () => {
    expect(bestStack(pattern, { w: 40, h: 200 }, 12, 0)).toBeNull();
    expect(bestStack(pattern, { w: 200, h: 40 }, 12, 0)).toBeNull();
    expect(bestStack(pattern, { w: 100, h: 100 }, 12, 100)).toBeNull();
  });
  it('never loses a piece when the box grows', () => {
    let before = 0;
    for (let w = 100; w <= 300; w += 10) {
      const now = bestStack(pattern, { w, h: 200 }, 12, 0)?.count ?? 0;
      expect(now).toBeGreaterThanOrEqual(before);
      before = now;
    }
  });
});
