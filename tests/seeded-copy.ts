import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import pg from 'pg';

/**
 * Fills a database that is not there yet with the demo kitchen that this run of the tests worked out already (`OVEN_SEEDED`, a dump of
 * it): working it out anew takes half a minute.
 *
 * @param url - the database, as the owner of its schema
 * @returns false where no dump was made, as when a suite runs by itself
 */
export async function copySeeded(url: string): Promise<boolean> {
  const { OVEN_SEEDED: dump, OVEN_PGBIN: programs = '' } = process.env;
  if (!dump) return false;
  const name = new URL(url).pathname.slice(1);
  const admin = new pg.Client({ connectionString: Object.assign(new URL(url), { pathname: '/postgres' }).href });
  await admin.connect();
  await admin.query(`create database ${pg.escapeIdentifier(name)}`);
  await admin.end();
  // Roles are of the whole server, and not the same in every one of the tests': they are granted what they may anew.
  await promisify(execFile)(`${programs}/pg_restore`, ['--no-owner', '--no-privileges', '--exit-on-error', '-d', url, dump]);
  return true;
}
