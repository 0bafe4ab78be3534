import type { JarView } from '@/contract/jars';
import { succeed, type Result } from '@/core/failure';
import { goodUntil } from '@/core/keeping';
import { eventsOf, jarsOf, totalsOf, type JarTotal } from '@/db/jars';
import type { Queryable } from '@/db/client';
import type { KitchenRow } from '@/db/kitchen';
import { isoDay } from '../clock';
import { kitchenOf, todayIn, zoneOf } from '../view-kitchen';
import { withDatabase } from '../with-database';

export type JarsView = {
  readonly today: string;
  readonly currency: string;
  readonly jars: readonly JarView[];
  readonly totals: readonly JarTotal[];
  readonly totals_days: number;
};

const TOTALS_DAYS = 90;
const HISTORY = 8;

export const viewJars = (): Promise<Result<JarsView>> =>
  withDatabase(async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { currency } = kitchen.value;
    return succeed({
      today: todayIn(kitchen.value),
      currency,
      jars: await jarsIn(db, kitchen.value),
      totals: await totalsOf(db, kitchen.value.id, TOTALS_DAYS),
      totals_days: TOTALS_DAYS,
    });
  });

/** Every pack that is there, the one to use first first. */
export async function jarsIn(db: Queryable, kitchen: Pick<KitchenRow, 'id' | 'time_zone'>): Promise<JarView[]> {
  const rows = await jarsOf(db, kitchen.id);
  const events = await eventsOf(
    db,
    rows.map(({ id }) => id),
  );
  return rows
    .map(({ state, ...row }): JarView => {
      const { option, store, opened, thawed, life } = state;
      const history = (events.get(row.id) ?? [])
        .slice(0, HISTORY)
        .map(({ at, ...event }) => ({ on: isoDay(at, zoneOf(kitchen)), ...event }));
      return { ...row, option, store, opened, thawed, limit: life.limit, ...goodUntil(state), history };
    })
    .sort(
      (a, b) => Number(b.opened) - Number(a.opened) || a.use_by.localeCompare(b.use_by) || a.packed_on.localeCompare(b.packed_on),
    );
}
