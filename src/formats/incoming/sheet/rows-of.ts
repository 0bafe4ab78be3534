import Papa from 'papaparse';
import { read as readWorkbook, utils } from '@e965/xlsx';
import { fail, succeed, type Result } from '@/core/failure';

/** A table as rows of cells, all text. */
export type Rows = ReadonlyArray<readonly string[]>;

/** Rows of comma-, semicolon- or tab-separated text. Quotes are kept as spreadsheets write them. */
export function rowsOfText(text: string): Result<Rows> {
  const plain = text.replace(/^\uFEFF/, '');
  const { data, errors } = Papa.parse<string[]>(plain, { skipEmptyLines: 'greedy', delimiter: delimiterOf(plain) });
  const unreadable = errors.find(({ type }) => type === 'Quotes');
  if (unreadable)
    return fail(
      'BAD_VALUE',
      `Row ${(unreadable.row ?? 0) + 1} cannot be read: ${unreadable.message}.`,
      `row ${(unreadable.row ?? 0) + 1}`,
    );
  return succeed(data.map((row) => row.map((cell) => cell.trim())));
}

/** The mark that parts the first lines most often; a title may stand above the headings. */
function delimiterOf(text: string): string {
  const head = text.split('\n', FIRST_LINES).join('\n');
  const times = (mark: string): number => head.split(mark).length;
  return ['\t', ';', ',', '|'].reduce((best, mark) => (times(mark) > times(best) ? mark : best));
}

const FIRST_LINES = 5;

/** Rows of the first sheet of a workbook (.xlsx or .ods) that holds any. */
export function rowsOfWorkbook(bytes: Uint8Array): Result<Rows> {
  try {
    const book = readWorkbook(bytes, { type: 'array', cellDates: false });
    for (const name of book.SheetNames) {
      const rows = utils.sheet_to_json<unknown[]>(book.Sheets[name], { header: 1, raw: true, defval: '', blankrows: false });
      const cells = rows.map((row) => row.map(cellText));
      if (cells.some((row) => row.some((cell) => cell !== ''))) return succeed(cells);
    }
  } catch {
    return fail('BAD_VALUE', 'This spreadsheet cannot be opened. Save it again as .xlsx, .ods or .csv.');
  }
  return fail('MISSING_VALUE', 'This spreadsheet is empty. Write an ingredient, its amount and its unit in each row.');
}

/** A cell as it is typed: whole and broken numbers without what a computer adds to them. */
const cellText = (cell: unknown): string =>
  typeof cell === 'number'
    ? String(Number(cell.toPrecision(12)))
    : typeof cell === 'boolean'
      ? cell
        ? 'TRUE'
        : 'FALSE'
      : typeof cell === 'string'
        ? cell.trim()
        : '';
