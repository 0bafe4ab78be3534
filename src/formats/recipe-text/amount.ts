/** An amount at the head of a line. A range has its ends; its middle is the amount. */
export type Amount = {
  readonly amount: number;
  readonly low?: number;
  readonly high?: number;
  /** What follows the amount. */
  readonly rest: string;
};

const GLYPHS = new Map<string, string>(
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

const WORDS = new Map<string, number>(
  Object.entries({
    a: 1,
    an: 1,
    one: 1,
    two: 2,
    three: 3,
    four: 4,
    five: 5,
    six: 6,
    seven: 7,
    eight: 8,
    nine: 9,
    ten: 10,
    eleven: 11,
    twelve: 12,
    dozen: 12,
    half: 0.5,
    quarter: 0.25,
    third: 1 / 3,
  }),
);

/** Fractions as glyphs and thin spaces as one writes them on a keyboard; odd slashes and dashes as the plain ones. */
export const plainText = (text: string): string =>
  text
    .replace(
      /(\d)?\s?([¼½¾⅓⅔⅛⅜⅝⅞⅕⅙])/g,
      (_, whole: string | undefined, glyph: string) => `${whole ? `${whole} ` : ''}${GLYPHS.get(glyph)}`,
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
const FRACTION = /^(\d+)\s*\/\s*(\d+)/;
const MIXED = /^(\d+)(?:\s+|\s*(?:and|&|-)\s*)(\d+)\s*\/\s*(\d+)/i;
const DECIMAL = /^(\d{1,3}(?:,\d{3})+|\d+(?:[.,]\d+)?|[.,]\d+)/;
const WORD =
  /^(half a dozen|a couple of|a couple|a few|half an?|an? half|an? quarter|quarter of an?|an? third|third of an?|three quarters(?: of an?)?|two thirds(?: of an?)?|one and a half|two and a half|dozen|a dozen|[a-z]+)\b/i;
const PHRASES = new Map<string, number>(
  Object.entries({
    'half a dozen': 6,
    'a dozen': 12,
    'a couple': 2,
    'a couple of': 2,
    'half a': 0.5,
    'half an': 0.5,
    'a half': 0.5,
    'a quarter': 0.25,
    'quarter of a': 0.25,
    'a third': 1 / 3,
    'third of a': 1 / 3,
    'three quarters': 0.75,
    'three quarters of a': 0.75,
    'two thirds': 2 / 3,
    'two thirds of a': 2 / 3,
    'one and a half': 1.5,
    'two and a half': 2.5,
  }),
);
const RANGE = /^\s*(?:-|to|or)\s*(?=[\d.,]|one|two|three|four|five|six)/i;

type Read = { readonly value: number; readonly rest: string };

/** One number, however it is written; null when the text does not start with one. */
function numberAt(text: string): Read | null {
  const mixed = MIXED.exec(text);
  if (mixed && Number(mixed[3]) > 0)
    return { value: Number(mixed[1]) + Number(mixed[2]) / Number(mixed[3]), rest: text.slice(mixed[0].length) };
  const fraction = FRACTION.exec(text);
  if (fraction && Number(fraction[2]) > 0)
    return { value: Number(fraction[1]) / Number(fraction[2]), rest: text.slice(fraction[0].length) };
  const decimal = DECIMAL.exec(text);
  if (decimal) return { value: decimalOf(decimal[1]), rest: text.slice(decimal[0].length) };
  const word = WORD.exec(text);
  if (!word) return null;
  const key = word[0].toLowerCase();
  const value = PHRASES.get(key) ?? WORDS.get(key);
  return value === undefined ? null : { value, rest: text.slice(word[0].length) };
}

/** "1,000" is a thousand; "2,5" is two and a half, as half of Europe writes it. */
const decimalOf = (text: string): number =>
  /^\d{1,3}(,\d{3})+$/.test(text) ? Number(text.replace(/,/g, '')) : Number(text.replace(',', '.'));

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
