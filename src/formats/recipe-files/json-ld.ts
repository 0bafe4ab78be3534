import type { BatchDocument, Recipe, RecipeLine } from '@/core/document';
import type { Pantry } from '@/core/pantry';

/** A recipe as the public vocabulary schema.org/Recipe has it: what other programs understand. */
export type RecipeJsonLd = {
  readonly '@context': 'https://schema.org';
  readonly '@type': 'Recipe';
  readonly name: string;
  readonly description?: string;
  readonly recipeCategory: string;
  readonly recipeIngredient: readonly string[];
  readonly recipeInstructions: ReadonlyArray<{ readonly '@type': 'HowToStep'; readonly text: string }>;
  /** ISO 8601 durations. */
  readonly prepTime?: string;
  readonly cookTime: string;
  readonly totalTime?: string;
  readonly recipeYield?: string;
  /** What the vocabulary has no word for: the whole batch file, as text. */
  readonly additionalProperty: ReadonlyArray<{
    readonly '@type': 'PropertyValue';
    readonly propertyID: string;
    readonly value: string;
  }>;
};

const WHOLE = 'upbeat-oven/batch';

const isoMinutes = (minutes: number): string => `PT${Math.round(minutes)}M`;

/** Writes a recipe for other programs; the whole document rides along, so that nothing is lost on the way back. */
export function toJsonLd(document: BatchDocument, pantry: Pantry, pieces: number | null): RecipeJsonLd {
  const { recipe, heat } = document;
  const cook = heat.steps.reduce((sum, step) => sum + ('minutes' in step ? step.minutes : 0), 0);
  const prepare = (recipe.steps ?? []).reduce((sum, { minutes = 0 }) => sum + minutes, recipe.rest_minutes ?? 0);
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: recipe.name ?? document.name ?? 'Recipe',
    ...(recipe.summary ? { description: recipe.summary } : {}),
    recipeCategory: 'Dog treat',
    recipeIngredient: recipe.ingredients.map((line) => ingredientText(line, pantry)),
    recipeInstructions: (recipe.steps ?? []).map(({ text }) => ({ '@type': 'HowToStep', text })),
    ...(prepare > 0 ? { prepTime: isoMinutes(prepare), totalTime: isoMinutes(prepare + cook) } : {}),
    cookTime: isoMinutes(cook),
    ...(pieces === null ? {} : { recipeYield: `${pieces} pieces` }),
    additionalProperty: [{ '@type': 'PropertyValue', propertyID: WHOLE, value: JSON.stringify(document) }],
  };
}

const UNIT_WORDS: Readonly<Partial<Record<RecipeLine['unit'], string>>> = {
  'cup-us': 'US cup',
  'cup-metric': 'metric cup',
  'cup-uk': 'UK cup',
  'fl-oz-us': 'fl oz',
  'fl-oz-uk': 'fl oz',
  'pint-us': 'pint',
  'pint-uk': 'pint',
};

/** "2 UK large eggs", "400 g wholemeal flour": a line as a person would read it. */
export function ingredientText({ ingredient, amount, unit, size, note }: Recipe['ingredients'][number], pantry: Pantry): string {
  const name = pantry.get(ingredient)?.name ?? ingredient;
  const measure = unit === 'each' ? (size ?? '') : unit === 'pack' ? 'pack' : (UNIT_WORDS[unit] ?? unit);
  return [Number(amount.toFixed(3)), measure, name].filter((part) => part !== '').join(' ') + (note ? `, ${note}` : '');
}
