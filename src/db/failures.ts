import { SENTENCES, fail, type Failure } from '@/core/failure';

type DatabaseError = { readonly code?: string; readonly constraint?: string };

/** What a violated constraint means to the person who typed. */
const OF_CONSTRAINTS: Readonly<Record<string, string>> = {
  batch_has_a_name: 'Give the batch a name.',
  recipe_has_a_name: 'Give the recipe a name.',
  price_pack_has_weight: 'A pack must weigh something.',
  price_is_not_negative: 'A price cannot be below nothing.',
  lot_weighs_something: 'What is left cannot weigh less than nothing.',
  lot_lasts_a_day: 'The best-before date lies before the day it came into the house. Check the dates.',
  lot_water_is_a_share: 'The water must lie between 0 and 99.5 %.',
  lot_ingredient_id_fkey: 'There is no such ingredient in the pantry.',
  price_ingredient_id_fkey: 'There is no such ingredient in the pantry.',
  dog_has_a_name: 'Give the dog a name.',
  dog_has_weight: 'A dog weighs more than nothing.',
  tray_has_weight: 'A tray cannot weigh less than nothing.',
  tray_before_above_empty: 'The tray with its pieces must weigh more than the empty tray.',
  jar_gives_what_it_has: 'There are not so many pieces left in this pack.',
  jar_price_is_not_negative: 'A price cannot be below nothing.',
  measurement_counts_pieces: 'Count at least one piece, or leave the count empty.',
  measurement_takes_time: 'The heat took longer than nothing. Type its minutes, or leave them empty.',
  measurement_is_thick: 'A piece is thicker than nothing. Measure one, or leave it empty.',
  measurement_tray_has_weight: 'A tray cannot weigh less than nothing.',
  measurement_before_above_tray: 'The tray with its pieces before baking must weigh more than the empty tray.',
  measurement_after_above_tray: 'The tray with its pieces after baking must weigh more than the empty tray.',
  measurement_water_only_leaves: 'The tray weighs more after baking than before. Check which weight is which.',
};

/** The server is starting, stopping or unreachable. */
const AWAY = /^(08|57P|25P03|ECONN|EPIPE|ENOENT|ETIMEDOUT|EAI)/;
/** Said without a code by the driver: the line went dead in the middle of something. */
const BROKEN_OFF = /Connection terminated|Client has encountered a connection error|not queryable/i;
/** Two hands changed the same things in another order, or what one read: the same work may be done once more. */
const IN_EACH_OTHERS_WAY = new Set(['40P01', '40001']);
/** Somebody held it too long, a query took too long, or there are as many connections as there may be. */
const BUSY = new Set(['55P03', '57014', '53300', '53200']);
const ALL_IN_USE = /timeout exceeded when trying to connect/i;
/** No room: on the disk, or beyond what a file may hold. */
const FULL = new Set(['53100', '58030', 'ENOSPC']);

/** Whether the same work, done once more, may well succeed. */
export const mayBeRetried = (error: unknown): boolean => IN_EACH_OTHERS_WAY.has((error as DatabaseError).code ?? '');
const [STANDS_THERE, HANGS_ON_NOTHING] = ['23505', '23503'];

/** Why something cannot go back where it was: another stands there, or what it hung on is gone; null for anything else. */
export function noWayBack(error: unknown): 'stands-there' | 'hangs-on-nothing' | null {
  const { code } = error as DatabaseError;
  return code === STANDS_THERE ? 'stands-there' : code === HANGS_ON_NOTHING ? 'hangs-on-nothing' : null;
}

const MALFORMED = '22P02';
/** Signs that no text can hold, as some programs leave them behind what is copied. */
const NO_TEXT = new Set(['22021', '22P05']);
const TOO_LARGE = '22003';

/** The failure behind a database error, or null when it is a bug and should be thrown on. */
export function failureOf(error: unknown): Failure | null {
  const { code = '', constraint } = error as DatabaseError;
  const sentence = constraint ? OF_CONSTRAINTS[constraint] : undefined;
  if (sentence) return fail('BAD_VALUE', sentence, constraint?.split('_')[0] ?? '');
  if (code === MALFORMED) return fail('NOT_FOUND', SENTENCES.noSuchPage);
  if (NO_TEXT.has(code))
    return fail('BAD_VALUE', 'There is a sign in it that no text can hold. Type it anew, or paste it as plain text.');
  if (code === TOO_LARGE) return fail('OUT_OF_RANGE', 'A number in it is larger than any that can be kept.');
  const said = error instanceof Error ? error.message : '';
  if (FULL.has(code))
    return fail('DISK_FULL', 'There is no room left on the disk, so nothing was changed. Make room on it, then try again.');
  if (BUSY.has(code) || IN_EACH_OTHERS_WAY.has(code) || ALL_IN_USE.test(said))
    return fail(
      'DATABASE_BUSY',
      'Too much is being done at once, so nothing was changed. What you typed stays on this page; try again in a few seconds.',
    );
  if (AWAY.test(code) || BROKEN_OFF.test(said) || said.includes('timeout'))
    return fail(
      'DATABASE_AWAY',
      'The database does not answer. Your changes stay on this page; try again in a moment, or run npm start.',
    );
  return null;
}
