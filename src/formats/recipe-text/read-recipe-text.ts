import { fail, succeed, type Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import type { ReadingChoice } from './reading-choice';
import type { ReadRecipe } from './read-recipe';
import { readSorted } from './read-sorted';
import { sortLines } from './sort-lines';

/** Longest recipe that is read [characters]. */
export const LONGEST_TEXT = 40_000;

/**
 * Reads a whole recipe: name, parts, list, steps, programme, shape, promises and dangers, in whatever order and style they
 * are written.
 *
 * @param choice - the baker's cups, egg sizes and way of filling; what is left open is told from the words
 * @returns the reading with its questions, or MISSING_VALUE when there is nothing to read, TOO_LARGE when it is no recipe
 */
export function readRecipeText(text: string, pantry: Pantry, choice: ReadingChoice = {}): Result<ReadRecipe> {
  if (text.trim() === '')
    return fail('MISSING_VALUE', 'There is nothing to read. Write or paste a recipe, one ingredient a line.');
  if (text.length > LONGEST_TEXT)
    return fail(
      'TOO_LARGE',
      `This is ${Math.round(text.length / 1000)} thousand characters long; a recipe has at most ${LONGEST_TEXT / 1000} thousand. Is it the right text?`,
    );
  return succeed(readSorted(sortLines(text, pantry), text, pantry, choice));
}
