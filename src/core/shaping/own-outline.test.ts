/** Outlines of one's own: what is mended, what is refused and why. */
import { describe, expect, it } from 'vitest';
import { makeOwnCutter } from './cutter';
import { area } from './geometry';
import { outlineOfPath } from './own-outline';

const SQUARE = 'M0 0H100V100H0Z';
const read = (path: string): ReturnType<typeof outlineOfPath> => outlineOfPath(path);
const mended = (path: string): readonly string[] => {
  const outline = read(path);
  if (!outline.ok) throw new Error(outline.message);
  return outline.value.mended;
};

describe('an outline of one’s own', () => {
  it('keeps its area and proportions, whatever its units', () => {
    for (const path of ['M0 0H100V50H0Z', 'm 3,3 h .1 v .05 h -.1 z']) {
      const cutter = makeOwnCutter(path, 80);
      if (!cutter.ok) throw new Error(cutter.message);
      expect(cutter.value.width_mm).toBeCloseTo(40, 1);
      expect(cutter.value.area_mm2 / (80 * 40)).toBeCloseTo(1, 2);
    }
  });
  it('follows curves and arcs', () => {
    // A circle by arcs, and nearly one by cubic curves.
    for (const path of [
      'M0 50A50 50 0 1 0 100 50A50 50 0 1 0 0 50Z',
      'M100 50C100 77.6 77.6 100 50 100S0 77.6 0 50 22.4 0 50 0 100 22.4 100 50Z',
    ]) {
      const outline = read(path);
      if (!outline.ok) throw new Error(outline.message);
      expect(Math.abs(area(outline.value.ring) / (Math.PI / 4) - 1)).toBeLessThan(0.01);
      expect(outline.value.ring.length).toBeLessThanOrEqual(64);
    }
  });
  it('stands upright: up in the drawing is up on the sheet', () => {
    const outline = read('M50 0L100 100H0Z');
    if (!outline.ok) throw new Error(outline.message);
    const top = outline.value.ring.reduce((a, b) => (b[1] > a[1] ? b : a));
    expect(Math.abs(top[0])).toBeLessThan(0.02);
  });
  it.each([
    ['leaves a good one as it is', SQUARE, []],
    ['closes an open line', 'M0 0H100V100H0', ['an open line was closed']],
    ['fills a hole', `${SQUARE} M40 40V60H60V40Z`, ['a hole was filled']],
    ['leaves a speck out', `${SQUARE} M200 0h5v5h-5z`, ['1 loose specks were left out']],
    ['unites lines that cross', 'M0 0H60V60H0Z M40 40H100V100H40Z', ['overlapping lines were united']],
    [
      'warns of a neck that breaks',
      'M0 0H40V48H60V0H100V100H60V51H40V100H0Z',
      ['a neck narrower than 5 % of its length may break'],
    ],
  ])('%s', (_name, path, words) => expect(mended(path)).toEqual(words));
  it.each([
    ['no path data', 'hello', /cannot be read/],
    ['nothing', 'M0 0L100 0', /encloses nothing/],
    ['two pieces', `${SQUARE} M200 0h90v90h-90z`, /2 separate pieces/],
    ['a thin line', 'M0 0H100V1H0Z', /too thin/],
    ['far too much', `M0 0${'L1 1'.repeat(20_000)}Z`, /Simplify/],
  ])('refuses %s and says why', (_name, path, message) =>
    expect(read(path)).toMatchObject({ ok: false, path: 'cutter.svg_path', message: expect.stringMatching(message) as string }),
  );
  it('has no more corners than rows can be laid with', () => {
    const wavy = Array.from({ length: 720 }, (_, i) => {
      const angle = (2 * Math.PI * i) / 720;
      const r = 50 + 6 * Math.cos(24 * angle);
      return `${i === 0 ? 'M' : 'L'}${r * Math.cos(angle)} ${r * Math.sin(angle)}`;
    }).join('');
    const outline = read(`${wavy}Z`);
    if (!outline.ok) throw new Error(outline.message);
    expect(outline.value.ring.length).toBeLessThanOrEqual(120);
  });
});
