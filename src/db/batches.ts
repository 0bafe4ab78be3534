import type { Appliance } from '@/core/catalogue';
import type { BatchDocument } from '@/core/document';
import type { Queryable } from './client';
import type { ForecastRow } from './forecast';

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

/** A batch as lists show it: of its document only what it is baked in. */
export type BatchListRow = Omit<BatchRow, 'document'> & {
  readonly appliance: Appliance | null;
  readonly recipe: string | null;
};

/** Batches of a kitchen, the one changed last first. */
export async function batchesOf(db: Queryable, kitchenId: string): Promise<BatchListRow[]> {
  const { rows } = await db.query<BatchListRow>(
    `select b.id, b.recipe_id, b.name, b.revision, b.forecast, b.baked_on, b.updated_at,
       b.document->'heat'->'appliance' as appliance, r.name as recipe
     from batch b left join recipe r on r.id = b.recipe_id where b.kitchen_id = $1 order by b.updated_at desc, b.id`,
    [kitchenId],
  );
  return rows;
}

/** The batch to carry on with: the planned one changed last, else the last one at all. */
export async function maybeOpenBatch(
  db: Queryable,
  kitchenId: string,
): Promise<Pick<BatchRow, 'id' | 'name' | 'baked_on'> | null> {
  const { rows } = await db.query<Pick<BatchRow, 'id' | 'name' | 'baked_on'>>(
    'select id, name, baked_on from batch where kitchen_id = $1 order by baked_on is not null, updated_at desc limit 1',
    [kitchenId],
  );
  return rows[0] ?? null;
}

/** Batches that nobody has baked yet, and these, with their documents, the one changed last first. */
export async function plannedBatches(
  db: Queryable,
  kitchenId: string,
  limit: number,
  also: readonly string[] = [],
): Promise<Array<Pick<BatchRow, 'id' | 'name' | 'document'>>> {
  const { rows } = await db.query<Pick<BatchRow, 'id' | 'name' | 'document'>>(
    `select id, name, document from batch where kitchen_id = $1 and (baked_on is null or id = any($3))
     order by updated_at desc, id limit $2`,
    [kitchenId, limit, also],
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
  next: { readonly name: string; readonly document: BatchDocument; readonly forecast: ForecastRow },
): Promise<{ revision: number; updated_at: Date } | null> {
  const { rows } = await db.query<{ revision: number; updated_at: Date }>(
    `update batch set name = $3, document = $4, forecast = $5, revision = revision + 1, updated_at = now()
     where id = $1 and revision = $2 returning revision, updated_at`,
    [id, revision, next.name, JSON.stringify(next.document), JSON.stringify(next.forecast)],
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
