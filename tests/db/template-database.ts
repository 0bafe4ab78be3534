/** Makes one database with the newest schema; every test file copies it, which is far quicker than migrating each time. */
import pg from 'pg';
import { migrate } from '@/db/migrate';

export const TEMPLATE = 'oven_test_template';

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
  return () => asAdmin(`drop database if exists ${TEMPLATE} with (force)`);
}

/** A fresh copy of the template, to be dropped by the caller. */
export async function copyDatabase(name: string): Promise<{ url: string; drop: () => Promise<void> }> {
  await asAdmin(`drop database if exists ${name} with (force)`, `create database ${name} template ${TEMPLATE}`);
  return { url: urlOf(name), drop: () => asAdmin(`drop database if exists ${name} with (force)`) };
}
