import { SDS_IN_90_PCT } from './random';
import { ML_PER_VOLUME_UNIT, type VolumeUnit } from './units';

/** How a cup is filled; it moves a cup of flour by a sixth, more than any other kitchen error. */
export type CupFill = 'spooned' | 'sifted' | 'scooped' | 'unknown';
export const CUP_FILLS = ['spooned', 'sifted', 'scooped'] as const satisfies readonly CupFill[];

/** Bulk density of an ingredient, filled lightly and filled hard [g/mL]; equal for liquids. */
export type BulkDensity = { readonly spooned_g_per_ml: number; readonly packed_g_per_ml: number };

/** Where between the light and the hard fill a cup lies [0 = spooned, 1 = packed]. Source: ours, after baking-test weights. */
const FILL_POSITION: Record<CupFill, number> = { spooned: 0, sifted: -0.35, scooped: 1, unknown: 0.35 };

/**
 * Mass in a kitchen volume, with its scatter.
 *
 * @param volume_ml - filled volume [mL]
 * @returns mass_g, and relSd: relative standard deviation of one such measure [1]
 * @source spread: ours, from spooned and scooped weights of the ingredient table
 */
export function massOfVolume(
  volume_ml: number,
  density: BulkDensity,
  fill: CupFill = 'unknown',
): { mass_g: number; relSd: number } {
  const { spooned_g_per_ml: light, packed_g_per_ml: hard } = density;
  const spread = (hard - light) / light;
  const density_g_per_ml = light + (hard - light) * FILL_POSITION[fill];
  const halfWidth = (spread < 0.04 ? 0.03 : 0.05) + (fill === 'unknown' ? spread / 2 : 0);
  return { mass_g: volume_ml * density_g_per_ml, relSd: halfWidth / SDS_IN_90_PCT };
}

/** Volume of an amount in a volume unit [mL]. */
export const volumeOf = (amount: number, unit: VolumeUnit): number => amount * ML_PER_VOLUME_UNIT[unit];
