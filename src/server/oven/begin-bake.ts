import Joi from 'joi';
import { dayOf } from '@/core/calls';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { maybeBakeDay } from '@/db/bake-day';
import { addBake, type BakeRow } from '@/db/bakes';
import { maybeBatch } from '@/db/batches';
import type { Queryable } from '@/db/client';
import { checkWith } from '@/formats/read-batch';
import { workOf } from '../bake-day';
import { loadPantry } from '../pantry';
import { kitchenOf, zoneOf } from '../view-kitchen';
import { inTransaction, refusedHere } from '../with-database';
import { at, isoDay, now } from '../clock';
import { DAY_FIELD } from '../day-field';
import type { Looking } from '../compute/jobs/oven-jobs';
import { predictCalls, writeCalls } from './bake-state';
import { plannedStarts } from './follow-plan';
import { planFrom } from './replan-day';

type BeginRequest = { readonly batch?: string; readonly day?: string };
const BEGIN_REQUEST = Joi.object<BeginRequest>({ batch: Joi.string().guid(), day: DAY_FIELD }).xor('batch', 'day');

/** Begins one batch, or the batches of a bake day. */
export async function begin(body: unknown): Promise<Result<object>> {
  const refused = await refusedHere('helper');
  if (refused) return refused;
  const request = checkWith(BEGIN_REQUEST, body);
  if (!request.ok) return request;
  const { batch, day = '' } = request.value;
  return batch === undefined ? beginDay(day) : beginBatch(batch);
}

/** A fifth of a usual search, for a day that was not planned on its page. */
const FIRST_LOOK: Looking = { searches: 0.2, most_ms: 3000 };

/** Begins one batch by itself, now. One that has begun goes on as it is. */
export const beginBatch = (batchId: string): Promise<Result<{ batch: string }>> =>
  inTransaction('helper', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const begun = await call(db, kitchen.value.id, { batch_id: batchId, day: null, starts_at: new Date(now()), planned: {} });
    return begun.ok ? succeed({ batch: batchId }) : begun;
  });

/** Begins the batches of a bake day as they are planned; on another day than it was planned for, from now on. */
export const beginDay = (iso: string): Promise<Result<{ batches: number }>> =>
  inTransaction('helper', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const row = await maybeBakeDay(db, kitchen.value.id, iso);
    if (!row || row.settings.picked.length === 0)
      return fail('NOTHING_TO_BAKE', 'Nothing is picked for this day. Pick batches on Bake day first.', 'day');
    const day = dayOf(row.settings, await workOf(db, kitchen.value, row));
    const found = await planFrom(day, row.plan, FIRST_LOOK);
    if (!found.ok) return found;
    const planned = found.value;
    if (!planned)
      return fail('DOES_NOT_FIT', 'This day cannot be planned as it stands. Open Bake day and leave something out.', 'day');
    const there = { day: iso, zone: zoneOf(kitchen.value) };
    const isToday = isoDay(now(), there.zone) === iso;
    const first = at(iso, Math.min(...planned.plan.map(({ s }) => s)), there.zone);
    const shift_ms = isToday ? 0 : now() - first;
    for (const { id } of day.batches) {
      const starts = plannedStarts(there, day, planned.plan, id);
      const shifted = Object.fromEntries(Object.entries(starts).map(([step, ms]) => [step, ms + shift_ms]));
      const begun = await call(db, kitchen.value.id, {
        batch_id: id,
        day: isToday ? iso : null,
        starts_at: new Date(Math.min(...Object.values(shifted))),
        planned: shifted,
      });
      if (!begun.ok) return begun;
    }
    return succeed({ batches: day.batches.length });
  });

async function call(
  db: Queryable,
  kitchenId: string,
  start: Pick<BakeRow, 'batch_id' | 'day' | 'starts_at' | 'planned'>,
): Promise<Result<null>> {
  const batch = await maybeBatch(db, start.batch_id);
  if (!batch) return fail('NOT_FOUND', SENTENCES.noSuchBatch);
  if (batch.baked_on) return succeed(null);
  const predictedCalls = await predictCalls(batch.document, await loadPantry(db));
  if (!predictedCalls.ok) return predictedCalls;
  if (!(await addBake(db, kitchenId, start))) return succeed(null);
  await writeCalls(db, { ...start, ended_at: null }, predictedCalls.value.calls, []);
  return succeed(null);
}
