import type { BatchDocument } from '@/core/document';
import { fail, succeed, type Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import { fromRecipeRows } from '../../recipe-files';
import { partOf, sortLines, sortList, type SortedItem, type SortedText } from '../../recipe-text';
import type { Rows } from './rows-of';

/** What a table holds: a recipe that we wrote ourselves, or somebody's list. */
export type ReadSheet =
  | { readonly kind: 'document'; readonly document: BatchDocument }
  | { readonly kind: 'sorted'; readonly sorted: SortedText };

/** Headings of columns, in whatever words a baker gives them. */
const COLUMNS = {
  ingredient: /^(?:ingredients?|item|what|name|product|zutat)$/i,
  amount: /^(?:amount|quantity|qty|how much|weight|menge|number|grams?|g)$/i,
  unit: /^(?:units?|measure|uom|einheit)$/i,
  part: /^(?:part|section|group|for|component)$/i,
  note: /^(?:notes?|preparation|prep|comment|remarks?)$/i,
  step: /^(?:steps?|method|instructions?|directions?|procedure)$/i,
} as const;
type Column = keyof typeof COLUMNS;

/** Longest name of an ingredient [words]. Source: ours. */
const LONGEST_INGREDIENT = 8;

/** True where one of the first rows heads a list of ingredients or our own table. */
export const looksLikeSheet = (rows: Rows): boolean => rows.slice(0, FIRST_ROWS).some(isHead);
/** A title and a remark may stand above the headings. */
const FIRST_ROWS = 6;

const isHead = (head: readonly string[]): boolean =>
  isOwn(head) ||
  (head.length > 1 && head.some((cell) => COLUMNS.ingredient.test(cell)) && head.some((cell) => COLUMNS.amount.test(cell)));

const isOwn = (head: readonly string[]): boolean =>
  head
    .slice(0, 4)
    .map((cell) => cell.toLowerCase())
    .join() === 'kind,name,amount,unit';

/** Reads a table: our own, or one with a column for the ingredient and one for the amount. What cannot be read names its row. */
export function readSheet(rows: Rows, pantry: Pantry): Result<ReadSheet> {
  const at = rows.findIndex(isHead);
  if (at === -1)
    return fail(
      'BAD_VALUE',
      'This table has no heading row with an ingredient and an amount. Head its columns "Ingredient", "Amount" and "Unit".',
      'row 1',
    );
  const head = rows[at];
  if (isOwn(head)) {
    const document = fromRecipeRows(rows.slice(at));
    return document.ok ? succeed({ kind: 'document', document: document.value }) : document;
  }
  const column = (name: Column): number => head.findIndex((cell) => COLUMNS[name].test(cell));
  const columns = Object.fromEntries((Object.keys(COLUMNS) as Column[]).map((name) => [name, column(name)])) as Record<
    Column,
    number
  >;
  const inGrams = /^(?:grams?|g)$/i.test(head[columns.amount]);
  const items: SortedItem[] = [];
  const steps: string[] = [];
  const beside: string[] = [];
  for (const [i, row] of rows.slice(at + 1).entries()) {
    const cell = (name: Column): string => (columns[name] === -1 ? '' : (row[columns[name]] ?? '').trim());
    const [name, amount] = [cell('ingredient'), cell('amount')];
    if (cell('step') !== '') steps.push(cell('step'));
    if (row.every((one) => /^[-:=\s]*$/.test(one))) continue;
    // Words beside the table: how it is baked, remarks.
    if ((name === '' && amount === '') || (name.split(/\s+/).length > LONGEST_INGREDIENT && !/\d/.test(amount))) {
      if (cell('step') === '') beside.push(row.filter((one) => one !== '').join(', '));
      continue;
    }
    if (name === '')
      return fail('MISSING_VALUE', `Row ${at + i + 2} has an amount and no ingredient. Name it.`, `row ${at + i + 2}`);
    if (/^total\b/i.test(name)) continue;
    const words = [amount, cell('unit') || (inGrams && amount !== '' ? 'g' : ''), name].filter(Boolean).join(' ');
    const line = cell('note') === '' ? words : `${words}, ${cell('note')}`;
    const part = cell('part') === '' ? null : partOf(cell('part'));
    items.push(...(amount === '' && part === null ? sortList([line], pantry) : [{ text: line, part }]));
  }
  if (items.length === 0) return fail('MISSING_VALUE', 'This table has headings and no ingredients under them.', `row ${at + 2}`);
  const title =
    rows
      .slice(0, at)
      .flat()
      .find((cell) => cell !== '') ?? '';
  const more = sortLines(`Method\n${beside.join('\n')}`, pantry);
  return succeed({ kind: 'sorted', sorted: { name: title, items, steps: [...steps, ...more.steps], said: more.said } });
}
