import { fail, succeed, type Result } from '../failure';

/** A slab pressed into pans, scored into rectangles and snapped apart. */
export type SlabPlan = {
  readonly dough_g: number;
  readonly dough_g_per_ml: number;
  readonly thickness_mm: number;
  readonly pieceWidth_mm: number;
  readonly pieceLength_mm: number;
  readonly panWidth_mm: number;
  readonly panDepth_mm: number;
  /** Trimmed off each side. */
  readonly trim_mm: number;
};

export type SlabYield = {
  readonly pans: number;
  readonly columns: number;
  readonly rows: number;
  /** Rows on the last, partly filled pan. */
  readonly lastRows: number;
  /** The pieces as they really come out, so that the score lines divide the slab evenly. */
  readonly realWidth_mm: number;
  readonly realLength_mm: number;
  readonly pieces: number;
  readonly piece_g: number;
  readonly scrap_g: number;
  /** Pans that all of the dough would fill so thick, with what is over [1]. */
  readonly fills: number;
};

/** How thick all of the dough lies in so many pans [mm]. */
export const thicknessIn = (
  pans: number,
  { fills, thickness_mm }: { readonly fills: number; readonly thickness_mm: number },
): number => (thickness_mm * fills) / pans;

/**
 * Divides slabs into equal pieces: as many of the wished size as fit, stretched to use the slab up.
 * The last pan is filled over its whole width as far as the dough reaches.
 */
export function scoreSlab(plan: SlabPlan): Result<SlabYield> {
  const freeWidth_mm = plan.panWidth_mm - 2 * plan.trim_mm;
  const freeDepth_mm = plan.panDepth_mm - 2 * plan.trim_mm;
  const columns = Math.floor(freeWidth_mm / plan.pieceWidth_mm);
  const rows = Math.floor(freeDepth_mm / plan.pieceLength_mm);
  if (columns < 1 || rows < 1)
    return fail(
      'PIECE_DOES_NOT_FIT',
      `A piece of ${plan.pieceWidth_mm} x ${plan.pieceLength_mm} mm does not fit the pan. Choose a smaller piece or a larger pan.`,
      'pan',
    );
  const realWidth_mm = freeWidth_mm / columns;
  const realLength_mm = freeDepth_mm / rows;
  const piece_g = (realWidth_mm * realLength_mm * plan.thickness_mm * plan.dough_g_per_ml) / 1000;
  const perPan_g = (plan.panWidth_mm * plan.panDepth_mm * plan.thickness_mm * plan.dough_g_per_ml) / 1000;
  const full = Math.floor(plan.dough_g / perPan_g + 1e-9);
  const rest_mm = ((plan.dough_g - full * perPan_g) / perPan_g) * plan.panDepth_mm;
  const lastRows = Math.max(0, Math.floor((rest_mm - 2 * plan.trim_mm) / realLength_mm + 1e-9));
  const pieces = columns * (full * rows + lastRows);
  if (pieces === 0)
    return fail(
      'NOTHING_TO_BAKE',
      `${Math.round(plan.dough_g)} g of dough does not fill one row of pieces at ${plan.thickness_mm} mm. Make more dough or a thinner slab.`,
      'scale',
    );
  return succeed({
    pans: full + (lastRows > 0 ? 1 : 0),
    columns,
    rows,
    lastRows,
    realWidth_mm,
    realLength_mm,
    pieces,
    piece_g,
    scrap_g: plan.dough_g - pieces * piece_g,
    fills: plan.dough_g / perPan_g,
  });
}
