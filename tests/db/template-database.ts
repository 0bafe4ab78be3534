/**
 * Makes one database with the newest schema, and one with the demo kitchen in it; every test file copies one of them, which is
 * far quicker than migrating and predicting a whole demo each time.
 */
import pg from 'pg';
import '@/db/client';
import { grantToApp } from '@/db/app-role';
import { migrate } from '@/db/migrate';
import { seedDemo } from '../../scripts/seed-demo';
import { copySeeded } from '../seeded-copy';

const TEMPLATE = 'oven_test_template';
const DEMO = 'oven_test_demo';
/** Roles are of the whole server: the application's own may be in use meanwhile. */
const APP = { name: 'oven_test_app', password: 'tests' };

// The address that the application is given changes from test file to test file; the owner's stays.
process.env.OVEN_TEST_OWNER_URL ??= process.env.OVEN_DATABASE_URL;
const adminUrl = (): string => {
  const url = process.env.OVEN_TEST_OWNER_URL;
  if (!url) throw new Error("Database tests need the project's PostgreSQL: run them with npm test.");
  return url.replace(/\/[^/]*$/, '/postgres');
};
export const urlOf = (name: string): string => adminUrl().replace(/\/[^/]*$/, `/${name}`);

async function asAdmin(...statements: string[]): Promise<void> {
  const admin = new pg.Client({ connectionString: adminUrl() });
  await admin.connect();
  for (const statement of statements) await admin.query(statement);
  await admin.end();
}

export default async function setup(): Promise<() => Promise<void>> {
  await asAdmin(`drop database if exists ${TEMPLATE} with (force)`, `create database ${TEMPLATE}`);
  const client = new pg.Client({ connectionString: urlOf(TEMPLATE) });
  await client.connect();
  await migrate(client, 'src/db/migrations');
  await grantToApp(client, APP.password, APP.name);
  await client.end();
  await asAdmin(`drop database if exists ${DEMO} with (force)`);
  const isCopied = await copySeeded(urlOf(DEMO));
  if (!isCopied) await asAdmin(`create database ${DEMO} template ${TEMPLATE}`);
  const demo = new pg.Client({ connectionString: urlOf(DEMO) });
  await demo.connect();
  if (isCopied) await grantToApp(demo, APP.password, APP.name);
  else await seedDemo(demo);
  await demo.end();
  return () => asAdmin(...[TEMPLATE, DEMO].map((name) => `drop database if exists ${name} with (force)`));
}

type Copy = { readonly url: string; readonly appUrl: string; readonly drop: () => Promise<void> };

/** A fresh copy, empty or with the demo kitchen, to be dropped by the caller; its address for the owner, and for the application. */
export async function copyDatabase(name: string, from: 'empty' | 'demo'): Promise<Copy> {
  await asAdmin(
    `drop database if exists ${name} with (force)`,
    `create database ${name} template ${from === 'demo' ? DEMO : TEMPLATE}`,
  );
  const appUrl = Object.assign(new URL(urlOf(name)), { username: APP.name, password: APP.password }).href;
  return { url: urlOf(name), appUrl, drop: () => asAdmin(`drop database if exists ${name} with (force)`) };
}
