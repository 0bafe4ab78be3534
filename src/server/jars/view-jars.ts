import type { JarView, JarsView, ShelfView } from '@/contract/jars';
import { succeed, type Result } from '@/core/failure';
import { STORES, type Store } from '@/core/keeping';
import { eventsOf, jarsOn, shelfCounts, totalsOf, type JarEvent, type ListedJar } from '@/db/jars';
import { isId } from '@/db/ids';
import type { Queryable } from '@/db/client';
import type { KitchenRow } from '@/db/kitchen';
import { isoDay, type TimeZone } from '../clock';
import { kitchenOf, todayIn, zoneOf } from '../view-kitchen';
import { withDatabase } from '../with-database';

const TOTALS_DAYS = 90;
const HISTORY = 8;
/** A pack this near its day wants using [days]. */
export const SOON_DAYS = 7;
/** Packs of one shelf on one page. */
const SHELF = 40;

/** What is asked of the store room: words of a name or lot, and the pack after which each shelf goes on. */
export type JarsQuery = { readonly [K in Store | 'find']?: string | undefined };

/** The store room, shelf by shelf, the pack to use first first. */
export const viewJars = (query: JarsQuery): Promise<Result<JarsView>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { id, currency } = kitchen.value;
    const today = todayIn(kitchen.value);
    const find = query.find ?? '';
    const counts = await shelfCounts(db, id, { find, today, soon_days: SOON_DAYS });
    const shelves: ShelfView[] = [];
    for (const { store, ...count } of STORES.flatMap((one) => counts.filter(({ store: at }) => at === one)))
      shelves.push({ store, ...count, ...(await shelfOf(db, kitchen.value, { store, find, after: query[store] })) });
    return succeed({
      today,
      currency,
      find,
      shelves,
      totals: await totalsOf(db, id, TOTALS_DAYS),
      totals_days: TOTALS_DAYS,
    });
  });

type Part = { readonly store: Store; readonly find: string; readonly after: string | undefined };

async function shelfOf(
  db: Queryable,
  kitchen: Pick<KitchenRow, 'id' | 'time_zone'>,
  { store, find, after }: Part,
): Promise<Pick<ShelfView, 'jars' | 'goesOn' | 'next'>> {
  const from = after !== undefined && isId(after) ? after : null;
  const rows = await jarsOn(db, kitchen.id, { store, find, after: from, limit: SHELF + 1 });
  const shown = rows.slice(0, SHELF);
  const events = await eventsOf(
    db,
    shown.map(({ id }) => id),
  );
  const jars = shown.map((row) => jarView(row, events.get(row.id) ?? [], zoneOf(kitchen)));
  return { jars, goesOn: from !== null, next: rows.length > SHELF ? shown[SHELF - 1].id : null };
}

/** A pack as pages show it. */
export function jarView({ state, ...row }: ListedJar, events: readonly JarEvent[], zone: TimeZone): JarView {
  const { option, store, opened, thawed, life } = state;
  const history = events.slice(0, HISTORY).map(({ at, ...event }) => ({ on: isoDay(at, zone), ...event }));
  return { ...row, option, store, opened, thawed, limit: life.limit, history };
}
