/** Throws the database of the tests or of `npm run dev` away, so that it starts from the seeded demo. Never the one that is served. */
import pg from 'pg';

const url = process.env.OVEN_DATABASE_URL;
if (!url || !/\/(test|dev)$/.test(process.env.OVEN_STATE ?? ''))
  throw new Error('Only the databases of the tests and of npm run dev may be dropped.');
const admin = new pg.Client({ connectionString: url.replace(/\/[^/]*$/, '/postgres') });
await admin.connect();
await admin.query('drop database if exists oven with (force)');
await admin.end();
