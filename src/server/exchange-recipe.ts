import type { BatchDocument, RecipeLine } from '@/core/document';
import { fail, succeed, type Result } from '@/core/failure';
import { weighIngredient, type Pantry } from '@/core/pantry';
import { UNITS, type CupFill, type Unit } from '@/core/quantities';
import { maybeRecipe } from '@/db/recipes';
import { fromJsonLd, fromRecipeCsv, toJsonLd, toRecipeCsv } from '@/formats/recipe-files';
import { readRecipeText, type ReadRecipe, type ReadLine } from '@/formats/recipe-text';
import { isBatchFile } from '@/formats/is-batch-file';
import { readBatch } from '@/formats/read-batch';
import { loadPantry } from './pantry';
import { recipeFacts } from './recipe-facts';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

/** Formats in which a recipe leaves the house. */
export const RECIPE_FILES = {
  batch: { ending: 'batch.json', type: 'application/json; charset=utf-8' },
  'json-ld': { ending: 'recipe.jsonld', type: 'application/ld+json; charset=utf-8' },
  csv: { ending: 'csv', type: 'text/csv; charset=utf-8' },
} as const;
export type RecipeFile = keyof typeof RECIPE_FILES;

/** A recipe as a file of a format. */
export const recipeFile = (id: string, as: RecipeFile): Promise<Result<{ name: string; content: string }>> =>
  withDatabase(async (db) => {
    const row = await maybeRecipe(db, id);
    if (!row) return fail('NOT_FOUND', 'This recipe is no longer in the book. Go back to Recipes.');
    const pantry = await loadPantry(db);
    const facts = recipeFacts(row.document, pantry, '');
    const pieces = facts.ok ? facts.value.card.pieces : null;
    const document = carriesOwn(row.document, pantry);
    const content =
      as === 'csv'
        ? toRecipeCsv(document)
        : `${JSON.stringify(as === 'batch' ? document : toJsonLd(document, pantry, pieces), null, 2)}\n`;
    return succeed({ name: row.name, content });
  });

/** Own ingredients travel with their composition: no other kitchen knows them. */
export function carriesOwn(document: BatchDocument, pantry: Pantry): BatchDocument {
  const carry = (line: RecipeLine): RecipeLine => {
    const row = pantry.get(line.ingredient);
    if (!row?.own || line.composition_per_100g) return line;
    const { water, protein, fat, carb, sugars, starch, fibre, ash, sodium_mg, bulkSpooned_g_per_ml, allergen } = row;
    return {
      ...line,
      composition_per_100g: {
        water,
        protein,
        fat,
        carbohydrate: carb,
        sugars,
        starch,
        fibre,
        ash,
        sodium_mg,
        density_g_per_ml: bulkSpooned_g_per_ml,
        ...(allergen === '' ? {} : { allergen }),
      },
    };
  };
  return { ...document, recipe: { ...document.recipe, ingredients: document.recipe.ingredients.map(carry) } };
}

/** What was understood of a recipe that came in: a whole document, or a reading with its questions. */
export type Incoming =
  | { readonly kind: 'document'; readonly document: BatchDocument }
  | { readonly kind: 'reading'; readonly reading: ReadRecipe; readonly draft: ReadonlyArray<RecipeLine | null> };

/** Takes in whatever a baker has: a batch file, a recipe table, a page with a recipe in it, or plain words. */
export const readIncoming = (text: string): Promise<Result<Incoming>> =>
  withDatabase<Incoming>(async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const pantry = await loadPantry(db);
    const { measures, cup_fill } = kitchen.value;
    const words = (written: string): Result<Incoming> => {
      const reading = readRecipeText(written, pantry, { measures, ...(cup_fill ? { fill: cup_fill } : {}) });
      return reading.ok
        ? succeed({
            kind: 'reading',
            reading: reading.value,
            draft: draftOf(reading.value.ingredients, pantry, cup_fill ?? 'unknown'),
          })
        : reading;
    };
    const start = text.trimStart();
    if (/^kind,name,amount,unit/i.test(start)) return asDocument(fromRecipeCsv(text));
    if (isBatchFile(start)) return asDocument(readBatch(text));
    if (!/^[[{<]/.test(start)) return words(text);
    const found = fromJsonLd(text);
    if (!found.ok) return found;
    if (found.value.kind === 'document') return succeed({ kind: 'document', document: found.value.document });
    const { name, lines, steps } = found.value;
    return words([name, 'Ingredients:', ...lines.map((line) => `- ${line}`), 'Method:', ...steps].join('\n'));
  });

const asDocument = (document: Result<BatchDocument>): Result<Incoming> =>
  document.ok ? succeed({ kind: 'document', document: document.value }) : document;

const isUnit = (unit: string | null): unit is Unit => unit !== null && (UNITS as readonly string[]).includes(unit);

/** Each line as it can go into a recipe; null where its ingredient or its weight is not known and waits for an answer. */
function draftOf(lines: readonly ReadLine[], pantry: Pantry, fill: CupFill): Array<RecipeLine | null> {
  return lines.map(({ ingredient, amount, unit, size, grams }): RecipeLine | null => {
    const row = ingredient === null ? undefined : pantry.get(ingredient);
    if (!row || ingredient === null || grams === null) return null;
    // As written where that weighs the same; a label or a puree says more than its cup.
    const measured = isUnit(unit) && amount !== null ? weighIngredient(row, amount, unit, { fill, size }) : null;
    const same = measured?.ok && Math.abs(measured.value.mass_g - grams) <= SAME_WITHIN * grams;
    return same && isUnit(unit) && amount !== null
      ? { ingredient, amount: round(amount), unit, ...(size ? { size } : {}) }
      : { ingredient, amount: round(grams), unit: 'g' };
  });
}

/** The written measure and the read weight are the same within this [1]. */
const SAME_WITHIN = 0.01;
const round = (value: number): number => Math.round(value * 1000) / 1000;
