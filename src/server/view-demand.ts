import type { DemandView, WantedTreat } from '@/contract/demand';
import { LEAST_WEEKS, byWeek, foretell, storeOutlook, weekdayShares } from '@/core/demand';
import { succeed, type Result } from '@/core/failure';
import { batchSizes, stockByTreat, takenByDay, type StockRow, type TakenRow } from '@/db/demand';
import { kitchenOf, todayIn, zoneOf } from './view-kitchen';
import { withDatabase } from './with-database';

const AHEAD = 4;
/** A year and a week: older sales say little of the next ones. */
const LOOKED_BACK_DAYS = 371;
/** Treats that are told of; what is wanted most comes first. */
const MOST = 12;

/** What will be wanted of each treat in the weeks to come, from what was eaten, given and sold. */
export const viewDemand = (): Promise<Result<DemandView>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { id } = kitchen.value;
    const today = todayIn(kitchen.value);
    const zone = zoneOf(kitchen.value) ?? Intl.DateTimeFormat().resolvedOptions().timeZone;
    const taken = grouped(await takenByDay(db, id, zone, LOOKED_BACK_DAYS));
    const stock = grouped(await stockByTreat(db, id));
    const told = [...taken].map(([treat, rows]) => ({ rows, wanted: wantedOf(rows, stock.get(treat) ?? [], today) }));
    const treats = told
      .flatMap(({ wanted }) => wanted ?? [])
      .sort((one, other) => other.next.likely - one.next.likely)
      .slice(0, MOST);
    const sizes = await batchSizes(
      db,
      id,
      treats.flatMap(({ recipe_id }) => recipe_id ?? []),
    );
    return succeed({
      weeks_ahead: AHEAD,
      treats: treats.map((one) => ({ ...one, bake: batchesFor(one, sizes) })),
      too_few: told.flatMap(({ rows, wanted }) => (wanted ? [] : [rows[0].treat])).sort(),
      least_weeks: LEAST_WEEKS,
    });
  });

function grouped<T extends { readonly treat: string }>(rows: readonly T[]): Map<string, T[]> {
  const of = new Map<string, T[]>();
  for (const row of rows) {
    const before = of.get(row.treat);
    if (before) before.push(row);
    else of.set(row.treat, [row]);
  }
  return of;
}

type Wanted = Omit<WantedTreat, 'bake'>;

function wantedOf(rows: readonly TakenRow[], packs: readonly StockRow[], today: string): Wanted | null {
  const [{ treat, recipe_id }] = rows;
  const taken = rows.map(({ day, pieces }) => ({ on: day, pieces }));
  const weeks = byWeek(taken, today);
  const forecast = foretell(weeks, AHEAD);
  if (!forecast) return null;
  const store = storeOutlook(packs, forecast, weekdayShares(taken), today);
  return { treat, recipe_id, weeks: weeks.length, next: forecast[0], store };
}

/** Whole batches of the size of the newest one. */
function batchesFor({ recipe_id, store }: Wanted, sizes: ReadonlyMap<string, number>): WantedTreat['bake'] {
  const pieces = recipe_id === null ? undefined : sizes.get(recipe_id);
  return pieces === undefined ? null : { batches: Math.ceil(store.short / pieces), pieces };
}
