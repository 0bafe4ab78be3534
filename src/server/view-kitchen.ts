import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { airOn } from '@/core/quantities';
import type { Queryable } from '@/db/client';
import { maybeKitchen, type KitchenRow } from '@/db/kitchen';
import { isoDay, now, type TimeZone } from './clock';

/** The kitchen that is asked for, in the air that it has today; or what to do when there is none yet. */
export async function kitchenOf(db: Queryable): Promise<Result<KitchenRow>> {
  const kitchen = await maybeKitchen(db);
  if (!kitchen) return fail('NOT_FOUND', SENTENCES.noKitchen);
  return succeed({ ...kitchen, ...airOn(todayIn(kitchen), kitchen) });
}

/** The zone that a kitchen's clocks are set to. */
export const zoneOf = ({ time_zone }: Pick<KitchenRow, 'time_zone'>): TimeZone => time_zone ?? undefined;

/** The ISO day that it is in a kitchen. */
export const todayIn = (kitchen: Pick<KitchenRow, 'time_zone'>): string => isoDay(now(), zoneOf(kitchen));
