import Joi from 'joi';
import type { BinView, BinWish, Binned } from '@/contract/bin';
import { fail, succeed, type Result } from '@/core/failure';
import { A_DAY_S } from '@/core/quantities';
import { DAYS_IN_BIN, emptyBin, inBin, isBaking, putInBin, takeOutOfBin, THING_KINDS, usesOf, type Thing } from '@/db/bin';
import type { Queryable } from '@/db/client';
import { noWayBack } from '@/db/failures';
import { checkWith } from '@/formats/read-batch';
import { inTransaction, refusedHere, withDatabase } from './with-database';

/** Most things that are taken away or brought back at once. */
const MOST = 500;

const WISHES = Joi.object<{ readonly things: readonly BinWish[] }>({
  things: Joi.array()
    .items(
      Joi.object({
        kind: Joi.string()
          .valid(...THING_KINDS)
          .required(),
        id: Joi.string().max(200).required(),
      }),
    )
    .min(1)
    .max(MOST)
    .required(),
});
const IDS = Joi.object<{ readonly ids: readonly string[] }>({
  ids: Joi.array().items(Joi.string().guid()).min(1).max(MOST).required(),
});

/** Takes things away, all of them or none. */
export async function bin(body: unknown): Promise<Result<{ readonly binned: readonly Binned[] }>> {
  const refused = await refusedHere('baker');
  if (refused) return refused;
  const request = checkWith(WISHES, body);
  if (!request.ok) return request;
  return inTransaction('baker', async (db) => {
    const binned: Binned[] = [];
    for (const thing of request.value.things) {
      const gone = await binOne(db, thing);
      if (!gone.ok) return gone;
      binned.push(gone.value);
    }
    return succeed({ binned });
  });
}

/** Takes one thing away, where nothing needs it. */
export async function binOne(db: Queryable, thing: Thing): Promise<Result<Binned>> {
  if (thing.kind === 'batch' && (await isBaking(db, thing.id)))
    return fail('OUT_OF_RANGE', 'This batch is at the oven. Finish it there or give it up, then delete it.');
  if (thing.kind === 'ingredient') {
    const uses = await usesOf(db, thing.id);
    if (uses > 0)
      return fail('OUT_OF_RANGE', `It is in ${uses} recipes and batches. Swap it there for another first, then delete it.`);
  }
  const gone = await putInBin(db, thing);
  if (!gone) return fail('NOT_FOUND', 'It is not there any more. Somebody may have deleted it already.');
  return succeed({ ...gone, kind: thing.kind });
}

const NO_WAY_BACK = {
  'stands-there': 'Another one like it is there again, so this one stays in the bin. Delete the other first.',
  'hangs-on-nothing': 'What it belonged to is gone, so it stays in the bin. Bring that back first.',
} as const;

type Back = { readonly back: ReadonlyArray<Omit<Binned, 'id'>> };

/** Brings things back where they were, all of them or none. */
export async function takeBack(body: unknown): Promise<Result<Back>> {
  const refused = await refusedHere('baker');
  if (refused) return refused;
  const request = checkWith(IDS, body);
  if (!request.ok) return request;
  try {
    return await inTransaction('baker', (db) => allBack(db, request.value.ids));
  } catch (error) {
    const why = noWayBack(error);
    if (why === null) throw error;
    return fail('OUT_OF_RANGE', NO_WAY_BACK[why]);
  }
}

async function allBack(db: Queryable, ids: readonly string[]): Promise<Result<Back>> {
  const back: Array<Omit<Binned, 'id'>> = [];
  for (const id of ids) {
    const out = await takeOutOfBin(db, id);
    if (!out) return fail('NOT_FOUND', 'It is not in the bin any more: it was brought back already, or its 14 days are over.');
    back.push({ kind: out.kind, name: out.name });
  }
  return succeed({ back });
}

/** What was taken away and can be brought back. */
export const viewBin = (): Promise<Result<BinView>> =>
  withDatabase('guest', async (db) => {
    const rows = await inBin(db);
    return succeed({
      things: rows.map(({ id, kind, name, binned_at }) => ({
        ...{ id, kind, name },
        binned_at: binned_at.toISOString(),
        gone_on: new Date(binned_at.getTime() + DAYS_IN_BIN * A_DAY_S * 1000).toISOString(),
      })),
    });
  });

/** Forgets for good what is in the bin. */
export const emptyTheBin = (): Promise<Result<{ readonly gone: number }>> =>
  withDatabase('owner', async (db) => succeed({ gone: await emptyBin(db) }));
