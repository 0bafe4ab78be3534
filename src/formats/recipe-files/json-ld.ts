import type { BatchDocument, Recipe, RecipeLine } from '@/core/document';
import { fail, succeed, type Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import { readBatch } from '../read-batch';

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

/** A recipe found in a page or a file: either our own document, or words to be read. */
export type FoundRecipe =
  | { readonly kind: 'document'; readonly document: BatchDocument }
  | { readonly kind: 'words'; readonly name: string; readonly lines: readonly string[]; readonly steps: readonly string[] };

const SCRIPT = /<script\b[^>]*type\s*=\s*["']?application\/ld\+json["']?[^>]*>([\s\S]*?)<\/script>/gi;

/** Finds the first schema.org/Recipe of a saved page or a JSON-LD file. */
export function fromJsonLd(text: string): Result<FoundRecipe> {
  const scripts = [...text.matchAll(SCRIPT)].map(([, inside]) => inside);
  const sources = scripts.length > 0 ? scripts : [text];
  let parsed = 0;
  for (const source of sources) {
    const value = parse(source);
    if (value === undefined) continue;
    parsed++;
    const recipe = recipeIn(value);
    if (recipe) return found(recipe);
  }
  return parsed === 0
    ? fail('NOT_JSON', 'There is no readable JSON-LD in this. Save the whole page, or its recipe as a .json file.')
    : fail('MISSING_VALUE', 'There is no schema.org/Recipe in this. Paste its text instead.', '@type');
}

function parse(source: string): unknown {
  try {
    return JSON.parse(source.trim().replace(/^<!--|-->$/g, '')) as unknown;
  } catch {
    return undefined;
  }
}

type Thing = Readonly<Record<string, unknown>>;
const isThing = (value: unknown): value is Thing => typeof value === 'object' && value !== null && !Array.isArray(value);

/** Deepest nesting that is looked into: pages wrap a recipe in a list or a graph, not more. */
const DEEPEST = 6;

function recipeIn(value: unknown, depth = 0): Thing | null {
  if (depth > DEEPEST) return null;
  if (Array.isArray(value)) return firstOf(value, depth);
  if (!isThing(value)) return null;
  const type = value['@type'];
  if (type === 'Recipe' || (Array.isArray(type) && type.includes('Recipe'))) return value;
  return firstOf([value['@graph'], value.mainEntity, value.mainEntityOfPage], depth);
}

function firstOf(values: readonly unknown[], depth: number): Thing | null {
  for (const value of values) {
    const recipe = recipeIn(value, depth + 1);
    if (recipe) return recipe;
  }
  return null;
}

function found(recipe: Thing): Result<FoundRecipe> {
  const whole = asList(recipe.additionalProperty).find((property) => isThing(property) && property.propertyID === WHOLE);
  if (isThing(whole) && typeof whole.value === 'string') {
    const document = readBatch(whole.value);
    return document.ok ? succeed({ kind: 'document', document: document.value }) : document;
  }
  const lines = asList(recipe.recipeIngredient ?? recipe.ingredients).flatMap((line) => textOf(line));
  if (lines.length === 0)
    return fail('MISSING_VALUE', 'This recipe lists no ingredients. Paste its text instead.', 'recipeIngredient');
  return succeed({ kind: 'words', name: textOf(recipe.name)[0] ?? '', lines, steps: stepsOf(recipe.recipeInstructions) });
}

const asList = (value: unknown): readonly unknown[] =>
  Array.isArray(value) ? value : value === undefined || value === null ? [] : [value];

/** Instructions are a text, a list of texts, of steps, or of sections of steps. */
function stepsOf(value: unknown): string[] {
  return asList(value).flatMap((step): string[] => {
    if (typeof step === 'string')
      return (
        textOf(step)[0]
          ?.split(/\r?\n+/)
          .map((line) => line.trim())
          .filter(Boolean) ?? []
      );
    if (!isThing(step)) return [];
    return step.itemListElement === undefined ? textOf(step.text ?? step.name) : stepsOf(step.itemListElement);
  });
}

const ENTITIES = new Map<string, string>(
  Object.entries({
    amp: '&',
    lt: '<',
    gt: '>',
    quot: '"',
    apos: "'",
    nbsp: ' ',
    frac12: '½',
    frac14: '¼',
    frac34: '¾',
    deg: '°',
  }),
);

/** Plain text of what pages put there: tags and entities gone. */
function textOf(value: unknown): string[] {
  if (typeof value !== 'string') return [];
  const text = value
    .replace(/<br\s*\/?>|<\/(p|li)>/gi, '\n')
    .replace(/<[^>]*>/g, '')
    .replace(/&#(\d+);/g, (_, code: string) => String.fromCodePoint(Math.min(0x10ffff, Number(code))))
    .replace(/&#x([0-9a-f]+);/gi, (_, code: string) => String.fromCodePoint(Math.min(0x10ffff, parseInt(code, 16))))
    .replace(/&([a-z]+\d*);/gi, (entity, name: string) => ENTITIES.get(name.toLowerCase()) ?? entity)
    .trim();
  return text === '' ? [] : [text];
}
