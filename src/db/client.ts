import pg from 'pg';

/** Anything that runs a query: the pool, or one connection inside a transaction. */
export type Queryable = Pick<pg.Pool, 'query'>;

// Numeric columns hold kitchen weights and temperatures, well inside a double.
const NUMERIC = 1700;
const DATE = 1082;
pg.types.setTypeParser(NUMERIC, Number);
pg.types.setTypeParser(DATE, (text) => text);

/** Opens a pool; it connects on first use. */
export const openPool = (url: string): pg.Pool => new pg.Pool({ connectionString: url, max: 8, connectionTimeoutMillis: 3000 });
