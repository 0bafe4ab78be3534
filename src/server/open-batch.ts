import type { BatchDocument } from '@/core/batch';
import { fail, succeed, type Result } from '@/core/failure';
import type { Ingredient } from '@/core/pantry';
import { maybeBatch } from '@/db/batches';
import { appliancesOf, ingredients, type ApplianceRow } from '@/db/kitchen';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

export type BatchView = {
  readonly id: string;
  readonly name: string;
  readonly revision: number;
  readonly document: BatchDocument;
  readonly baked_on: string | null;
  readonly saved_at: string;
};

/** A batch with everything its page needs to work without asking again. */
export type OpenBatch = {
  readonly batch: BatchView;
  readonly pantry: readonly Ingredient[];
  readonly appliances: readonly ApplianceRow[];
};

const GONE = 'There is no such batch. It may have been thrown away; look in the log.';

export const openBatch = (id: string): Promise<Result<OpenBatch>> =>
  withDatabase(async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const row = await maybeBatch(db, id);
    if (!row) return fail('NOT_FOUND', GONE);
    const [pantry, appliances] = [await ingredients(db), await appliancesOf(db, kitchen.value.id)];
    return succeed({ batch: viewOf(row), pantry, appliances });
  });

/** The document alone, for a *.batch.json. */
export const batchFile = (id: string): Promise<Result<{ name: string; document: BatchDocument }>> =>
  withDatabase(async (db) => {
    const row = await maybeBatch(db, id);
    return row ? succeed({ name: row.name, document: row.document }) : fail('NOT_FOUND', GONE);
  });

export const viewOf = (row: NonNullable<Awaited<ReturnType<typeof maybeBatch>>>): BatchView => ({
  id: row.id,
  name: row.name,
  revision: row.revision,
  document: row.document,
  baked_on: row.baked_on,
  saved_at: row.updated_at.toISOString(),
});
