import type { DoughLine } from '../pantry';

/** An ingredient as a label declares it. */
export type Declared = { readonly ingredient: string; readonly name: string; readonly share_pct: number };

/** What follows a comma or stands in brackets tells the cook how it comes, not the buyer what it is: "Carrot, raw, grated". */
const HOW_IT_COMES = /,.*$| \(.*$/;

/**
 * Ingredients in descending order as they were added, water too; lines of one ingredient are one, and ties go by name.
 * Never ordered anew after drying.
 *
 * @source Regulation (EC) 767/2009 and AAFCO model rules, as a guide
 */
export function ingredientList(lines: readonly DoughLine[]): Declared[] {
  const sums = new Map<string, { name: string; mass_g: number }>();
  for (const { ingredient, mass_g } of lines) {
    if (mass_g <= 0) continue;
    const known = sums.get(ingredient.id);
    sums.set(ingredient.id, { name: ingredient.name, mass_g: (known?.mass_g ?? 0) + mass_g });
  }
  const total = [...sums.values()].reduce((sum, { mass_g }) => sum + mass_g, 0);
  return [...sums]
    .map(([ingredient, { name, mass_g }]) => ({
      ingredient,
      name: name.replace(HOW_IT_COMES, '').toLowerCase(),
      share_pct: (100 * mass_g) / total,
    }))
    .sort((a, b) => b.share_pct - a.share_pct || a.name.localeCompare(b.name, 'en'));
}
