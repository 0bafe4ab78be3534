import { at, fail, succeed, type Result } from '../failure';
import {
  WEIGHED_REL_SD,
  broughtIngredient,
  mashed,
  weighIngredient,
  type DoughLine,
  type Ingredient,
  type Pantry,
} from '../pantry';
import { SDS_IN_90_PCT, type CupFill } from '../quantities';
import { partOfLine, type Recipe, type RecipeLine } from '../document';

/** The pantry row of a recipe line, as it goes into the bowl. */
function rowOf(line: RecipeLine, pantry: Pantry): Result<Ingredient> {
  const row = namedRow(line, pantry);
  return row.ok && line.mashed ? mashed(row.value) : row;
}

/** The table's row, or one made from the composition the line brings. */
function namedRow(line: RecipeLine, pantry: Pantry): Result<Ingredient> {
  const { composition_per_100g } = line;
  if (composition_per_100g) return broughtIngredient({ ...line, composition_per_100g }, pantry);
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

/** The least and the most that a recipe gives are the ends of what nine of ten bakers put in. */
function scatterOf({ amount, amount_low, amount_high }: RecipeLine, measured: number | undefined): { relSd?: number } {
  const range =
    amount > 0 && amount_low !== undefined && amount_high !== undefined
      ? (amount_high - amount_low) / (2 * SDS_IN_90_PCT * amount)
      : 0;
  return range > 0 ? { relSd: Math.max(range, measured ?? 0) } : {};
}

/** Weighs every line of a recipe as written, before scaling; those of finishes too. */
export function weighRecipe(recipe: Recipe, pantry: Pantry, fill: CupFill = 'unknown'): Result<DoughLine[]> {
  const lines: DoughLine[] = [];
  let dough_g = 0;
  for (const [index, line] of recipe.ingredients.entries()) {
    const row = rowOf(line, pantry);
    if (!row.ok) return at(row, `recipe.ingredients[${index}]`);
    const weight = weighIngredient(row.value, line.amount, line.unit, { fill, size: line.size });
    if (!weight.ok) return at(weight, `recipe.ingredients[${index}]`);
    const part = partOfLine(recipe, line);
    if (!part) return at(noSuchPart(recipe, line.part ?? ''), `recipe.ingredients[${index}]`);
    if (part.role === 'dough') dough_g += weight.value.mass_g;
    lines.push({
      ingredient: row.value,
      ...weight.value,
      ...scatterOf(line, weight.value.relSd),
      ...(line.water_pct === undefined ? {} : { waterPct: line.water_pct }),
    });
  }
  if (!(dough_g > 0))
    return fail('NOTHING_TO_BAKE', 'The recipe weighs nothing. Give at least one ingredient an amount.', 'recipe.ingredients');
  return succeed(lines);
}

const noSuchPart = ({ parts = [] }: Recipe, name: string): ReturnType<typeof fail> =>
  fail(
    'BAD_VALUE',
    `There is no part "${name}". ${parts.length > 0 ? `The parts of this recipe are ${parts.map((part) => part.name).join(', ')}.` : 'List it under recipe.parts.'}`,
    'part',
  );

/** What of the weighed lines goes into the bowl; what goes on or into the pieces later weighs nothing there. */
export const onlyDough = (recipe: Recipe, lines: readonly DoughLine[]): DoughLine[] =>
  lines.map((line, i) => (partOfLine(recipe, recipe.ingredients[i])?.role === 'dough' ? line : { ...line, mass_g: 0 }));

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
