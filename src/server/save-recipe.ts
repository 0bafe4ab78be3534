import Joi from 'joi';
import type { BatchDocument, Recipe } from '@/core/document';
import { SENTENCES, at, fail, succeed, type Result } from '@/core/failure';
import { maybeBatch } from '@/db/batches';
import type { Queryable } from '@/db/client';
import { addRecipe, archiveRecipe, maybeRecipe, replaceRecipe, versionsOf, type RecipeFacts } from '@/db/recipes';
import { checkBatch, checkWith } from '@/formats/read-batch';
import { compute, computeResult } from './compute/compute';
import { loadPantry } from './pantry';
import { kitchenOf } from './view-kitchen';
import { inTransaction, withDatabase } from './with-database';

/** What a document is as a recipe: nothing of one day's batch stays in it. */
function asRecipe(document: BatchDocument): BatchDocument {
  const ingredients = document.recipe.ingredients.map(({ actual_g: _weighed, ...line }) => line);
  const { kitchen: _air, name: _batch, ...rest } = document;
  const recipe: Recipe = { ...document.recipe, ingredients };
  return { ...rest, name: document.recipe.name ?? document.name ?? 'Recipe', recipe };
}

async function factsOf(db: Queryable, value: unknown): Promise<Result<RecipeFacts>> {
  const checked = checkBatch(value);
  if (!checked.ok) return at(checked, 'document');
  const pantry = await loadPantry(db);
  const cardOf = await compute('fingerprint', pantry);
  if (!cardOf.ok) return cardOf;
  const facts = await computeResult('recipeFacts', { document: asRecipe(checked.value), pantry, cardOf: cardOf.value });
  return facts.ok ? facts : at(facts, 'document');
}

/** Puts a new recipe into the book. */
export const createRecipe = (document: unknown): Promise<Result<{ id: string }>> =>
  withDatabase('baker', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const facts = await factsOf(db, document);
    return facts.ok ? succeed({ id: await addRecipe(db, kitchen.value.id, facts.value) }) : facts;
  });

type SaveRequest = { readonly revision: number; readonly document: unknown };
const SAVE_REQUEST = Joi.object<SaveRequest>({
  revision: Joi.number().integer().min(1).required(),
  document: Joi.object().unknown().required(),
});

/** Saves a recipe over exactly the revision it was edited from; that one stays as an older version. */
export const saveRecipe = (id: string, body: unknown): Promise<Result<{ revision: number }>> =>
  inTransaction('baker', async (db) => {
    const request = checkWith(SAVE_REQUEST, body);
    if (!request.ok) return request;
    const facts = await factsOf(db, request.value.document);
    if (!facts.ok) return facts;
    return replaced(db, id, request.value.revision, facts.value);
  });

async function replaced(db: Queryable, id: string, revision: number, facts: RecipeFacts): Promise<Result<{ revision: number }>> {
  const next = await replaceRecipe(db, id, revision, facts);
  if (next !== null) return succeed({ revision: next });
  return (await maybeRecipe(db, id))
    ? fail(
        'CHANGED_ELSEWHERE',
        'Someone saved this recipe while you were changing it. Keep yours as a copy, or load theirs.',
        'revision',
      )
    : fail('NOT_FOUND', SENTENCES.noSuchRecipe);
}

/** A copy to play with, under a name of its own. */
export const copyRecipe = (id: string): Promise<Result<{ id: string }>> =>
  withDatabase('baker', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const row = await maybeRecipe(db, id);
    if (!row) return fail('NOT_FOUND', SENTENCES.noSuchRecipe);
    const name = `${row.name}, copy`.slice(0, 200);
    const facts = await factsOf(db, { ...row.document, name, recipe: { ...row.document.recipe, name } });
    return facts.ok ? succeed({ id: await addRecipe(db, kitchen.value.id, facts.value) }) : facts;
  });

/** Archives a recipe, or takes it back into the book. Its batches and versions stay. */
export const setArchived = (id: string, away: boolean): Promise<Result<{ archived: boolean }>> =>
  withDatabase('baker', async (db) =>
    (await archiveRecipe(db, id, away)) ? succeed({ archived: away }) : fail('NOT_FOUND', SENTENCES.noSuchRecipe),
  );

/** Makes an older version the newest one again; what it replaces becomes an older version. */
export const bringBack = (id: string, revision: number): Promise<Result<{ revision: number }>> =>
  inTransaction('baker', async (db) => {
    const row = await maybeRecipe(db, id);
    const old = (await versionsOf(db, id)).find((version) => version.revision === revision);
    if (!row || !old) return fail('NOT_FOUND', 'There is no such version of this recipe.');
    const facts = await factsOf(db, old.document);
    return facts.ok ? replaced(db, id, row.revision, facts.value) : facts;
  });

/** Writes what a batch found out back into its recipe, or into the book as a new one. */
export const keepInRecipe = (batchId: string): Promise<Result<{ id: string }>> =>
  inTransaction('baker', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const batch = await maybeBatch(db, batchId);
    if (!batch) return fail('NOT_FOUND', SENTENCES.noSuchBatch);
    const facts = await factsOf(db, batch.document);
    if (!facts.ok) return facts;
    const recipe = batch.recipe_id === null ? null : await maybeRecipe(db, batch.recipe_id);
    if (!recipe) return succeed({ id: await addRecipe(db, kitchen.value.id, facts.value) });
    const saved = await replaced(db, recipe.id, recipe.revision, facts.value);
    return saved.ok ? succeed({ id: recipe.id }) : saved;
  });
