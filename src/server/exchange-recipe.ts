import type { BatchDocument, RecipeLine } from '@/core/document';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import { maybeRecipe } from '@/db/recipes';
import { toJsonLd, toRecipeCsv } from '@/formats/recipe-files';
import { computeResult } from './compute/compute';
import { loadPantry } from './pantry';
import type { ReadIncoming } from '@/formats/incoming';
import type { ReadingWishes } from './read-incoming';
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
  withDatabase('guest', async (db) => {
    const row = await maybeRecipe(db, id);
    if (!row) return fail('NOT_FOUND', SENTENCES.noSuchRecipe);
    const pantry = await loadPantry(db);
    const facts = await computeResult('recipeFacts', { document: row.document, pantry, cardOf: '' });
    const out = facts.ok
      ? {
          pieces: facts.value.card.pieces,
          kcal_per_piece: facts.value.card.fed.kcal_per_piece,
          piece_g: facts.value.card.finished_g / facts.value.card.pieces,
        }
      : { pieces: null, kcal_per_piece: null, piece_g: null };
    const document = carriesOwn(row.document, pantry);
    const content =
      as === 'csv'
        ? toRecipeCsv(document)
        : `${JSON.stringify(as === 'batch' ? document : toJsonLd(document, pantry, out), null, 2)}\n`;
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

/** Takes in whatever a baker has; nothing is saved. */
export const readRecipe = (content: Uint8Array, wishes: ReadingWishes): Promise<Result<ReadIncoming>> =>
  withDatabase<ReadIncoming>('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { measures, cup_fill } = kitchen.value;
    return computeResult('readIncoming', { content, kitchen: { pantry: await loadPantry(db), measures, cup_fill }, wishes });
  });
