import Joi from 'joi';
import type { BatchDocument } from '@/core/document';
import { at, type Result } from '@/core/failure';
import { maybeBatch, replaceBatch } from '@/db/batches';
import { checkBatch } from '@/formats/read-batch';
import { forecast } from './forecast';
import { loadPantry } from './pantry';
import { checkSave, savedOver, versionOf, type SavedOver } from './save-over';
import { withDatabase } from './with-database';

const DOCUMENT = Joi.object<object>().unknown();

/** Saves an edited document over exactly the revision it was edited from; a stale save changes nothing. */
export const saveBatch = (id: string, body: unknown): Promise<Result<SavedOver<BatchDocument>>> =>
  withDatabase<SavedOver<BatchDocument>>(async (db) => {
    const request = checkSave(DOCUMENT, body);
    if (!request.ok) return request;
    const checked = checkBatch(request.value.document);
    if (!checked.ok) return at(checked, 'document');
    const document = checked.value;
    const predicted = await forecast(document, await loadPantry(db), false);
    if (!predicted.ok) return at(predicted, 'document');
    const name = document.name?.trim() || document.recipe.name?.trim() || 'Batch';
    const saved = await replaceBatch(db, id, request.value.revision, { name, document, forecast: predicted.value });
    return savedOver(saved, {
      what: 'this batch',
      gone: 'This batch is gone. Export the file from this page if you want to keep it.',
      current: async () => {
        const row = await maybeBatch(db, id);
        return row && versionOf(row, row.document);
      },
    });
  });
