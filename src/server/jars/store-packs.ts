import Joi from 'joi';
import { SENTENCES, fail, type Result } from '@/core/failure';
import { maybeBatch } from '@/db/batches';
import { checkWith } from '@/formats/read-batch';
import { loadPantry } from '../pantry';
import { kitchenOf } from '../view-kitchen';
import { inTransaction, refusedHere } from '../with-database';
import { store } from './store';

const REQUEST = Joi.object<{ batch: string }, true>({ batch: Joi.string().guid().required() });

/** Puts a baked batch away, as a page asks for it. */
export async function storePacks(body: unknown): Promise<Result<{ jars: number }>> {
  const refused = await refusedHere('helper');
  if (refused) return refused;
  const request = checkWith(REQUEST, body);
  return request.ok ? putBatchAway(request.value.batch) : request;
}

/** Puts a baked batch's packs into the store room, as it was planned to be packed; once, however often and by how many it is asked. */
export const putBatchAway = (batchId: string): Promise<Result<{ jars: number }>> =>
  inTransaction('helper', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const batch = await maybeBatch(db, batchId);
    if (!batch) return fail('NOT_FOUND', SENTENCES.noSuchBatch);
    if (!batch.baked_on) return fail('BAD_VALUE', 'This batch is not baked yet: there is nothing to store.');
    return store(db, kitchen.value, batch, await loadPantry(db));
  });
