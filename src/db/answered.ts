import type { Queryable } from './client';

/** A request that carries a key: at which door, and a sum over what it asks. */
export type Keyed = { readonly key: string; readonly door: string; readonly body_hash: string };
export type AnsweredRow = { readonly body_hash: string; readonly answer: unknown };

/** Keys are remembered so long. */
const REMEMBERED = '3 days';

/** What was answered to this key at this door; null where nothing was. */
export async function maybeAnswered(db: Queryable, { key, door }: Keyed): Promise<AnsweredRow | null> {
  const { rows } = await db.query<AnsweredRow>('select body_hash, answer from answered where door = $1 and key = $2', [
    door,
    key,
  ]);
  return rows[0] ?? null;
}

/**
 * Notes an answer in the transaction that did the work, so that both stand or neither; waits for one with the same key that is under
 * way, and fails where that one was faster.
 *
 * @returns whether it was noted
 */
export async function noteAnswered(db: Queryable, { key, door, body_hash }: Keyed, answer: unknown): Promise<boolean> {
  await db.query(`delete from answered where at < now() - interval '${REMEMBERED}'`);
  const { rowCount } = await db.query(
    'insert into answered (key, door, body_hash, answer) values ($1, $2, $3, $4) on conflict do nothing',
    [key, door, body_hash, JSON.stringify(answer ?? null)],
  );
  return rowCount === 1;
}
