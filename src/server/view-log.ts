import type { Comparison, LogEntryView, LogView, LogWishes } from '@/contract/log';
import { differences, type Difference } from '@/core/document';
import { ownAppliance } from '@/core/catalogue';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { maybeBatch, type BatchRow } from '@/db/batches';
import type { Queryable } from '@/db/client';
import { dogsOf } from '@/db/dogs';
import type { ForecastRow } from '@/db/forecast';
import { isStored } from '@/db/jars';
import { appliancesOf, type ApplianceRow } from '@/db/kitchen';
import { appliancesInLog, logPage, logSlice, logTally, recipesInLog, type LogFilter, type LogPlace, type LogRow } from '@/db/log';
import { VERDICTS, maybeMeasurement, type MeasurementRow } from '@/db/measurements';
import { hasPhoto } from '@/db/photos';
import { compareMeasured } from './compare-measured';
import { kitchenOf } from './view-kitchen';
import { forecast } from './forecast';
import { loadPantry } from './pantry';
import { inKitchen, withDatabase } from './with-database';

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

/** What is asked of the log, as an address says it. */
export type LogQuery = { readonly [K in keyof LogWishes | 'after']?: string | undefined };

/** Batches on one page of the log. */
const PAGE = 30;
const MOST_RECIPES = 200;
const STATES = ['all', 'planned', 'baked', 'outside'] as const;

/** A page of the log: batches that the wishes let through, measured beside predicted. */
export const viewLog = (query: LogQuery): Promise<Result<LogView>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { id } = kitchen.value;
    const kit = await appliancesOf(db, id);
    const { words = '', recipe = '', oven = '' } = query;
    const wishes: LogWishes = { words, recipe, oven, state: STATES.find((one) => one === query.state) ?? 'all' };
    const filter: LogFilter = { ...wishes, appliances: oven === '' ? null : await bakedIn(db, id, kit, oven) };
    const after = placeOf(query.after);
    // Asked for together: none waits for another.
    const [{ rows, total }, tally, recipes] = await Promise.all([
      logPage(db, id, filter, { after, limit: PAGE + 1 }),
      logTally(db, id),
      recipesInLog(db, id, MOST_RECIPES),
    ]);
    const last = rows.length > PAGE ? rows[PAGE - 1] : null;
    return succeed({
      wishes,
      goesOn: after !== null,
      entries: rows.slice(0, PAGE).map((row) => listedEntry(entryOf(row, row.measured, kit))),
      total,
      next: last && `${last.changed_place}~${last.id}`,
      tally,
      recipes,
      ovens: [...new Set(kit.map(({ name }) => name))].sort((one, other) => one.localeCompare(other)),
    });
  });

/** A place as the address of a page says it; one that nobody was given is the beginning. */
function placeOf(after: string | undefined): LogPlace | null {
  const [, at, id] = /^([0-9-]{10} [0-9:.+-]{8,30})~([0-9a-f-]{36})$/.exec(after ?? '') ?? [];
  return at && id && Number.isFinite(Date.parse(at.replace(' ', 'T').replace(/([+-]\d\d)$/, '$1:00'))) ? { at, id } : null;
}

/** Keys of everything that batches say of what they are baked in and that is this appliance of the kit. */
async function bakedIn(db: Queryable, kitchenId: string, kit: readonly ApplianceRow[], name: string): Promise<string[]> {
  const said = await appliancesInLog(db, kitchenId);
  return said.filter(({ appliance }) => ownAppliance(kit, appliance)?.name === name).map(({ key }) => key);
}

/** Of an entry what the list shows. */
const listedEntry = ({ forecast: told, measured, ...entry }: LogEntry): LogEntryView => ({
  ...entry,
  forecast: {
    pieces: told.pieces,
    snap: told.snap,
    texture: told.texture,
    mass_loss_pct: told.mass_loss_pct,
    moisture_pct: told.moisture_pct,
  },
  measured: measured && {
    note: measured.note,
    colour: measured.colour,
    minutes: measured.minutes,
    thickness_mm: measured.thickness_mm,
    dogs: measured.dogs,
  },
});

/** Batches that are read at once of the whole log. */
const SLICE = 500;

/** The whole log, slice by slice, for a table. What fails after the first slice is thrown: there is nobody to tell then. */
export async function wholeLog(): Promise<Result<AsyncIterable<readonly LogEntry[]>>> {
  const house = await withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    return kitchen.ok ? succeed({ id: kitchen.value.id, kit: await appliancesOf(db, kitchen.value.id) }) : kitchen;
  });
  if (!house.ok) return house;
  const { id, kit } = house.value;
  const sliceAfter = (after: LogPlace | null): Promise<Result<LogRow[]>> =>
    // Whether it may be read was asked above; the rest is read when the request may be over.
    inKitchen(id, 'anybody', async (db) => succeed(await logSlice(db, id, { after, limit: SLICE })));
  async function* slices(): AsyncGenerator<LogEntry[]> {
    for (let rows: LogRow[], last: LogRow | undefined; ;) {
      const slice = await sliceAfter(last ? { at: last.made_place, id: last.id } : null);
      if (!slice.ok) throw new Error(slice.message);
      rows = slice.value;
      yield rows.map((row) => entryOf(row, row.measured, kit));
      last = rows.at(-1);
      if (rows.length < SLICE) return;
    }
  }
  return succeed(slices());
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
  withDatabase('guest', async (db) => {
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
  withDatabase('guest', async (db) => {
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

type ListedRow = Pick<LogRow, 'id' | 'name' | 'recipe' | 'baked_on' | 'updated_at' | 'forecast' | 'appliance'>;

const listed = ({ document, ...row }: BatchRow): ListedRow => ({
  ...row,
  appliance: document.heat.appliance ?? null,
  recipe: null,
});

function entryOf(row: ListedRow, measured: MeasurementRow | null, kit: readonly ApplianceRow[]): LogEntry {
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
