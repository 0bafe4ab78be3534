import Joi from 'joi';
import { stayIn } from '@/core/programme';
import { stageNow, stagesInTurn } from '@/core/calls';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { maybeBake, callRowsOf } from '@/db/bakes';
import { maybeBatch } from '@/db/batches';
import type { Queryable } from '@/db/client';
import { READING_KINDS, addReadings, removeReading, type ReadingKind, type ReadingRow } from '@/db/readings';
import { setTray, type TrayChange } from '@/db/trays';
import { readLoggerCsv } from '@/formats/logger-csv';
import { checkWith } from '@/formats/read-batch';
import { now } from '../clock';
import { loadPantry } from '../pantry';
import { readScale } from '../scale-stream';
import { kitchenOf } from '../view-kitchen';
import { inTransaction } from '../with-database';
import { predictCalls, dateOf, minuteOf, stageTimesIn } from './bake-state';
import { refitAppliances } from './learn';
import { readHygrometer, readProbe } from './probes';

type ReadingRequest =
  | { readonly by: 'hand'; readonly kind: ReadingKind; readonly value: number }
  | { readonly by: 'scale' | 'probe' | 'hygrometer' }
  /** What is read off a logger afterwards, of the air or of a core. */
  | { readonly by: 'file'; readonly kind: 'core_c' | 'air_c'; readonly csv: string }
  /** The tray that is weighed in an appliance of the programme: empty, or with its pieces as it goes in, or both. */
  | ({ readonly by: 'start' } & TrayChange)
  | { readonly by: 'strike'; readonly id: string };
const REQUEST = Joi.object<ReadingRequest>({
  by: Joi.string().valid('hand', 'scale', 'probe', 'hygrometer', 'file', 'start', 'strike').required(),
})
  .when(Joi.object({ by: 'hand' }).unknown(), {
    then: Joi.object({
      kind: Joi.string()
        .valid(...READING_KINDS)
        .required(),
      value: Joi.number().required(),
    }),
  })
  .when(Joi.object({ by: 'file' }).unknown(), {
    then: Joi.object({ kind: Joi.string().valid('core_c', 'air_c').required(), csv: Joi.string().max(1_000_000).required() }),
  })
  .when(Joi.object({ by: 'start' }).unknown(), {
    then: Joi.object({
      stage: Joi.number().integer().min(0).max(40).default(0),
      tray_g: Joi.number().min(0).max(20_000),
      before_g: Joi.number().greater(0).max(60_000).allow(null),
    }).or('tray_g', 'before_g'),
  })
  .when(Joi.object({ by: 'strike' }).unknown(), { then: Joi.object({ id: Joi.string().pattern(/^\d+$/).required() }) });

/** What can be true of each kind of reading. */
const RANGES: Record<ReadingKind, readonly [number, number, string]> = {
  tray_g: [1, 60_000, 'A tray weighs between 1 g and 60 kg.'],
  core_c: [-60, 200, 'The middle of a piece lies between -60 and 200 °C.'],
  air_c: [-60, 350, 'The air lies between -60 and 350 °C.'],
  room_rh_pct: [1, 100, 'The room’s humidity lies between 1 and 100 %.'],
};

/**
 * Notes a reading of a batch at the oven, typed, from a device, or from a logger's file.
 *
 * @param ago_s - how long ago it was typed, where it waited for the line [s]
 */
export const recordReading = (batchId: string, body: unknown, ago_s = 0): Promise<Result<{ noted: number }>> =>
  inTransaction('helper', async (db) => {
    const request = checkWith(REQUEST, body);
    if (!request.ok) return request;
    const bake = await maybeBake(db, batchId);
    if (!bake) return fail('NOT_FOUND', SENTENCES.notAtTheOven);
    const noted = await note(db, batchId, request.value, new Date(Math.max(now() - ago_s * 1000, bake.starts_at.getTime())));
    // What is noted, or struck out, of a finished bake changes what it taught.
    if (noted.ok && bake.ended_at) {
      const kitchen = await kitchenOf(db);
      if (kitchen.ok) await refitAppliances(db, kitchen.value, batchId);
    }
    return noted;
  });

async function note(db: Queryable, batchId: string, asked: ReadingRequest, typed_at: Date): Promise<Result<{ noted: number }>> {
  if (asked.by === 'start') {
    await setTray(db, batchId, asked);
    return succeed({ noted: 0 });
  }
  if (asked.by === 'strike')
    return (await removeReading(db, batchId, asked.id))
      ? succeed({ noted: 0 })
      : fail('NOT_FOUND', 'This reading is gone already.');
  const read = asked.by === 'hand' ? succeed([typed(asked, typed_at)]) : await readingsFor(db, batchId, asked);
  if (!read.ok) return read;
  const wrong = read.value.find(({ kind, value }) => value < RANGES[kind][0] || value > RANGES[kind][1]);
  if (wrong) return fail('OUT_OF_RANGE', RANGES[wrong.kind][2], 'value');
  await addReadings(db, batchId, read.value);
  return succeed({ noted: read.value.length });
}

type New = Omit<ReadingRow, 'id'>;

const typed = ({ kind, value }: Extract<ReadingRequest, { by: 'hand' }>, at: Date): New => ({ at, kind, value, source: 'typed' });

async function readingsFor(
  db: Queryable,
  batchId: string,
  asked: Exclude<ReadingRequest, { by: 'start' | 'strike' | 'hand' }>,
): Promise<Result<readonly New[]>> {
  const at = new Date(now());
  switch (asked.by) {
    case 'scale': {
      const grams = readScale();
      if (grams === null) return fail('BAD_VALUE', 'The scale does not answer. Plug it in, or type what it shows.', 'by');
      return succeed([{ at, kind: 'tray_g', value: grams, source: 'scale' }]);
    }
    case 'hygrometer': {
      const kitchen = await kitchenOf(db);
      if (!kitchen.ok) return kitchen;
      return succeed([
        { at, kind: 'room_rh_pct', value: readHygrometer(kitchen.value.room_rh_pct, at.getTime()), source: 'hygrometer' },
      ]);
    }
    case 'probe':
      return probed(db, batchId, at);
    case 'file':
      return logged(db, batchId, asked.kind, asked.csv);
  }
}

async function probed(db: Queryable, batchId: string, at: Date): Promise<Result<readonly New[]>> {
  const batch = await maybeBatch(db, batchId);
  const stay = await trays(db, batchId);
  if (!batch || !stay) return fail('BAD_VALUE', 'The probe is in nothing yet: put the trays in first.', 'by');
  const planned = await predictCalls(batch.document, await loadPantry(db));
  if (!planned.ok) return planned;
  const here = stagesInTurn(batch.document).at(stay.stage);
  const timeline = planned.value.courses[here?.turn ?? 0] ?? [];
  const course = {
    began_ms: dateOf(stay.in - (here ? stayIn(here.heat, here.at).from_min : 0)).getTime(),
    minutes: timeline.map(({ minute }) => minute),
    core_c: timeline.map(({ core_c }) => core_c),
    air_c: timeline.map(({ air_c }) => air_c),
  };
  const read = readProbe(batchId, course, at.getTime());
  if (!read) return fail('BAD_VALUE', 'The probe reads nothing.', 'by');
  return succeed([
    { at, kind: 'core_c', value: read.core_c, source: 'probe' },
    { at, kind: 'air_c', value: read.air_c, source: 'probe' },
  ]);
}

/** Where the trays are or were last; null while they have not gone in anywhere. */
async function trays(db: Queryable, batchId: string): Promise<{ readonly stage: number; readonly in: number } | null> {
  const stay = stageNow(stageTimesIn((await callRowsOf(db, [batchId])).get(batchId) ?? []));
  return stay && stay.in !== null ? { stage: stay.stage, in: stay.in } : null;
}

/** A file without dates begins when the trays went in where they are now. */
async function logged(db: Queryable, batchId: string, kind: 'core_c' | 'air_c', csv: string): Promise<Result<readonly New[]>> {
  const stay = await trays(db, batchId);
  if (!stay) return fail('BAD_VALUE', 'The trays have not gone in yet: there is no time to count this file from.', 'csv');
  const read = readLoggerCsv(csv);
  if (!read.ok) return read;
  return succeed(
    read.value.map(({ at_ms, dated, temperature_c }) => ({
      at: dated ? new Date(at_ms) : dateOf(stay.in + minuteOf(at_ms)),
      kind,
      value: Math.round(temperature_c * 100) / 100,
      source: 'file',
    })),
  );
}
