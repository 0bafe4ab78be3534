import type { Composition } from '../pantry';

/** Three-point bar that the force is quoted for [mm]. Source: ours. */
const SPAN_MM = 40;
const WIDTH_MM = 25;

/**
 * Force that snaps a bar of the piece [N]: F = 2 s b d2 / (3 L), strength s from density, fat and protein.
 *
 * @accuracy within a factor of 2.2 at best
 * @source ours; the form with density squared after Gibson & Ashby 1997
 */
export function snapForce(
  piece: { readonly composition: Composition; readonly thickness_mm: number; readonly density_g_per_ml: number },
  crispness: number,
): number {
  const { composition, thickness_mm, density_g_per_ml } = piece;
  const protein = composition.nonFatSolids_g > 0 ? composition.protein_g / composition.nonFatSolids_g : 0;
  const fat = composition.solids_g > 0 ? composition.fat_g / composition.solids_g : 0;
  const strength_MPa =
    9 *
    (density_g_per_ml / 1.25) ** 2 *
    Math.exp(-4.5 * fat) *
    (1 + 1.2 * Math.max(0, protein - 0.12)) *
    (0.25 + 0.75 * crispness);
  return (2 * strength_MPa * WIDTH_MM * thickness_mm ** 2) / (3 * SPAN_MM);
}
