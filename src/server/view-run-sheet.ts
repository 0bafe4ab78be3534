import type { BatchDocument } from '@/core/document';
import type { Prediction } from '@/core/prediction';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import type { Ingredient } from '@/core/pantry';
import { maybeBatch } from '@/db/batches';
import { loadPantry } from './pantry';
import { predictWithBands } from './predict-with-bands';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

/** Everything that a batch's run sheet says. */
export type RunSheetView = {
  readonly id: string;
  readonly kitchen: string;
  readonly name: string;
  readonly baked_on: string | null;
  readonly document: BatchDocument;
  readonly prediction: Prediction;
  /** Rows of what is in the bowl. */
  readonly rows: readonly Ingredient[];
};

export const viewRunSheet = (id: string): Promise<Result<RunSheetView>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const row = await maybeBatch(db, id);
    if (!row) return fail('NOT_FOUND', SENTENCES.noSuchBatch);
    const known = await predictWithBands(row.document, await loadPantry(db));
    if (!known.ok) return known;
    const { portions, prediction } = known.value;
    return succeed({
      id,
      kitchen: kitchen.value.name,
      name: row.name,
      baked_on: row.baked_on,
      document: row.document,
      prediction,
      rows: portions[0].lines.map(({ ingredient }) => ingredient),
    });
  });
