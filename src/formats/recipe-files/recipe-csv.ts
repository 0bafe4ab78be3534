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

const INGREDIENT = /^recipe\.ingredients\[(\d+)\]\.(ingredient|amount|unit|note)$/;
const STEP = /^recipe\.steps\[(\d+)\]\.(text|minutes|tool)$/;

/** Writes a batch document as CSV. */
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
  return Papa.unparse(rows, { columns: [...COLUMNS], escapeFormulae: true, newline: '\n' }) + '\n';
}

const unescaped = (cell: string): string => cell.replace(/^'(?=[=+\-@\t\r])/, '');

/** Reads a recipe table back; what it holds is checked like any batch file. */
export function fromRecipeCsv(text: string): Result<BatchDocument> {
  const { data, errors } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
  const unreadable = errors.find(({ type }) => type !== 'Delimiter');
  if (unreadable)
    return fail(
      'BAD_VALUE',
      `Row ${(unreadable.row ?? 0) + 2} cannot be read: ${unreadable.message}.`,
      `row ${(unreadable.row ?? 0) + 2}`,
    );
  const document: Record<string, unknown> = {};
  let [ingredients, steps] = [0, 0];
  for (const [index, raw] of data.entries()) {
    const at = `row ${index + 2}`;
    const row = Object.fromEntries(COLUMNS.map((column) => [column, unescaped((raw[column] ?? '').trim())])) as Record<
      (typeof COLUMNS)[number],
      string
    >;
    if (row.kind === 'ingredient') {
      const here = `recipe.ingredients[${ingredients++}]`;
      put(document, `${here}.ingredient`, row.name);
      put(document, `${here}.amount`, Number(row.amount === '' ? NaN : row.amount));
      put(document, `${here}.unit`, row.unit);
      if (row.note !== '') put(document, `${here}.note`, row.note);
    } else if (row.kind === 'step') {
      const here = `recipe.steps[${steps++}]`;
      put(document, `${here}.text`, row.name);
      if (row.amount !== '') put(document, `${here}.minutes`, Number(row.amount));
      if (row.note !== '') put(document, `${here}.tool`, row.note);
    } else if (row.kind === 'setting') {
      const value = literal(row.amount);
      if (value === undefined || !PATH.test(row.name))
        return fail('BAD_VALUE', `The setting "${row.name}" cannot be read. Write it as it was exported.`, at);
      put(document, row.name, value);
    } else return fail('BAD_VALUE', `"${row.kind}" is no kind of row. Use ingredient, step or setting.`, at);
  }
  return checkBatch(document);
}

const PATH = /^[a-z][a-z0-9_]*(\.[a-z][a-z0-9_]*|\[\d{1,3}\])*$/i;
const FORBIDDEN = new Set(['__proto__', 'constructor', 'prototype']);

function literal(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

/** Puts a value at a path, making what is missing on its way. */
function put(document: Record<string, unknown>, path: string, value: unknown): void {
  const keys = pathFrom(path).map(String);
  if (keys.some((key) => FORBIDDEN.has(key))) return;
  let here: Record<string, unknown> = document;
  for (const [i, key] of keys.entries()) {
    if (i === keys.length - 1) here[key] = value;
    else here = (here[key] ??= /^\d+$/.test(keys[i + 1]) ? [] : {}) as Record<string, unknown>;
  }
}
