import pg from 'pg';

/** The role that the application works as: it may read and write what is kept, and nothing else of the server. */
const APP_ROLE = 'oven_app';

/**
 * Makes the application's role, with the password given, and lets it work on everything that the schema holds now and will hold.
 * Run it as the owner of the schema.
 */
export async function grantToApp(client: pg.ClientBase, password: string, name = APP_ROLE): Promise<void> {
  const role = pg.escapeIdentifier(name);
  const { rowCount } = await client.query('select from pg_roles where rolname = $1', [name]);
  const may = 'login nosuperuser nocreatedb nocreaterole noinherit noreplication nobypassrls';
  await client.query(`${rowCount === 0 ? 'create' : 'alter'} role ${role} with ${may} password ${pg.escapeLiteral(password)}`);
  await client.query(`grant usage on schema public to ${role}`);
  for (const [rights, what] of [
    ['select, insert, update, delete', 'tables'],
    ['usage, select', 'sequences'],
  ] as const) {
    await client.query(`grant ${rights} on all ${what} in schema public to ${role}`);
    await client.query(`alter default privileges in schema public grant ${rights} on ${what} to ${role}`);
  }
  // What the schema is made of is changed by its owner only.
  await client.query(`revoke insert, update, delete on migration from ${role}`);
}
