import { createHash } from 'node:crypto';
import { readFile, readdir } from 'node:fs/promises';
import { join } from 'node:path';
import type pg from 'pg';

/** Any number, the same in every process: one migrates at a time. */
const LOCK = 470_310;

/**
 * Brings a database to the newest schema: files in order, each in a transaction of its own with its row in `migration`.
 *
 * @throws when a file that already ran has changed since: write a new one instead
 * @returns names of the files that ran now
 */
export async function migrate(client: pg.Client | pg.PoolClient, folder: string): Promise<string[]> {
  await client.query('select pg_advisory_lock($1)', [LOCK]);
  try {
    await client.query(
      'create table if not exists migration (name text primary key, hash text not null, ran_at timestamptz not null default now())',
    );
    const { rows } = await client.query<{ name: string; hash: string }>('select name, hash from migration');
    const known = new Map(rows.map(({ name, hash }) => [name, hash]));
    const files = await filesIn(folder);
    const newer = [...known.keys()].filter((name) => !files.includes(name)).sort();
    if (newer.length > 0)
      throw new Error(
        `This database belongs to a newer Upbeat Oven, which changed it with ${newer.join(', ')}. Start that version, or bring back a copy from before it.`,
      );
    const ran: string[] = [];
    for (const name of files) {
      const sql = await readFile(join(folder, name), 'utf8');
      const hash = createHash('sha256').update(sql).digest('hex');
      const before = known.get(name);
      if (before === hash) continue;
      if (before !== undefined) throw new Error(`${name} ran already and has changed since. Put the change in a new migration.`);
      await client.query('begin');
      try {
        await client.query('insert into migration (name, hash) values ($1, $2)', [name, hash]);
        await client.query(sql);
        await client.query('commit');
      } catch (cause) {
        await client.query('rollback');
        throw new Error(`migration ${name} failed`, { cause });
      }
      ran.push(name);
    }
    return ran;
  } finally {
    await client.query('select pg_advisory_unlock($1)', [LOCK]);
  }
}

const filesIn = async (folder: string): Promise<string[]> =>
  (await readdir(folder)).filter((file) => file.endsWith('.sql')).sort();

/** Files that a database with something in it has still to run; none for one that is new. */
export async function pendingMigrations(client: pg.Client | pg.PoolClient, folder: string): Promise<string[]> {
  const { rows } = await client.query<{ there: boolean }>("select to_regclass('migration') is not null as there");
  if (!rows[0].there) return [];
  const ran = new Set((await client.query<{ name: string }>('select name from migration')).rows.map(({ name }) => name));
  return (await filesIn(folder)).filter((name) => !ran.has(name));
}
