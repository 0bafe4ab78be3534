import type { Queryable } from './client';

/** Tries are forgotten when none was wrong for so long [minutes]. */
const FORGOTTEN_MIN = 60;

export type Tries = { readonly key: string; readonly tries: number; readonly since_s: number };

/** How often each of these was wrong lately, and how long ago the last time [s]. */
export async function wrongTries(db: Queryable, keys: readonly string[]): Promise<Tries[]> {
  const { rows } = await db.query<Tries>(
    `select key, tries, extract(epoch from now() - last_at)::float8 as since_s from wrong_try
     where key = any ($1) and last_at > now() - make_interval(mins => $2)`,
    [keys, FORGOTTEN_MIN],
  );
  return rows;
}

/** Notes a try, before it is known whether it is wrong: many at once are counted each. */
export async function noteTry(db: Queryable, keys: readonly string[]): Promise<void> {
  await db.query('delete from wrong_try where last_at < now() - make_interval(mins => $1)', [FORGOTTEN_MIN]);
  await db.query(
    `insert into wrong_try (key, tries, last_at) select key, 1, now() from unnest($1::text[]) as t (key) order by key
     on conflict (key) do update set tries = wrong_try.tries + 1, last_at = now()`,
    [keys],
  );
}

/** Forgets tries: the last one was right. */
export async function forgetTries(db: Queryable, keys: readonly string[]): Promise<void> {
  await db.query('delete from wrong_try where key = any ($1)', [keys]);
}
