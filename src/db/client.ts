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

/** Opens a pool; it connects on first use. */
export function openPool(url: string): pg.Pool {
  const pool = new pg.Pool({ connectionString: url, max: 8, connectionTimeoutMillis: 3000, ...LIMITS });
  // A connection that breaks fails the query that runs on it; said aloud as well, it would end the process.
  pool.on('connect', (client) => client.on('error', () => undefined));
  pool.on('error', () => undefined);
  return pool;
}
