import type { Ingredient } from './ingredient';

/** NaCl in a gram of sodium [g/g]: molar masses 58.44 / 22.99. */
export const SALT_PER_SODIUM = 2.542;

/**
 * What is wrong with a pantry row, in words; empty when its sums make sense.
 * Tolerances allow for rounding in published tables, not for mistakes.
 */
export function complaintsAbout(row: Ingredient): string[] {
  const complaints: string[] = [];
  const total = row.water + row.protein + row.fat + row.carb + row.ash + row.ethanol;
  if (total < 98.5 || total > 101.5)
    complaints.push(`water, protein, fat, carbohydrate, ash and alcohol add up to ${total.toFixed(1)} g per 100 g, not 100`);
  const parts = row.sugars + row.starch + row.fibre + row.polyol;
  if (parts > row.carb + 0.6)
    complaints.push(`sugars, starch, fibre and polyols (${parts.toFixed(1)} g) exceed the carbohydrate (${row.carb} g)`);
  if ((row.sodium_mg * SALT_PER_SODIUM) / 1000 > row.ash + 0.25)
    complaints.push(`${row.sodium_mg} mg sodium is more salt than the ${row.ash} g of ash can hold`);
  if (row.bulkPacked_g_per_ml < row.bulkSpooned_g_per_ml) complaints.push('packed density is below the spooned one');
  if (row.dogFlag === 'avoid' && row.dogReason === '') complaints.push('flagged "avoid" without a reason');
  for (const [key, value] of Object.entries(row))
    if (typeof value === 'number' && !(value >= 0)) complaints.push(`${key} is ${value}`);
  return complaints;
}
