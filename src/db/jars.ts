import type { Store, Stored } from '@/core/keeping';
import type { Queryable } from './client';
import { patternsOf } from './search-words';

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

/** A pack with the days until which it is good, as lists show it. */
export type ListedJar = JarRow & {
  readonly use_by: string;
  readonly likely_until: string;
  /** Of packs of the same treat that stand in the same place, this one is used first. */
  readonly is_first: boolean;
};

const THERE = 'j.kitchen_id = $1 and j.gone_at is null';
const FOUND = `${THERE} and lower(j.name || ' ' || j.lot) like all($2::text[])`;
const LISTED = `${COLUMNS.split(', ')
  .map((column) => `j.${column}`)
  .join(', ')}, j.use_by, j.likely_until`;
/** The order in which packs of a shelf are used: open ones first, then by their day. */
const BY_USE = 'j.closed, j.use_by, j.packed_on, coalesce(j.slot, 0), j.id';
/** Whether another pack of the same treat stands there, and none that is used before. */
const IS_FIRST = `exists (select from jar o where o.kitchen_id = j.kitchen_id and o.gone_at is null and o.store = j.store
    and o.name_small = j.name_small and o.id <> j.id)
  and not exists (select from jar o where o.kitchen_id = j.kitchen_id and o.gone_at is null and o.store = j.store
    and o.name_small = j.name_small and (o.closed, o.use_by, o.packed_on, coalesce(o.slot, 0), o.id) < (${BY_USE}))`;

/** Packs of one shelf that are still there, the one to use first first, after one of them. */
export async function jarsOn(
  db: Queryable,
  kitchenId: string,
  {
    store,
    find,
    after,
    limit,
  }: { readonly store: Store; readonly find: string; readonly after: string | null; readonly limit: number },
): Promise<ListedJar[]> {
  const { rows } = await db.query<ListedJar>(
    `select ${LISTED}, ${IS_FIRST} as is_first from jar j
     where ${FOUND} and j.store = $3
       and ($4::uuid is null or (${BY_USE}) > (select ${BY_USE} from jar j where j.id = $4))
     order by ${BY_USE} limit $5`,
    [kitchenId, patternsOf(find), store, after, limit],
  );
  return rows;
}

/** How many packs stand on a shelf, how many of them want using, and how many are past their day. */
export type ShelfCount = { readonly store: Store; readonly packs: number; readonly soon: number; readonly past: number };

/** Counts of every shelf, of packs whose name or lot holds what was typed. A pack without a promised day counts by its likely one. */
export async function shelfCounts(
  db: Queryable,
  kitchenId: string,
  { find, today, soon_days }: { readonly find: string; readonly today: string; readonly soon_days: number },
): Promise<ShelfCount[]> {
  const { rows } = await db.query<ShelfCount>(
    `with stood as (select store, use_by <= packed_on as unpromised, use_by, likely_until from jar j where ${FOUND})
     select store, count(*)::int as packs,
       count(*) filter (where case when unpromised then likely_until >= $3 else use_by between $3 and $3::date + $4::int end)::int as soon,
       count(*) filter (where case when unpromised then likely_until < $3 else use_by < $3 end)::int as past
     from stood group by store`,
    [kitchenId, patternsOf(find), today, soon_days],
  );
  return rows;
}

/** Packs to use by a day, the first of them first; and how many there are. */
export async function jarsUntil(
  db: Queryable,
  kitchenId: string,
  { day, limit }: { readonly day: string; readonly limit: number },
): Promise<{ readonly rows: ListedJar[]; readonly total: number }> {
  const { rows } = await db.query<ListedJar>(
    `select ${LISTED}, false as is_first from jar j where ${THERE} and j.use_by <= $2
     order by j.closed, j.use_by, j.packed_on, j.id limit $3`,
    [kitchenId, day, limit],
  );
  if (rows.length < limit) return { rows, total: rows.length };
  const counted = await db.query<{ total: number }>(
    `select count(*)::int as total from jar j where ${THERE} and j.use_by <= $2`,
    [kitchenId, day],
  );
  return { rows, total: counted.rows[0].total };
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

/** What was packed and what became of treats: pieces and money by what was done, over so many days. */
export type JarTotal = { readonly act: JarAct; readonly pieces: number; readonly grams: number; readonly price: number };

export async function totalsOf(db: Queryable, kitchenId: string, days: number): Promise<JarTotal[]> {
  const { rows } = await db.query<JarTotal>(
    `select e.act, coalesce(sum(e.pieces), 0)::int as pieces, coalesce(sum(e.pieces * j.piece_g), 0) as grams,
       coalesce(sum(e.price), 0) as price
     from jar_event e join jar j on j.id = e.jar_id
     where j.kitchen_id = $1 and e.at > now() - make_interval(days => $2) and e.act in ('packed', 'eaten', 'given', 'sold', 'discarded')
     group by e.act`,
    [kitchenId, days],
  );
  return rows;
}
