import type { WorthMeasuringView } from '@/contract/explanation';
import { succeed, type Result } from '@/core/failure';
import { checkBatch } from '@/formats/read-batch';
import { computeResult } from './compute/compute';
import { loadPantry } from './pantry';
import { withDatabase } from './with-database';

/** What each measurement would be worth before this batch is baked; of a shared bowl, one portion is asked about at a time. */
export const worthMeasuringOf = async (body: unknown, signal?: AbortSignal): Promise<Result<WorthMeasuringView>> => {
  const known = await withDatabase('guest', async (db) => {
    const document = checkBatch(body);
    return document.ok ? succeed({ document: document.value, pantry: await loadPantry(db) }) : document;
  });
  if (!known.ok) return known;
  const worth = await computeResult('worthMeasuring', known.value, signal);
  return worth.ok ? succeed({ worth: worth.value }) : worth;
};
