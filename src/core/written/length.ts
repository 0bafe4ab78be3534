import { FIGURE, NUMBER, TO, numberOf, type Span } from './number';

const MM_PER = { mm: 1, cm: 10, m: 1000, in: 25.4 } as const;
export type LengthUnit = keyof typeof MM_PER;
const UNIT = String.raw`(?:millimet(?:er|re)s?|mm|centimet(?:er|re)s?|cms?|inch(?:es)?|in\.?(?=\s*(?:thick|x\b|×|round|square|$|[.,;)]|wide|long|cubes?|cutter|circles?|pan|pieces|rounds|squares|across))|"|”|″|'')`;

const unitOf = (written: string): LengthUnit =>
  /^(?:mm|milli)/i.test(written) ? 'mm' : /^(?:cm|centi)/i.test(written) ? 'cm' : 'in';

/** A length in a text [mm]; `by` when it is one side of two or three: "9 x 13 inch". */
export type LengthSpan = Span & { readonly by: readonly number[] };

const LENGTH = new RegExp(
  String.raw`(${NUMBER})(?:${TO}(${NUMBER}))?(?:\s*-?\s*(${UNIT}))?(?:\s*(?:x|×|by)\s*(${FIGURE})(?:\s*-?\s*(${UNIT}))?)?(?:\s*(?:x|×|by)\s*(${FIGURE})(?:\s*-?\s*(${UNIT}))?)?(?:\s*-?\s*(${UNIT}))?`,
  'gi',
);
/** "half an inch", "quarter inch". */
const WORDED = /\b(half|quarter|three[- ]quarter)(?: an?|[- ]| of an)? ?inch(?:es)?\b/gi;
const WORD_VALUES = { half: 0.5, quarter: 0.25, 'three-quarter': 0.75, 'three quarter': 0.75 } as const;

/**
 * Finds every length in a text.
 *
 * @returns spans in millimetres; sides of a rectangle without a unit of their own have the unit of the others
 */
export function findLengths(text: string): LengthSpan[] {
  const found: LengthSpan[] = [...text.matchAll(WORDED)].map((match) => {
    const value = WORD_VALUES[match[1].toLowerCase() as keyof typeof WORD_VALUES] * MM_PER.in;
    return { low: value, high: value, by: [value], start: match.index, end: match.index + match[0].length };
  });
  for (const match of text.matchAll(LENGTH)) {
    const [, first, to, unit1, second, unit2, third, unit3, last] = match as unknown as Array<string | undefined>;
    const written = unit1 ?? unit2 ?? unit3 ?? last;
    if (first === undefined || written === undefined) continue;
    const [start, end] = [match.index, match.index + match[0].length];
    if (found.some((other) => start < other.end && end > other.start)) continue;
    const one = (value: string, own: string | undefined): number =>
      numberOf(value) * MM_PER[unitOf(own ?? last ?? unit3 ?? unit2 ?? written)];
    const low = one(first, unit1);
    const high = to === undefined ? low : one(to, unit1);
    const by = [low, ...(second === undefined ? [] : [one(second, unit2)]), ...(third === undefined ? [] : [one(third, unit3)])];
    found.push({ low: Math.min(low, high), high, by, start, end: start + match[0].trimEnd().length });
  }
  return found.sort((a, b) => a.start - b.start);
}
