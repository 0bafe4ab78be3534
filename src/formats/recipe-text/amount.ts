import { FIGURE, NUMBER_WORD, numberOf } from '@/core/written';

/** An amount at the head of a line. A range has its ends; its middle is the amount. */
export type Amount = {
  readonly amount: number;
  readonly low?: number;
  readonly high?: number;
  /** What follows the amount. */
  readonly rest: string;
};

/** Glyphs as one writes them on a keyboard. */
const FRACTIONS = new Map(
  Object.entries({
    '¼': '1/4',
    '½': '1/2',
    '¾': '3/4',
    '⅓': '1/3',
    '⅔': '2/3',
    '⅛': '1/8',
    '⅜': '3/8',
    '⅝': '5/8',
    '⅞': '7/8',
    '⅕': '1/5',
    '⅙': '1/6',
  }),
);

/** Fractions as glyphs and thin spaces as one writes them on a keyboard; odd slashes and dashes as the plain ones. */
export const plainText = (text: string): string =>
  text
    .replace(
      /(\d)?\s?([¼½¾⅓⅔⅛⅜⅝⅞⅕⅙])/g,
      (_, whole: string | undefined, glyph: string) => `${whole ? `${whole} ` : ''}${FRACTIONS.get(glyph) ?? glyph}`,
    )
    .replace(/[\u00a0\u2009\u202f]/g, ' ')
    .replace(/[⁄∕]/g, '/')
    .replace(/[–—−]/g, '-')
    .replace(/\s+/g, ' ')
    .trim();

const ABOUT =
  /^(about|around|approx\.?|approximately|roughly|circa|ca\.?|~|nearly|almost|just (?:under|over)|up to|at least)\s*/i;
/** "scant 1 cup", "heaped tablespoon": how it is filled, said before the amount. */
const FILLED_FIRST = /^(scant|generous|heaped|heaping|level|rounded)\s+(?=\d|a\b|one\b|half\b|[¼½¾⅓⅔⅛])/i;
const AT_START = new RegExp(String.raw`^(?:${FIGURE}|${NUMBER_WORD}\b)`, 'i');
const RANGE = /^\s*(?:-|to|or)\s*(?=[\d.,]|one|two|three|four|five|six)/i;

type Read = { readonly value: number; readonly rest: string };

/** One number, however it is written; null when the text does not start with one. */
function numberAt(text: string): Read | null {
  const found = AT_START.exec(text);
  const value = found ? numberOf(found[0]) : NaN;
  return found && Number.isFinite(value) ? { value, rest: text.slice(found[0].length) } : null;
}

/** Reads the amount that a line starts with; null when it starts with none. */
export function readAmount(line: string): Amount | null {
  // "Pinch of salt": one of them.
  const about = line
    .trimStart()
    .replace(ABOUT, '')
    .replace(/^(?=(?:pinch|dash|handful|splash|knob|sprig|bunch|drizzle|tin|can|jar)\s+of\b)/i, '1 ');
  const filled = FILLED_FIRST.exec(about);
  const text = filled ? about.slice(filled[0].length) : about;
  const found = numberAt(text);
  if (!found) return null;
  const first = filled ? { ...found, rest: ` ${filled[1]} ${found.rest.trimStart()}` } : found;
  const between = RANGE.exec(first.rest);
  const second = between ? numberAt(first.rest.slice(between[0].length)) : null;
  if (!second || second.value <= first.value) return { amount: first.value, rest: first.rest.trimStart() };
  return {
    amount: (first.value + second.value) / 2,
    low: first.value,
    high: second.value,
    rest: second.rest.trimStart(),
  };
}
