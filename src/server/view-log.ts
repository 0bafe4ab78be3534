import type { Comparison } from '@/contract/log';
import { differences, type Difference } from '@/core/document';
import { ownAppliance } from '@/core/catalogue';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { batchesOf, maybeBatch, type BatchListRow, type BatchRow } from '@/db/batches';
import type { Queryable } from '@/db/client';
import { dogsOf } from '@/db/dogs';
import type { ForecastRow } from '@/db/forecast';
import { isStored } from '@/db/jars';
import { appliancesOf, type ApplianceRow } from '@/db/kitchen';
import { VERDICTS, maybeMeasurement, measurementsOf, type MeasurementRow } from '@/db/measurements';
import { hasPhoto } from '@/db/photos';
import { compareMeasured } from './compare-measured';
import { kitchenOf } from './view-kitchen';
import { forecast } from './forecast';
import { loadPantry } from './pantry';
import { withDatabase } from './with-database';

export { VERDICTS };

export type LogEntry = {
  readonly id: string;
  readonly name: string;
  readonly recipe: string | null;
  /** The appliance of the kit that it was, or will be, baked in. */
  readonly oven: string | null;
  readonly baked_on: string | null;
  readonly changed_at: string;
  readonly forecast: ForecastRow;
  readonly measured: Omit<MeasurementRow, 'forecast'> | null;
  readonly comparison: Comparison | null;
};

/** Every batch of the kitchen, measured beside predicted. */
export const viewLog = (): Promise<Result<readonly LogEntry[]>> =>
  withDatabase(async (db) => {
    const kitchen = await kitchenOf(db);
    return kitchen.ok ? succeed(await logOf(db, kitchen.value.id)) : kitchen;
  });

export async function logOf(db: Queryable, kitchenId: string): Promise<LogEntry[]> {
  const measured = await measurementsOf(db, kitchenId);
  const kit = await appliancesOf(db, kitchenId);
  return (await batchesOf(db, kitchenId)).map((row) => entryOf(row, measured.get(row.id) ?? null, kit));
}

export type LogDetail = {
  readonly entry: LogEntry;
  readonly measured: MeasurementRow | null;
  readonly dogs: readonly string[];
  /** Portions of its bowl; none where it is not shared out. */
  readonly portions: readonly string[];
  readonly hasPhoto: boolean;
  readonly isStored: boolean;
};

/** One batch of the log with everything that was entered. */
export const viewLogEntry = (id: string): Promise<Result<LogDetail>> =>
  withDatabase(async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const row = await maybeBatch(db, id);
    if (!row) return fail('NOT_FOUND', SENTENCES.noSuchBatch);
    const measured = await maybeMeasurement(db, id);
    const kit = await appliancesOf(db, kitchen.value.id);
    const entry = entryOf(listed(row), measured, kit);
    // Until it is weighed, what is planned now is what will be: with its bands, which a batch has not while it is edited.
    const planned = measured ? null : await forecast(row.document, await loadPantry(db), true);
    return succeed({
      entry: planned?.ok ? { ...entry, forecast: planned.value } : entry,
      measured,
      dogs: (await dogsOf(db, kitchen.value.id)).map(({ name }) => name),
      portions: (row.document.portions ?? []).map(({ name }) => name),
      hasPhoto: await hasPhoto(db, id),
      isStored: await isStored(db, id),
    });
  });

/** Batches side by side, and what each did otherwise than the first. */
export type ComparedBatches = {
  readonly entries: readonly LogEntry[];
  /** In the order of the entries; of the first, nothing. */
  readonly changes: ReadonlyArray<readonly Difference[]>;
};

const MOST_COMPARED = 6;

export const compareBatches = (ids: readonly string[]): Promise<Result<ComparedBatches>> =>
  withDatabase(async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const asked = [...new Set(ids)].slice(0, MOST_COMPARED);
    if (asked.length < 2) return fail('BAD_VALUE', 'Choose two batches or more in the log, then compare them.', 'batch');
    const kit = await appliancesOf(db, kitchen.value.id);
    const rows: BatchRow[] = [];
    for (const id of asked) {
      const row = await maybeBatch(db, id);
      if (!row) return fail('NOT_FOUND', SENTENCES.noSuchBatch);
      rows.push(row);
    }
    const entries: LogEntry[] = [];
    for (const row of rows) entries.push(entryOf(listed(row), await maybeMeasurement(db, row.id), kit));
    return succeed({ entries, changes: rows.map(({ document }, i) => (i === 0 ? [] : differences(rows[0].document, document))) });
  });

const listed = ({ document, ...row }: BatchRow): BatchListRow => ({
  ...row,
  appliance: document.heat.appliance ?? null,
  recipe: null,
});

function entryOf(row: BatchListRow, measured: MeasurementRow | null, kit: readonly ApplianceRow[]): LogEntry {
  return {
    id: row.id,
    name: row.name,
    recipe: row.recipe,
    oven: ownAppliance(kit, row.appliance ?? {})?.name ?? null,
    baked_on: row.baked_on,
    changed_at: row.updated_at.toISOString(),
    forecast: measured?.forecast ?? row.forecast,
    measured: measured && withoutForecast(measured),
    comparison: measured ? compareMeasured(measured, measured.forecast) : null,
  };
}

const withoutForecast = ({ forecast: _told, ...measured }: MeasurementRow): Omit<MeasurementRow, 'forecast'> => measured;
