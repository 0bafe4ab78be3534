import Joi from 'joi';
import type { BatchDocument } from '@/core/document';
import { at, type Failure, type Result } from '@/core/failure';
import type { Queryable } from '@/db/client';
import { maybeBatch, replaceBatch } from '@/db/batches';
import { checkBatch } from '@/formats/read-batch';
import { forecast } from './forecast';
import { loadPantry } from './pantry';
import { onlyWeighed } from './only-weighed';
import { nameOfAsking } from './people/allowed';
import { checkSave, savedOver, versionOf, type SavedOver } from './save-over';
import { refusedHere, withDatabase } from './with-database';

/** Why who asks may not save this; null where they may, or where the batch is gone. */
async function unlessWeighed(db: Queryable, id: string, document: BatchDocument): Promise<Failure | null> {
  const refused = await refusedHere('baker');
  if (!refused) return null;
  const stands = await maybeBatch(db, id);
  return !stands || onlyWeighed(stands.document, document) ? null : refused;
}

const DOCUMENT = Joi.object<object>().unknown();

/** Saves an edited document over exactly the revision it was edited from; a stale save changes nothing. Helpers save what they weighed. */
export const saveBatch = (id: string, body: unknown): Promise<Result<SavedOver<BatchDocument>>> =>
  withDatabase<SavedOver<BatchDocument>>('helper', async (db) => {
    const request = checkSave(DOCUMENT, body);
    if (!request.ok) return request;
    const checked = checkBatch(request.value.document);
    if (!checked.ok) return at(checked, 'document');
    const document = checked.value;
    const refused = await unlessWeighed(db, id, document);
    if (refused) return refused;
    const predicted = await forecast(document, await loadPantry(db), false);
    if (!predicted.ok) return at(predicted, 'document');
    const name = document.name?.trim() || document.recipe.name?.trim() || 'Batch';
    const saved = await replaceBatch(db, id, request.value.revision, {
      name,
      document,
      forecast: predicted.value,
      saved_by: nameOfAsking(),
    });
    return savedOver(saved, {
      what: 'this batch',
      gone: 'This batch is gone. Export the file from this page if you want to keep it.',
      current: async () => {
        const row = await maybeBatch(db, id);
        return row && versionOf(row, row.document);
      },
    });
  });
