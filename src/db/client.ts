import pg from 'pg';

/** Anything that runs a query: the pool, or one connection inside a transaction. */
export type Queryable = Pick<pg.Pool, 'query'>;

// Numeric columns hold kitchen weights and temperatures, well inside a double.
const NUMERIC = 1700;
const DATE = 1082;
pg.types.setTypeParser(NUMERIC, Number);
pg.types.setTypeParser(DATE, (text) => text);

/** Longest that a query may take, that it may wait for another's rows, and that a transaction may do nothing [ms]. */
const LIMITS = { statement_timeout: 15_000, lock_timeout: 5000, idle_in_transaction_session_timeout: 30_000 } as const;

/** What an id of a kitchen may look like: it stands in the settings of a connection. */
export const KITCHEN_ID = /^[a-z0-9-]{1,60}$/;

/**
 * Opens a pool whose connections see one kitchen; it connects on first use.
 *
 * @param kitchenId - null: they see none, only which there are
 */
export function openPool(url: string, kitchenId: string | null): pg.Pool {
  if (kitchenId !== null && !KITCHEN_ID.test(kitchenId)) throw new Error(`${kitchenId} is no id of a kitchen`);
  const options = `-c oven.kitchen=${kitchenId ?? ''}`;
  const pool = new pg.Pool({ connectionString: url, options, max: 8, connectionTimeoutMillis: 3000, ...LIMITS });
  // A connection that breaks fails the query that runs on it; said aloud as well, it would end the process.
  pool.on('connect', (client) => client.on('error', () => undefined));
  pool.on('error', () => undefined);
  return pool;
}

/** Has a connection that sees every kitchen work for one, as a pool's does. */
export async function inKitchenOf(client: Queryable, kitchenId: string): Promise<void> {
  await client.query("select set_config('oven.kitchen', $1, false)", [kitchenId]);
}
