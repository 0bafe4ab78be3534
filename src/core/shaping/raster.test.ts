/** Filling a ground piece by piece: the rules that every filling keeps. */
import { describe, expect, it } from 'vitest';
import { makeCutter, type Cutter } from './cutter';
import { layOut } from './lay-out';
import type { OutlineName } from './outline-names';
import { fillGround, rasterLayout, type Ground } from './raster';

function cutter(outline: OutlineName, length_mm: number): Cutter {
  const made = makeCutter(outline, length_mm);
  if (!made.ok) throw new Error(made.message);
  return made.value;
}
const square = cutter('square', 20);
const disc = cutter('circle', 20);
const sheet = (width_mm: number, height_mm: number): Ground => ({ kind: 'rectangle', width_mm, height_mm });

describe('a rectangle', () => {
  it.each([
    [100, 100, 0, 25],
    [100, 100, 4, 16],
    [19, 100, 0, 0],
    [20, 20, 10, 1],
  ])('%d x %d mm holds squares of 20 mm with gap %d: %d', (w, h, gap, count) =>
    expect(rasterLayout(square, sheet(w, h), gap, [0]).count).toBe(count),
  );
  it('starts low and at the left', () => {
    const [first, second] = rasterLayout(square, sheet(100, 100), 0, [0]).placements;
    expect(first).toEqual({ x_mm: 10, y_mm: 10, turn_deg: 0 });
    expect(second).toEqual({ x_mm: 30, y_mm: 10, turn_deg: 0 });
  });
  it('gives the same twice, and no more than its area', () => {
    const bone = cutter('bone', 50);
    const once = rasterLayout(bone, sheet(180, 140), 3, [0, 90]);
    expect(rasterLayout(bone, sheet(180, 140), 3, [0, 90])).toEqual(once);
    expect(once.count * bone.area_mm2).toBeLessThan(180 * 140);
  });
  it('with more angles to choose from lays no fewer long pieces on a narrow strip', () => {
    const long = cutter('rectangle', 60);
    const strip = sheet(200, 35);
    expect(rasterLayout(long, strip, 0, [0, 90]).count).toBeGreaterThanOrEqual(rasterLayout(long, strip, 0, [0]).count);
  });
});

describe('what lies there already', () => {
  const standing = layOut(disc, 100, 100, 0, 'hand').placements.map((at) => ({ cutter: disc, at }));
  it('is kept clear of, by the gap', () => {
    const mini = cutter('circle', 7);
    const minis = fillGround(sheet(100, 100), [{ cutter: mini, angles: [0] }], 0, standing);
    expect(minis.length).toBeGreaterThan(3);
    for (const { at } of minis)
      for (const other of standing)
        expect(Math.hypot(at.x_mm - other.at.x_mm, at.y_mm - other.at.y_mm)).toBeGreaterThan((20 + 7) / 2 - 0.01);
    expect(fillGround(sheet(100, 100), [{ cutter: mini, angles: [0] }], 6, standing).length).toBeLessThan(minis.length);
  });
  it('leaves nothing for a piece as large as itself', () =>
    expect(fillGround(sheet(100, 100), [{ cutter: disc, angles: [0] }], 4, standing)).toEqual([]));
  it('the larger of two cutters is laid first, the smaller into what it leaves', () => {
    const [large, small] = [cutter('square', 40), cutter('square', 10)];
    const laid = fillGround(
      sheet(90, 90),
      [
        { cutter: large, angles: [0] },
        { cutter: small, angles: [0] },
      ],
      0,
      [],
    );
    expect(laid.filter((piece) => piece.cutter === large)).toHaveLength(4);
    // A strip of 10 mm is left along two sides: nine and eight small squares.
    expect(laid.filter((piece) => piece.cutter === small)).toHaveLength(17);
  });
});

describe('dough that is not square', () => {
  it('holds pieces only where the whole piece is on it', () => {
    const diamond: Ground = {
      kind: 'outline',
      ring: [
        [100, 0],
        [0, 100],
        [-100, 0],
        [0, -100],
      ],
    };
    const { placements } = rasterLayout(square, diamond, 0, [0]);
    expect(placements.length).toBeGreaterThan(30);
    for (const { x_mm, y_mm } of placements) expect(Math.abs(x_mm) + Math.abs(y_mm) + 20).toBeLessThanOrEqual(100 + 1e-6);
  });
});
