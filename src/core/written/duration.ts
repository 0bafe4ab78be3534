import { A_DAY_MIN } from '../quantities';
import { NUMBER, TO, numberOf, type Span } from './number';

const HOUR_MIN = 60;
const WEEK_MIN = 7 * A_DAY_MIN;
/** Kitchens count a month as thirty days. */
const MONTH_MIN = 30 * A_DAY_MIN;
const YEAR_MIN = 365 * A_DAY_MIN;

/** What one of a unit lasts [min], by the pattern of its name. */
const UNITS: ReadonlyArray<readonly [pattern: RegExp, minutes: number]> = [
  [/^s(?:ec(?:ond)?s?)?\.?$/, 1 / 60],
  [/^m(?:in(?:ute)?s?)?\.?$/, 1],
  [/^h(?:(?:ou)?rs?)?\.?$/, HOUR_MIN],
  [/^d(?:ays?)?$/, A_DAY_MIN],
  [/^w(?:ee)?ks?$/, WEEK_MIN],
  [/^fortnights?$/, 2 * WEEK_MIN],
  [/^(?:mo(?:nth)?s?|mths?)\.?$/, MONTH_MIN],
  [/^y(?:ea)?rs?$/, YEAR_MIN],
];
const UNIT = String.raw`(?:seconds?|secs?|minutes?|mins?|min\.?|hours?|hrs?|hr\.?|h|days?|weeks?|wks?|fortnights?|months?|mths?|mos?\.?|years?|yrs?|yr)(?![a-z])`;
const lasts = (unit: string): number => UNITS.find(([pattern]) => pattern.test(unit.toLowerCase()))?.[1] ?? NaN;

const NIGHT = String.raw`\b(?:overnight|over night|all night|(?:for|through) (?:the|a) night|(?:un)?till? (?:the )?(?:next )?morning)\b`;
/** How long a night in the oven or freezer is [min]. Source: ours. */
const A_NIGHT_MIN = { low: 8 * HOUR_MIN, high: 12 * HOUR_MIN } as const;

/** "1 h 30", "1 hour and 20 minutes", "an hour and a half", "30-35 min", "2 to 2½ hours", "half an hour", "overnight". */
const DURATION = new RegExp(
  String.raw`${NIGHT}|(${NUMBER})(?:${TO}(${NUMBER}))?\s*-?\s*(?:more |further |extra |additional )?(${UNIT})` +
    String.raw`(?:(?:\s*,?\s*(?:and\s+)?)(a half|a quarter|(?:\d+(?![\d.,]*\s*(?:°|º|c\b|f\b|cm|mm|g\b|ml)))(?=\s*(?:minutes?|mins?|min\.?|m)(?![a-z])|\s*(?:$|[,.;)+]|then\b|at\b)))(?:\s*(minutes?|mins?|min\.?|m)(?![a-z]))?)?`,
  'gi',
);

/**
 * Finds every length of time in a text.
 *
 * @returns spans in minutes; a single value has its ends alike, "overnight" is 8 to 12 hours
 */
export function findDurations(text: string): Span[] {
  const found: Span[] = [];
  for (const match of text.matchAll(DURATION)) {
    const [words, first, second, unit, more, moreUnit] = match as unknown as Array<string | undefined>;
    const [start, end] = [match.index, match.index + match[0].length];
    if (first === undefined || unit === undefined) {
      if (words) found.push({ ...A_NIGHT_MIN, start, end });
      continue;
    }
    const one = lasts(unit);
    const rest = moreOf(more, moreUnit, one);
    // "a" and "an" before a unit count one; a range needs its second end above the first.
    const low = numberOf(first) * one;
    const high = second === undefined ? low : numberOf(second) * one;
    const trimmed = rest === null ? start + withoutRest(match[0], more) : end;
    const ends = high >= low ? [low, high] : [high, high];
    found.push({ low: ends[0] + (rest ?? 0), high: ends[1] + (rest ?? 0), start, end: trimmed });
  }
  return found;
}

/** What follows the first unit [min]: "and a half" of it, or minutes after hours; null for a number that is something else. */
function moreOf(more: string | undefined, unit: string | undefined, one: number): number | null {
  if (more === undefined) return 0;
  if (more === 'a half') return one / 2;
  if (more === 'a quarter') return one / 4;
  if (one !== HOUR_MIN) return null;
  const minutes = Number(more);
  return unit !== undefined || minutes < HOUR_MIN ? minutes : null;
}

function withoutRest(words: string, more: string | undefined): number {
  const at = more === undefined ? -1 : words.lastIndexOf(more);
  return at === -1 ? words.length : words.slice(0, at).trimEnd().length;
}
