import { chmodSync, mkdirSync, openSync, closeSync, readdirSync, renameSync, rmSync, statSync, unlinkSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import pg from 'pg';
import { inDatabase, runProgram } from './programs';
import { differences, tableSums, type TableSum } from './tables';

/** Copies by the day, newest first. */
const DAILY = /^daily-\d{4}-\d\d-\d\d\.dump$/;

/**
 * Writes a copy of a database to a file that only its owner may read. The file is there whole or not at all.
 *
 * @returns what every table held at that very moment
 */
export async function writeCopy(url: string, file: string): Promise<TableSum[]> {
  mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
  const half = join(dirname(file), `.${basename(file)}.half`);
  closeSync(openSync(half, 'w', 0o600));
  chmodSync(half, 0o600);
  const client = new pg.Client({ connectionString: url });
  try {
    await client.connect();
    await client.query('begin isolation level repeatable read read only');
    const { rows } = await client.query<{ id: string }>('select pg_export_snapshot() as id');
    runProgram('pg_dump', url, [
      '--format=custom',
      '--no-owner',
      '--no-privileges',
      `--snapshot=${rows[0].id}`,
      `--file=${half}`,
    ]);
    const sums = await tableSums(client);
    renameSync(half, file);
    return sums;
  } finally {
    rmSync(half, { force: true });
    await client.end();
  }
}

/** Brings a copy into a database that is made for it, and tells what every table holds there. */
export async function readCopy(adminUrl: string, name: string, file: string): Promise<TableSum[]> {
  const admin = new pg.Client({ connectionString: inDatabase(adminUrl, 'postgres') });
  await admin.connect();
  try {
    await admin.query(`drop database if exists ${pg.escapeIdentifier(name)} with (force)`);
    await admin.query(`create database ${pg.escapeIdentifier(name)}`);
  } finally {
    await admin.end();
  }
  const url = inDatabase(adminUrl, name);
  runProgram('pg_restore', url, ['--no-owner', '--no-privileges', '--exit-on-error', '--single-transaction', file]);
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return await tableSums(client);
  } finally {
    await client.end();
  }
}

/** Reads a copy into a database of its own, holds every table against what was copied, and throws that database away. */
export async function rehearse(adminUrl: string, file: string, copied: readonly TableSum[]): Promise<string[]> {
  const name = 'oven_rehearsal';
  try {
    return differences(copied, await readCopy(adminUrl, name, file));
  } finally {
    const admin = new pg.Client({ connectionString: inDatabase(adminUrl, 'postgres') });
    await admin.connect();
    await admin.query(`drop database if exists ${name} with (force)`);
    await admin.end();
  }
}

/** Throws daily copies away but the newest so many. */
export function keepNewest(folder: string, most: number): string[] {
  const daily = readdirSync(folder)
    .filter((name) => DAILY.test(name))
    .sort()
    .reverse();
  const old = daily.slice(most);
  for (const name of old) unlinkSync(join(folder, name));
  return old;
}

/** Whether a file is there and holds something. */
export function isThere(file: string): boolean {
  try {
    return statSync(file).size > 0;
  } catch {
    return false;
  }
}
