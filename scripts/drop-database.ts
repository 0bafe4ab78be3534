/** Throws the tests' own database away, so that every end-to-end run starts from the seeded demo. */
import pg from 'pg';

const url = process.env.OVEN_DATABASE_URL;
if (!url || !(process.env.OVEN_STATE ?? '').endsWith('/test'))
  throw new Error('Only the tests may drop a database, and only their own.');
const admin = new pg.Client({ connectionString: url.replace(/\/[^/]*$/, '/postgres') });
await admin.connect();
await admin.query('drop database if exists oven with (force)');
await admin.end();
