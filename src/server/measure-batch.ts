import Joi from 'joi';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { COLOUR_NAMES } from '@/core/heat';
import { TEXTURE_WORDS } from '@/core/texture';
import { holdBatch, markBaked, type BatchRow } from '@/db/batches';
import type { Queryable } from '@/db/client';
import { VERDICTS, addMeasurement, maybeMeasurement, replaceMeasurement, type Measured } from '@/db/measurements';
import { checkWith, type Writable } from '@/formats/read-batch';
import { forecast } from './forecast';
import { carryCount } from './jars/carry-count';
import { refitAppliances } from './oven/learn';
import { loadPantry } from './pantry';
import { kitchenOf, todayIn } from './view-kitchen';
import { inTransaction, withDatabase } from './with-database';

type MeasureRequest = Measured & { readonly revision: number };
const weight_g = Joi.number().min(0).max(200_000);
const MEASURE_REQUEST = Joi.object<Writable<MeasureRequest>, true>({
  /** 0 for the first entry. */
  revision: Joi.number().integer().min(0).required(),
  pieces: Joi.number().integer().min(1).max(100_000).allow(null).required(),
  portions: Joi.array()
    .items(
      Joi.object({
        portion: Joi.string().max(80).required(),
        pieces: Joi.number().integer().min(0).max(100_000).required(),
      }),
    )
    .max(8)
    .unique('portion')
    .default([]),
  tray_g: weight_g.required(),
  before_g: weight_g.greater(0).allow(null).required(),
  after_g: weight_g.greater(0).allow(null).required(),
  texture: Joi.string()
    .valid(...TEXTURE_WORDS)
    .allow(null)
    .required(),
  note: Joi.string().allow('').max(2000).required(),
  minutes: Joi.number().greater(0).max(20_000).allow(null).default(null),
  thickness_mm: Joi.number().greater(0).max(200).allow(null).default(null),
  colour: Joi.string()
    .valid(...COLOUR_NAMES)
    .allow(null)
    .default(null),
  dogs: Joi.array()
    .items(
      Joi.object({
        dog: Joi.string().max(80).required(),
        verdict: Joi.string()
          .valid(...VERDICTS)
          .required(),
      }),
    )
    .max(60)
    .default([]),
});

/**
 * Enters what scale and eye said after baking. The first entry fixes the forecast it answers to:
 * later changes of the batch or of the models must not make an old prediction look better.
 */
export const measureBatch = (id: string, body: unknown): Promise<Result<Entered>> =>
  inTransaction('helper', async (db) => {
    const entered = await enterMeasured(db, id, body);
    if (!entered.ok) return entered;
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    await refitAppliances(db, kitchen.value, id);
    return entered;
  });

type Entered = { readonly revision: number; readonly not_carried: number };

/** The same without what its appliances learn of it: of many, they learn once, when all are in. */
export async function enterMeasured(db: Queryable, id: string, body: unknown): Promise<Result<Entered>> {
  const request = checkWith(MEASURE_REQUEST, body);
  if (!request.ok) return request;
  // Batches are held before what belongs to them, everywhere.
  const batch = await holdBatch(db, id);
  if (!batch) return fail('NOT_FOUND', SENTENCES.noSuchBatch);
  const { revision: seen, ...given } = request.value;
  const { portions } = given;
  const unknown = portions.find(({ portion }) => !batch.document.portions?.some(({ name }) => name === portion));
  if (unknown)
    return fail('BAD_VALUE', `This batch has no portion "${unknown.portion}". Reload the page and count again.`, 'portions');
  const measured = portions.length === 0 ? given : { ...given, pieces: portions.reduce((sum, { pieces }) => sum + pieces, 0) };
  const entered = seen === 0 ? await firstEntry(db, batch, measured) : succeed(await replaceMeasurement(db, id, seen, measured));
  if (!entered.ok) return entered;
  const revision = entered.value;
  if (revision === null)
    return fail(
      'CHANGED_ELSEWHERE',
      'Someone entered weights for this batch in the meantime. Reload to see them; what you typed is still here.',
      'revision',
    );
  const kitchen = await kitchenOf(db);
  if (!kitchen.ok) return kitchen;
  await markBaked(db, id, todayIn(kitchen.value));
  const held = await holdBatch(db, id);
  const carried = held && (await carryCount({ db, kitchen: kitchen.value, batch: held, pantry: await loadPantry(db) }, measured));
  if (carried && !carried.ok) return carried;
  return succeed({ revision, not_carried: carried?.value.not_carried ?? 0 });
}

async function firstEntry(db: Queryable, batch: BatchRow, measured: Measured): Promise<Result<number | null>> {
  const predicted = await forecast(batch.document, await loadPantry(db), true);
  return predicted.ok ? succeed(await addMeasurement(db, batch.id, measured, predicted.value)) : predicted;
}

/** What stands entered of a batch now, for whoever entered something over what stood there before. */
export const enteredNow = (id: string): Promise<Result<{ revision: number; document: Measured } | null>> =>
  withDatabase('guest', async (db) => {
    const row = await maybeMeasurement(db, id);
    if (!row) return succeed(null);
    const { revision, forecast: _told, ...document } = row;
    return succeed({ revision, document });
  });
