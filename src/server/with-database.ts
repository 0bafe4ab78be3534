import 'server-only';
import type pg from 'pg';
import type { Result } from '@/core/failure';
import { openPool, type Queryable } from '@/db/client';
import { failureOf } from '@/db/failures';
import { config } from './config';

/** One pool per process, also across reloads of a development build. */
const shared = globalThis as { ovenPool?: pg.Pool };

function pool(): pg.Pool {
  if (!shared.ovenPool) {
    shared.ovenPool = openPool(config().databaseUrl);
    // An idle connection that breaks is replaced on the next query; without this it would end the process.
    shared.ovenPool.on('error', () => undefined);
  }
  return shared.ovenPool;
}

/** Runs a use case's queries; what the database refuses comes back as a failure with a sentence, bugs are thrown on. */
export async function withDatabase<T>(work: (db: Queryable) => Promise<Result<T>>): Promise<Result<T>> {
  try {
    return await work(pool());
  } catch (error) {
    const failure = failureOf(error);
    if (failure) return failure;
    throw error;
  }
}

/** The same inside one transaction: all of it happens, or nothing. */
export async function inTransaction<T>(work: (db: Queryable) => Promise<Result<T>>): Promise<Result<T>> {
  return withDatabase(async () => {
    const client = await pool().connect();
    try {
      await client.query('begin');
      const result = await work(client);
      await client.query(result.ok ? 'commit' : 'rollback');
      return result;
    } catch (error) {
      await client.query('rollback').catch(() => undefined);
      throw error;
    } finally {
      client.release();
    }
  });
}
