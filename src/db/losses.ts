import type { CountedLosses } from '@/core/costing';
import type { Queryable } from './client';

/** So many counted batches say how a kitchen works now. */
const REMEMBERED = 40;

/** What was counted, put away and thrown away from a day on; null for all of it. */
export async function countedLosses(db: Queryable, kitchenId: string, since: string | null): Promise<CountedLosses> {
  const { rows: counts } = await db.query<CountedLosses['counts'][number]>(
    `select (m.forecast->>'pieces')::numeric as predicted, m.pieces::numeric as counted
     from measurement m join batch b on b.id = m.batch_id
     where b.kitchen_id = $1 and m.pieces is not null and ($2::date is null or b.baked_on >= $2)
     order by b.baked_on desc, b.created_at desc limit $3`,
    [kitchenId, since, REMEMBERED],
  );
  const { rows } = await db.query<{ packed: number; discarded: number }>(
    `select coalesce(sum(e.pieces) filter (where e.act = 'packed'), 0)::numeric as packed,
       coalesce(sum(e.pieces) filter (where e.act = 'discarded'), 0)::numeric as discarded
     from jar_event e join jar j on j.id = e.jar_id
     where j.kitchen_id = $1 and ($2::date is null or j.packed_on >= $2)`,
    [kitchenId, since],
  );
  return { counts, ...rows[0] };
}

/** Whether costs use what was counted, and from which day on it counts. */
export async function setLossesUse(
  db: Queryable,
  kitchenId: string,
  { losses_used, losses_since }: { readonly losses_used: boolean; readonly losses_since: string | null },
): Promise<void> {
  await db.query('update kitchen set losses_used = $2, losses_since = $3 where id = $1', [kitchenId, losses_used, losses_since]);
}
