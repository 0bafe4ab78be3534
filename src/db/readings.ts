import type { Queryable } from './client';

export const READING_KINDS = ['tray_g', 'core_c', 'air_c', 'room_rh_pct'] as const;
export type ReadingKind = (typeof READING_KINDS)[number];
export const READING_SOURCES = ['typed', 'scale', 'probe', 'hygrometer', 'file'] as const;
export type ReadingRow = {
  readonly id: string;
  readonly at: Date;
  readonly kind: ReadingKind;
  readonly value: number;
  readonly source: (typeof READING_SOURCES)[number];
};

/** Readings of batches, the oldest first. */
export async function readingsOf(db: Queryable, batchIds: readonly string[]): Promise<Map<string, ReadingRow[]>> {
  const { rows } = await db.query<ReadingRow & { batch_id: string }>(
    'select batch_id, id, at, kind, value, source from reading where batch_id = any($1) order by at, id',
    [batchIds],
  );
  const readings = new Map<string, ReadingRow[]>(batchIds.map((id) => [id, []]));
  for (const { batch_id, ...row } of rows) readings.get(batch_id)?.push(row);
  return readings;
}

/** Of these batches, those that anything was read of. */
export async function batchesRead(db: Queryable, batchIds: readonly string[]): Promise<ReadonlySet<string>> {
  const { rows } = await db.query<{ id: string }>(
    'select b.id from batch b where b.id = any($1) and exists (select from reading r where r.batch_id = b.id)',
    [batchIds],
  );
  return new Set(rows.map(({ id }) => id));
}

export async function addReadings(db: Queryable, batchId: string, rows: ReadonlyArray<Omit<ReadingRow, 'id'>>): Promise<void> {
  await db.query(
    `insert into reading (batch_id, at, kind, value, source)
     select $1, * from unnest($2::timestamptz[], $3::text[], $4::numeric[], $5::text[])`,
    [
      batchId,
      rows.map(({ at }) => at),
      rows.map(({ kind }) => kind),
      rows.map(({ value }) => value),
      rows.map(({ source }) => source),
    ],
  );
}

export async function removeReading(db: Queryable, batchId: string, id: string): Promise<boolean> {
  const { rowCount } = await db.query('delete from reading where batch_id = $1 and id = $2', [batchId, id]);
  return rowCount === 1;
}
