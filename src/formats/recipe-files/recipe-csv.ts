import Papa from 'papaparse';
import { pathFrom, type BatchDocument } from '@/core/document';
import { fail, type Result } from '@/core/failure';
import { checkBatch } from '../read-batch';

/**
 * A recipe as a table that a spreadsheet can show: one row an ingredient, a step, or a setting. Whatever has no column
 * of its own is a setting with its path, so that nothing is lost.
 */
type Row = {
  readonly kind: 'ingredient' | 'step' | 'setting';
  readonly name: string;
  readonly amount: string;
  readonly unit: string;
  readonly note: string;
};

const COLUMNS = ['kind', 'name', 'amount', 'unit', 'note'] as const;
type Leaf = readonly [path: string, value: unknown];

/** Every value of a document with its path, in the words of the batch file: shape.cutter.length_mm. */
function leavesOf(value: unknown, path: string): Leaf[] {
  if (Array.isArray(value) && value.length > 0) return value.flatMap((inside, i) => leavesOf(inside, `${path}[${i}]`));
  if (typeof value === 'object' && value !== null && !Array.isArray(value) && Object.keys(value).length > 0)
    return Object.entries(value).flatMap(([key, inside]) => leavesOf(inside, path === '' ? key : `${path}.${key}`));
  return value === undefined ? [] : [[path, value]];
}

/** Spreadsheet programs take a file without it for another alphabet. */
const BOM = '\uFEFF';

const INGREDIENT = /^recipe\.ingredients\[(\d+)\]\.(ingredient|amount|unit|note)$/;
const STEP = /^recipe\.steps\[(\d+)\]\.(text|minutes|tool)$/;

/** Writes a batch document as CSV, as RFC 4180 readers expect it: CRLF line ends, and a mark that it is UTF-8. */
export function toRecipeCsv(document: BatchDocument): string {
  const { ingredients, steps = [] } = document.recipe;
  const rows: Row[] = [
    ...ingredients.map(({ ingredient, amount, unit, note = '' }): Row => ({
      kind: 'ingredient',
      name: ingredient,
      amount: String(amount),
      unit,
      note,
    })),
    ...steps.map(({ text, minutes, tool = '' }): Row => ({
      kind: 'step',
      name: text,
      amount: minutes === undefined ? '' : String(minutes),
      unit: minutes === undefined ? '' : 'min',
      note: tool,
    })),
    ...leavesOf(document, '')
      .filter(([path]) => !INGREDIENT.test(path) && !STEP.test(path))
      .map(([path, value]): Row => ({ kind: 'setting', name: path, amount: JSON.stringify(value), unit: '', note: '' })),
  ];
  // A cell that begins like a formula would be run by a spreadsheet.
  return BOM + Papa.unparse(rows, { columns: [...COLUMNS], escapeFormulae: true, newline: '\r\n' }) + '\r\n';
}

const unescaped = (cell: string): string => cell.replace(/^'(?=[=+\-@\t\r])/, '');

/** Reads a recipe table back, its heading row first; what it holds is checked like any batch file. */
export function fromRecipeRows([head, ...rows]: ReadonlyArray<readonly string[]>): Result<BatchDocument> {
  const places = COLUMNS.map((column) => head.findIndex((cell) => cell.toLowerCase() === column));
  const document: Record<string, unknown> = {};
  let [ingredients, steps] = [0, 0];
  for (const [index, cells] of rows.entries()) {
    const at = `row ${index + 2}`;
    const row = Object.fromEntries(COLUMNS.map((column, i) => [column, unescaped((cells[places[i]] ?? '').trim())])) as Record<
      (typeof COLUMNS)[number],
      string
    >;
    if (row.kind === 'ingredient') {
      const here = `recipe.ingredients[${ingredients++}]`;
      put(document, `${here}.ingredient`, row.name);
      put(document, `${here}.amount`, numberIn(row.amount));
      put(document, `${here}.unit`, row.unit);
      if (row.note !== '') put(document, `${here}.note`, row.note);
    } else if (row.kind === 'step') {
      const here = `recipe.steps[${steps++}]`;
      put(document, `${here}.text`, row.name);
      if (row.amount !== '') put(document, `${here}.minutes`, numberIn(row.amount));
      if (row.note !== '') put(document, `${here}.tool`, row.note);
    } else if (row.kind === 'setting') {
      const value = literal(row.amount);
      if (pathFrom(row.name).some((key) => FORBIDDEN.has(String(key))))
        return fail('UNKNOWN_KEY', `There is no setting "${row.name}". Take the row out.`, at);
      if (value === undefined || !PATH.test(row.name))
        return fail('BAD_VALUE', `The setting "${row.name}" cannot be read. Write it as it was exported.`, at);
      put(document, row.name, value);
    } else return fail('BAD_VALUE', `"${row.kind}" is no kind of row. Use ingredient, step or setting.`, at);
  }
  return checkBatch(document);
}

const PATH = /^[a-z][a-z0-9_]*(\.[a-z][a-z0-9_]*|\[\d{1,3}\])*$/i;
const FORBIDDEN = new Set(['__proto__', 'constructor', 'prototype']);

/** A number as a spreadsheet gives it back: with a comma in half of Europe. */
const numberIn = (text: string): number => (text === '' ? NaN : Number(text.replace(',', '.')));

/** A value as it was written, or as a spreadsheet program gives it back: TRUE, a bare text, a number with a comma. */
function literal(text: string): unknown {
  if (/^(?:true|false)$/i.test(text)) return text.toLowerCase() === 'true';
  if (/^-?\d+,\d+$/.test(text)) return Number(text.replace(',', '.'));
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

/** Puts a value at a path, making what is missing on its way. */
function put(document: Record<string, unknown>, path: string, value: unknown): void {
  const keys = pathFrom(path).map(String);
  let here: Record<string, unknown> = document;
  for (const [i, key] of keys.entries()) {
    if (i === keys.length - 1) here[key] = value;
    else here = (here[key] ??= /^\d+$/.test(keys[i + 1]) ? [] : {}) as Record<string, unknown>;
  }
}
