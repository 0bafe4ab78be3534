const GLYPHS = new Map<string, number>(
  Object.entries({
    '¼': 1 / 4,
    '½': 1 / 2,
    '¾': 3 / 4,
    '⅓': 1 / 3,
    '⅔': 2 / 3,
    '⅛': 1 / 8,
    '⅜': 3 / 8,
    '⅝': 5 / 8,
    '⅞': 7 / 8,
    '⅕': 1 / 5,
    '⅙': 1 / 6,
  }),
);
const GLYPH = `[${[...GLYPHS.keys()].join('')}]`;
const SLASH = String.raw`\s*[/⁄∕]\s*`;
const FIGURES = String.raw`\d{1,3}(?:,\d{3})+(?![\d])|\d+(?:[.,]\d+)?|[.,]\d+`;

/** Source of a pattern for one number in figures: 12, 1,5, 1,000, 1/2, 1 1/2, 1-1/2, 2½. No group of its own. */
export const FIGURE = String.raw`(?:\d+(?:\s+|\s*-\s*|\s+and\s+|\s*&\s*)\d+${SLASH}\d+|\d+\s*${GLYPH}|${GLYPH}|\d+${SLASH}\d+|${FIGURES})`;

const WORDS = new Map<string, number>(
  Object.entries({
    'three quarters of an': 3 / 4,
    'three quarters of a': 3 / 4,
    'three quarters': 3 / 4,
    'two thirds of a': 2 / 3,
    'two thirds': 2 / 3,
    'a quarter of an': 1 / 4,
    'a quarter of a': 1 / 4,
    'quarter of an': 1 / 4,
    'quarter of a': 1 / 4,
    'third of a': 1 / 3,
    'half of a': 1 / 2,
    'one and a half': 1.5,
    'two and a half': 2.5,
    'half a dozen': 6,
    'a dozen': 12,
    dozen: 12,
    quarter: 1 / 4,
    third: 1 / 3,
    'two thirds of an': 2 / 3,
    'third of an': 1 / 3,
    'a couple of': 2,
    'a couple': 2,
    'a third': 1 / 3,
    'a quarter': 1 / 4,
    'a half': 1 / 2,
    'half an': 1 / 2,
    'half a': 1 / 2,
    half: 1 / 2,
    another: 1,
    an: 1,
    a: 1,
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
    fifteen: 15,
    sixteen: 16,
    eighteen: 18,
    twenty: 20,
    'twenty-five': 25,
    thirty: 30,
    forty: 40,
    'forty-five': 45,
    fifty: 50,
    sixty: 60,
  }),
);
/** Source of a pattern for a number in words; longer phrases first. */
export const NUMBER_WORD = `(?:${[...WORDS.keys()].sort((a, b) => b.length - a.length).join('|')})`;

/** Source of a pattern for a number in figures or words. */
export const NUMBER = String.raw`(?:${FIGURE}|\b${NUMBER_WORD}\b)`;
/** Source of a pattern for "to" between two numbers. */
export const TO = String.raw`\s*(?:-|–|—|to|or|and)\s*`;

/** "1,000" is a thousand; "2,5" is two and a half, as half of Europe writes it. */
const decimal = (text: string): number =>
  /^\d{1,3}(,\d{3})+$/.test(text) ? Number(text.replace(/,/g, '')) : Number(text.replace(',', '.'));

/**
 * The value of what the patterns of this file match.
 *
 * @returns NaN for what is no number
 * @example numberOf('1 1/2') // 1.5
 * @example numberOf('2½') // 2.5
 * @example numberOf('half an') // 0.5
 */
export function numberOf(written: string): number {
  const text = written.trim().toLowerCase();
  const word = WORDS.get(text.replace(/\s+/g, ' '));
  if (word !== undefined) return word;
  const glyph = [...text].find((letter) => GLYPHS.has(letter));
  if (glyph !== undefined) return decimalOrNought(text.replace(glyph, '')) + (GLYPHS.get(glyph) ?? 0);
  const fraction = /^(?:(\d+)(?:\s+|\s*-\s*|\s+and\s+|\s*&\s*))?(\d+)\s*[/⁄∕]\s*(\d+)$/.exec(text);
  if (fraction) return Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3]);
  return text === '' ? NaN : decimal(text);
}

const decimalOrNought = (text: string): number => (text.trim() === '' ? 0 : decimal(text.trim().replace(/[-&]$/, '')));

/** Something found in a text: the least and the most it says, and its place. */
export type Span = {
  readonly low: number;
  readonly high: number;
  readonly start: number;
  readonly end: number;
};

/** The middle of what a span says. */
export const middle = ({ low, high }: Pick<Span, 'low' | 'high'>): number => (low + high) / 2;
