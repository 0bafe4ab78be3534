/** Copies what the kitchen keeps to a file; see scripts/backup.sh. */
import { join } from 'node:path';
import { isThere, keepNewest, rehearse, writeCopy } from './copy';

/** Daily copies that are kept. */
const DAYS_KEPT = 14;

const [folder = '.', how = '', given] = process.argv.slice(2);
const url = process.env.OVEN_DATABASE_URL;
if (!url) throw new Error('OVEN_DATABASE_URL is not set; npm run backup sets it.');
const now = new Date().toISOString();
const daily = join(folder, `daily-${now.slice(0, 10)}.dump`);
const file = how === 'daily' ? daily : (given ?? join(folder, `oven-${now.slice(0, 19).replace(/[-:]/g, '')}.dump`));

if (how === 'daily' && isThere(daily)) process.exit(0);
const copied = await writeCopy(url, file);
const rows = copied.reduce((sum, table) => sum + table.rows, 0);
if (how === 'daily') keepNewest(folder, DAYS_KEPT);
else console.log(`${file}  (${copied.length} tables, ${rows} rows)`);
if (how === 'rehearse') {
  const differ = await rehearse(url, file, copied);
  for (const line of differ) console.error(line);
  console.log(
    differ.length === 0 ? 'Read back into a database of its own: every table holds the same.' : 'Read back, it is not the same.',
  );
  process.exit(differ.length === 0 ? 0 : 1);
}
