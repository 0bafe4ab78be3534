import { fail, succeed, type Result } from '@/core/failure';
import type { Queryable } from '@/db/client';
import { maybeKitchen, type KitchenRow } from '@/db/kitchen';
import { isoDay, now, type TimeZone } from './clock';

/** This installation's kitchen, or what to do when there is none yet. */
export async function kitchenOf(db: Queryable): Promise<Result<KitchenRow>> {
  const kitchen = await maybeKitchen(db);
  return kitchen
    ? succeed(kitchen)
    : fail('NOT_FOUND', 'There is no kitchen yet. Run npm start once: it sets up the demo kitchen.');
}

/** The zone that a kitchen's clocks are set to. */
export const zoneOf = ({ time_zone }: Pick<KitchenRow, 'time_zone'>): TimeZone => time_zone ?? undefined;

/** The ISO day that it is in a kitchen. */
export const todayIn = (kitchen: Pick<KitchenRow, 'time_zone'>): string => isoDay(now(), zoneOf(kitchen));
