import Joi from 'joi';
import { at, fail, succeed, type Failure, type Result } from '@/core/failure';
import { maybeBatch, replaceBatch } from '@/db/batches';
import { checkBatch, checkWith } from '@/formats/read-batch';
import { forecast } from './forecast';
import { viewOf, type BatchView } from './open-batch';
import { loadPantry } from './pantry';
import { withDatabase } from './with-database';

type SaveRequest = { readonly revision: number; readonly document: unknown };
const SAVE_REQUEST = Joi.object<SaveRequest>({
  revision: Joi.number().integer().min(1).required(),
  document: Joi.object().unknown().required(),
});

/** Saved, or the batch as someone else left it in the meantime. */
export type Saved =
  | { readonly kind: 'saved'; readonly revision: number; readonly saved_at: string }
  | { readonly kind: 'stale'; readonly failure: Failure; readonly current: BatchView };

/** Saves an edited document over exactly the revision it was edited from; a stale save changes nothing. */
export const saveBatch = (id: string, body: unknown): Promise<Result<Saved>> =>
  withDatabase<Saved>(async (db) => {
    const request = checkWith(SAVE_REQUEST, body);
    if (!request.ok) return request;
    const checked = checkBatch(request.value.document);
    if (!checked.ok) return at(checked, 'document');
    const document = checked.value;
    const predicted = await forecast(document, await loadPantry(db), false);
    if (!predicted.ok) return at(predicted, 'document');
    const name = document.name?.trim() || document.recipe.name?.trim() || 'Batch';
    const saved = await replaceBatch(db, id, request.value.revision, { name, document, forecast: predicted.value });
    if (saved) return succeed({ kind: 'saved', revision: saved.revision, saved_at: saved.updated_at.toISOString() });
    const current = await maybeBatch(db, id);
    if (!current) return fail('NOT_FOUND', 'This batch is gone. Export the file from this page if you want to keep it.');
    const failure = fail(
      'CHANGED_ELSEWHERE',
      'Someone saved this batch while you were changing it. Choose which one to keep; nothing was overwritten.',
      'revision',
    );
    return succeed({ kind: 'stale', failure, current: viewOf(current) });
  });
