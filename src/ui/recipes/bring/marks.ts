import type { ReadRecipe } from '@/formats/recipe-text';

/** What the words of a recipe became. */
export type MarkKind = 'danger' | 'amount' | 'part' | 'shape' | 'heat' | 'makes' | 'keeps';
export type Mark = { readonly start: number; readonly end: number; readonly kind: MarkKind };

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`);
/** Words as they may be broken over lines. */
const loosely = (words: string): string => escaped(words.trim()).replace(/\s+/g, String.raw`\s+`);

/** An amount at the head of a line, with its measure. */
const AMOUNT =
  /^(?:[\d\s.,/½¼¾⅓⅔⅛–-]+|(?:a|an|one|two|three|half a)\s)(?:\s*(?:to|x)\s*[\d.,/½¼¾⅓⅔]+\s*)?(?:kg|g|grams?|ml|l|cups?|c\.|tbsp\.?|tsp\.?|tablespoons?|teaspoons?|oz|lbs?|pounds?|tins?|cans?|sticks?|dl)?(?![a-z])/i;

/**
 * Which words of a text became what, for showing them. Words that cannot be found again are not marked.
 *
 * @returns marks in order, none inside another; a danger counts before anything else
 */
export function marksOf(text: string, { ingredients, parts, programme, shape, makes, stores, cautions }: ReadRecipe): Mark[] {
  const marks: Mark[] = [];
  const put = (start: number, end: number, kind: MarkKind): void => {
    if (end > start && marks.every((other) => end <= other.start || start >= other.end)) marks.push({ start, end, kind });
  };
  const find = (words: string, from = 0): { start: number; end: number } | null => {
    if (words.trim() === '') return null;
    const found = new RegExp(loosely(words), 'i').exec(text.slice(from));
    return found ? { start: from + found.index, end: from + found.index + found[0].length } : null;
  };
  for (const { line, words } of cautions) {
    const place = find(line);
    const inside = place ? text.slice(place.start, place.end).toLowerCase().indexOf(words.toLowerCase()) : -1;
    if (place && inside !== -1) put(place.start + inside, place.start + inside + words.length, 'danger');
  }
  for (const { line } of ingredients) {
    const place = find(line);
    const amount = place ? AMOUNT.exec(text.slice(place.start, place.end)) : null;
    if (place && amount) put(place.start, place.start + amount[0].trimEnd().length, 'amount');
  }
  for (const { name } of parts) {
    const heading = new RegExp(
      String.raw`^(?:ingredients )?(?:for (?:the )?)?${loosely(name)}[:\s]*$|${loosely(name)}(?=:)`,
      'im',
    ).exec(text);
    if (heading) put(heading.index, heading.index + heading[0].trimEnd().length, 'part');
  }
  const said: ReadonlyArray<readonly [words: readonly string[], kind: MarkKind]> = [
    [makes ? [makes.from] : [], 'makes'],
    [stores.map(({ from }) => from), 'keeps'],
    [programme?.from ?? [], 'heat'],
    [shape?.from ?? [], 'shape'],
  ];
  for (const [all, kind] of said)
    for (const words of all) {
      const place = find(words);
      if (place) put(place.start, place.end, kind);
    }
  return marks.sort((a, b) => a.start - b.start);
}
