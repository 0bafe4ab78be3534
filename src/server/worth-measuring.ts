import type { WorthMeasuringView } from '@/contract/explanation';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { maybeBatch } from '@/db/batches';
import { computeResult } from './compute/compute';
import { loadPantry } from './pantry';
import { withDatabase } from './with-database';

/** What each measurement would be worth before this batch is baked, as it stands saved. */
export const batchWorthMeasuring = async (id: string): Promise<Result<WorthMeasuringView>> => {
  const known = await withDatabase('guest', async (db) => {
    const batch = await maybeBatch(db, id);
    return batch ? succeed({ document: batch.document, pantry: await loadPantry(db) }) : fail('NOT_FOUND', SENTENCES.noSuchBatch);
  });
  if (!known.ok) return known;
  const worth = await computeResult('worthMeasuring', known.value);
  return worth.ok ? succeed({ worth: worth.value }) : worth;
};
