import { findDurations, middle } from '@/core/written';

/** How long a recipe says it keeps in a place, with its words. */
export type ReadStore = {
  readonly store: 'room' | 'fridge' | 'freezer';
  readonly days: number;
  readonly from: string;
};

const A_DAY_MIN = 1440;
const KEEPING =
  /\b(?:keep|kept|keeps|store|stored|storage|stores|last|lasts|use (?:up )?(?:within|by|in)|eat (?:within|in|up)|serve within|consume|refrigerate[ds]?|fridge|freeze[rs]?|frozen|airtight|air-tight|good for|shelf life|best (?:within|before)|up to|jar|tin|container|pantry|cupboard|stay fresh|fresh for)\b/i;
const FREEZER = /\b(?:freez\w*|frozen)\b/i;
const FRIDGE = /\b(?:fridge|refrigerat\w+|chilled|chiller|cool box|cold)\b/i;
const ROOM = /\b(?:tin|jar|room temperature|cupboard|pantry|bag|box|container|airtight|counter|dry place)\b/i;

/** Reads how long it is said to keep, in each place. */
export function readStores(texts: readonly string[], sentencesOf: (text: string) => string[]): ReadStore[] {
  const found: ReadStore[] = [];
  for (const sentence of texts.flatMap(sentencesOf).flatMap((text) => text.split(/\s+\|\s+|\s+-\s+(?=[A-Z])/))) {
    if (!KEEPING.test(sentence)) continue;
    const spans = findDurations(sentence).filter(({ low, start, end }) => low >= A_DAY_MIN && isKeeping(sentence, start, end));
    for (const [i, span] of spans.entries()) {
      // Words of a place count for the time they stand nearest to: after the last time, before the next.
      const from = i === 0 ? 0 : spans[i - 1].end;
      const to = spans[i + 1]?.start ?? sentence.length;
      const store = placeOf(sentence.slice(from, span.start), sentence.slice(span.end, to), sentence);
      const days = Math.round((middle(span) / A_DAY_MIN) * 10) / 10;
      if (!found.some((other) => other.store === store && other.days === days))
        found.push({ store, days, from: sentence.trim() });
    }
  }
  return found;
}

/** A time that it keeps, not how often or how old something is. */
const isKeeping = (text: string, start: number, end: number): boolean =>
  !/\b(?:once|twice|per|every|each|times)\s*(?:a\s*)?$/i.test(text.slice(0, start)) &&
  !/\b(?:won't|don't|do not|will not|cannot|can't) (?:use|eat|need)\b/i.test(text.slice(0, start)) &&
  !/^[- ]?old\b|^\s*(?:in advance|before|ahead|ago)\b/i.test(text.slice(end)) &&
  /day|week|wk|fortnight|month|mth|\bmos?\b|year|yr/i.test(text.slice(start, end));

function placeOf(before: string, after: string, sentence: string): ReadStore['store'] {
  const own = placeIn(beforeNext(after)) ?? placeIn(before);
  return own ?? placeIn(sentence) ?? 'room';
}
/** What stands behind a time up to where the next place begins: "3 days in the fridge, freezer 3 months". */
const beforeNext = (after: string): string => after.split(/,|;|\bor\b|\band\b/)[0] ?? '';

function placeIn(words: string): ReadStore['store'] | null {
  if (FREEZER.test(words)) return 'freezer';
  if (FRIDGE.test(words)) return 'fridge';
  return ROOM.test(words) ? 'room' : null;
}
