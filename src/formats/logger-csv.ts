import Papa from 'papaparse';
import { fail, succeed, type Result } from '@/core/failure';
import { celsius } from '@/core/quantities';

/** One line of a temperature logger: when, and how warm. */
export type LoggedTemperature = {
  /** Milliseconds since 1970 where the file says a date, otherwise since its first line. */
  readonly at_ms: number;
  readonly dated: boolean;
  readonly temperature_c: number;
};

const MOST_LINES = 20_000;
const TIME_NAMES = /time|date|zeit|heure|elapsed|minute|second|^min$|^sec$|^s$|^t$/i;
const HEAT_NAMES = /temp|°|deg|core|air|probe|celsius|fahrenheit|^c$|^f$/i;
/** Said by the name of a column, or beside each reading. */
const FAHRENHEIT = /°\s*f\b|fahrenheit|\(f\)|_f$|^f$/i;
const IN_FAHRENHEIT = /f\s*$/i;

/**
 * Reads what a temperature logger wrote: a column of times (dates, clock times, or minutes or seconds since it began) and one
 * of temperatures, with or without a line of names, in commas, semicolons or tabs.
 *
 * @returns every line that could be read, or BAD_VALUE with the first line that could not
 */
export function readLoggerCsv(text: string): Result<readonly LoggedTemperature[]> {
  const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy', delimiter: delimiterOf(text) });
  if (data.length === 0) return fail('BAD_VALUE', 'There is nothing in this file.', 'csv');
  if (data.length > MOST_LINES)
    return fail('TOO_LARGE', `A log of more than ${MOST_LINES} lines is too long. Let the logger write once a minute.`, 'csv');
  const named = data[0].every((cell) => numberOf(cell) === null && timeOf(cell) === null);
  const columns = columnsOf(named ? data[0] : null, data[named ? 1 : 0] ?? []);
  if (!columns)
    return fail(
      'BAD_VALUE',
      'A column with times and one with temperatures are needed. Name them "time" and "temperature".',
      'csv',
    );
  const logged: LoggedTemperature[] = [];
  const sinceFirst = runningTime();
  for (const [i, row] of data.slice(named ? 1 : 0).entries()) {
    const line = i + (named ? 2 : 1);
    const time = timeOf(row[columns.time] ?? '', columns.unit_ms);
    const cell = row[columns.heat] ?? '';
    const heat = numberOf(cell);
    if (time === null || heat === null)
      return fail('BAD_VALUE', `Line ${line} has no time or no temperature: "${row.join(', ')}".`, `csv[${i}]`);
    const at_ms = sinceFirst(time);
    if (at_ms === null)
      return fail(
        'BAD_VALUE',
        `Line ${line} lies before the one above it. Put the lines in the order of their times.`,
        `csv[${i}]`,
      );
    const temperature_c = columns.fahrenheit || IN_FAHRENHEIT.test(cell) ? celsius(heat) : heat;
    if (temperature_c < -60 || temperature_c > 350)
      return fail('OUT_OF_RANGE', `Line ${line} reads ${heat} °. Is that column the temperature?`, `csv[${i}]`);
    logged.push({ at_ms, dated: time.kind === 'date', temperature_c });
  }
  return logged.length > 0
    ? succeed(logged)
    : fail('BAD_VALUE', 'There are names in this file, but no readings under them.', 'csv');
}

/** A comma may be a decimal one: whatever else could part the columns does. */
const delimiterOf = (text: string): string => [';', '\t'].find((one) => text.includes(one)) ?? ',';

const A_DAY_MS = 86_400_000;
type Time = { readonly ms: number; readonly kind: 'date' | 'clock' | 'count' };

/** Dates stay as they are. What else counts goes on from the first line: a clock over every midnight, a count as it is. */
function runningTime(): (time: Time) => number | null {
  let first_ms: number | null = null;
  let last_ms = -Infinity;
  let midnights_ms = 0;
  return ({ ms, kind }) => {
    if (kind === 'date') return ms;
    first_ms ??= ms;
    if (kind === 'clock' && ms + midnights_ms < last_ms) midnights_ms += A_DAY_MS;
    if (ms + midnights_ms < last_ms) return null;
    last_ms = ms + midnights_ms;
    return last_ms - first_ms;
  };
}

type Columns = { readonly time: number; readonly heat: number; readonly fahrenheit: boolean; readonly unit_ms: number };

function columnsOf(names: readonly string[] | null, first: readonly string[]): Columns | null {
  const find = (pattern: RegExp, not = -1): number => names?.findIndex((name, i) => i !== not && pattern.test(name.trim())) ?? -1;
  const time = names ? find(TIME_NAMES) : first.findIndex((cell) => timeOf(cell) !== null);
  const heat = names ? find(HEAT_NAMES, time) : first.findIndex((cell, i) => i !== time && numberOf(cell) !== null);
  if (time < 0 || heat < 0) return null;
  const unit_ms = /sec|^s$/i.test(names?.[time] ?? '') ? 1000 : 60_000;
  return { time, heat, fahrenheit: FAHRENHEIT.test(names?.[heat]?.trim() ?? ''), unit_ms };
}

function numberOf(cell: string): number | null {
  const text = cell
    .trim()
    .replace(/\s*°?\s*[CF]$/i, '')
    .replace(',', '.');
  return text !== '' && Number.isFinite(Number(text)) ? Number(text) : null;
}

/** A date, a clock time, or a plain count of minutes (or of `unit_ms`). */
function timeOf(cell: string, unit_ms = 60_000): Time | null {
  const text = cell.trim();
  const clock = /^(\d{1,3}):(\d{2})(?::(\d{2}(?:\.\d+)?))?$/.exec(text);
  if (clock) return { ms: (Number(clock[1]) * 3600 + Number(clock[2]) * 60 + Number(clock[3] ?? 0)) * 1000, kind: 'clock' };
  const count = numberOf(text);
  if (count !== null) return { ms: count * unit_ms, kind: 'count' };
  const iso = /^\d{4}-\d{2}-\d{2}[T ]\d{1,2}:\d{2}/.test(text) ? Date.parse(text.replace(' ', 'T')) : NaN;
  return Number.isFinite(iso) ? { ms: iso, kind: 'date' } : null;
}
