/**
 * Makes one database with the newest schema, and one with the demo kitchen in it; every test file copies one of them, which is
 * far quicker than migrating and predicting a whole demo each time.
 */
import pg from 'pg';
import '@/db/client';
import { migrate } from '@/db/migrate';
import { seedDemo } from '../../scripts/seed-demo';

const TEMPLATE = 'oven_test_template';
const DEMO = 'oven_test_demo';

const adminUrl = (): string => {
  const url = process.env.OVEN_DATABASE_URL;
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
  await client.end();
  await asAdmin(`drop database if exists ${DEMO} with (force)`, `create database ${DEMO} template ${TEMPLATE}`);
  const demo = new pg.Client({ connectionString: urlOf(DEMO) });
  await demo.connect();
  await seedDemo(demo);
  await demo.end();
  return () => asAdmin(...[TEMPLATE, DEMO].map((name) => `drop database if exists ${name} with (force)`));
}

/** A fresh copy, empty or with the demo kitchen, to be dropped by the caller. */
export async function copyDatabase(name: string, from: 'empty' | 'demo'): Promise<{ url: string; drop: () => Promise<void> }> {
  await asAdmin(
    `drop database if exists ${name} with (force)`,
    `create database ${name} template ${from === 'demo' ? DEMO : TEMPLATE}`,
  );
  return { url: urlOf(name), drop: () => asAdmin(`drop database if exists ${name} with (force)`) };
}
