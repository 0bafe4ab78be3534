import { succeed, type Result } from '@/core/failure';
import { fillAsCounted, type CountedPieces } from '@/core/outcomes';
import type { Pantry } from '@/core/pantry';
import type { BatchRow } from '@/db/batches';
import type { Queryable } from '@/db/client';
import { addJar, addJarEvent, packsOf, recountJar, removeJar, removeJars } from '@/db/jars';
import type { KitchenRow } from '@/db/kitchen';
import { predictWithBands } from '../predict-with-bands';
import { store } from './store';

/** A batch whose packs may be in the store room. */
type Stored = { readonly db: Queryable; readonly kitchen: KitchenRow; readonly batch: BatchRow; readonly pantry: Pantry };

/** Packs of the store room as they were put away. */
type Packs = Awaited<ReturnType<typeof packsOf>>;

/**
 * Carries a count that was put right through to the packs that are stored, portion by portion: all are packed anew while nothing was
 * done with any of them; else the last that were not touched take what is more or less.
 *
 * @returns pieces that could not be taken out, since every pack that is left was opened, moved or taken from
 */
export async function carryCount(
  { db, kitchen, batch, pantry }: Stored,
  counted: CountedPieces,
): Promise<Result<{ not_carried: number }>> {
  const there = await packsOf(db, batch.id);
  if (there.length === 0 || counted.pieces === null) return succeed({ not_carried: 0 });
  const known = await predictWithBands(batch.document, pantry);
  if (!known.ok) return known;
  const wanted = new Map<string | null, number>(known.value.portions.map(({ name }) => [name, 0]));
  for (const { portion, pieces } of fillAsCounted(known.value.portions, counted))
    wanted.set(portion, (wanted.get(portion) ?? 0) + pieces);
  const more = missing(there, wanted);
  if (more.every(({ pieces }) => pieces === 0)) return succeed({ not_carried: 0 });
  if (await removeJars(db, batch.id)) {
    const stored = await store(db, kitchen, batch, pantry);
    return stored.ok ? succeed({ not_carried: 0 }) : stored;
  }
  let not_carried = 0;
  for (const { packs, pieces } of more) {
    if (pieces > 0) await putIn(db, kitchen.id, packs.length > 0 ? packs : there, pieces);
    else not_carried += await takeOut(db, packs, -pieces);
  }
  return succeed({ not_carried });
}

/** Packs of each portion and the pieces that they lack; of all together where they were put away under other portions than there are now. */
function missing(
  there: Packs,
  wanted: ReadonlyMap<string | null, number>,
): Array<{ readonly packs: Packs; readonly pieces: number }> {
  const inThem = (packs: Packs): number => packs.reduce((sum, { pieces }) => sum + pieces, 0);
  if (there.some(({ portion }) => !wanted.has(portion))) {
    const all = [...wanted.values()].reduce((sum, pieces) => sum + pieces, 0);
    return [{ packs: there, pieces: all - inThem(there) }];
  }
  return [...wanted].map(([portion, pieces]) => {
    const packs = there.filter((pack) => pack.portion === portion);
    return { packs, pieces: pieces - inThem(packs) };
  });
}

/** More pieces into the last pack that nothing was done with, else into one more like it. */
async function putIn(db: Queryable, kitchenId: string, packs: Packs, more: number): Promise<void> {
  const fresh = packs.findLast(({ touched }) => !touched);
  if (fresh) return recountJar(db, fresh.id, fresh.pieces + more);
  const like = packs[packs.length - 1];
  const now = like.batch_id === null ? packs : await packsOf(db, like.batch_id);
  const slot = Math.max(...now.map((pack) => pack.slot ?? 0)) + 1;
  const id = await addJar(db, kitchenId, { ...like, pieces: more, left_over: more, slot });
  await addJarEvent(db, id, { act: 'packed', pieces: more, price: null, note: 'counted later' });
}

/** @returns pieces that are in no pack that nothing was done with */
async function takeOut(db: Queryable, packs: Packs, less: number): Promise<number> {
  let left = less;
  for (const { id, pieces } of packs.filter(({ touched }) => !touched).reverse()) {
    const out = Math.min(pieces, left);
    if (out === pieces) await removeJar(db, id);
    else if (out > 0) await recountJar(db, id, pieces - out);
    left -= out;
  }
  return left;
}
