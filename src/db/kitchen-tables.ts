import type { Queryable } from './client';

/**
 * Every table that a kitchen has rows in, in the order in which they go in: what hangs on something comes after it. What tells only how
 * requests were answered, and what is in the bin, stays, as do people, who belong to the
 * house that they sign in to.
 */
export const KITCHEN_TABLES = [
  'kitchen',
  'ingredient',
  'appliance',
  'recipe',
  'recipe_version',
  'batch',
  'batch_version',
  'measurement',
  'photo',
  'price',
  'lot',
  'dog',
  'bake_day',
  'bake',
  'call',
  'tray',
  'reading',
  'learned',
  'jar',
  'jar_event',
  'practice',
] as const;
export type KitchenTable = (typeof KITCHEN_TABLES)[number];

/** A row as PostgreSQL writes it as JSON. */
export type TableRow = Readonly<Record<string, unknown>>;

type Column = { readonly name: string; readonly counted: boolean; readonly isKey: boolean };

/** Columns that hold something of their own: not what is worked out from others, nor numbers that the database counts by itself. */
async function columnsOf(db: Queryable, table: KitchenTable): Promise<Column[]> {
  const { rows } = await db.query<Column>(
    `select attname as name, attidentity <> '' as counted,
       exists (select from pg_index i where i.indrelid = attrelid and i.indisprimary and attnum = any (i.indkey)) as "isKey"
     from pg_attribute where attrelid = $1::regclass and attnum > 0 and not attisdropped and attgenerated = '' order by attnum`,
    [table],
  );
  return rows;
}

/** Everything that the kitchen of this connection has in a table, always in the same order. */
export async function rowsOfKitchen(db: Queryable, table: KitchenTable): Promise<TableRow[]> {
  const columns = await columnsOf(db, table);
  const keys = columns.filter(({ isKey }) => isKey).map(({ name }) => `t.${name}`);
  const kept = columns.filter(({ counted }) => !counted).map(({ name }) => name);
  const { rows } = await db.query<{ row: TableRow }>(
    `select to_jsonb(t) as row from ${table} t where ${table === 'kitchen' ? 'id' : 'kitchen_id'} = this_kitchen()
     order by ${keys.length > 0 ? keys.join(', ') : 't.id'}`,
  );
  return rows.map(({ row }) => Object.fromEntries(kept.map((name) => [name, row[name]])));
}

/** Puts rows into a table as they are; a column that a row does not have takes its usual value. */
export async function putRows(db: Queryable, table: KitchenTable, rows: readonly TableRow[]): Promise<void> {
  const known = new Set((await columnsOf(db, table)).filter(({ counted }) => !counted).map(({ name }) => name));
  for (const row of rows) {
    const columns = Object.keys(row)
      .filter((name) => known.has(name))
      .map((name) => `"${name}"`)
      .join(', ');
    await db.query(`insert into ${table} (${columns}) select ${columns} from jsonb_populate_record(null::${table}, $1)`, [
      JSON.stringify(row),
    ]);
  }
}

/** The schema that is here, by the name of its newest migration. */
export async function schemaHere(db: Queryable): Promise<string> {
  const { rows } = await db.query<{ name: string }>('select max(name) as name from migration');
  return rows[0].name;
}
