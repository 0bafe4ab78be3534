import { gramsToReach, softness } from '../dough';
import { fail, succeed, type Result } from '../failure';
import { swapIdeas, type DoughLine, type Ingredient, type Pantry, type SwapIdea } from '../pantry';
import type { CupFill } from '../quantities';
import { isDoughLine, type Recipe, type RecipeLine } from '../document';
import { onlyDough, weighRecipe } from './weigh-recipe';

/** A recipe with one ingredient swapped, and what was added or taken away so that the dough still handles as before. */
export type Swapped = {
  readonly recipe: Recipe;
  readonly corrections: ReadonlyArray<{ readonly ingredient: string; readonly delta_g: number }>;
};

/** Less than this is not worth correcting [g]. */
const LEAST_G = 2;
const WATER = 'water';
/** Kitchen heat for comparing feels [°C]; before and after are judged alike. */
const KITCHEN_C = 20;

const grams = (ingredient: string, mass_g: number): RecipeLine => ({
  ingredient,
  amount: Math.round(mass_g * 10) / 10,
  unit: 'g',
});

/**
 * Swaps one line of a recipe by an idea, keeps the weight it stood for, and corrects water (or, when there is none to
 * take away, flour) until the softness is what it was: each flour and puree drinks differently.
 */
// oxlint-disable-next-line max-params -- older than the rule
export function swapIngredient(recipe: Recipe, index: number, idea: SwapIdea, pantry: Pantry, fill?: CupFill): Result<Swapped> {
  const line = recipe.ingredients[index];
  if (!line) return fail('OUT_OF_RANGE', 'There is no such line in the recipe.', `recipe.ingredients[${index}]`);
  const before = weighRecipe(recipe, pantry, fill);
  if (!before.ok) return before;
  const of = line.part === undefined ? {} : { part: line.part };
  const parts = idea.parts.map(({ ingredient, perGram }) => ({
    ...grams(ingredient, before.value[index].mass_g * perGram),
    ...of,
  }));
  const swapped = merged([...recipe.ingredients.slice(0, index), ...parts, ...recipe.ingredients.slice(index + 1)], pantry, fill);
  const after = weighRecipe({ ...recipe, ingredients: swapped }, pantry, fill);
  if (!after.ok) return after;
  const swappedRecipe = { ...recipe, ingredients: swapped };
  // What goes on or into the pieces wets no dough.
  const corrections = correct(
    onlyDough(recipe, before.value),
    onlyDough(swappedRecipe, after.value),
    recipe.rest_minutes,
    pantry,
  );
  const ingredients = corrections.reduce(
    (lines, correction) => applied({ ...recipe, ingredients: lines }, correction, pantry, fill),
    swapped,
  );
  return succeed({ recipe: { ...recipe, ingredients }, corrections });
}

/** Two lines of one plain ingredient in the same part become one: a swap for what is there already adds to it. */
function merged(lines: readonly RecipeLine[], pantry: Pantry, fill: CupFill | undefined): readonly RecipeLine[] {
  const kept: RecipeLine[] = [];
  for (const line of lines) {
    const twin = line.composition_per_100g
      ? -1
      : kept.findIndex(
          (other) => other.ingredient === line.ingredient && other.part === line.part && !other.composition_per_100g,
        );
    if (twin < 0) kept.push(line);
    else {
      const both = weighRecipe({ ingredients: [kept[twin], line] }, pantry, fill);
      const mass_g = both.ok ? both.value[0].mass_g + both.value[1].mass_g : null;
      if (mass_g !== null)
        kept[twin] = { ...grams(line.ingredient, mass_g), ...(line.part === undefined ? {} : { part: line.part }) };
    }
  }
  return kept;
}

function correct(
  before: readonly DoughLine[],
  after: readonly DoughLine[],
  standing_min = 10,
  pantry: Pantry,
): Swapped['corrections'] {
  const bowl = { standing_min, kitchen_c: KITCHEN_C };
  const wanted = softness(before, bowl).index;
  const now = softness(after, bowl);
  const water = pantry.get(WATER);
  if (!water || !Number.isFinite(wanted) || !Number.isFinite(now.index)) return [];
  // A gram of water frees a gram: what is missing or too much is read off directly.
  const delta_g = wanted * now.binding_g - now.freeLiquid_g;
  if (Math.abs(delta_g) < LEAST_G) return [];
  const there_g = after.filter(({ ingredient }) => ingredient.id === WATER).reduce((sum, { mass_g }) => sum + mass_g, 0);
  if (delta_g >= -there_g) return [{ ingredient: WATER, delta_g }];
  const drained = after.map((line) => (line.ingredient.id === WATER ? { ...line, mass_g: 0 } : line));
  const flour = mainFlour(after);
  const more = flour ? gramsToReach(drained, flour, wanted, bowl) : null;
  const taken = there_g > 0 ? [{ ingredient: WATER, delta_g: -there_g }] : [];
  return flour && more?.kind === 'add' ? [...taken, { ingredient: flour.id, delta_g: more.mass_g }] : taken;
}

function mainFlour(lines: readonly DoughLine[]): Ingredient | null {
  const flours = lines.filter(({ ingredient }) => ingredient.category === 'flour/meal' && ingredient.bindsNow_g_per_g >= 0.3);
  return (
    flours.reduce<DoughLine | null>((most, line) => (most && most.mass_g >= line.mass_g ? most : line), null)?.ingredient ?? null
  );
}

function applied(
  recipe: Recipe,
  { ingredient, delta_g }: Swapped['corrections'][number],
  pantry: Pantry,
  fill: CupFill | undefined,
): readonly RecipeLine[] {
  const lines = recipe.ingredients;
  const index = lines.findIndex((line) => line.ingredient === ingredient && isDoughLine(recipe, line));
  if (index < 0) return delta_g > 0 ? [...lines, grams(ingredient, delta_g)] : lines;
  const now = weighRecipe({ ingredients: [{ ...lines[index], amount: lines[index].amount || 1 }] }, pantry, fill);
  const now_g = now.ok && lines[index].amount > 0 ? now.value[0].mass_g : 0;
  const next_g = Math.max(0, now_g + delta_g);
  const { composition_per_100g, water_pct, note, part } = lines[index];
  // What was weighed belongs to the old amount.
  const kept = { composition_per_100g, water_pct, note, part };
  const next = {
    ...grams(ingredient, next_g),
    ...Object.fromEntries(Object.entries(kept).filter(([, value]) => value !== undefined)),
  };
  return next_g < 0.05 ? lines.filter((_, i) => i !== index) : lines.map((old, i) => (i === index ? next : old));
}

/** Every swap of a line that this pantry allows, worked out. */
export function swapsOf(
  recipe: Recipe,
  index: number,
  pantry: Pantry,
  fill?: CupFill,
): Array<Swapped & { readonly idea: SwapIdea }> {
  const row = pantry.get(recipe.ingredients[index]?.ingredient ?? '');
  return row
    ? swapIdeas(row, pantry).flatMap((idea) => {
        const swapped = swapIngredient(recipe, index, idea, pantry, fill);
        return swapped.ok ? [{ ...swapped.value, idea }] : [];
      })
    : [];
}
