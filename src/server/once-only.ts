import 'server-only';
import { createHash } from 'node:crypto';
import { fail, succeed, type Result } from '@/core/failure';
import { maybeAnswered, type Keyed } from '@/db/answered';
import { keyedWork, withDatabase } from './with-database';

/** Longest key [characters]: a random one has 36. */
const KEY = /^[\x21-\x7e]{1,200}$/;

/**
 * Does what a request asks, once for every key: the same key with the same body is answered as the first time. Without a key it is
 * done as often as it is asked.
 *
 * @param door - where it was asked; keys of one door are none of another
 */
export async function onceOnly<T>(
  request: Request,
  door: string,
  body: unknown,
  work: () => Promise<Result<T>>,
): Promise<Result<T>> {
  const key = request.headers.get('idempotency-key');
  if (key === null) return work();
  if (!KEY.test(key))
    return fail('BAD_VALUE', 'An Idempotency-Key has up to 200 letters, digits and signs, and no blanks.', 'Idempotency-Key');
  const keyed: Keyed = {
    key,
    door,
    body_hash: createHash('sha256')
      .update(JSON.stringify(body) ?? '')
      .digest('hex'),
  };
  const before = await answered<T>(keyed);
  if (before) return before;
  const done = await keyedWork('guest', keyed, work);
  // One with the same key was faster: its answer stands.
  return (
    done ?? (await answered<T>(keyed)) ?? fail('DATABASE_BUSY', 'The same request is under way. Ask again in a few seconds.')
  );
}

async function answered<T>(keyed: Keyed): Promise<Result<T> | null> {
  const row = await withDatabase('guest', async (db) => succeed(await maybeAnswered(db, keyed)));
  if (!row.ok) return row;
  if (row.value === null) return null;
  if (row.value.body_hash !== keyed.body_hash)
    return fail('BAD_VALUE', 'This Idempotency-Key was used for something else already. Take a new one.', 'Idempotency-Key');
  return succeed(row.value.answer as T);
}
