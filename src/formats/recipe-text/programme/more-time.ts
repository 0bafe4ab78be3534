import { NUMBER, TO, numberOf, type Span } from '@/core/written';

const BARE = String.raw`(${NUMBER})(?:${TO}(${NUMBER}))?`;
/** What follows a time that is whole: nothing, a mark, or where, how hot and until when. */
const WHOLE = String.raw`(?=\s*(?:$|[,.;:)]|@|(?:at|in|on|until|till|or so|with the)\b))`;
/** "20 more", "another 10 to 15", "5-10 longer": a time that leaves its unit to the one before. */
const MORE = new RegExp(
  String.raw`\b(?:another|a further|for|after|after the first)\s+${BARE}${WHOLE}|${BARE}\s+(?:more|longer|extra|further)${WHOLE}`,
  'i',
);

/** So many hours on top of hours are still hours; more than that, and any number of these, are minutes. Source: ours. */
const TIMES_AS_LONG = 3;
const MOST_HOURS = 9;
const HOUR_MIN = 60;

/**
 * A time without a unit, said on top of another one.
 *
 * @param before - the time before it, in the words it was said in
 * @returns its span in minutes; null where none is said
 */
export function findMoreTime(text: string, before: { readonly span: Span; readonly words: string }): Span | null {
  const match = MORE.exec(text);
  if (!match) return null;
  const [, first, second, bare, bareSecond] = match as unknown as Array<string | undefined>;
  const low = numberOf(first ?? bare ?? '');
  const high = Math.max(low, numberOf(second ?? bareSecond ?? first ?? bare ?? ''));
  const inHours = /\d\s*-?\s*h|hour|hr\b/i.test(before.words);
  const stillHours = inHours && high <= MOST_HOURS && high * HOUR_MIN <= TIMES_AS_LONG * before.span.high;
  const unit_min = stillHours ? HOUR_MIN : 1;
  const start = match.index + match[0].indexOf(first ?? bare ?? '');
  return { low: low * unit_min, high: high * unit_min, start, end: match.index + match[0].length };
}
