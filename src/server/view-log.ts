import { fail, succeed, type Result } from '@/core/failure';
import { batchesOf, maybeBatch, type BatchListRow } from '@/db/batches';
import type { ForecastRow } from '@/db/forecast';
import { maybeMeasurement, measurementsOf, type MeasurementRow } from '@/db/measurements';
import { compareMeasured, type Comparison } from './compare-measured';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

export type LogEntry = {
  readonly id: string;
  readonly name: string;
  readonly baked_on: string | null;
  readonly changed_at: string;
  readonly forecast: ForecastRow;
  readonly comparison: Comparison | null;
};

/** Every batch of the kitchen, measured beside predicted. */
export const viewLog = (): Promise<Result<readonly LogEntry[]>> =>
  withDatabase(async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const measured = await measurementsOf(db, kitchen.value.id);
    const rows = await batchesOf(db, kitchen.value.id);
    return succeed(rows.map((row) => entryOf(row, measured.get(row.id) ?? null)));
  });

export type LogDetail = { readonly entry: LogEntry; readonly measured: MeasurementRow | null };

/** One batch of the log with everything that was entered. */
export const viewLogEntry = (id: string): Promise<Result<LogDetail>> =>
  withDatabase(async (db) => {
    const row = await maybeBatch(db, id);
    if (!row) return fail('NOT_FOUND', 'There is no such batch in the log.');
    const measured = await maybeMeasurement(db, id);
    return succeed({ entry: entryOf(row, measured), measured });
  });

function entryOf(row: BatchListRow, measured: MeasurementRow | null): LogEntry {
  return {
    id: row.id,
    name: row.name,
    baked_on: row.baked_on,
    changed_at: row.updated_at.toISOString(),
    forecast: measured?.forecast ?? row.forecast,
    comparison: measured ? compareMeasured(measured, measured.forecast) : null,
  };
}
