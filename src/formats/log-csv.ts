import Papa from 'papaparse';
import { fail, succeed, type Result } from '@/core/failure';

/** What one batch gives to the table: predicted beside measured, plain values. */
export type LogLine = Readonly<Record<string, string | number | null>>;

/** Lines of the log as a table for a spreadsheet; the first ones under the names of their columns. */
export const toLogCsv = (lines: readonly LogLine[], header = true): string =>
  `${Papa.unparse([...lines], { escapeFormulae: true, newline: '\n', header })}\n`;

/** Numbers that are read back in, by column. */
export const LOG_NUMBERS = ['pieces', 'tray_g', 'before_g', 'after_g', 'minutes', 'thickness_mm'] as const;

/** One line read back: which batch, and what was measured of it. */
export type ReadLine = {
  readonly line: number;
  /** Its id, or nothing where the table has only names. */
  readonly batch: string;
  readonly name: string;
  readonly baked_on: string;
  readonly numbers: Readonly<Partial<Record<(typeof LOG_NUMBERS)[number], number>>>;
  readonly texture: string | null;
  readonly colour: string | null;
  readonly note: string | null;
};

const MOST_LINES = 2000;

/**
 * Reads measurements from a table with a line of column names; columns it does not know are left alone.
 *
 * @returns every line, or BAD_VALUE with the first that cannot be read
 */
export function readLogCsv(text: string): Result<readonly ReadLine[]> {
  const { data, meta } = Papa.parse<Record<string, string>>(text.trim(), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim().toLowerCase(),
  });
  const columns = meta.fields ?? [];
  if (!columns.includes('batch') && !columns.includes('name'))
    return fail(
      'BAD_VALUE',
      'The first line must name the columns: "batch" or "name", then what was measured. Export the log to see them.',
      'csv',
    );
  if (data.length > MOST_LINES)
    return fail('TOO_LARGE', `A table of more than ${MOST_LINES} lines is too long. Split it.`, 'csv');
  const lines: ReadLine[] = [];
  for (const [i, row] of data.entries()) {
    const numbers: Record<string, number> = {};
    for (const column of LOG_NUMBERS) {
      const cell = (row[column] ?? '').trim().replace(',', '.');
      if (cell === '') continue;
      if (!Number.isFinite(Number(cell)))
        return fail('BAD_VALUE', `Line ${i + 2}: "${row[column]}" in ${column} is not a number.`, `csv[${i}]`);
      numbers[column] = Number(cell);
    }
    const word = (column: string): string | null => (row[column] ?? '').trim() || null;
    lines.push({
      line: i + 2,
      batch: word('batch') ?? '',
      // Spreadsheets are kept from reading a name as a formula by a quote before it.
      name: (word('name') ?? '').replace(/^'(?=[=+\-@])/, ''),
      baked_on: word('baked_on') ?? '',
      numbers,
      texture: word('texture'),
      colour: word('colour'),
      note: word('note'),
    });
  }
  return succeed(lines);
}
