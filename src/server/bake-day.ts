import type { BakeDayView, DayPlanned, WorkedBatch } from '@/contract/day';
import Joi from 'joi';
import { complaintsAbout, type Day, type PlannedStep } from '@/core/bakeday';
import { USUAL_DAY, dayOf, machinesOf, type DaySettings, type UnderWay } from '@/core/calls';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { addDays, isDay } from '@/core/quantities';
import { maybeBakeDay, maybeNextBakeDay, setBakeDay, type BakeDayRow, type StoredBakeDay } from '@/db/bake-day';
import { batchesBy, plannedNames } from '@/db/batches';
import { isId } from '@/db/ids';
import { bakesOn, callRowsOf } from '@/db/bakes';
import type { Queryable } from '@/db/client';
import { appliancesOf, type KitchenRow } from '@/db/kitchen';
import { dayFacts } from './day-facts';
import { loadPantry } from './pantry';
import { OFFERED } from './planned-list';
import { followPlan } from './oven/follow-plan';
import { minuteSince, now, type TimeZone } from './clock';
import { begunOn } from './oven/bake-state';
import { checkSave, savedOver, versionOf, type SavedOver } from './save-over';
import { kitchenOf, todayIn, zoneOf } from './view-kitchen';
import { inTransaction, refusedHere, withDatabase } from './with-database';

export const viewBakeDay = (asked: string | undefined): Promise<Result<BakeDayView>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { id } = kitchen.value;
    const today = todayIn(kitchen.value);
    if (asked !== undefined && !isDay(asked)) return fail('BAD_VALUE', SENTENCES.notADay, 'day');
    const kept = asked ? await maybeBakeDay(db, id, asked) : await maybeNextBakeDay(db, id, today);
    const row = kept ?? unplanned(asked ?? addDays(today, 1));
    const offers = await plannedNames(db, id, { find: '', limit: OFFERED });
    return succeed({ day: row.day, saved: versionOf(row, plannedOf(row)), offers, ...(await workOf(db, kitchen.value, row)) });
  });

/** One batch as work of a day, for a day that picks it. */
export const viewDayBatch = (id: string): Promise<Result<WorkedBatch>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const found = isId(id) ? await batchesBy(db, kitchen.value.id, [id]) : [];
    const { batches, stuck } = await dayFacts(found, await appliancesOf(db, kitchen.value.id), await loadPantry(db));
    if (stuck.length > 0) return fail('OUTSIDE_MODEL', `${stuck[0].name} cannot be planned: ${stuck[0].why}`);
    return batches.length > 0 ? succeed(batches[0]) : fail('NOT_FOUND', SENTENCES.noSuchBatch);
  });

const unplanned = (day: string): StoredBakeDay => ({
  day,
  settings: { ...USUAL_DAY, picked: [], pins: [] },
  plan: [],
  revision: 0,
  updated_at: new Date(now()),
});
const plannedOf = ({ settings, plan }: BakeDayRow): DayPlanned => ({ settings, plan });

/** What is picked for a day, on what it is baked, and what of it goes on already. */
export async function workOf(
  db: Queryable,
  kitchen: Pick<KitchenRow, 'id' | 'room_c' | 'places' | 'time_zone'>,
  row: BakeDayRow,
): Promise<Pick<BakeDayView, 'batches' | 'machines' | 'places' | 'stuck' | 'underWay'>> {
  const { id, room_c, places } = kitchen;
  const pantry = await loadPantry(db);
  const kit = await appliancesOf(db, id);
  const picked = row.settings.picked.map(({ batch }) => batch);
  const { batches, stuck } = await dayFacts(await batchesBy(db, id, picked), kit, pantry);
  const machines = machinesOf(kit, room_c).map((machine) => ({
    ...machine,
    name: kit.find((one) => one.id === machine.id)?.name ?? machine.id,
  }));
  return { batches, machines, places, stuck, underWay: await underWayOn(db, row.day, picked, zoneOf(kitchen)) };
}

/** What has begun of a day's batches; null while nothing has. */
async function underWayOn(db: Queryable, day: string, picked: readonly string[], zone: TimeZone): Promise<UnderWay | null> {
  const bakes = await bakesOn(db, day);
  if (bakes.length === 0) return null;
  const callRows = await callRowsOf(db, picked);
  const begun = bakes.flatMap((bake) => begunOn({ day, zone }, bake, callRows.get(bake.batch_id) ?? []));
  return { now: minuteSince(day, now(), zone), begun };
}

const minute = Joi.number().integer().min(0).max(30_000);
const span = Joi.array().items(minute).length(2);
const PLANNED = Joi.object<{ settings: DaySettings; plan: PlannedStep[] }, true>({
  settings: Joi.object({
    picked: Joi.array()
      .items(Joi.object({ batch: Joi.string().guid().required(), due: minute.required() }))
      .max(24)
      .unique('batch')
      .required(),
    hands: Joi.number().integer().min(1).max(4).required(),
    starts: minute.max(1439).required(),
    awake: span.required(),
    quiet: span.allow(null).required(),
    pins: Joi.array()
      .items(Joi.object({ batch: Joi.string().guid().required(), step: Joi.string().max(60).required(), at: minute.required() }))
      .max(200)
      .required(),
  }).required(),
  plan: Joi.array()
    .items(
      Joi.object({
        b: Joi.number().integer().min(0).required(),
        j: Joi.number().integer().min(0).required(),
        s: minute.required(),
        e: minute.required(),
        m: Joi.number().integer().min(-1).required(),
        att: Joi.array()
          .items(Joi.object({ s: minute.required(), e: minute.required(), n: Joi.number().integer().min(1).max(4).required() }))
          .required(),
      }),
    )
    .max(2000)
    .required(),
});

/**
 * Keeps what was decided for a day, with the plan made of it, over the revision it was changed from; a stale save changes
 * nothing. A day that goes on is called by it from now on.
 */
export async function saveBakeDay(day: string, body: unknown): Promise<Result<SavedOver<DayPlanned>>> {
  const refused = await refusedHere('baker');
  if (refused) return refused;
  const request = checkSave(PLANNED, body);
  if (!request.ok) return request;
  if (!isDay(day)) return fail('BAD_VALUE', SENTENCES.notADay, 'day');
  const { revision, document } = request.value;
  const { awake } = document.settings;
  if (awake[1] === awake[0])
    return fail('OUT_OF_RANGE', 'Somebody must be awake for a while: the end is the start.', 'document.settings.awake');
  const held = await holdsFor({ day, ...document }, revision);
  if (!held.ok) return held;
  return inTransaction<SavedOver<DayPlanned>>('baker', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const row = { day, ...document };
    const saved = await setBakeDay(db, kitchen.value.id, row, revision);
    if (saved) await moveCalls(db, kitchen.value, row);
    return savedOver(saved, {
      what: 'this day',
      gone: 'This day is not planned any more.',
      current: async () => {
        const kept = await maybeBakeDay(db, kitchen.value.id, day);
        return kept && versionOf(kept, plannedOf(kept));
      },
    });
  });
}

/**
 * Whether a plan may be kept: it breaks no rule of its day as the batches and the kit are now. No plan may always be kept, it is made
 * again; of a day that goes on, which runs on while it is saved, only that its steps are there.
 */
const holdsFor = (row: BakeDayRow, revision: number): Promise<Result<null>> =>
  withDatabase('guest', async (db) => {
    if (row.plan.length === 0) return succeed(null);
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    // A save over what is not there any more is told so, whatever its plan.
    if (((await maybeBakeDay(db, kitchen.value.id, row.day))?.revision ?? 0) !== revision) return succeed(null);
    const { underWay, ...work } = await workOf(db, kitchen.value, row);
    const day = dayOf(row.settings, work, underWay);
    const wrong = isOf(day, row.plan) ? (underWay ? [] : complaintsAbout(day, row.plan)) : ['its steps are not those of the day'];
    if (wrong.length === 0) return succeed(null);
    return fail(
      'BAD_VALUE',
      `This plan does not fit the day: ${wrong[0]}. The batches or the kit changed since it was made; open the day again to plan it anew.`,
      'document.plan',
    );
  });

/** A plan of other batches or steps than there are now says nothing of these. */
const isOf = ({ batches }: Day, plan: readonly PlannedStep[]): boolean =>
  plan.length === batches.reduce((sum, { steps }) => sum + steps.length, 0) &&
  plan.every(({ b, j }) => batches[b]?.steps[j] !== undefined) &&
  new Set(plan.map(({ b, j }) => `${b}/${j}`)).size === plan.length;

async function moveCalls(db: Queryable, kitchen: KitchenRow, row: BakeDayRow): Promise<void> {
  if ((await bakesOn(db, row.day)).length === 0) return;
  const { underWay, ...work } = await workOf(db, kitchen, row);
  const day = dayOf(row.settings, work, underWay);
  if (isOf(day, row.plan)) await followPlan(db, { day: row.day, zone: zoneOf(kitchen) }, day, row.plan);
}
