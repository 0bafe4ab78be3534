import { describe, expect, it } from 'vitest';
import type { CutThrough } from '@/core/prediction';
import { paintCutThrough } from './paint-cut-through';
import { waterColour } from './water-colours';

/** Two moments of four cells: wet throughout, then dry outside and wet within, and half as thick. */
const PICTURE: CutThrough = {
  minutes: [0, 10],
  cells: 4,
  moisture_pct: Float64Array.of(40, 40, 40, 40, 2, 40, 40, 2),
  temperature_c: new Float64Array(8).fill(90),
  height_mm: Float64Array.of(2, 2, 2, 2, 1, 1, 1, 1),
};
const paint = (lastMinute = 10): { at: (x: number, y: number) => number[]; width: number; height: number } => {
  const [width, height] = [100, 80];
  const data = new Uint8ClampedArray(width * height * 4);
  paintCutThrough({ data, width, height }, PICTURE, (share) => share * lastMinute);
  return { at: (x, y) => [...data.slice(4 * (y * width + x), 4 * (y * width + x) + 4)], width, height };
};

describe('the cut-through', () => {
  it('starts wet from top to tray', () => {
    const { at } = paint();
    for (const y of [1, 40, 78]) for (const i of [0, 1, 2]) expect(Math.abs(at(0, y)[i] - waterColour(1)[i])).toBeLessThan(4);
  });
  it('shows a wet heart in a dry shell at the end', () => {
    const { at } = paint();
    const redness = ([red, , blue]: number[]): number => red - blue;
    expect(redness(at(99, 79))).toBeGreaterThan(100);
    expect(redness(at(99, 60))).toBeLessThan(0);
  });
  it('stands on the tray and shrinks from above', () => {
    const { at } = paint();
    expect(at(99, 10)[3]).toBe(0);
    expect(at(99, 79)[3]).toBe(255);
    expect(at(0, 1)[3]).toBe(255);
  });
  it('leaves the time after the programme empty', () => expect(paint(20).at(90, 79)[3]).toBe(0));
  it('colours run from mustard to deep teal', () => {
    expect(waterColour(0)).toEqual([222, 168, 52]);
    expect(waterColour(1)).toEqual([14, 86, 104]);
    expect(waterColour(5)).toEqual([14, 86, 104]);
  });
});
