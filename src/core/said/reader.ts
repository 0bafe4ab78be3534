/** The choices that a reader has, the usual one first. */
export const READINGS = {
  /** Dials and everything else that is warm; a gas mark stands only on an oven's dial. */
  heat: ['c', 'f', 'gas'],
  length: ['mm', 'in'],
  mass: ['g', 'oz'],
  clock: ['24', '12'],
  date: ['day-first', 'month-first', 'year-first'],
  week: ['monday', 'sunday', 'saturday'],
  /** Whether a key alone does something: who speaks to the machine, or leans on it, wants none. */
  keys: ['alone', 'none'],
} as const;

/** In what somebody reads numbers, and how they work a page. Documents hold canonical units; this is for the eye alone. */
export type Reader = { readonly [K in keyof typeof READINGS]: (typeof READINGS)[K][number] };

/** Degrees Celsius, millimetres, grams, 24 hours. */
export const METRIC_READER: Reader = {
  heat: 'c',
  length: 'mm',
  mass: 'g',
  clock: '24',
  date: 'day-first',
  week: 'monday',
  keys: 'alone',
};
/** Degrees Fahrenheit, inches, ounces, a.m. and p.m. */
export const US_READER: Reader = {
  heat: 'f',
  length: 'in',
  mass: 'oz',
  clock: '12',
  date: 'month-first',
  week: 'sunday',
  keys: 'alone',
};

/** In what somebody reads who measures so, until they say otherwise. */
export const usualReader = (measures: 'us' | 'metric' | 'imperial'): Reader => (measures === 'us' ? US_READER : METRIC_READER);

const KEYS = Object.keys(READINGS) as ReadonlyArray<keyof Reader>;

/** A reader in one word, as a page carries it: "c mm g 24 day-first monday alone". */
export const readerWord = (reader: Reader): string => KEYS.map((key) => reader[key]).join(' ');

/** What was written by `readerWord`; what is not known there is read as metric kitchens do. */
export function readerOf(word: string): Reader {
  const parts = word.split(' ');
  const known = KEYS.map((key, i) => [key, READINGS[key].find((one) => one === parts[i]) ?? METRIC_READER[key]]);
  return Object.fromEntries(known) as Reader;
}
