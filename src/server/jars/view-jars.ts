import { succeed, type Result } from '@/core/failure';
import { goodUntil, type Stored } from '@/core/keeping';
import { eventsOf, jarsOf, totalsOf, type JarAct, type JarRow, type JarTotal } from '@/db/jars';
import type { Queryable } from '@/db/client';
import { kitchenOf } from '../view-kitchen';
import { withDatabase } from '../with-database';

/** A pack of the store room as it is shown. */
export type JarView = Omit<JarRow, 'state'> &
  Pick<Stored, 'option' | 'store' | 'opened' | 'thawed'> & {
    readonly limit: string;
    /** ISO dates until which it is surely, and likely, good. */
    readonly surely: string;
    readonly likely: string;
    readonly history: ReadonlyArray<{
      readonly on: string;
      readonly act: JarAct;
      readonly pieces: number | null;
      readonly price: number | null;
      readonly note: string;
    }>;
  };

export type JarsView = {
  readonly today: string;
  readonly currency: string;
  readonly jars: readonly JarView[];
  readonly totals: readonly JarTotal[];
  readonly totals_days: number;
};

const TOTALS_DAYS = 90;
const HISTORY = 8;

export const viewJars = (today: string): Promise<Result<JarsView>> =>
  withDatabase(async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { id, currency } = kitchen.value;
    return succeed({
      today,
      currency,
      jars: await jarsIn(db, id),
      totals: await totalsOf(db, id, TOTALS_DAYS),
      totals_days: TOTALS_DAYS,
    });
  });

/** Every pack that is there, the one to use first first. */
export async function jarsIn(db: Queryable, kitchenId: string): Promise<JarView[]> {
  const rows = await jarsOf(db, kitchenId);
  const events = await eventsOf(
    db,
    rows.map(({ id }) => id),
  );
  return rows
    .map(({ state, ...row }): JarView => {
      const { option, store, opened, thawed, life } = state;
      const history = (events.get(row.id) ?? [])
        .slice(0, HISTORY)
        .map(({ at, ...event }) => ({ on: at.toISOString().slice(0, 10), ...event }));
      return { ...row, option, store, opened, thawed, limit: life.limit, ...goodUntil(state), history };
    })
    .sort(
      (a, b) => Number(b.opened) - Number(a.opened) || a.surely.localeCompare(b.surely) || a.packed_on.localeCompare(b.packed_on),
    );
}
