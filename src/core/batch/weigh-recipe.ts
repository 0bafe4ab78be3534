import { at, fail, succeed, type Result } from '../failure';
import { ownIngredient, weighIngredient, type DoughLine, type Ingredient, type Pantry } from '../pantry';
import type { Recipe, RecipeLine } from './document';

/** The pantry row of a recipe line: the table's, or one made from the composition the line brings. */
function rowOf(line: RecipeLine, pantry: Pantry): Result<Ingredient> {
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
export function weighRecipe(recipe: Recipe, pantry: Pantry): Result<DoughLine[]> {
  const lines: DoughLine[] = [];
  for (const [index, line] of recipe.ingredients.entries()) {
    const row = rowOf(line, pantry);
    if (!row.ok) return at(row, `recipe.ingredients[${index}]`);
    const weight = weighIngredient(row.value, line.amount, line.unit);
    if (!weight.ok) return at(weight, `recipe.ingredients[${index}]`);
    lines.push({ ingredient: row.value, ...weight.value });
  }
  const total_g = lines.reduce((sum, { mass_g }) => sum + mass_g, 0);
  if (!(total_g > 0))
    return fail('NOTHING_TO_BAKE', 'The recipe weighs nothing. Give at least one ingredient an amount.', 'recipe.ingredients');
  return succeed(lines);
}
