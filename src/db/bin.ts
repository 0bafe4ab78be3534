import type { Queryable } from './client';

/** What can be taken away: the table it is in, the column that names it there, and what it is called while it is in the bin. */
const THINGS = {
  recipe: { key: 'id', name: 'name' },
  batch: { key: 'id', name: 'name' },
  jar: { key: 'id', name: 'name' },
  lot: { key: 'id', name: 'ingredient_id' },
  price: { key: 'ingredient_id', name: 'ingredient_id' },
  ingredient: { key: 'id', name: 'name' },
  bake_day: { key: 'day', name: 'day::text' },
  photo: { key: 'batch_id', name: '(select b.name from batch b where b.id = batch_id)' },
  dog: { key: 'id', name: 'name' },
  appliance: { key: 'id', name: 'name' },
} as const;
export type ThingKind = keyof typeof THINGS;
export const THING_KINDS = Object.keys(THINGS) as readonly ThingKind[];

/** A thing of a kitchen, by what it is and by its id there. */
export type Thing = { readonly kind: ThingKind; readonly id: string };

export type BinRow = {
  readonly id: string;
  readonly kind: ThingKind;
  readonly of_id: string;
  readonly name: string;
  readonly binned_at: Date;
};

/** How long what is in the bin can be taken out of it [days]. */
export const DAYS_IN_BIN = 14;

/** Takes a thing away with all that hangs on it; the id under which it can be brought back, or null where there is none such. */
export async function putInBin(
  db: Queryable,
  { kind, id }: Thing,
): Promise<{ readonly id: string; readonly name: string } | null> {
  const { key, name } = THINGS[kind];
  const found = await db.query<{ name: string | null }>(
    `select ${name} as name from ${kind} where ${key}::text = $1 and kitchen_id = this_kitchen()`,
    [id],
  );
  const called = found.rows[0];
  if (!called) return null;
  const { rows } = await db.query<{ id: string | null }>('select put_in_bin($1::regclass, $2, $3, $4) as id', [
    kind,
    key,
    id,
    called.name ?? '',
  ]);
  return rows[0].id === null ? null : { id: rows[0].id, name: called.name ?? '' };
}

/** What was taken away in the last fortnight, the last first; older things are gone for good. */
export async function inBin(db: Queryable): Promise<BinRow[]> {
  await db.query(`delete from bin where kitchen_id = this_kitchen() and binned_at < now() - interval '${DAYS_IN_BIN} days'`);
  const { rows } = await db.query<BinRow>(
    'select id, kind, of_id, name, binned_at from bin where kitchen_id = this_kitchen() order by binned_at desc, id limit 500',
  );
  return rows;
}

/** Puts a thing back where it was; null where it is not in the bin any more. */
export async function takeOutOfBin(db: Queryable, id: string): Promise<Omit<BinRow, 'id' | 'binned_at'> | null> {
  const { rows } = await db.query<Omit<BinRow, 'id' | 'binned_at'>>('select kind, of_id, name from bin where id = $1', [id]);
  if (!rows[0]) return null;
  const out = await db.query<{ out: boolean }>('select take_out_of_bin($1) as out', [id]);
  return out.rows[0].out ? rows[0] : null;
}

/** Forgets things that are in the bin; how many there were. */
export async function emptyBin(db: Queryable): Promise<number> {
  const { rowCount } = await db.query('delete from bin where kitchen_id = this_kitchen()');
  return rowCount ?? 0;
}

/** Recipes and planned batches that name an ingredient, in any of their lines. */
export async function usesOf(db: Queryable, ingredientId: string): Promise<number> {
  const { rows } = await db.query<{ uses: number }>(
    `select count(*)::int as uses from (
       select document from recipe where kitchen_id = this_kitchen()
       union all select document from batch where kitchen_id = this_kitchen()) as d
     where jsonb_path_exists(document, '$.recipe.**.ingredient ? (@ == $id)', jsonb_build_object('id', $1::text))`,
    [ingredientId],
  );
  return rows[0].uses;
}

/** Whether a batch is at the oven just now. */
export async function isBaking(db: Queryable, batchId: string): Promise<boolean> {
  const { rowCount } = await db.query('select from bake where batch_id::text = $1 and ended_at is null', [batchId]);
  return (rowCount ?? 0) > 0;
}
