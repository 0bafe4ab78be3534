import { spawnSync } from 'node:child_process';
import { join } from 'node:path';

/** Runs one of PostgreSQL's own programs on a database; its password stays out of the list of processes. */
export function runProgram(program: 'pg_dump' | 'pg_restore', url: string, args: readonly string[]): void {
  const { username, password, hostname, port, pathname } = new URL(url);
  const ran = spawnSync(join(process.env.OVEN_PGBIN ?? '', program), [...args, '-d', pathname.slice(1)], {
    env: { ...process.env, PGHOST: hostname, PGPORT: port, PGUSER: username, PGPASSWORD: decodeURIComponent(password) },
    encoding: 'utf8',
  });
  if (ran.error) throw new Error(`${program} could not be run: ${ran.error.message}`);
  if (ran.status !== 0) throw new Error(`${program} failed: ${ran.stderr.trim()}`);
}

/** The same server, another database. */
export const inDatabase = (url: string, name: string): string => url.replace(/\/[^/]*$/, `/${name}`);
