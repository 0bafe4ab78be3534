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
const AWAY = /^(08|57P|ECONN|ENOENT|ETIMEDOUT|EAI)/;
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
  const timedOut = error instanceof Error && error.message.includes('timeout');
  if (AWAY.test(code) || timedOut)
    return fail(
      'DATABASE_AWAY',
      'The database does not answer. Your changes stay on this page; try again in a moment, or run npm start.',
    );
  return null;
}
