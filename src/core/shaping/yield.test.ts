/** What comes of an amount of dough: masses close, counts match those worked out by hand. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makeCutter, type Cutter } from './cutter';
import { gapOfHand, handScatter, usualGap } from './hand-scatter';
import { leftOverUses } from './left-over';
import { rollUp, sliceLogs, type LogPlan } from './log-slices';
import type { OutlineName } from './outline-names';
import { ballDiameter, ballMass, evenPortions, filledMass, roundsFor, wholePortions } from './portions';
import { rollAndCut, type RollOut } from './reroll';
import { bestRollSize } from './roll-size';
import { layOut } from './lay-out';
import { scoreSlab, thicknessIn, type SlabPlan } from './score-slab';
import { cutCubes, sliceWhole, type SlicingPlan } from './whole-pieces';

function cutter(outline: OutlineName, length_mm: number): Cutter {
  const made = makeCutter(outline, length_mm);
  if (!made.ok) throw new Error(made.message);
  return made.value;
}
const rolled = (shape: Cutter, dough_g: number, more: Partial<RollOut> = {}): RollOut => ({
  dough_g,
  dough_g_per_ml: 1.2,
  thickness_mm: 6,
  cutter: shape,
  gap_mm: 4,
  edge_mm: 8,
  sheetWidth_mm: 380,
  sheetLength_mm: 520,
  ...more,
});

describe('rolling out and re-rolling', () => {
  // 900 g at 1.2 g/mL and 6 mm, gap 4, edge 8: figures of another program; total, first roll, flour and loss.
  it.each([
    ['circle', 60, 20.36, 44, 28, 10.5, 14.0],
    ['square', 50, 18.0, 49, 35, 8.0, 10.7],
    ['bone', 80, 16.31, 54, 28, 14.0, 18.6],
    ['heart', 60, 14.28, 62, 36, 11.0, 14.7],
    ['star', 60, 10.53, 85, 42, 15.0, 20.0],
  ] as const)(
    '%s %d mm: pieces of %f g, %d of them, %d from the first roll',
    (outline, size, piece_g, pieces, first, flour_g, loss_g) => {
      const result = rollAndCut(rolled(cutter(outline, size), 900));
      expect(Math.abs(result.piece_g / piece_g - 1)).toBeLessThan(0.01);
      expect(Math.abs(result.cut + result.pressed - pieces)).toBeLessThanOrEqual(1);
      expect(result.rolls[0].pieces).toBe(first);
      expect(result.rolls.length).toBeGreaterThanOrEqual(4);
      expect(Math.abs(result.flour_g - flour_g)).toBeLessThan(0.7);
      expect(Math.abs(result.loss_g - loss_g)).toBeLessThan(0.8);
    },
  );
  // Share of the dough that becomes pieces on the first roll, by how carefully it is cut.
  it.each([
    ['circle', 60, 67.9, 63.3, 56.5, 72.4],
    ['heart', 60, 63.5, 55.5, 55.5, 76.1],
    ['bone', 80, 54.4, 45.3, 45.3, 65.2],
    ['star', 60, 49.1, 48.0, 42.1, 65.5],
  ] as const)('%s %d mm: careful, typical, loose and ideal cutting', (outline, size, careful, typical, loose, ideal) => {
    const gaps = [
      [3, 5],
      [4.5, 8],
      [6, 12],
      [0, 0],
    ];
    [careful, typical, loose, ideal].forEach((share, i) => {
      const [gap_mm, edge_mm] = gaps[i];
      const { efficiency } = rollAndCut(rolled(cutter(outline, size), 900, { gap_mm, edge_mm })).rolls[0];
      // Never worse; two or three pieces better where rows nest a little deeper.
      expect(100 * efficiency).toBeGreaterThan(share - 0.6);
      expect(100 * efficiency).toBeLessThan(share + 4);
    });
  });
  it('closes its mass for any cutter, sheet and dough', () => {
    const outline = fc.constantFrom<OutlineName>('circle', 'square', 'rectangle', 'bone', 'star', 'heart', 'paw', 'fish');
    const numbers = fc.tuple(
      fc.integer({ min: 25, max: 90 }),
      fc.integer({ min: 100, max: 4000 }),
      fc.integer({ min: 0, max: 8 }),
      fc.integer({ min: 150, max: 600 }),
      fc.integer({ min: 2, max: 15 }),
    );
    fc.assert(
      fc.property(outline, numbers, (name, [size, dough_g, gap_mm, sheetWidth_mm, thickness_mm]) => {
        const { cut, pressed, piece_g, scrap_g, flour_g, loss_g } = rollAndCut(
          rolled(cutter(name, size), dough_g, { gap_mm, sheetWidth_mm, thickness_mm }),
        );
        expect(Math.abs(dough_g + flour_g - loss_g - (cut + pressed) * piece_g - scrap_g)).toBeLessThan(1e-6);
        expect(scrap_g).toBeGreaterThanOrEqual(-1e-9);
        expect(scrap_g).toBeLessThan(piece_g);
      }),
      { seed: 5, numRuns: 60 },
    );
  });
  it('never lets a wider gap give more pieces from the first roll', () => {
    const first = (gap_mm: number): number => rollAndCut(rolled(cutter('bone', 60), 1500, { gap_mm })).rolls[0].pieces;
    for (let gap = 0; gap < 10; gap++) expect(first(gap + 1)).toBeLessThanOrEqual(first(gap));
  });
  it('refuses a cutter that no kitchen has', () => {
    expect(makeCutter('heart', 1)).toMatchObject({ ok: false, code: 'OUT_OF_RANGE', path: 'cutter.length_mm' });
  });
});

describe('the size to roll to', () => {
  // 125 000 mm2 of dough, gap 4, edge 8: pieces on the sheet that comes by itself, and on the best.
  it.each([
    ['circle', 60, 25, 28, 28],
    ['square', 50, 27, 35, 36],
    ['bone', 80, 24, 28, 30],
    ['heart', 60, 33, 36, 40],
  ] as const)('%s %d mm: from %d, %d as it comes, to %d', (outline, size, worst, usual, best) => {
    const shape = cutter(outline, size);
    const on = (width: number): number => layOut(shape, width - 16, 125_000 / width - 16, 4, 'hand').count;
    const counts = Array.from({ length: 41 }, (_, i) => on(220 + 4 * i));
    expect(Math.max(...counts)).toBeGreaterThanOrEqual(best);
    expect(Math.min(...counts)).toBeGreaterThanOrEqual(worst);
    expect(on(299)).toBeGreaterThanOrEqual(usual);
    const advised = bestRollSize(shape, 125_000, 4, 8, { width_mm: 380, length_mm: 600 });
    if (!advised) throw new Error('no size');
    expect(advised.width_mm * advised.length_mm).toBeCloseTo(125_000, 0);
    // A hand that misses by 8 mm still gets about as many.
    const around = [-8, -4, 0, 4, 8].map((miss) => on(advised.width_mm + miss));
    expect(around.reduce((sum, n) => sum + n, 0) / 5).toBeGreaterThanOrEqual(usual - 1);
    expect(advised.pieces).toBeGreaterThanOrEqual(usual);
  });
  it('says nothing when the board takes no such sheet', () =>
    expect(bestRollSize(cutter('bone', 80), 125_000, 4, 8, { width_mm: 200, length_mm: 300 })).toBeNull());
});

describe('how a hand scatters', () => {
  // Squares of 60 mm, gap 4, edge 8: nine, five and one in ten sheets, from 400 sheets each elsewhere.
  it.each([
    [200, 150, 4, 4, 6],
    [300, 220, 12, 12, 12],
    [400, 300, 20, 23, 24],
    [500, 400, 35, 39, 42],
  ])('on %d x %d mm: %d to %d to %d', (sheetWidth_mm, sheetLength_mm, low, middle, high) => {
    const range = handScatter({
      width_mm: 60,
      height_mm: 60,
      pitch_mm: 64,
      step_mm: 64,
      gap_mm: 4,
      edge_mm: 8,
      sheetWidth_mm,
      sheetLength_mm,
    });
    expect(Math.abs(range.low - low)).toBeLessThanOrEqual(1);
    expect(Math.abs(range.middle - middle)).toBeLessThanOrEqual(1);
    expect(range.high).toBe(high);
  });
  it('finds the gap at which as many come out as were cut', () => {
    const first = (gap_mm: number): number => rollAndCut(rolled(cutter('bone', 60), 900, { gap_mm })).rolls[0].pieces;
    for (const gap of [1, 3, 5, 7.5]) expect(first(gapOfHand(first(gap), first))).toBe(first(gap));
    expect(gapOfHand(1000, first)).toBe(0);
    expect(gapOfHand(1, first)).toBe(12);
  });
  it('goes by the middle one of the last five bakes', () => {
    expect(usualGap([])).toBeNull();
    expect(usualGap([12, 12, 3, 4, 5, 6, 7])).toBe(5);
  });
});

const slab: SlabPlan = {
  dough_g: 2000,
  dough_g_per_ml: 1.2,
  thickness_mm: 8,
  pieceWidth_mm: 25,
  pieceLength_mm: 25,
  panWidth_mm: 330,
  panDepth_mm: 230,
  trim_mm: 3,
};
describe('scored slabs', () => {
  it('share the pan evenly: 12 x 8 pieces of 27 x 28 mm', () => {
    const result = scoreSlab({ ...slab, dough_g: 330 * 230 * 8 * 1.2e-3 });
    expect(result).toMatchObject({ ok: true, value: { columns: 12, rows: 8, pieces: 96, realWidth_mm: 27, realLength_mm: 28 } });
  });
  it('close their mass over several pans', () => {
    const result = scoreSlab(slab);
    if (!result.ok) throw new Error(result.message);
    const { pieces, piece_g, scrap_g } = result.value;
    expect(pieces * piece_g + scrap_g).toBeCloseTo(2000, 6);
    expect(scrap_g).toBeGreaterThanOrEqual(0);
  });
  it('answer both ways how thick: all of it in so many pans fills just those', () => {
    const filled = (thickness_mm: number): number => {
      const result = scoreSlab({ ...slab, thickness_mm });
      if (!result.ok) throw new Error(result.message);
      return result.value.fills;
    };
    // 2000 g of 1.2 g/mL over 330 x 230 mm: 21.96 mm in one pan.
    expect(thicknessIn(1, { fills: filled(8), thickness_mm: 8 })).toBeCloseTo((2000 / 1.2 / (33 * 23)) * 10, 6);
    for (const pans of [1, 2, 3]) {
      const thickness_mm = thicknessIn(pans, { fills: filled(8), thickness_mm: 8 });
      expect(filled(thickness_mm)).toBeCloseTo(pans, 9);
    }
  });
  it('say when a piece is larger than the pan', () =>
    expect(scoreSlab({ ...slab, pieceWidth_mm: 400 })).toMatchObject({ code: 'PIECE_DOES_NOT_FIT' }));
});

const log: LogPlan = { dough_g: 900, dough_g_per_ml: 1.2, logDiameter_mm: 40, slice_mm: 8, longestLog_mm: 1000, end_mm: 0 };
describe('logs', () => {
  it('900 g at 40 mm: 596.8 mm, 74 slices of 8 mm', () => {
    const { logs, log_mm, slices } = sliceLogs(log);
    expect(log_mm).toBeCloseTo(596.8, 1);
    expect([logs, slices]).toEqual([1, 74]);
  });
  it('are as long as the board takes, and their ends become a last log', () => {
    const { logs, log_mm, slices, fromEnds } = sliceLogs({ ...log, longestLog_mm: 300, end_mm: 6 });
    expect(logs).toBe(2);
    expect(log_mm).toBeLessThanOrEqual(300);
    expect(fromEnds).toBeGreaterThan(0);
    expect(slices).toBeLessThanOrEqual(74);
  });
  it('close their mass', () =>
    fc.assert(
      fc.property(fc.double({ min: 50, max: 5000, noNaN: true }), fc.integer({ min: 0, max: 12 }), (dough_g, end_mm) => {
        const { slices, slice_g, left_g } = sliceLogs({ ...log, dough_g, end_mm });
        expect(slices * slice_g + left_g).toBeCloseTo(dough_g, 6);
        expect(left_g).toBeGreaterThanOrEqual(-1e-6);
      }),
      { seed: 2 },
    ));
  it('rolled up from a sheet have its volume', () => {
    const { width_mm, length_mm, turns } = rollUp(300, 40, 5);
    expect(width_mm * length_mm * 5).toBeCloseTo(300 * Math.PI * 400, 6);
    expect(turns).toBeCloseTo(4, 9);
  });
});

describe('portions', () => {
  it('900 g in balls of 18 g: 50', () => expect(evenPortions(900, 18)).toMatchObject({ pieces: 50, piece_g: 18, left_g: 0 }));
  it('a ball weighs what its diameter says', () => expect(ballDiameter(ballMass(25, 1.2), 1.2)).toBeCloseTo(25, 9));
  it('900 g in cavities of 30 mL, two thirds full: 39 and 3 g left', () => {
    const portions = wholePortions(900, filledMass(30, 2 / 3, 1.15));
    expect(portions.pieces).toBe(39);
    expect(portions.left_g).toBeCloseTo(3, 9);
  });
  it('a mat of 30 cavities takes 39 pieces in two rounds', () => expect(roundsFor(39, 30)).toBe(2));
});

const apple: SlicingPlan = { mass_g: 1000, g_per_ml: 0.85, thickness_mm: 5, diameter_mm: 70, core_mm: 20, peel_mm: 1, ends: 0.1 };
describe('whole things, cut as they are', () => {
  it('slices, peel, core and ends make up the whole', () => {
    const { slices, slice_g, peel_g, core_g, ends_g, left_g } = sliceWhole(apple);
    expect(slices * slice_g + peel_g + core_g + ends_g + left_g).toBeCloseTo(1000, 9);
    // A ring of 68 / 20 mm, 5 mm thick.
    expect(slice_g).toBeCloseTo(((Math.PI / 4) * (68 ** 2 - 20 ** 2) * 5 * 0.85) / 1000, 9);
  });
  it('a core as wide as the fruit leaves nothing', () => expect(sliceWhole({ ...apple, core_mm: 70 }).slices).toBe(0));
  it('cubes and off-cuts make up the whole', () => {
    const { cubes, cube_g, offCuts_g } = cutCubes(500, 1.05, 15, 0.05);
    expect(cubes).toBe(134);
    expect(cubes * cube_g + offCuts_g).toBeCloseTo(500, 9);
  });
});

describe('dough that is left over', () => {
  it('makes a round of the same thickness', () => {
    const { round_mm } = leftOverUses(60, 1.2, 6, 14);
    expect(((Math.PI / 4) * round_mm ** 2 * 6 * 1.2) / 1000).toBeCloseTo(60, 9);
  });
  it('makes pieces a little heavier or lighter, never ones that bake differently', () => {
    expect(leftOverUses(30, 1.2, 6, 14)).toMatchObject({ pieces: 2, piece_g: 15 });
    expect(leftOverUses(5, 1.2, 6, 14)).toMatchObject({ pieces: 0, freeze_g: 5 });
    for (let left_g = 1; left_g < 60; left_g++) {
      const { pieces, piece_g } = leftOverUses(left_g, 1.2, 6, 14);
      if (pieces > 0) expect(Math.abs(piece_g / 14 - 1)).toBeLessThanOrEqual(0.25 + 1e-9);
      expect(pieces * piece_g).toBeLessThanOrEqual(left_g + 1e-9);
    }
  });
});
