import type { BatchDocument } from '@/core/document';
import type { Queryable } from './client';
import type { ForecastRow } from './forecast';
import { patternsOf } from './search-words';

export type BatchRow = {
  readonly id: string;
  readonly recipe_id: string | null;
  readonly name: string;
  readonly document: BatchDocument;
  readonly revision: number;
  readonly forecast: ForecastRow;
  /** ISO date, or null while it is only planned. */
  readonly baked_on: string | null;
  readonly updated_at: Date;
};

const COLUMNS = 'id, recipe_id, name, document, revision, forecast, baked_on, updated_at';

export async function maybeBatch(db: Queryable, id: string): Promise<BatchRow | null> {
  const { rows } = await db.query<BatchRow>(`select ${COLUMNS} from batch where id = $1`, [id]);
  return rows[0] ?? null;
}

/** One batch, held until the transaction ends, so that nobody saves it in between. */
export async function holdBatch(db: Queryable, id: string): Promise<BatchRow | null> {
  const { rows } = await db.query<BatchRow>(`select ${COLUMNS} from batch where id = $1 for update`, [id]);
  return rows[0] ?? null;
}

/** The batch to carry on with: the planned one changed last, else the last one at all. */
export async function maybeOpenBatch(
  db: Queryable,
  kitchenId: string,
): Promise<Pick<BatchRow, 'id' | 'name' | 'baked_on' | 'revision'> | null> {
  // One index for each: asked together, all batches ever baked would be sorted.
  const { rows } = await db.query<Pick<BatchRow, 'id' | 'name' | 'baked_on' | 'revision'>>(
    `(select id, name, baked_on, revision from batch where kitchen_id = $1 and baked_on is null order by updated_at desc, id desc limit 1)
     union all
     (select id, name, baked_on, revision from batch where kitchen_id = $1 order by updated_at desc, id desc limit 1) limit 1`,
    [kitchenId],
  );
  return rows[0] ?? null;
}

/** Planned batches by name, with the pieces that they will make, as far as they are told; and how many there are. */
type PlannedNames = {
  readonly rows: ReadonlyArray<{ readonly id: string; readonly name: string; readonly pieces: number }>;
  readonly total: number;
};

const PLANNED = 'kitchen_id = $1 and baked_on is null and name_small like all($2::text[])';

/** Batches that nobody has baked yet and whose name holds what was typed, the one changed last first; and how many there are. */
export async function plannedNames(
  db: Queryable,
  kitchenId: string,
  { find, limit }: { readonly find: string; readonly limit: number },
): Promise<PlannedNames> {
  const { rows } = await db.query<PlannedNames['rows'][number]>(
    `select id, name, (forecast ->> 'pieces')::int as pieces from batch where ${PLANNED} order by updated_at desc, id desc limit $3`,
    [kitchenId, patternsOf(find), limit],
  );
  if (rows.length < limit) return { rows, total: rows.length };
  const counted = await db.query<{ total: number }>(`select count(*)::int as total from batch where ${PLANNED}`, [
    kitchenId,
    patternsOf(find),
  ]);
  return { rows, total: counted.rows[0].total };
}

/** Batches by id, whichever there still are, with their documents, in the order asked for. */
export async function batchesBy(
  db: Queryable,
  kitchenId: string,
  ids: readonly string[],
): Promise<Array<Pick<BatchRow, 'id' | 'name' | 'document'>>> {
  const { rows } = await db.query<Pick<BatchRow, 'id' | 'name' | 'document'>>(
    'select id, name, document from batch where kitchen_id = $1 and id = any($2) order by array_position($2, id)',
    [kitchenId, ids],
  );
  return rows;
}

/** Batches that were baked, with their documents, the oldest of the newest so many first. */
export async function bakedBatches(
  db: Queryable,
  kitchenId: string,
  limit: number,
): Promise<Array<Pick<BatchRow, 'id' | 'revision' | 'name' | 'document'> & { readonly baked_on: string }>> {
  const { rows } = await db.query<Pick<BatchRow, 'id' | 'revision' | 'name' | 'document'> & { readonly baked_on: string }>(
    `select id, revision, name, document, baked_on from batch where kitchen_id = $1 and baked_on is not null
     order by baked_on desc, created_at desc limit $2`,
    [kitchenId, limit],
  );
  return rows.reverse();
}

type NewBatch = {
  readonly kitchenId: string;
  readonly recipeId: string | null;
  readonly name: string;
  readonly document: BatchDocument;
  readonly forecast: ForecastRow;
  readonly bakedOn?: string;
};

export async function addBatch(db: Queryable, batch: NewBatch): Promise<string> {
  const { rows } = await db.query<{ id: string }>(
    `insert into batch (kitchen_id, recipe_id, name, document, forecast, baked_on) values ($1, $2, $3, $4, $5, $6) returning id`,
    [
      batch.kitchenId,
      batch.recipeId,
      batch.name,
      JSON.stringify(batch.document),
      JSON.stringify(batch.forecast),
      batch.bakedOn ?? null,
    ],
  );
  return rows[0].id;
}

/** Saves over exactly the revision that was edited; null when someone else saved in between, or it is gone. */
export async function replaceBatch(
  db: Queryable,
  id: string,
  revision: number,
  next: { readonly name: string; readonly document: BatchDocument; readonly forecast: ForecastRow; readonly saved_by: string },
): Promise<{ revision: number; updated_at: Date } | null> {
  const { rows } = await db.query<{ revision: number; updated_at: Date }>(
    `update batch set name = $3, document = $4, forecast = $5, saved_by = $6, revision = revision + 1, updated_at = now()
     where id = $1 and revision = $2 returning revision, updated_at`,
    [id, revision, next.name, JSON.stringify(next.document), JSON.stringify(next.forecast), next.saved_by],
  );
  return rows[0] ?? null;
}

/** Marks a batch as baked on a day; one that has a day keeps it. */
export async function markBaked(db: Queryable, id: string, day: string): Promise<void> {
  await db.query('update batch set baked_on = coalesce(baked_on, $2) where id = $1', [id, day]);
}

/** Takes back that a batch was baked. */
export async function unmarkBaked(db: Queryable, id: string): Promise<void> {
  await db.query('update batch set baked_on = null where id = $1', [id]);
}

/** Names of batches by id. */
export async function namesOf(db: Queryable, ids: readonly string[]): Promise<Map<string, string>> {
  const { rows } = await db.query<{ id: string; name: string }>('select id, name from batch where id = any($1)', [ids]);
  return new Map(rows.map(({ id, name }) => [id, name]));
}

/** How a batch stood before each spell of work on it, the newest first; the last fifty. */
export async function versionsOfBatch(
  db: Queryable,
  id: string,
): Promise<
  Array<{ readonly revision: number; readonly document: BatchDocument; readonly saved_at: Date; readonly saved_by: string }>
> {
  const { rows } = await db.query<{ revision: number; document: BatchDocument; saved_at: Date; saved_by: string }>(
    'select revision, document, saved_at, saved_by from batch_version where batch_id = $1 order by revision desc limit 50',
    [id],
  );
  return rows;
}
