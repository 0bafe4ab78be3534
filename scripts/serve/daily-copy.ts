import { execFile } from 'node:child_process';

const HOUR_MS = 3_600_000;

/**
 * Asks every hour for today's copy of everything, which is made once a day: a house that is never started anew has one too. The copy is
 * made by a process of its own, as a role that may read all that is kept.
 *
 * @param state - the folder of this installation; without one, as in tests, nothing is copied
 * @param url - the database, as who may read all of it
 */
export function copyDaily(state: string | undefined, url: string | undefined): void {
  if (!state || !url) return;
  const env = { ...process.env, OVEN_DATABASE_URL: url };
  const copy = (): void =>
    void execFile(process.execPath, ['dist/backup.mjs', `${state}/backups`, 'daily'], { env }, (error, _out, told) => {
      if (error) console.error("Today's copy could not be made:", told || error.message);
    });
  setInterval(copy, HOUR_MS).unref();
}
