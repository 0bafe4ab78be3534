/** Pieces poured on a tray and shaken into one layer cover this much of it [1]. Source: ours; random sheets of squares jam near 0.6-0.7. */
const POURED_COVER = 0.6;

/**
 * Share of the side faces that air and the oven reach through a gap between equal neighbours [0..1]: what a side sees of the
 * gap's two open ends, above and on the tray. The rest of it sees a neighbour in the same plight; where pieces touch it is nothing.
 *
 * @source view factor of parallel plates, Hottel's crossed strings; moisture by the same share, since the air in a narrow gap stands
 */
export function openSides(gap_mm: number, height_mm: number): number {
  const wide = Math.max(0, gap_mm) / height_mm;
  return 1 + wide - Math.hypot(1, wide);
}

/** Gap between pieces of this side that were poured on a tray [mm]. */
export const pouredGap = (side_mm: number): number => side_mm * (1 / Math.sqrt(POURED_COVER) - 1);
