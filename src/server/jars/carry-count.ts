import { succeed, type Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import type { BatchRow } from '@/db/batches';
import type { Queryable } from '@/db/client';
import { addJar, addJarEvent, packsOf, recountJar, removeJar, removeJars } from '@/db/jars';
import type { KitchenRow } from '@/db/kitchen';
import { store } from './store';

/** A batch whose packs may be in the store room. */
type Stored = { readonly db: Queryable; readonly kitchen: KitchenRow; readonly batch: BatchRow; readonly pantry: Pantry };

/**
 * Carries a count that was put right through to the packs that are stored: all are packed anew while nothing was done with any of
 * them; else the last that were not touched take what is more or less.
 *
 * @returns pieces that could not be taken out, since every pack that is left was opened, moved or taken from
 */
export async function carryCount(
  { db, kitchen, batch, pantry }: Stored,
  counted: number | null,
): Promise<Result<{ not_carried: number }>> {
  const there = await packsOf(db, batch.id);
  if (there.length === 0 || counted === null) return succeed({ not_carried: 0 });
  if (there.reduce((sum, { pieces }) => sum + pieces, 0) === counted) return succeed({ not_carried: 0 });
  if (await removeJars(db, batch.id)) {
    const stored = await store(db, kitchen, batch, pantry);
    return stored.ok ? succeed({ not_carried: 0 }) : stored;
  }
  let more = counted - there.reduce((sum, { pieces }) => sum + pieces, 0);
  const fresh = there.filter(({ touched }) => !touched).reverse();
  if (more > 0) {
    const like = fresh[0] ?? there[there.length - 1];
    if (fresh[0]) await recountJar(db, like.id, like.pieces + more);
    else {
      const slot = Math.max(...there.map((pack) => pack.slot ?? 0)) + 1;
      const id = await addJar(db, kitchen.id, { ...like, pieces: more, left_over: more, slot });
      await addJarEvent(db, id, { act: 'packed', pieces: more, price: null, note: 'counted later' });
    }
    return succeed({ not_carried: 0 });
  }
  for (const { id, pieces } of fresh) {
    const out = Math.min(pieces, -more);
    if (out === pieces) await removeJar(db, id);
    else if (out > 0) await recountJar(db, id, pieces - out);
    more += out;
  }
  return succeed({ not_carried: -more });
}
