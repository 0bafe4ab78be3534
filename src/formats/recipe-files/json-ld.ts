import { counted } from '@/core/quantities';
import { METHOD_NAMES, finishingFrom, type BatchDocument, type Recipe, type RecipeLine } from '@/core/document';
import type { Pantry } from '@/core/pantry';
import { bakeSentences } from './bake-sentences';

/** A recipe as the public vocabulary schema.org/Recipe has it: what other programs understand. */
export type RecipeJsonLd = {
  readonly '@context': 'https://schema.org';
  readonly '@type': 'Recipe';
  readonly name: string;
  readonly description?: string;
  readonly recipeCategory: string;
  readonly cookingMethod?: string;
  readonly keywords: string;
  readonly recipeIngredient: readonly string[];
  readonly recipeInstructions: ReadonlyArray<{ readonly '@type': 'HowToStep'; readonly text: string }>;
  /** ISO 8601 durations. */
  readonly prepTime?: string;
  readonly cookTime: string;
  readonly totalTime?: string;
  readonly recipeYield?: string;
  readonly nutrition?: { readonly '@type': 'NutritionInformation'; readonly servingSize: string; readonly calories: string };
  /** What the vocabulary has no word for: the whole batch file, as text. */
  readonly additionalProperty: ReadonlyArray<{
    readonly '@type': 'PropertyValue';
    readonly propertyID: string;
    readonly value: string;
  }>;
};

/** What the prediction knows of a recipe, for other programs; null where it cannot be worked out. */
export type RecipeFactsOut = {
  readonly pieces: number | null;
  readonly kcal_per_piece: number | null;
  readonly piece_g: number | null;
};

const WHOLE = 'upbeat-oven/batch';

const isoMinutes = (minutes: number): string => `PT${Math.round(minutes)}M`;

/** Writes a recipe for other programs; the whole document rides along, so that nothing is lost on the way back. */
export function toJsonLd(document: BatchDocument, pantry: Pantry, facts: RecipeFactsOut): RecipeJsonLd {
  const { recipe, heat } = document;
  const minutesOf = (steps: BatchDocument['heat']['steps']): number =>
    steps.reduce((sum, step) => sum + ('minutes' in step ? step.minutes : 0), 0);
  const cook = minutesOf(heat.steps.slice(0, finishingFrom(heat.steps)));
  const prepare = (recipe.steps ?? []).reduce((sum, { minutes = 0 }) => sum + minutes, recipe.rest_minutes ?? 0);
  const { pieces, kcal_per_piece, piece_g } = facts;
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: recipe.name ?? document.name ?? 'Recipe',
    ...(recipe.summary ? { description: recipe.summary } : {}),
    recipeCategory: 'Dog treat',
    ...(recipe.method ? { cookingMethod: METHOD_NAMES[recipe.method] } : {}),
    keywords: ['dog treat', ...(recipe.method ? [METHOD_NAMES[recipe.method].toLowerCase()] : [])].join(', '),
    recipeIngredient: listed(recipe, pantry),
    recipeInstructions: [...(recipe.steps ?? []).map(({ text }) => text), ...bakeSentences(document)].map((text) => ({
      '@type': 'HowToStep',
      text,
    })),
    ...(prepare > 0 ? { prepTime: isoMinutes(prepare) } : {}),
    cookTime: isoMinutes(cook),
    totalTime: isoMinutes(prepare + minutesOf(heat.steps)),
    ...(pieces === null ? {} : { recipeYield: counted(pieces, 'piece') }),
    ...(kcal_per_piece === null || piece_g === null
      ? {}
      : {
          nutrition: {
            '@type': 'NutritionInformation',
            servingSize: `1 piece (${piece_g.toFixed(1)} g)`,
            calories: `${kcal_per_piece.toFixed(1)} kcal`,
          },
        }),
    additionalProperty: [{ '@type': 'PropertyValue', propertyID: WHOLE, value: JSON.stringify(document) }],
  };
}

/** The list part by part, each headed by its name as people write it. */
function listed({ ingredients, parts = [] }: Recipe, pantry: Pantry): string[] {
  const of = (part: string | undefined): string[] =>
    ingredients.filter((line) => line.part === part).map((line) => ingredientText(line, pantry));
  return [...of(undefined), ...parts.flatMap(({ name }) => [`For the ${name.toLowerCase()}:`, ...of(name)])];
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
