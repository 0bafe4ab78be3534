import { usualPiece, weighIngredient, type Ingredient } from '@/core/pantry';
import { SDS_IN_90_PCT, counted, kitchenVolume, massOfVolume } from '@/core/quantities';
import { MEASURE_SETS, type Habits } from './habits';

/** An amount as cups and spoons, or as so many of a thing, with how far such a measure scatters. */
export type KitchenMeasure = { readonly words: string; readonly scatter_g: number } | null;

/** Counted things are named when they come out within this of a whole or a half [1]. */
const NEAR_A_COUNT = 0.08;

/** The everyday measure of a mass: eggs by the piece, the rest by cup and spoon. Null for what nobody measures so. */
export function kitchenMeasure(
  row: Ingredient,
  mass_g: number,
  { measures, cup_fill }: Pick<Habits, 'measures' | 'cup_fill'>,
): KitchenMeasure {
  const byPiece = countOf(row, mass_g, measures);
  if (byPiece) return byPiece;
  if (row.bulkSpooned_g_per_ml <= 0) return null;
  const density = { spooned_g_per_ml: row.bulkSpooned_g_per_ml, packed_g_per_ml: row.bulkPacked_g_per_ml };
  const one = massOfVolume(1, density, cup_fill ?? 'unknown');
  const { words, volume_ml } = kitchenVolume(mass_g / one.mass_g, MEASURE_SETS[measures]);
  return { words, scatter_g: SDS_IN_90_PCT * one.relSd * volume_ml * one.mass_g };
}

/** The piece that kitchens which measure so usually have. */
const pieceIn = (row: Ingredient, measures: Habits['measures']): ReturnType<typeof usualPiece> =>
  (measures === 'us' ? row.countWeights.find(({ name }) => name === 'US large') : undefined) ?? usualPiece(row);

function countOf(row: Ingredient, mass_g: number, measures: Habits['measures']): KitchenMeasure {
  const usual = pieceIn(row, measures);
  const one = weighIngredient(row, 1, 'each');
  if (!usual || !one.ok) return null;
  const count = mass_g / usual.mass_g;
  // What was baked elsewhere comes by the piece, never by the cup.
  if (row.madeOf) return { words: counted(Math.round(count), 'piece'), scatter_g: SDS_IN_90_PCT * one.value.relSd * mass_g };
  const halves = Math.round(count * 2) / 2;
  if (halves < 0.5 || halves > 12 || Math.abs(count - halves) > NEAR_A_COUNT * halves) return null;
  const whole = Math.floor(halves);
  const half = halves > whole;
  const number = half ? (whole === 0 ? '1/2' : `${whole} 1/2`) : String(whole);
  return { words: `${number} × ${usual.name.replace(/_/g, ' ')}`, scatter_g: SDS_IN_90_PCT * one.value.relSd * mass_g };
}
