import { fillAsCounted, lifeOfPack, makerLetter } from '@/core/outcomes';
import { succeed, type Result } from '@/core/failure';
import { freshlyPacked } from '@/core/keeping';
import { lotOf } from '@/core/labelling';
import type { Pantry } from '@/core/pantry';
import { holdBatch, type BatchRow } from '@/db/batches';
import type { Queryable } from '@/db/client';
import { addJar, addJarEvent, packsOf } from '@/db/jars';
import type { KitchenRow } from '@/db/kitchen';
import { maybeMeasurement } from '@/db/measurements';
import { predictWithBands } from '../predict-with-bands';
import { todayIn } from '../view-kitchen';

type Place = Pick<KitchenRow, 'id' | 'name' | 'time_zone'>;
type Baked = Pick<BatchRow, 'id' | 'name' | 'document' | 'baked_on'>;

/**
 * The packs of a batch as rows of the store room, dated from the day it was baked, with as many pieces as were counted. What is put
 * away already stays as it is: whoever asks at the same moment waits for the first, and finds it done.
 */
export async function store(db: Queryable, kitchen: Place, batch: Baked, pantry: Pantry): Promise<Result<{ jars: number }>> {
  await holdBatch(db, batch.id);
  const there = await packsOf(db, batch.id);
  if (there.length > 0) return succeed({ jars: there.length });
  const known = await predictWithBands(batch.document, pantry);
  if (!known.ok) return known;
  const counted = await maybeMeasurement(db, batch.id);
  const packs = fillAsCounted(known.value.portions, counted);
  const packed_on = batch.baked_on ?? todayIn(kitchen);
  const lot = lotOf(packed_on, batch.document.label?.letter ?? 'A', makerLetter(kitchen.name));
  for (const [i, { portion, keeps, pieces, piece_g }] of packs.entries()) {
    const id = await addJar(db, kitchen.id, {
      batch_id: batch.id,
      name: portion === null ? batch.name : `${batch.name}, ${portion}`,
      lot,
      packed_on,
      pieces,
      left_over: pieces,
      piece_g,
      state: freshlyPacked(keeps.option, keeps.store, lifeOfPack(keeps), packed_on),
      slot: i + 1,
      portion,
    });
    await addJarEvent(db, id, { act: 'packed', pieces, price: null, note: '' });
  }
  return succeed({ jars: packs.length });
}
