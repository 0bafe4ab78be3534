import { fail, type Failure } from '@/core/failure';
import { noteTry, wrongTries, type Tries } from '@/db/wrong-tries';
import type { Queryable } from '@/db/client';
import { line } from '../asked';

/** How many wrong tries each kind of key has before one must wait: a name from one address, an address, a name from anywhere. */
const FREE = { both: 5, from: 20, name: 60 } as const;
/** The first wait, doubled with every further wrong try, and the longest [s]. */
const FIRST_S = 15;
const LONGEST_S = 900;

/** What is counted when this name is tried over the line that asks. */
export function keysOf(name: string): readonly string[] {
  const who = name.trim().toLowerCase().slice(0, 60);
  const { address } = line();
  return [`both ${address} ${who}`, `from ${address}`, `name ${who}`];
}

/** How long one must still wait for a key [s]. */
export function waitOf({ key, tries, since_s }: Tries): number {
  const over = tries - FREE[key.split(' ')[0] as keyof typeof FREE];
  return over < 0 ? 0 : Math.min(LONGEST_S, FIRST_S * 2 ** over) - since_s;
}

/** Counts a try, unless there were too many; then it says how long to wait. */
export async function tryAgain(db: Queryable, keys: readonly string[]): Promise<Failure | null> {
  const wait_s = Math.ceil(Math.max(0, ...(await wrongTries(db, keys)).map(waitOf)));
  if (wait_s > 0) {
    const words = wait_s < 90 ? `${wait_s} seconds` : `${Math.ceil(wait_s / 60)} minutes`;
    return fail('TOO_MANY_TRIES', `That was wrong too often. Wait ${words} before the next try.`);
  }
  await noteTry(db, keys);
  return null;
}
