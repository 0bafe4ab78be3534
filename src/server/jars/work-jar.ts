import { counted } from '@/core/quantities';
import Joi from 'joi';
import type { BatchDocument } from '@/core/document';
import type { FreshlyStored } from '@/core/outcomes';
import { fail, succeed, type Result } from '@/core/failure';
import { PACKS, movedTo, openedOn, type PackOption, type Stored, type Store } from '@/core/keeping';
import { maybeBatch } from '@/db/batches';
import type { Queryable } from '@/db/client';
import { addJarEvent, holdJar, setJar, type JarAct, type JarRow } from '@/db/jars';
import { checkWith } from '@/formats/read-batch';
import { computeResult } from '../compute/compute';
import { loadPantry } from '../pantry';
import { kitchenOf, todayIn } from '../view-kitchen';
import { inTransaction } from '../with-database';

type Work =
  | { readonly do: 'open' | 'recrisp'; readonly note: string }
  | { readonly do: 'eat' | 'give' | 'discard'; readonly pieces: number; readonly note: string }
  | { readonly do: 'sell'; readonly pieces: number; readonly price: number | null; readonly note: string }
  | { readonly do: 'move'; readonly option: PackOption; readonly store: Store; readonly note: string };
const WORK = Joi.object<Work>({
  do: Joi.string().valid('open', 'recrisp', 'eat', 'give', 'discard', 'sell', 'move').required(),
  note: Joi.string().trim().allow('').max(300).default(''),
})
  .when(Joi.object({ do: Joi.valid('eat', 'give', 'discard', 'sell') }).unknown(), {
    then: Joi.object({ pieces: Joi.number().integer().min(1).required() }),
  })
  .when(Joi.object({ do: 'sell' }).unknown(), {
    then: Joi.object({ price: Joi.number().min(0).max(100_000).allow(null).default(null) }),
  })
  .when(Joi.object({ do: 'move' }).unknown(), {
    then: Joi.object({
      option: Joi.string()
        .valid(...Object.keys(PACKS))
        .required(),
      store: Joi.string().valid('room', 'fridge', 'freezer').required(),
    }),
  });

const TAKEN: Record<'eat' | 'give' | 'discard' | 'sell', JarAct> = {
  eat: 'eaten',
  give: 'given',
  discard: 'discarded',
  sell: 'sold',
};

/** Does something with a pack of the store room. */
export const workJar = (id: string, body: unknown): Promise<Result<{ left: number }>> =>
  inTransaction('helper', async (db) => {
    const request = checkWith(WORK, body);
    if (!request.ok) return request;
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const jar = await holdJar(db, kitchen.value.id, id);
    if (!jar) return fail('NOT_FOUND', 'This pack is not in the store room any more. Reload to see what is.');
    return work(db, jar, request.value, todayIn(kitchen.value));
  });

async function work(db: Queryable, jar: JarRow, asked: Work, today: string): Promise<Result<{ left: number }>> {
  switch (asked.do) {
    case 'open': {
      const after = await lifeIn(db, jar, jar.state.option, jar.state.store);
      if (!after.ok) return after;
      return note(db, jar, { state: openedOn(jar.state, today, after.value.opened_days) }, { act: 'opened', note: asked.note });
    }
    // Crisp again, but no younger: mould and fat have gone on meanwhile, so its date stays.
    case 'recrisp':
      return note(db, jar, {}, { act: 'recrisped', note: asked.note });
    case 'eat':
    case 'give':
    case 'discard':
    case 'sell': {
      const { pieces } = asked;
      if (pieces > jar.left_over)
        return fail(
          'OUT_OF_RANGE',
          `There ${jar.left_over === 1 ? 'is' : 'are'} ${counted(jar.left_over, 'piece')} left in this pack, not ${pieces}.`,
          'pieces',
        );
      const price = asked.do === 'sell' ? asked.price : null;
      return note(db, jar, { left_over: jar.left_over - pieces }, { act: TAKEN[asked.do], pieces, price, note: asked.note });
    }
    case 'move': {
      const { option, store } = asked;
      const there = await lifeIn(db, jar, option, store);
      if (!there.ok) return there;
      const state = movedTo(jar.state, today, { option, store, life: there.value.life }, there.value.tender);
      if (!state.ok) return state;
      const act = option === jar.state.option ? 'moved' : 'repacked';
      return note(db, jar, { state: state.value }, { act, note: asked.note });
    }
  }
}

async function lifeIn(db: Queryable, jar: JarRow, option: PackOption, store: Store): Promise<Result<FreshlyStored>> {
  const batch = jar.batch_id === null ? null : await maybeBatch(db, jar.batch_id);
  return readLife(db, jar, batch?.document ?? null, option, store);
}

/** How long the batch keeps there; a batch that was thrown away leaves only what the pack knew of itself. */
// oxlint-disable-next-line max-params -- older than the rule
async function readLife(
  db: Queryable,
  { state, portion }: JarRow,
  document: BatchDocument | null,
  option: PackOption,
  store: Store,
): Promise<Result<FreshlyStored>> {
  if (document) return computeResult('freshLife', { document, pantry: await loadPantry(db), portion, option, store });
  if (option === state.option && store === state.store)
    return succeed({ life: state.life, opened_days: null, tender: { soft: false, meat: false } });
  return fail('NOT_FOUND', 'The batch of this pack is gone, so nobody knows how long it would keep elsewhere.');
}

async function note(
  db: Queryable,
  jar: JarRow,
  change: { readonly left_over?: number; readonly state?: Stored },
  event: { readonly act: JarAct; readonly pieces?: number; readonly price?: number | null; readonly note: string },
): Promise<Result<{ left: number }>> {
  const next = { left_over: change.left_over ?? jar.left_over, state: change.state ?? jar.state };
  await setJar(db, jar.id, next);
  await addJarEvent(db, jar.id, { pieces: null, price: null, ...event });
  return succeed({ left: next.left_over });
}
