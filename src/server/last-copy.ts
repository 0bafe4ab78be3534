import { readdir, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { config } from './config';

/** When everything was copied last, as far as copies lie where npm start and npm run backup put them; null where none does. */
export async function lastCopyAt(): Promise<Date | null> {
  const { stateFolder } = config();
  if (stateFolder === null) return null;
  const folder = join(stateFolder, 'backups');
  const files = await readdir(folder).catch(() => []);
  const copies = files.filter((file) => file.endsWith('.dump') && !file.startsWith('.'));
  const times = await Promise.all(copies.map((file) => stat(join(folder, file)).catch(() => null)));
  const newest = Math.max(...times.flatMap((one) => (one && one.size > 0 ? [one.mtimeMs] : [])));
  return Number.isFinite(newest) ? new Date(newest) : null;
}
