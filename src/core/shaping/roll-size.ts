import type { Cutter } from './cutter';
import { layOut } from './lay-out';

/** A size to roll to, and what it gives from the first roll. */
export type RollSize = { readonly width_mm: number; readonly length_mm: number; readonly pieces: number };

/** Widths looked at [mm], and how far a hand misses them. Source: ours. */
const STEP_MM = 4;
const MISS_MM = 8;
const NARROWEST_MM = 160;

/**
 * The best width to roll an area of dough to. Counts jump by a whole row within millimetres, so the width whose
 * neighbourhood does well is chosen, not the highest peak.
 *
 * @param limits - widest and longest sheet the board takes
 * @returns the size with the mean of its neighbourhood as `pieces`; null when the board takes no such sheet
 */
// oxlint-disable-next-line max-params -- older than the rule
export function bestRollSize(
  cutter: Cutter,
  area_mm2: number,
  gap_mm: number,
  edge_mm: number,
  limits: { readonly width_mm: number; readonly length_mm: number },
): RollSize | null {
  const widths: number[] = [];
  for (let width = NARROWEST_MM; width <= limits.width_mm; width += STEP_MM)
    if (area_mm2 / width <= limits.length_mm && area_mm2 / width >= NARROWEST_MM) widths.push(width);
  if (widths.length === 0) return null;
  const counts = widths.map((width) => layOut(cutter, width - 2 * edge_mm, area_mm2 / width - 2 * edge_mm, gap_mm, 'hand').count);
  const reach = MISS_MM / STEP_MM;
  const near = (i: number): number => {
    const around = counts.slice(Math.max(0, i - reach), i + reach + 1);
    return around.reduce((sum, n) => sum + n, 0) / around.length;
  };
  let best = 0;
  for (let i = 1; i < widths.length; i++) if (near(i) > near(best) + 1e-9) best = i;
  return { width_mm: widths[best], length_mm: area_mm2 / widths[best], pieces: Math.floor(near(best)) };
}
