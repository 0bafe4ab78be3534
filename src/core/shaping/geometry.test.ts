import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { convexParts } from './convex-parts';
import { Envelope } from './envelope';
import { area, boundsOf, perimeter, stretch, turn, turnRing, type Point, type Ring } from './geometry';
import { minkowskiSum } from './minkowski';
import { OUTLINE_NAMES } from './outline-names';
import { unitOutline } from './outlines';
import { grow, unite } from './polygon-union';

const square = (side: number, x = 0, y = 0): Ring => [
  [x, y],
  [x + side, y],
  [x + side, y + side],
  [x, y + side],
];

describe('rings', () => {
  it('know their area, perimeter and box', () => {
    expect(area(square(3))).toBe(9);
    expect(area([...square(3)].reverse())).toBe(-9);
    expect(perimeter(square(3))).toBe(12);
    expect(boundsOf(square(2, -1, 5))).toEqual({ left: -1, right: 1, bottom: 5, top: 7 });
  });
  it('keep their area when turned and scale it when stretched', () => {
    const { ring } = unitOutline('heart');
    expect(area(turnRing(ring, 90))).toBeCloseTo(area(ring), 9);
    expect(area(stretch(ring, 2, 3))).toBeCloseTo(6 * area(ring), 9);
  });
});

describe('built-in outlines', () => {
  it.each(OUTLINE_NAMES)('%s runs counter-clockwise and fills its unit box', (name) => {
    const { ring } = unitOutline(name);
    expect(area(ring)).toBeGreaterThan(0.2);
    expect(boundsOf(ring)).toMatchObject({ left: expect.closeTo(-0.5, 6) as number, right: expect.closeTo(0.5, 6) as number });
    expect(ring.length).toBeLessThanOrEqual(100);
  });
  it.each(OUTLINE_NAMES)('%s falls into convex parts that make it up', (name) => {
    const { ring } = unitOutline(name);
    const parts = convexParts(ring);
    expect(parts.reduce((sum, part) => sum + area(part), 0)).toBeCloseTo(area(ring), 6);
    for (const part of parts)
      part.forEach((p: Point, i) =>
        expect(turn(p, part[(i + 1) % part.length], part[(i + 2) % part.length])).toBeGreaterThan(-1e-8),
      );
  });
});

describe('Minkowski sums', () => {
  it('of two squares is their sum', () => expect(area(minkowskiSum(square(2), square(3)))).toBeCloseTo(25, 6));
  it('of a large square and a small one has no false hole', () =>
    expect(area(minkowskiSum(square(80), square(20)))).toBeCloseTo(10000, 4));
  it('of a convex shape with its mirror image has four times its area when it is its own mirror', () => {
    const { ring } = unitOutline('circle');
    expect(area(minkowskiSum(ring, stretch(ring, -1, -1))) / area(ring)).toBeCloseTo(4, 3);
  });
});

describe('unions and offsets', () => {
  it('two overlapping squares become one outline', () => expect(area(unite([square(2), square(2, 1, 1)]))).toBeCloseTo(7, 6));
  it('growing rounds the corners', () => expect(area(grow(square(10), 2))).toBeCloseTo(100 + 80 + Math.PI * 4, 0));
});

describe('envelopes', () => {
  it('of a disc is a half circle, open at its ends', () => {
    const disc = Envelope.disc(5);
    expect(disc.topAt(3)).toBeCloseTo(4, 9);
    expect(disc.topAt(5)).toBe(-Infinity);
  });
  it('of a polygon is its upper edge', () => {
    const kite = Envelope.polygon([
      [-2, -1],
      [2, -1],
      [0, 3],
    ]);
    expect(kite.topAt(0)).toBeCloseTo(3, 6);
    expect(kite.topAt(1)).toBeCloseTo(1, 6);
    expect(kite.topAt(2.5)).toBe(-Infinity);
    expect(kite.rightAt(0)).toBeCloseTo(1.5, 4);
    expect(kite.reach).toBe(2);
  });
  it('no point of the polygon lies above it', () => {
    fc.assert(
      fc.property(fc.constantFrom(...OUTLINE_NAMES), fc.double({ min: -0.49, max: 0.49, noNaN: true }), (name, x) => {
        const { ring } = unitOutline(name);
        const edge = Envelope.polygon(ring);
        for (const [px, py] of ring) if (Math.abs(px - x) < 1e-4) expect(py).toBeLessThan(edge.topAt(x) + 0.05);
        expect(edge.topAt(x)).toBeLessThanOrEqual(0.5 + 1e-6);
      }),
      { seed: 6 },
    );
  });
});
