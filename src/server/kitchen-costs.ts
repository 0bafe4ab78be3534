import { lostShare } from '@/core/costing';
import type { KitchenCosts } from '@/core/outcomes';
import type { Queryable } from '@/db/client';
import type { KitchenRow } from '@/db/kitchen';
import { countedLosses } from '@/db/losses';

/** What a kitchen pays besides ingredients, with the price of its energy and with what it was found to lose where it counts that. */
export async function kitchenCosts(
  db: Queryable,
  { id, costs, energy_per_kwh, losses_used, losses_since }: KitchenRow,
): Promise<KitchenCosts> {
  const lost = losses_used ? lostShare(await countedLosses(db, id, losses_since)) : null;
  return {
    ...costs,
    ...(energy_per_kwh === null ? {} : { energy_per_kwh }),
    ...(lost && lost.batches > 0 ? { lost } : {}),
  };
}
