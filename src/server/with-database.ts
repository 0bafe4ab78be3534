import 'server-only';
import { AsyncLocalStorage } from 'node:async_hooks';
import type pg from 'pg';
import type { Result } from '@/core/failure';
import { noteAnswered, type Keyed } from '@/db/answered';
import { openPool, type Queryable } from '@/db/client';
import { failureOf, mayBeRetried } from '@/db/failures';
import { config } from './config';

/** One pool per process, also across reloads of a development build. */
const shared = globalThis as { ovenPool?: pg.Pool };

function pool(): pg.Pool {
  shared.ovenPool ??= openPool(config().databaseUrl);
  return shared.ovenPool;
}

/** The transaction that runs: what is asked for within it belongs to it. */
const running = new AsyncLocalStorage<Queryable>();
/** The key of the request that is worked on, until it is noted. */
const keys = new AsyncLocalStorage<{ readonly keyed: Keyed; noted: boolean }>();
/** Another request with the same key has done it. */
class DoneByAnother extends Error {}

/** Runs a use case's queries; what the database refuses comes back as a failure with a sentence, bugs are thrown on. */
export async function withDatabase<T>(work: (db: Queryable) => Promise<Result<T>>): Promise<Result<T>> {
  const transaction = running.getStore();
  if (transaction) return work(transaction);
  try {
    return await work(pool());
  } catch (error) {
    const failure = failureOf(error);
    if (failure) return failure;
    throw error;
  }
}

/**
 * The same inside one transaction: all of it happens, or nothing. Within another it is part of that. Work that met other hands in the
 * same rows is done once more from its beginning, which nobody sees.
 */
export function inTransaction<T>(work: (db: Queryable) => Promise<Result<T>>): Promise<Result<T>> {
  const transaction = running.getStore();
  if (transaction) return work(transaction);
  return withDatabase(() =>
    once(work).catch((error: unknown) => {
      if (mayBeRetried(error)) return once(work);
      throw error;
    }),
  );
}

async function once<T>(work: (db: Queryable) => Promise<Result<T>>): Promise<Result<T>> {
  const client = await pool().connect();
  let broken: Error | undefined;
  try {
    await client.query('begin');
    const result = await running.run(client, () => work(client));
    if (result.ok) await noteKey(client, result.value);
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

/** Notes what is answered beside the work itself, so that both stand or neither. */
async function noteKey(client: Queryable, answer: unknown): Promise<void> {
  const open = keys.getStore();
  if (!open || open.noted) return;
  if (!(await noteAnswered(client, open.keyed, answer))) throw new DoneByAnother();
  open.noted = true;
}

/**
 * Does a request's work and notes its answer under its key, in one transaction.
 *
 * @returns null where another request with the same key has done it meanwhile; then nothing was done
 */
export async function keyedWork<T>(keyed: Keyed, work: () => Promise<Result<T>>): Promise<Result<T> | null> {
  try {
    return await keys.run({ keyed, noted: false }, () => inTransaction(work));
  } catch (error) {
    if (error instanceof DoneByAnother) return null;
    throw error;
  }
}
