import 'server-only';
import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { fail, succeed, type Result } from '@/core/failure';

/** What a hash costs, by scrypt's own letters; a hash tells it of itself. */
type Cost = { readonly N: number; readonly r: number; readonly p: number };

/** What a new one costs: 128 MB and some tenths of a second (OWASP Password Storage Cheat Sheet, 2024: scrypt N = 2^17, r = 8, p = 1). */
const COST: Cost = { N: 2 ** 17, r: 8, p: 1 };
const KEY_BYTES = 32;
const SALT_BYTES = 16;

export const SHORTEST = 12;
const LONGEST = 128;
/** Letters that a passphrase has beside the person's own name. */
const BESIDE_NAME = 8;

/** Beginnings that everybody tries first. */
const TRIED_FIRST = [
  'password',
  'passphrase',
  'letmein',
  'qwerty',
  'iloveyou',
  'welcome',
  'abc123',
  '123456',
  '111111',
  'upbeatoven',
  'upbeat oven',
];

/** Whether something may be a passphrase: long enough, nothing that is tried first, and not the person's own name. */
export function checkPassphrase(typed: string, name: string): Result<string> {
  const passphrase = typed.normalize('NFKC');
  const plain = passphrase.toLowerCase();
  const path = 'passphrase';
  if (passphrase.length < SHORTEST)
    return fail(
      'BAD_VALUE',
      `A passphrase has at least ${SHORTEST} letters. Four words that do not belong together are easy to keep.`,
      path,
    );
  if (passphrase.length > LONGEST) return fail('BAD_VALUE', `A passphrase has at most ${LONGEST} letters.`, path);
  if (new Set(plain).size < 5 || TRIED_FIRST.some((word) => plain.startsWith(word) && plain.length < word.length + SHORTEST))
    return fail(
      'BAD_VALUE',
      'This is among the first that anybody would try. Take four words that do not belong together.',
      path,
    );
  const beside = name
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word.length > 2)
    .reduce((left, word) => left.replaceAll(word, ''), plain);
  if (beside.replaceAll(/\s/g, '').length < BESIDE_NAME)
    return fail('BAD_VALUE', 'This is little more than the name. Take four words that do not belong together.', path);
  return succeed(passphrase);
}

/** The hash to be kept, with the salt and what it cost. */
export async function hashPassphrase(passphrase: string, cost = COST): Promise<string> {
  const salt = randomBytes(SALT_BYTES);
  const key = await derive(passphrase, salt, cost);
  return ['scrypt', cost.N, cost.r, cost.p, salt.toString('base64url'), key.toString('base64url')].join('$');
}

/** A hash that nothing has: who is not known takes as long as who is. */
const NOBODYS = ['scrypt', COST.N, COST.r, COST.p, 'AAAAAAAAAAAAAAAAAAAAAA', 'A'.repeat(43)].join('$');

/** Whether what was typed is what was hashed; a hash that is none takes as long, and is not. */
export async function isPassphrase(typed: string, hash: string | null): Promise<boolean> {
  const [, N, r, p, salt, key] = (hash ?? NOBODYS).split('$');
  const kept = Buffer.from(key, 'base64url');
  const cost = { N: Number(N), r: Number(r), p: Number(p) };
  const derived = await derive(typed.normalize('NFKC').slice(0, LONGEST), Buffer.from(salt, 'base64url'), cost);
  return timingSafeEqual(kept, derived) && hash !== null;
}

function derive(passphrase: string, salt: Buffer, cost: Cost): Promise<Buffer> {
  // scrypt takes 128 r N bytes; half as much again leaves room for the rest of it.
  const options = { ...cost, maxmem: 192 * cost.r * cost.N };
  return new Promise((done, failed) =>
    scrypt(passphrase, salt, KEY_BYTES, options, (error, key) => (error ? failed(error) : done(key))),
  );
}

/** Those who wait for their passphrase to be looked at; each costs memory, and one at a time can be counted. */
const MOST_WAITING = 20;
const shared = globalThis as { ovenTries?: { last: Promise<unknown>; waiting: number } };

/** Looks at passphrases and codes one at a time, so that many tries at once count each. */
export async function oneAtATime<T>(work: () => Promise<Result<T>>): Promise<Result<T>> {
  const row = (shared.ovenTries ??= { last: Promise.resolve(), waiting: 0 });
  if (row.waiting >= MOST_WAITING) return fail('TOO_BUSY', 'Too many sign in at once. Try again in a minute.');
  row.waiting++;
  const mine = row.last.then(work, work).finally(() => row.waiting--);
  row.last = mine.catch(() => undefined);
  return mine;
}
