import pg from 'pg';

/** The role that the application works as: it may read and write what is kept of one kitchen, and nothing else of the server. */
const APP_ROLE = 'oven_app';
/** The role that copies are made as: it reads what is kept of every kitchen, and writes nothing. */
const COPY_ROLE = 'oven_copy';

/**
 * Makes the application's role, with the password given, and lets it work on everything that the schema holds now and will hold.
 * Run it as the owner of the schema.
 */
export async function grantToApp(client: pg.ClientBase, password: string, name = APP_ROLE): Promise<void> {
  const role = await makeRole(client, { name, password, may: 'nobypassrls' });
  await client.query(`grant usage on schema public to ${role}`);
  for (const [rights, what] of [
    ['select, insert, update, delete', 'tables'],
    ['usage, select', 'sequences'],
  ] as const) {
    await client.query(`grant ${rights} on all ${what} in schema public to ${role}`);
    await client.query(`alter default privileges in schema public grant ${rights} on ${what} to ${role}`);
  }
  // What the schema is made of is changed by its owner only; a kitchen is changed in its own row, which is one's own.
  for (const only of ['migration', 'kitchen_there']) await client.query(`revoke insert, update, delete on ${only} from ${role}`);
  // What was done stays done.
  await client.query(`revoke update, delete on audit from ${role}`);
}

/** Makes the role that copies are made as, with the password given. Run it as who may make such roles. */
export async function grantToCopy(client: pg.ClientBase, password: string, name = COPY_ROLE): Promise<void> {
  const role = await makeRole(client, { name, password, may: 'bypassrls' });
  await client.query(`grant usage on schema public to ${role}`);
  for (const what of ['tables', 'sequences']) {
    await client.query(`grant select on all ${what} in schema public to ${role}`);
    await client.query(`alter default privileges in schema public grant select on ${what} to ${role}`);
  }
}

type NewRole = { readonly name: string; readonly password: string; readonly may: 'bypassrls' | 'nobypassrls' };

/** Makes a role that may sign in and nothing else yet; one that is there gets this password. */
async function makeRole(client: pg.ClientBase, { name, password, may }: NewRole): Promise<string> {
  const role = pg.escapeIdentifier(name);
  const { rowCount } = await client.query('select from pg_roles where rolname = $1', [name]);
  const rights = `login nosuperuser nocreatedb nocreaterole noinherit noreplication ${may}`;
  await client.query(`${rowCount === 0 ? 'create' : 'alter'} role ${role} with ${rights} password ${pg.escapeLiteral(password)}`);
  return role;
}
