import pg from 'pg';

/** A table as it stands: how many rows, and a sum over every one of them whatever their order. */
export type TableSum = { readonly table: string; readonly rows: number; readonly sum: string };

/** Every table of a database with its sum; two databases that hold the same have the same sums. */
export async function tableSums(client: pg.ClientBase): Promise<TableSum[]> {
  const { rows } = await client.query<{ name: string }>(
    "select table_name as name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE' order by 1",
  );
  const sums: TableSum[] = [];
  for (const { name } of rows) {
    const table = pg.escapeIdentifier(name);
    const [told] = (
      await client.query<{ rows: string; sum: string }>(
        `select count(*) as rows, coalesce(sum(('x' || left(md5(t::text), 15))::bit(60)::bigint), 0)::text as sum from ${table} t`,
      )
    ).rows;
    sums.push({ table: name, rows: Number(told.rows), sum: told.sum });
  }
  return sums;
}

/** What differs between two databases, table by table; empty where they hold the same. */
export function differences(one: readonly TableSum[], other: readonly TableSum[]): string[] {
  const names = [...new Set([...one, ...other].map(({ table }) => table))].sort();
  return names.flatMap((name) => {
    const [a, b] = [one, other].map((sums) => sums.find(({ table }) => table === name));
    if (!a || !b) return [`${name}: only in ${a ? 'the database' : 'the copy'}`];
    if (a.rows !== b.rows) return [`${name}: ${a.rows} rows, ${b.rows} in the copy`];
    return a.sum === b.sum ? [] : [`${name}: ${a.rows} rows, but not the same ones`];
  });
}
