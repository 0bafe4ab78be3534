import 'server-only';
import type pg from 'pg';
import type { Result } from '@/core/failure';
import { openPool, type Queryable } from '@/db/client';
import { failureOf, mayBeRetried } from '@/db/failures';
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

/**
 * The same inside one transaction: all of it happens, or nothing. Work that met other hands in the same rows is done once more from
 * its beginning, which nobody sees.
 */
export const inTransaction = <T>(work: (db: Queryable) => Promise<Result<T>>): Promise<Result<T>> =>
  withDatabase(() =>
    once(work).catch((error: unknown) => {
      if (mayBeRetried(error)) return once(work);
      throw error;
    }),
  );

async function once<T>(work: (db: Queryable) => Promise<Result<T>>): Promise<Result<T>> {
  const client = await pool().connect();
  let broken: Error | undefined;
  try {
    await client.query('begin');
    const result = await work(client);
    await client.query(result.ok ? 'commit' : 'rollback');
    return result;
  } catch (error) {
    // A connection that cannot even roll back is of no more use to anybody.
    await client
      .query('rollback')
      .catch((cause: unknown) => (broken = cause instanceof Error ? cause : new Error(String(cause))));
    throw error;
  } finally {
    client.release(broken);
  }
}
