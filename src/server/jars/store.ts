import { lifeOfPack, makerLetter } from '@/core/outcomes';
import { succeed, type Result } from '@/core/failure';
import { freshlyPacked } from '@/core/keeping';
import { lotOf } from '@/core/labelling';
import type { Pantry } from '@/core/pantry';
import type { BatchRow } from '@/db/batches';
import type { Queryable } from '@/db/client';
import { addJar, addJarEvent } from '@/db/jars';
import type { KitchenRow } from '@/db/kitchen';
import { predictWithBands } from '../predict-with-bands';
import { todayIn } from '../view-kitchen';

/** The packs of a batch as rows of the store room, dated from the day it was baked. */
export async function store(
  db: Queryable,
  kitchen: Pick<KitchenRow, 'id' | 'name' | 'time_zone'>,
  batch: Pick<BatchRow, 'id' | 'name' | 'document' | 'baked_on'>,
  pantry: Pantry,
): Promise<Result<{ jars: number }>> {
  const known = await predictWithBands(batch.document, pantry);
  if (!known.ok) return known;
  const { packs, piece_g } = known.value.packs;
  const packed_on = batch.baked_on ?? todayIn(kitchen);
  const lot = lotOf(packed_on, batch.document.label?.letter ?? 'A', makerLetter(kitchen.name));
  for (const { keeps, pieces } of packs) {
    const id = await addJar(db, kitchen.id, {
      batch_id: batch.id,
      name: batch.name,
      lot,
      packed_on,
      pieces,
      left_over: pieces,
      piece_g,
      state: freshlyPacked(keeps.option, keeps.store, lifeOfPack(keeps), packed_on),
    });
    await addJarEvent(db, id, { act: 'packed', pieces, price: null, note: '' });
  }
  return succeed({ jars: packs.length });
}
