import { fail, succeed, type Result } from '../failure';
import { G_PER_MASS_UNIT, isMassUnit, isVolumeUnit, massOfVolume, volumeOf, type CupFill, type Unit } from '../quantities';
import type { Ingredient } from './ingredient';

/** Scatter of a kitchen scale with a careful baker, relative [1]. Source: ours. */
export const WEIGHED_REL_SD = 0.03;
/** Scatter of "one egg", relative: sizes within one grade [1]. Source: EU egg grades, half width over 1.64. */
const COUNTED_REL_SD = 0.05;

/** How a cup is filled, and which size a counted thing has. */
export type Measuring = { readonly fill?: CupFill | undefined; readonly size?: string | undefined };

/**
 * Mass of an amount of an ingredient in any unit.
 *
 * @returns mass_g and relSd, or a failure that says which weight or size is missing
 */
export function weighIngredient(
  row: Ingredient,
  amount: number,
  unit: Unit,
  { fill = 'unknown', size }: Measuring = {},
): Result<{ mass_g: number; relSd: number }> {
  if (isMassUnit(unit)) return succeed({ mass_g: amount * G_PER_MASS_UNIT[unit], relSd: WEIGHED_REL_SD });
  if (isVolumeUnit(unit)) {
    const density = { spooned_g_per_ml: row.bulkSpooned_g_per_ml, packed_g_per_ml: row.bulkPacked_g_per_ml };
    return succeed(massOfVolume(volumeOf(amount, unit), density, fill));
  }
  if (unit === 'each' && size !== undefined && !row.countWeights.some(({ name }) => name === size))
    return fail(
      'NO_COUNT_WEIGHT',
      `There is no "${size}" ${row.name.toLowerCase()}. Sizes it comes in: ${row.countWeights.map(({ name }) => name).join(', ') || 'none'}.`,
      'size',
    );
  const one_g = unit === 'each' ? pieceOf(row, size)?.mass_g : row.packs_g[0];
  if (one_g === undefined)
    return fail('NO_COUNT_WEIGHT', `There is no weight for one "${row.name}". Give the amount in grams instead.`, 'unit');
  return succeed({ mass_g: amount * one_g, relSd: COUNTED_REL_SD });
}

/** One of a named size, or the usual one. */
const pieceOf = (row: Ingredient, size: string | undefined): Ingredient['countWeights'][number] | undefined =>
  size === undefined ? usualPiece(row) : row.countWeights.find(({ name }) => name === size);

/** The usual piece: a medium where sizes are named, else the first listed. */
export function usualPiece(row: Ingredient): Ingredient['countWeights'][number] | undefined {
  return row.countWeights.find(({ name }) => name.includes('medium')) ?? row.countWeights[0];
}
