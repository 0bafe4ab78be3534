import 'server-only';
import { AsyncLocalStorage } from 'node:async_hooks';
import type { Pool } from 'pg';
import { SENTENCES, fail, succeed, type Failure, type Result } from '@/core/failure';
import { noteAnswered, type Keyed } from '@/db/answered';
import type { Queryable } from '@/db/client';
import { failureOf, mayBeRetried } from '@/db/failures';
import { asked } from './asked';
import { follow, type FollowUp } from './follow-ups';
import { askedKitchen, poolOf } from './kitchen-pools';
import { refusal, type Least } from './people/allowed';

/** The transaction that runs: what is asked for within it belongs to it, and what follows from it waits for its end. */
const running = new AsyncLocalStorage<{ readonly client: Queryable; readonly followUps: FollowUp[] }>();
/** The key of the request that is worked on, until it is noted. */
const keys = new AsyncLocalStorage<{ readonly keyed: Keyed; noted: boolean }>();
/** Another request with the same key has done it. */
class DoneByAnother extends Error {}

type Work<T> = (db: Queryable) => Promise<Result<T>>;

/**
 * Runs a use case's queries in the kitchen that is asked for, for whoever is at least this there; what the database refuses comes back as
 * a failure with a sentence, bugs are thrown on. There is no way to the data but through here and `inTransaction`, `atOneMoment`,
 * `inKitchen` and `ofTheHouse`, each of which asks who may come.
 */
export async function withDatabase<T>(least: Least, work: Work<T>): Promise<Result<T>> {
  const transaction = running.getStore();
  // Within another it is part of that; but who may do the one may not therefore do the other.
  return transaction ? allowed(least, () => work(transaction.client)) : orFailure(() => allowed(least, work));
}

/** Does something in the kitchen that is asked for, unless who asks may not. */
async function allowed<T>(least: Least, work: (pool: Pool) => Promise<Result<T>>): Promise<Result<T>> {
  const kitchen = (await askedKitchen())?.id ?? null;
  // A page of one kitchen, asked for by somebody who does not belong to it, or of one that is gone.
  if (kitchen === null && asked().only && least !== 'anybody') return fail('NOT_FOUND', SENTENCES.noKitchen);
  return refusal(least, kitchen) ?? work(poolOf(kitchen));
}

/** Why who asks may not have it done here; null where they may. The first line of what looks at its request before it opens the database. */
export async function refusedHere(least: Least): Promise<Failure | null> {
  const may = await withDatabase(least, () => Promise.resolve(succeed(null)));
  return may.ok ? null : may;
}

/** Reads as everything stood at one moment, however long the reading takes. */
export const atOneMoment = <T>(least: Least, work: Work<T>): Promise<Result<T>> =>
  inTransaction(least, async (db) => {
    await db.query('set transaction isolation level repeatable read, read only');
    return work(db);
  });

/** Runs queries in a kitchen by name, in one transaction: for what makes kitchens, takes them away or reads one for long. */
export const inKitchen = <T>(kitchenId: string, least: Least, work: Work<T>): Promise<Result<T>> =>
  orFailure(async () => refusal(least, kitchenId) ?? once(poolOf(kitchenId), work));

/** Runs queries about the house as a whole, in one transaction that sees no kitchen's rows: people, devices, what was done. */
export const ofTheHouse = <T>(least: Least, work: Work<T>): Promise<Result<T>> =>
  orFailure(async () => refusal(least, null) ?? once(poolOf(null), work));

async function orFailure<T>(work: () => Promise<Result<T>>): Promise<Result<T>> {
  try {
    return await work();
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
export function inTransaction<T>(least: Least, work: Work<T>): Promise<Result<T>> {
  const transaction = running.getStore();
  if (transaction) return allowed(least, () => work(transaction.client));
  return orFailure(() =>
    allowed(least, (pool) =>
      once(pool, work).catch((error: unknown) => {
        if (mayBeRetried(error)) return once(pool, work);
        throw error;
      }),
    ),
  );
}

/** Has something done once the transaction that runs stands; nothing, where it comes to nothing. */
export function afterwards(followUp: FollowUp): void {
  const transaction = running.getStore();
  if (!transaction) throw new Error(`${followUp.about} follows from no transaction`);
  transaction.followUps.push(followUp);
}

async function once<T>(pool: Pool, work: Work<T>): Promise<Result<T>> {
  const followUps: FollowUp[] = [];
  const result = await committed(pool, work, followUps);
  if (result.ok) await follow(pool, followUps);
  return result;
}

async function committed<T>(pool: Pool, work: Work<T>, followUps: FollowUp[]): Promise<Result<T>> {
  const client = await pool.connect();
  let broken: Error | undefined;
  try {
    await client.query('begin');
    const result = await running.run({ client, followUps }, () => work(client));
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
export async function keyedWork<T>(least: Least, keyed: Keyed, work: () => Promise<Result<T>>): Promise<Result<T> | null> {
  try {
    return await keys.run({ keyed, noted: false }, () => inTransaction(least, work));
  } catch (error) {
    if (error instanceof DoneByAnother) return null;
    throw error;
  }
}
