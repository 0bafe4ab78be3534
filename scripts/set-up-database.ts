/** Creates the database if need be, brings it to the newest schema, and fills an empty one with the demo kitchen. */
import pg from 'pg';
import { grantToApp, grantToCopy } from '@/db/app-role';
import { inKitchenOf } from '@/db/client';
import { demoIsWanted, kitchensThere, leaveDemoOut } from '@/db/kitchens';
import { migrate, pendingMigrations } from '@/db/migrate';
import { stockIngredients } from '@/db/pantry';
import { shippedPantry } from '@/formats/shipped-pantry';
import { refreshRecipes } from '@/server/refresh-recipes';
import { seedDemo } from './seed-demo';

const MIGRATIONS = 'src/db/migrations';

async function main(url: string): Promise<void> {
  await createIfMissing(url);
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    if (process.argv.includes('--pending')) {
      const [first] = await pendingMigrations(client, MIGRATIONS);
      if (first) console.log(first);
      return;
    }
    await checkVersion(client);
    const ran = await migrate(client, MIGRATIONS);
    if (ran.length > 0) console.log(`Schema brought up to date: ${ran.join(', ')}`);
    // The shipped ingredients may have grown or been put right since the last start.
    await stockIngredients(client, [...(await shippedPantry()).values()], null);
    if (process.argv.includes('--empty')) await leaveDemoOut(client);
    if ((await demoIsWanted(client)) && (await seedDemo(client))) console.log('Demo kitchen set up: Cairnhope Bothy Bakery');
    const [there] = await kitchensThere(client);
    if (process.argv.includes('--empty') && there?.is_demo)
      console.log('The demo kitchen is here already. Remove it under Settings; it does not come back then.');
    const { OVEN_APP_PASSWORD, OVEN_COPY_URL } = process.env;
    if (OVEN_APP_PASSWORD) await grantToApp(client, OVEN_APP_PASSWORD);
    if (OVEN_COPY_URL) await grantToCopy(client, decodeURIComponent(new URL(OVEN_COPY_URL).password));
    for (const { id } of await kitchensThere(client)) {
      await inKitchenOf(client, id);
      const { made, stuck } = await refreshRecipes(client);
      if (made > 0) console.log(`Recipe cards worked out anew: ${made}`);
      if (stuck.length > 0) console.log(`Recipes that can no longer be worked out: ${stuck.join(', ')}`);
    }
  } finally {
    await client.end();
  }
}

const LEAST_VERSION = 15;

async function checkVersion(client: pg.Client): Promise<void> {
  const { rows } = await client.query<{ major: number }>("select current_setting('server_version_num')::int / 10000 as major");
  if (rows[0].major < LEAST_VERSION)
    throw new Error(`This is PostgreSQL ${rows[0].major}; Upbeat Oven needs ${LEAST_VERSION} or newer. Nothing was changed.`);
}

const NO_SUCH_DATABASE = '3D000';

async function createIfMissing(url: string): Promise<void> {
  // Whoever may connect need not be let into any other database of the server.
  const there = new pg.Client({ connectionString: url });
  const missing = await there.connect().then(
    () => there.end().then(() => false),
    (error: { code?: string }) => {
      if (error.code === NO_SUCH_DATABASE) return true;
      throw error;
    },
  );
  if (!missing) return;
  const name = new URL(url).pathname.slice(1);
  const admin = new pg.Client({ connectionString: Object.assign(new URL(url), { pathname: '/postgres' }).href });
  await admin.connect();
  try {
    const { rowCount } = await admin.query('select from pg_database where datname = $1', [name]);
    if (rowCount === 0) await admin.query(`create database ${pg.escapeIdentifier(name)}`);
  } finally {
    await admin.end();
  }
}

const url = process.env.OVEN_DATABASE_URL;
if (!url) throw new Error('OVEN_DATABASE_URL is not set; npm start sets it.');
await main(url);
