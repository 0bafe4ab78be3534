import { normals, quantile, seededRandom } from '../quantities';

/** Rows as a hand lays them: one piece, how far apart rows and pieces are meant to lie, and the sheet [mm]. */
export type HandRows = {
  readonly width_mm: number;
  readonly height_mm: number;
  /** From piece to piece and from row to row, the gap included. */
  readonly pitch_mm: number;
  readonly step_mm: number;
  readonly gap_mm: number;
  readonly edge_mm: number;
  readonly sheetWidth_mm: number;
  readonly sheetLength_mm: number;
};

/** Counts of nine, five and one in ten sheets. */
export type CountRange = { readonly low: number; readonly middle: number; readonly high: number };

/** How hands scatter: gaps and ragged edges [mm], sheet sides at the same area [1]; a row goes by its widest gap of three. Source: ours. */
const SCATTER = { gap_mm: 1.3, leastGap_mm: 0.3, edge_mm: 3, sides: 0.04, gapsPerRow: 3 };
const RUNS = 400;
const SEED = 11;

/** Places rows by a hand that misses, many times over; the same input gives the same range. */
export function handScatter(rows: HandRows): CountRange {
  const normal = normals(seededRandom(SEED));
  const gap = (): number => Math.max(SCATTER.leastGap_mm, rows.gap_mm + SCATTER.gap_mm * normal());
  const counts = Array.from({ length: RUNS }, () => {
    const edges = [0, 1, 2, 3].map(() => Math.max(0, rows.edge_mm + SCATTER.edge_mm * normal()));
    const stretch = Math.exp(SCATTER.sides * normal());
    const free = {
      w: rows.sheetWidth_mm * stretch - edges[0] - edges[1],
      h: rows.sheetLength_mm / stretch - edges[2] - edges[3],
    };
    let count = 0;
    for (let y = 0; y + rows.height_mm <= free.h;) {
      for (let x = 0; x + rows.width_mm <= free.w; x += rows.pitch_mm - rows.gap_mm + gap()) count++;
      y += rows.step_mm - rows.gap_mm + Math.max(...Array.from({ length: SCATTER.gapsPerRow }, gap));
    }
    return count;
  }).sort((a, b) => a - b);
  return { low: quantile(counts, 0.1), middle: quantile(counts, 0.5), high: quantile(counts, 0.9) };
}

/** Gaps that a hand may have [mm]. */
const WIDEST_GAP_MM = 12;
/** Earlier bakes that count. */
const REMEMBERED = 5;

/**
 * The gap at which the model cuts as many pieces as the hand did: the middle of all gaps that give this count.
 *
 * @param countAt - pieces from the first roll at a gap; never more for a wider gap
 */
export function gapOfHand(cut: number, countAt: (gap_mm: number) => number): number {
  /** Narrowest gap at which no more than so many are cut. */
  const narrowest = (pieces: number): number => {
    if (countAt(0) <= pieces) return 0;
    let [low, high] = [0, WIDEST_GAP_MM];
    if (countAt(high) > pieces) return WIDEST_GAP_MM;
    while (high - low > 0.05) {
      const middle = (low + high) / 2;
      if (countAt(middle) <= pieces) high = middle;
      else low = middle;
    }
    return high;
  };
  return Math.round(5 * (narrowest(cut) + narrowest(cut - 1))) / 10;
}

/** Your hand's gap: the middle one of the last few bakes; null before the first. */
export function usualGap(gaps_mm: readonly number[]): number | null {
  const last = gaps_mm.slice(-REMEMBERED).sort((a, b) => a - b);
  return last.length === 0 ? null : quantile(last, 0.5);
}
