import { at, fail, succeed, type Result } from '../failure';
import { WEIGHED_REL_SD, mashed, ownIngredient, weighIngredient, type DoughLine, type Ingredient, type Pantry } from '../pantry';
import type { CupFill } from '../quantities';
import type { Recipe, RecipeLine } from '../document';

/** The pantry row of a recipe line, as it goes into the bowl. */
function rowOf(line: RecipeLine, pantry: Pantry): Result<Ingredient> {
  const row = namedRow(line, pantry);
  return row.ok && line.mashed ? mashed(row.value) : row;
}

/** The table's row, or one made from the composition the line brings. */
function namedRow(line: RecipeLine, pantry: Pantry): Result<Ingredient> {
  if (line.composition_per_100g) return ownIngredient(line.ingredient, line.composition_per_100g);
  const row = pantry.get(line.ingredient);
  if (row) return succeed(row);
  const hint = closest(line.ingredient, pantry);
  return fail(
    'UNKNOWN_INGREDIENT',
    `There is no ingredient "${line.ingredient}".${hint ? ` Did you mean "${hint}"?` : ''} Use an id of the pantry, or give its composition_per_100g.`,
    'ingredient',
  );
}

/** The pantry id that shares most words with what was written. */
function closest(written: string, pantry: Pantry): string | null {
  const words = new Set(
    written
      .toLowerCase()
      .split(/[^a-z0-9]+/)
      .filter((word) => word.length > 2),
  );
  let best: string | null = null;
  let most = 0;
  for (const id of pantry.keys()) {
    const shared = id.split('_').filter((word) => words.has(word)).length;
    if (shared > most) [best, most] = [id, shared];
  }
  return best;
}

/** Weighs every line of a recipe as written, before scaling. */
export function weighRecipe(recipe: Recipe, pantry: Pantry, fill: CupFill = 'unknown'): Result<DoughLine[]> {
  const lines: DoughLine[] = [];
  for (const [index, line] of recipe.ingredients.entries()) {
    const row = rowOf(line, pantry);
    if (!row.ok) return at(row, `recipe.ingredients[${index}]`);
    const weight = weighIngredient(row.value, line.amount, line.unit, { fill, size: line.size });
    if (!weight.ok) return at(weight, `recipe.ingredients[${index}]`);
    lines.push({ ingredient: row.value, ...weight.value, ...(line.water_pct === undefined ? {} : { waterPct: line.water_pct }) });
  }
  const total_g = lines.reduce((sum, { mass_g }) => sum + mass_g, 0);
  if (!(total_g > 0))
    return fail('NOTHING_TO_BAKE', 'The recipe weighs nothing. Give at least one ingredient an amount.', 'recipe.ingredients');
  return succeed(lines);
}

/** The lines as planned for a batch, and as they really went into the bowl where that was weighed. */
export function intoTheBowl(
  recipe: Recipe,
  written: readonly DoughLine[],
  factor: number,
): { planned: DoughLine[]; lines: DoughLine[] } {
  const planned = written.map((line) => ({ ...line, mass_g: line.mass_g * factor }));
  const lines = planned.map((line, i) => {
    const { actual_g } = recipe.ingredients[i];
    return actual_g === undefined ? line : { ...line, mass_g: actual_g, relSd: WEIGHED_REL_SD };
  });
  return { planned, lines };
}
