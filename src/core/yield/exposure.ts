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

/**
 * The same for a mound, whose sides lean away from its neighbours: what its side sees from half-way up, where the neighbours
 * stand half as high and further off.
 *
 * @param across_mm - of a disc of the mound's volume and height
 * @source view factor as above; a scoop as the cap of a sphere of that volume and height
 */
export function openMound(gap_mm: number, across_mm: number, height_mm: number): number {
  const base_mm = Math.sqrt(Math.max(0, across_mm ** 2 / 2 - height_mm ** 2 / 3));
  const sphere_mm = (base_mm ** 2 + height_mm ** 2) / (2 * height_mm);
  const halfway_mm = Math.sqrt(Math.max(0, sphere_mm ** 2 - (sphere_mm - height_mm / 2) ** 2));
  return openSides(gap_mm + 2 * Math.abs(base_mm - halfway_mm), height_mm / 2);
}
