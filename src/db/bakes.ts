import type { Call } from '@/core/calls';
import type { Queryable } from './client';

/** A batch under way, or one that was. */
export type BakeRow = {
  readonly batch_id: string;
  /** The bake day that it is part of, as an ISO date; null when it is baked by itself. */
  readonly day: string | null;
  readonly starts_at: Date;
  /** When the day's plan has each of its steps begin [ms since 1970]. */
  readonly planned: Readonly<Record<string, number>>;
  readonly ended_at: Date | null;
};
export type CallRow = {
  readonly position: number;
  readonly call: Call;
  readonly added_minutes: number;
  readonly due_at: Date;
  readonly done_at: Date | null;
};

const COLUMNS = 'batch_id, day, starts_at, planned, ended_at';

/** Bakes of a kitchen that go on, and those that ended within the last so many hours; the one begun first comes first. */
export async function bakesOf(db: Queryable, kitchenId: string, endedWithin_h: number): Promise<BakeRow[]> {
  const { rows } = await db.query<BakeRow>(
    `select ${COLUMNS} from bake where kitchen_id = $1 and (ended_at is null or ended_at > now() - make_interval(hours => $2))
     order by starts_at, batch_id`,
    [kitchenId, endedWithin_h],
  );
  return rows;
}

/** Bakes that are part of a bake day. */
export async function bakesOn(db: Queryable, day: string): Promise<BakeRow[]> {
  const { rows } = await db.query<BakeRow>(`select ${COLUMNS} from bake where day = $1 order by starts_at, batch_id`, [day]);
  return rows;
}

/**
 * One bake, held until the transaction ends, so that two hands do not answer at once; with it all others of its day, which an answer may
 * move, always in the same order: two that took them in another would wait for each other.
 */
export async function holdBake(db: Queryable, batchId: string): Promise<BakeRow | null> {
  const { rows } = await db.query<BakeRow>(
    `select ${COLUMNS} from bake where batch_id = $1 or day = (select day from bake where batch_id = $1)
     order by batch_id for update`,
    [batchId],
  );
  return rows.find(({ batch_id }) => batch_id === batchId) ?? null;
}

export async function maybeBake(db: Queryable, batchId: string): Promise<BakeRow | null> {
  const { rows } = await db.query<BakeRow>(`select ${COLUMNS} from bake where batch_id = $1`, [batchId]);
  return rows[0] ?? null;
}

/** False when it has begun already. */
export async function addBake(
  db: Queryable,
  kitchenId: string,
  { batch_id, day, starts_at, planned }: Pick<BakeRow, 'batch_id' | 'day' | 'starts_at' | 'planned'>,
): Promise<boolean> {
  const { rowCount } = await db.query(
    'insert into bake (batch_id, kitchen_id, day, starts_at, planned) values ($1, $2, $3, $4, $5) on conflict do nothing',
    [batch_id, kitchenId, day, starts_at, JSON.stringify(planned)],
  );
  return rowCount === 1;
}

export async function setBake(
  db: Queryable,
  { batch_id, planned, ended_at }: Pick<BakeRow, 'batch_id' | 'planned' | 'ended_at'>,
): Promise<void> {
  await db.query('update bake set planned = $2, ended_at = $3 where batch_id = $1', [
    batch_id,
    JSON.stringify(planned),
    ended_at,
  ]);
}

/** Gives a bake up: as if it had not begun. */
export async function removeBake(db: Queryable, batchId: string): Promise<boolean> {
  const { rowCount } = await db.query('delete from bake where batch_id = $1', [batchId]);
  return rowCount === 1;
}

export async function callRowsOf(db: Queryable, batchIds: readonly string[]): Promise<Map<string, CallRow[]>> {
  const { rows } = await db.query<CallRow & { batch_id: string }>(
    'select batch_id, position, call, added_minutes, due_at, done_at from call where batch_id = any($1) order by position',
    [batchIds],
  );
  const callRows = new Map<string, CallRow[]>(batchIds.map((id) => [id, []]));
  for (const { batch_id, ...row } of rows) callRows.get(batch_id)?.push(row);
  return callRows;
}

/** Writes all calls of a bake anew. */
export async function setCallRows(db: Queryable, batchId: string, callRows: readonly CallRow[]): Promise<void> {
  await db.query('delete from call where batch_id = $1 and position >= $2', [batchId, callRows.length]);
  await db.query(
    `insert into call (batch_id, position, call, added_minutes, due_at, done_at)
     select $1, * from unnest($2::int[], $3::jsonb[], $4::numeric[], $5::timestamptz[], $6::timestamptz[])
     on conflict (batch_id, position) do update
     set call = excluded.call, added_minutes = excluded.added_minutes, due_at = excluded.due_at, done_at = excluded.done_at
     where (call.call, call.added_minutes, call.due_at, call.done_at)
       is distinct from (excluded.call, excluded.added_minutes, excluded.due_at, excluded.done_at)`,
    [
      batchId,
      callRows.map(({ position }) => position),
      callRows.map(({ call }) => JSON.stringify(call)),
      callRows.map(({ added_minutes }) => added_minutes),
      callRows.map(({ due_at }) => due_at),
      callRows.map(({ done_at }) => done_at),
    ],
  );
}
