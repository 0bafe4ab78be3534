/** Fewer letters than this say nothing [1]. */
const LEAST_LETTERS = 3;
/** So many letters of a longer text tell what it is [1]. */
const LEAST_OF_MORE = 9;

/**
 * A text in at most so many lines of so many letters, broken between words but never before a degree sign; what does not
 * fit ends in an ellipsis.
 */
export function wrapped(text: string, letters: number, lines: number): string[] {
  if (letters < LEAST_LETTERS || lines < 1 || text === '') return [];
  if (text.length <= letters) return [text];
  if (letters < LEAST_OF_MORE) return [];
  let head = text.lastIndexOf(' ', letters);
  while (text[head + 1] === '°') head = text.lastIndexOf(' ', head - 1);
  if (lines === 1 || head <= 0) return [`${text.slice(0, letters - 1).trimEnd()}…`];
  return [text.slice(0, head), ...wrapped(text.slice(head + 1), letters, lines - 1)];
}
