import { fail, succeed, type Result } from '@/core/failure';
import type { Queryable } from '@/db/client';
import { maybeKitchen, type KitchenRow } from '@/db/kitchen';

/** This installation's kitchen, or what to do when there is none yet. */
export async function kitchenOf(db: Queryable): Promise<Result<KitchenRow>> {
  const kitchen = await maybeKitchen(db);
  return kitchen
    ? succeed(kitchen)
    : fail('NOT_FOUND', 'There is no kitchen yet. Run npm start once: it sets up the demo kitchen.');
}
