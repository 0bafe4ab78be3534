import type { DoughLine } from '../pantry';

/** An ingredient as a label declares it. */
export type Declared = { readonly ingredient: string; readonly name: string; readonly share_pct: number };

/** What follows a comma or stands in brackets tells the cook how it comes, not the buyer what it is: "Carrot, raw, grated". */
const HOW_IT_COMES = /,.*$| \(.*$/;

/** Its plain name; what was baked elsewhere says in brackets what went into it, most first. */
function declaredName({ name, madeOf = [] }: DoughLine['ingredient']): string {
  const plain = name.replace(HOW_IT_COMES, '').toLowerCase();
  if (madeOf.length === 0) return plain;
  const within = ingredientList(madeOf.map(({ ingredient, share }) => ({ ingredient, mass_g: share })));
  return `${plain} (${within.map((one) => one.name).join(', ')})`;
}

/**
 * Ingredients in descending order as they were added, water too; what goes by one name is one, whichever pantry row it came
 * from, and ties go by name. Never ordered anew after drying.
 *
 * @source Regulation (EC) 767/2009 and AAFCO model rules, as a guide
 */
export function ingredientList(lines: readonly DoughLine[]): Declared[] {
  const sums = new Map<string, { ingredient: string; mass_g: number }>();
  for (const { ingredient, mass_g } of lines) {
    if (mass_g <= 0) continue;
    const name = declaredName(ingredient);
    const known = sums.get(name);
    sums.set(name, { ingredient: known?.ingredient ?? ingredient.id, mass_g: (known?.mass_g ?? 0) + mass_g });
  }
  const total = [...sums.values()].reduce((sum, { mass_g }) => sum + mass_g, 0);
  return [...sums]
    .map(([name, { ingredient, mass_g }]) => ({ ingredient, name, share_pct: (100 * mass_g) / total }))
    .sort((a, b) => b.share_pct - a.share_pct || a.name.localeCompare(b.name, 'en'));
}
