/** What was typed as words that must all be found, in small letters; nobody looks for more than a few. */
export const wordsIn = (typed: string): string[] => typed.toLowerCase().slice(0, 120).split(/\s+/).filter(Boolean).slice(0, 8);

/** A word as a pattern of the database: anywhere in a text, every sign as itself. */
export const patternOf = (word: string): string => `%${word.replace(/[\\%_]/g, '\\$&')}%`;

/**
 * What was typed as patterns that a text in small letters must all be like; nothing typed lets all through. The longest stands first: it is
 * in the fewest texts, and the others are asked of those alone.
 */
export const patternsOf = (typed: string): string[] =>
  wordsIn(typed)
    .toSorted((one, other) => other.length - one.length)
    .map(patternOf);
