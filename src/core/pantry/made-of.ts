import type { DoughLine } from './composition';
import type { Constituent, Ingredient, Pantry } from './ingredient';
import { ownIngredient, type OwnComposition } from './own-ingredient';
import { succeed, type Result } from '../failure';

/** A line that brings its own composition, and what it was made of where it was baked elsewhere [g in 100 g of it]. */
export type BroughtLine = {
  readonly ingredient: string;
  readonly composition_per_100g: OwnComposition;
  readonly made_of?: ReadonlyArray<{ readonly ingredient: string; readonly grams: number }> | undefined;
};

/**
 * The row of a line that brings its own composition. What it was made of counts for what dogs must not have and for the label;
 * its heat it has had, so nothing in it is raw.
 */
export function broughtIngredient(line: BroughtLine, pantry: Pantry): Result<Ingredient> {
  const own = ownIngredient(line.ingredient, line.composition_per_100g);
  if (!own.ok || line.made_of === undefined) return own;
  // What no table knows is taken to be like the whole thing, its allergens too.
  const madeOf = line.made_of.map(({ ingredient, grams }): Constituent => {
    const row = pantry.get(ingredient) ?? { ...own.value, id: ingredient, name: ingredient };
    return { ingredient: { ...row, rawAnimal: null }, share: grams / 100 };
  });
  const fattest = heaviest(madeOf, ({ fat }) => fat);
  return succeed({ ...own.value, madeOf, oilClass: fattest?.oilClass ?? own.value.oilClass, dogFlag: 'ok', dogReason: '' });
}

/** The row that brings most of something. */
function heaviest(of: readonly Constituent[], per100g: (row: Ingredient) => number): Ingredient | null {
  const brings = ({ ingredient, share }: Constituent): number => per100g(ingredient) * share;
  const most = of.reduce<Constituent | null>((best, one) => (best && brings(best) >= brings(one) ? best : one), null);
  return most && brings(most) > 0 ? most.ingredient : null;
}

/** The same lines, with what was baked elsewhere opened into what went into it. */
export const opened = (lines: readonly DoughLine[]): DoughLine[] =>
  lines.flatMap((line) =>
    line.ingredient.madeOf && line.ingredient.madeOf.length > 0
      ? line.ingredient.madeOf.map(({ ingredient, share }) => ({ ingredient, mass_g: line.mass_g * share }))
      : [line],
  );
