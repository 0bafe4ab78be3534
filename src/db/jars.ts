import type { Stored } from '@/core/keeping';
import type { Queryable } from './client';

/** A pack of the store room. */
export type JarRow = {
  readonly id: string;
  readonly batch_id: string | null;
  readonly name: string;
  readonly lot: string;
  readonly packed_on: string;
  readonly pieces: number;
  readonly left_over: number;
  readonly piece_g: number;
  readonly state: Stored;
  /** Its number among the packs of its batch, and the portion of the bowl that is in it; null where the bowl is not shared out. */
  readonly slot: number | null;
  readonly portion: string | null;
};
export const JAR_ACTS = ['packed', 'opened', 'eaten', 'given', 'sold', 'repacked', 'recrisped', 'moved', 'discarded'] as const;
export type JarAct = (typeof JAR_ACTS)[number];
export type JarEvent = {
  readonly at: Date;
  readonly act: JarAct;
  readonly pieces: number | null;
  readonly price: number | null;
  readonly note: string;
};

const COLUMNS = 'id, batch_id, name, lot, packed_on, pieces, left_over, piece_g, state, slot, portion';

/** Packs that are still there, the oldest first. */
export async function jarsOf(db: Queryable, kitchenId: string): Promise<JarRow[]> {
  const { rows } = await db.query<JarRow>(
    `select ${COLUMNS} from jar where kitchen_id = $1 and gone_at is null order by packed_on, name, created_at, id`,
    [kitchenId],
  );
  return rows;
}

/** Packs that were made of a batch, those that are gone too, and whether anything was done with each; held until the transaction ends. */
export async function packsOf(db: Queryable, batchId: string): Promise<Array<JarRow & { readonly touched: boolean }>> {
  const { rows } = await db.query<JarRow & { touched: boolean }>(
    `select ${COLUMNS}, exists (select from jar_event e where e.jar_id = jar.id and e.act <> 'packed') as touched
     from jar where batch_id = $1 order by slot, created_at, id for update`,
    [batchId],
  );
  return rows;
}

/** A pack that nothing was done with holds so many pieces, as it was counted. */
export async function recountJar(db: Queryable, id: string, pieces: number): Promise<void> {
  await db.query('update jar set pieces = $2, left_over = $2 where id = $1', [id, pieces]);
  await db.query("update jar_event set pieces = $2 where jar_id = $1 and act = 'packed'", [id, pieces]);
}

export async function removeJar(db: Queryable, id: string): Promise<void> {
  await db.query('delete from jar where id = $1', [id]);
}

/** One pack, held until the transaction ends. */
export async function holdJar(db: Queryable, kitchenId: string, id: string): Promise<JarRow | null> {
  const { rows } = await db.query<JarRow>(
    `select ${COLUMNS} from jar where kitchen_id = $1 and id = $2 and gone_at is null for update`,
    [kitchenId, id],
  );
  return rows[0] ?? null;
}

export async function isStored(db: Queryable, batchId: string): Promise<boolean> {
  const { rowCount } = await db.query('select from jar where batch_id = $1 limit 1', [batchId]);
  return (rowCount ?? 0) > 0;
}

export async function addJar(db: Queryable, kitchenId: string, jar: Omit<JarRow, 'id'>): Promise<string> {
  const { rows } = await db.query<{ id: string }>(
    `insert into jar (kitchen_id, batch_id, name, lot, packed_on, pieces, left_over, piece_g, state, slot, portion)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11) returning id`,
    [
      kitchenId,
      jar.batch_id,
      jar.name,
      jar.lot,
      jar.packed_on,
      jar.pieces,
      jar.left_over,
      jar.piece_g,
      JSON.stringify(jar.state),
      jar.slot,
      jar.portion,
    ],
  );
  return rows[0].id;
}

/** What is left and how it stands; an empty one is gone. */
export async function setJar(
  db: Queryable,
  id: string,
  { left_over, state }: Pick<JarRow, 'left_over' | 'state'>,
): Promise<void> {
  await db.query('update jar set left_over = $2, state = $3, gone_at = case when $2 = 0 then now() end where id = $1', [
    id,
    left_over,
    JSON.stringify(state),
  ]);
}

/** Takes a batch's packs back out, as if they had not been put away; false, and nothing done, once anything was done with one. */
export async function removeJars(db: Queryable, batchId: string): Promise<boolean> {
  const { rowCount } = await db.query(
    `select from jar join jar_event on jar_event.jar_id = jar.id where jar.batch_id = $1 and jar_event.act <> 'packed' limit 1`,
    [batchId],
  );
  if (rowCount !== 0) return false;
  await db.query('delete from jar where batch_id = $1', [batchId]);
  return true;
}

export async function addJarEvent(
  db: Queryable,
  jarId: string,
  event: Omit<JarEvent, 'at'> & { readonly at?: Date },
): Promise<void> {
  await db.query(
    'insert into jar_event (jar_id, at, act, pieces, price, note) values ($1, coalesce($2, now()), $3, $4, $5, $6)',
    [jarId, event.at ?? null, event.act, event.pieces, event.price, event.note],
  );
}

/** The last so many things done with each pack that is still there. */
export async function eventsOf(db: Queryable, jarIds: readonly string[]): Promise<Map<string, JarEvent[]>> {
  const { rows } = await db.query<JarEvent & { jar_id: string }>(
    'select jar_id, at, act, pieces, price, note from jar_event where jar_id = any($1) order by at desc, id desc',
    [jarIds],
  );
  const events = new Map<string, JarEvent[]>(jarIds.map((id) => [id, []]));
  for (const { jar_id, ...event } of rows) events.get(jar_id)?.push(event);
  return events;
}

/** What became of treats: pieces and money by what was done, over so many days. */
export type JarTotal = { readonly act: JarAct; readonly pieces: number; readonly grams: number; readonly price: number };

export async function totalsOf(db: Queryable, kitchenId: string, days: number): Promise<JarTotal[]> {
  const { rows } = await db.query<JarTotal>(
    `select e.act, coalesce(sum(e.pieces), 0)::int as pieces, coalesce(sum(e.pieces * j.piece_g), 0) as grams,
       coalesce(sum(e.price), 0) as price
     from jar_event e join jar j on j.id = e.jar_id
     where j.kitchen_id = $1 and e.at > now() - make_interval(days => $2) and e.act in ('eaten', 'given', 'sold', 'discarded')
     group by e.act`,
    [kitchenId, days],
  );
  return rows;
}
