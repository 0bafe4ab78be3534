import { isDeepStrictEqual } from 'node:util';
import type { ReadBack } from '@/contract/log';
import { fail, succeed, type Result } from '@/core/failure';
import type { Queryable } from '@/db/client';
import { isId } from '@/db/ids';
import { logBatches } from '@/db/log';
import { maybeMeasurement, type Measured } from '@/db/measurements';
import { readLogCsv, toLogCsv, type LogLine, type ReadLine } from '@/formats/log-csv';
import { enterMeasured } from './measure-batch';
import { refitAppliances } from './oven/learn';
import { kitchenOf } from './view-kitchen';
import { wholeLog, type LogEntry } from './view-log';
import { inTransaction, refusedHere, withDatabase } from './with-database';

/** The whole log as a table, the batch made last first: told in slices while it is read, so that no log is too long. */
export async function logTable(): Promise<Result<AsyncIterable<string>>> {
  const log = await wholeLog();
  return log.ok ? succeed(tableOf(log.value)) : log;
}

async function* tableOf(slices: AsyncIterable<readonly LogEntry[]>): AsyncGenerator<string> {
  let isFirst = true;
  for await (const entries of slices) {
    if (isFirst || entries.length > 0) yield toLogCsv(entries.map(lineOf), isFirst);
    isFirst = false;
  }
}

const round = (value: number): number => Math.round(value * 100) / 100;

function lineOf({ id, name, recipe, oven, baked_on, forecast, measured, comparison }: LogEntry): LogLine {
  const { loss_pct, moisture_pct } = comparison ?? {};
  return {
    batch: id,
    name,
    recipe,
    oven,
    baked_on,
    pieces_predicted: forecast.pieces,
    pieces_low: forecast.pieces_low,
    pieces_high: forecast.pieces_high,
    pieces: measured?.pieces ?? null,
    minutes_planned: round(forecast.minutes),
    minutes: measured?.minutes ?? null,
    thickness_mm: measured?.thickness_mm ?? null,
    tray_g: measured?.tray_g ?? null,
    before_g: measured?.before_g ?? null,
    after_g: measured?.after_g ?? null,
    loss_pct_predicted: round(loss_pct?.likely ?? forecast.mass_loss_pct),
    loss_pct: loss_pct ? round(loss_pct.measured) : null,
    water_pct_predicted: round(forecast.moisture_pct),
    water_pct_low: round(forecast.moisture_pct_low),
    water_pct_high: round(forecast.moisture_pct_high),
    water_pct: moisture_pct ? round(moisture_pct.measured) : null,
    texture_predicted: forecast.texture,
    texture: measured?.texture ?? null,
    colour: measured?.colour ?? null,
    keeps_days_low: forecast.keeps_low,
    keeps_days: forecast.keeps_days,
    dogs: (measured?.dogs ?? []).map(({ dog, verdict }) => `${dog} ${verdict}`).join('; '),
    note: measured?.note ?? null,
  };
}

/** Takes measurements over from a table: each line belongs to the batch of its id, or else of its name and day. */
export async function readLogBack(text: string): Promise<Result<ReadBack>> {
  const refused = await refusedHere('baker');
  if (refused) return refused;
  const read = readLogCsv(text);
  if (!read.ok) return read;
  const entries = await withDatabase('baker', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const named = read.value.filter(({ batch }) => batch === '');
    const ids = read.value.flatMap(({ batch }) => (isId(batch) ? [batch] : []));
    return succeed(await logBatches(db, kitchen.value.id, { ids, names: named.map(({ name }) => name) }));
  });
  if (!entries.ok) return entries;
  // One after another in one transaction: a table goes in whole or not at all.
  return inTransaction('baker', async (db) => {
    const wrong: string[] = [];
    const changed: string[] = [];
    let entered = 0;
    for (const line of read.value) {
      const batch = batchOf(line, entries.value);
      if (typeof batch === 'string') wrong.push(`line ${line.line}: ${batch}`);
      else if (saysSomething(line)) {
        const done = await enter(db, batch.id, line);
        if (done.ok) entered++;
        else wrong.push(`line ${line.line}: ${done.message}`);
        if (done.ok && done.value.changed) changed.push(batch.id);
      }
    }
    if (wrong.length === 0) {
      const kitchen = await kitchenOf(db);
      if (!kitchen.ok) return kitchen;
      await refitAppliances(db, kitchen.value, ...changed);
      return succeed({ entered });
    }
    const more = wrong.length > MOST_TOLD ? ` … and ${wrong.length - MOST_TOLD} more` : '';
    return fail('BAD_VALUE', `Nothing was entered. ${wrong.slice(0, MOST_TOLD).join(' ')}${more}`, 'csv');
  });
}

/** Mistakes of a table that are told at once. */
const MOST_TOLD = 5;

type Entry = Pick<LogEntry, 'id' | 'name' | 'baked_on'>;
const saysSomething = ({ numbers, texture, colour }: ReadLine): boolean =>
  Object.keys(numbers).length > 0 || texture !== null || colour !== null;

function batchOf({ batch, name, baked_on }: ReadLine, entries: readonly Entry[]): Entry | string {
  if (batch !== '') return entries.find(({ id }) => id === batch) ?? 'There is no batch of this id in the log.';
  const named = entries.filter((one) => one.name === name && (baked_on === '' || one.baked_on === baked_on));
  if (named.length === 1) return named[0];
  return named.length === 0
    ? `There is no batch called "${name}" in the log.`
    : `Several batches are called "${name}"; say which by its id or day.`;
}

/** What the line does not say stays as it was; a line that says what stands there changes nothing. */
async function enter(db: Queryable, id: string, line: ReadLine): Promise<Result<{ readonly changed: boolean }>> {
  const before = await maybeMeasurement(db, id);
  const was: Measured = before ?? NOTHING;
  const measured = measuredBy(line, was);
  if (before && Object.entries(measured).every(([key, value]) => isDeepStrictEqual(value, was[key as keyof Measured])))
    return succeed({ changed: false });
  const entered = await enterMeasured(db, id, { revision: before?.revision ?? 0, ...measured });
  return entered.ok ? succeed({ changed: true }) : entered;
}

function measuredBy({ numbers, texture, colour, note }: ReadLine, was: Measured): Measured {
  return {
    pieces: numbers.pieces ?? was.pieces,
    tray_g: numbers.tray_g ?? was.tray_g,
    before_g: numbers.before_g ?? was.before_g,
    after_g: numbers.after_g ?? was.after_g,
    minutes: numbers.minutes ?? was.minutes,
    thickness_mm: numbers.thickness_mm ?? was.thickness_mm,
    texture: texture ?? was.texture,
    colour: colour ?? was.colour,
    note: note ?? was.note,
    dogs: was.dogs,
    // A count of all together, entered anew, stands in place of one by portions.
    portions: numbers.pieces === undefined || numbers.pieces === was.pieces ? was.portions : [],
  };
}

const NOTHING: Measured = {
  pieces: null,
  tray_g: 0,
  before_g: null,
  after_g: null,
  texture: null,
  note: '',
  minutes: null,
  thickness_mm: null,
  colour: null,
  dogs: [],
  portions: [],
};
