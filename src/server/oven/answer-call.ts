import { nameOfAsking } from '../people/allowed';
import Joi from 'joi';
import { lengthened } from '@/core/calls';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { holdBake, removeBake, setBake, callRowsOf, type BakeRow, type CallRow } from '@/db/bakes';
import { holdBatch, markBaked, maybeBatch, replaceBatch, unmarkBaked } from '@/db/batches';
import type { Queryable } from '@/db/client';
import { removeJars } from '@/db/jars';
import type { KitchenRow } from '@/db/kitchen';
import { checkWith } from '@/formats/read-batch';
import { forecast } from '../forecast';
import { store } from '../jars/store';
import { loadPantry } from '../pantry';
import { kitchenOf, todayIn } from '../view-kitchen';
import { inTransaction, refusedHere } from '../with-database';
import { predictCalls, minuteOf, nextOf, writeCalls } from './bake-state';
import { inTurn } from './in-turn';
import { refitAppliances } from './learn';
import { replanDay } from './replan-day';
import { now } from '../clock';

type Answer =
  /** The call at a position is done; one that is done already stays so. */
  | { readonly do: 'done'; readonly position: number }
  | { readonly do: 'undo' }
  /** Stay in the heat, or stand, so much longer. */
  | { readonly do: 'more'; readonly minutes: number }
  /** Call again a little later; nothing of the programme changes. */
  | { readonly do: 'later'; readonly minutes: number }
  | { readonly do: 'give-up' };
const minutes = Joi.number().integer().min(1).max(240).required();
const ANSWER = Joi.object<Answer>({ do: Joi.string().valid('done', 'undo', 'more', 'later', 'give-up').required() })
  .when(Joi.object({ do: 'done' }).unknown(), { then: Joi.object({ position: Joi.number().integer().min(0).required() }) })
  .when(Joi.object({ do: Joi.valid('more', 'later') }).unknown(), { then: Joi.object({ minutes }) });

/** Answered this much off its time, a call moves what is left of the day [min]. */
const MOVES_THE_DAY_MIN = 4;

type Answered = Result<{ readonly next: number | null }>;
type Once = (work: () => Promise<Answered>) => Promise<Answered>;
type How = { readonly ago_s?: number; readonly once?: Once };

/**
 * Answers a call of a batch under way, after whatever else moves its day.
 *
 * How long ago it was given matters where it waited for the line; `once` does the work of a request that may come twice.
 */
export async function answerCall(
  batchId: string,
  body: unknown,
  { ago_s = 0, once = (work) => work() }: How = {},
): Promise<Answered> {
  const refused = await refusedHere('helper');
  if (refused) return refused;
  const request = checkWith(ANSWER, body);
  return request.ok ? inTurn(batchId, () => once(() => heldAnswer(batchId, request.value, ago_s))) : request;
}

const heldAnswer = (batchId: string, answer: Answer, ago_s: number): Promise<Answered> =>
  inTransaction('helper', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const bake = await holdBake(db, batchId);
    if (!bake) return fail('NOT_FOUND', SENTENCES.notAtTheOven);
    const callRows = (await callRowsOf(db, [batchId])).get(batchId) ?? [];
    return takeAnswer({ db, kitchen: kitchen.value, bake, callRows, given_ms: givenAt(callRows, ago_s) }, answer);
  });

type Held = {
  readonly db: Queryable;
  readonly kitchen: KitchenRow;
  readonly bake: BakeRow;
  readonly callRows: readonly CallRow[];
  /** When the answer was given [ms since 1970]. */
  readonly given_ms: number;
};

/** An answer that waited for the line counts from when it was given, and after what was done before it. */
function givenAt(callRows: readonly CallRow[], ago_s: number): number {
  const before = callRows.map(({ done_at }) => done_at?.getTime() ?? 0);
  return Math.min(now(), Math.max(now() - ago_s * 1000, ...before));
}

type Next = Promise<Answered>;

function takeAnswer(held: Held, answer: Answer): Next {
  switch (answer.do) {
    case 'done':
      return finishCall(held, answer.position);
    case 'undo':
      return undo(held);
    case 'more':
      return stayLonger(held, answer.minutes);
    case 'later':
      return callLater(held, answer.minutes);
    case 'give-up':
      return giveUp(held);
  }
}

async function finishCall({ db, kitchen, bake, callRows, given_ms }: Held, position: number): Next {
  const next = nextOf(callRows);
  const call = callRows[position];
  if (!call) return fail('BAD_VALUE', 'There is no such call. Reload the page.', 'position');
  if (call.done_at) return succeed({ next });
  if (position !== next) return fail('CHANGED_ELSEWHERE', 'Something else comes first. The page shows what.', 'position');
  const at = new Date(given_ms);
  const done = callRows.map((row) => (row.position === position ? { ...row, done_at: at } : row));
  const ended_at = nextOf(done) === null ? at : null;
  await setBake(db, { ...bake, ended_at });
  await rewrite(db, bake, done);
  if (ended_at) {
    await markBaked(db, bake.batch_id, todayIn(kitchen));
    await refitAppliances(db, kitchen, bake.batch_id);
    const batch = await maybeBatch(db, bake.batch_id);
    const stored = batch && (await store(db, kitchen, batch, await loadPantry(db)));
    if (stored && !stored.ok) return stored;
  } else if (bake.day && Math.abs(minuteOf(at) - minuteOf(call.due_at)) > MOVES_THE_DAY_MIN)
    await replanDay(db, kitchen, bake.day);
  return succeed({ next: nextOf(done) });
}

async function undo({ db, kitchen, bake, callRows }: Held): Next {
  const last = callRows.findLast(({ done_at }) => done_at !== null);
  if (!last) return fail('BAD_VALUE', 'Nothing is done yet that could be taken back.');
  if (bake.ended_at) {
    if (!(await removeJars(db, bake.batch_id)))
      return fail(
        'BAD_VALUE',
        'Its packs were opened, moved or taken from already, so it stays finished. Set them right under Jars.',
      );
    await setBake(db, { ...bake, ended_at: null });
    await unmarkBaked(db, bake.batch_id);
  }
  await rewrite(
    db,
    bake,
    callRows.map((row) => (row === last ? { ...row, done_at: null } : row)),
  );
  // A bake that goes on teaches nothing yet.
  if (bake.ended_at) await refitAppliances(db, kitchen, bake.batch_id);
  return succeed({ next: last.position });
}

/** Longer in the heat lengthens the programme itself, so that what is predicted is what is baked. */
async function stayLonger(held: Held, more: number): Next {
  const { db, kitchen, bake, callRows } = held;
  const next = nextOf(callRows);
  if (next === null) return fail('BAD_VALUE', 'This batch is done; nothing can be lengthened.');
  const { call } = callRows[next];
  if (call.runs === null) return callLater(held, more);
  const batch = await holdBatch(db, bake.batch_id);
  if (!batch) return fail('NOT_FOUND', SENTENCES.noSuchBatch);
  const document = lengthened(batch.document, call, more);
  const pantry = await loadPantry(db);
  const [planned, predicted] = [await predictCalls(document, pantry), await forecast(document, pantry, false)];
  if (!planned.ok) return planned;
  if (!predicted.ok) return predicted;
  const saved = await replaceBatch(db, batch.id, batch.revision, {
    name: batch.name,
    document,
    forecast: predicted.value,
    saved_by: nameOfAsking(),
  });
  if (!saved)
    return fail('CHANGED_ELSEWHERE', 'Someone changed this batch at the same moment. Ask for the minutes once more.', 'minutes');
  await writeCalls(db, bake, planned.value.calls, callRows);
  if (bake.day) await replanDay(db, kitchen, bake.day);
  return succeed({ next });
}

async function callLater({ db, bake, callRows, given_ms }: Held, more: number): Next {
  const next = nextOf(callRows);
  if (next === null) return fail('BAD_VALUE', 'This batch is done; nothing is called any more.');
  // From now on when it is overdue: "in two minutes" means two minutes from now.
  const overdue = Math.max(0, minuteOf(given_ms) - minuteOf(callRows[next].due_at));
  const later = callRows.map((row) =>
    row.position === next ? { ...row, added_minutes: row.added_minutes + Math.round(overdue) + more } : row,
  );
  await rewrite(db, bake, later);
  return succeed({ next });
}

async function giveUp({ db, bake }: Held): Next {
  if (bake.ended_at)
    return fail('BAD_VALUE', 'This batch is finished: it stays in the log. Take its last call back if it is not done.');
  await removeBake(db, bake.batch_id);
  return succeed({ next: null });
}

const rewrite = (db: Queryable, bake: BakeRow, callRows: readonly CallRow[]): Promise<void> =>
  writeCalls(
    db,
    bake,
    callRows.map(({ call }) => call),
    callRows,
  );
