/** Brings a copy back in place of what the kitchen keeps now, which stays beside it under another name; see scripts/restore.sh. */
import pg from 'pg';
import { isThere, readCopy } from './copy';
import { inDatabase } from './programs';

const [file = ''] = process.argv.slice(2);
const url = process.env.OVEN_DATABASE_URL;
if (!url) throw new Error('OVEN_DATABASE_URL is not set; npm run restore sets it.');
if (!isThere(file)) {
  console.error(`There is no copy ${file}. Copies made by the day are in the folder backups of the state folder.`);
  process.exit(1);
}
const name = new URL(url).pathname.slice(1);
const incoming = `${name}_incoming`;
const put = `${name}_before_${new Date().toISOString().slice(0, 19).replace(/[-:T]/g, '')}`;
const tables = await readCopy(url, incoming, file).catch((cause: unknown) => {
  console.error(`This copy cannot be read, so nothing was changed: ${cause instanceof Error ? cause.message : String(cause)}`);
  process.exit(1);
});
const admin = new pg.Client({ connectionString: inDatabase(url, 'postgres') });
await admin.connect();
await admin.query('select pg_terminate_backend(pid) from pg_stat_activity where datname = $1', [name]);
await admin.query(`alter database ${pg.escapeIdentifier(name)} rename to ${pg.escapeIdentifier(put)}`);
await admin.query(`alter database ${pg.escapeIdentifier(incoming)} rename to ${pg.escapeIdentifier(name)}`);
await admin.end();
const rows = tables.reduce((sum, table) => sum + table.rows, 0);
console.log(`Restored ${tables.length} tables, ${rows} rows. What was there before is kept as the database ${put}.`);
