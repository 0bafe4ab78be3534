import type { TodayView } from '@/contract/today';
import { succeed, type Result } from '@/core/failure';
import { addDays, dayNumber } from '@/core/quantities';
import { maybeNextBakeDay } from '@/db/bake-day';
import { maybeOpenBatch, namesOf } from '@/db/batches';
import { jarsUntil, totalsOf } from '@/db/jars';
import { appliancesOf } from '@/db/kitchen';
import { lotsOf } from '@/db/pantry';
import { SOON_DAYS, jarView } from './jars/view-jars';
import { viewOven } from './oven/view-oven';
import { loadPantry } from './pantry';
import { kitchenOf, todayIn, zoneOf } from './view-kitchen';
import { withDatabase } from './with-database';

/** What wants using, as far as it is listed. */
const LISTED = 12;
const MONTH_DAYS = 30;

export async function viewToday(): Promise<Result<TodayView>> {
  const oven = await viewOven();
  if (!oven.ok) return oven;
  return withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { id } = kitchen.value;
    const today = todayIn(kitchen.value);
    const within = (date: string): boolean => dayNumber(date) - dayNumber(today) <= SOON_DAYS;
    const pantry = await loadPantry(db);
    const next = await maybeNextBakeDay(db, id, today);
    const jars = await jarsUntil(db, id, { day: addDays(today, SOON_DAYS), limit: LISTED });
    const batches = await namesOf(db, next?.settings.picked.map(({ batch }) => batch) ?? []);
    const open = await maybeOpenBatch(db, id);
    return succeed({
      today,
      now: oven.value.now,
      bakes: oven.value.bakes,
      appliances: (await appliancesOf(db, id)).map(({ id: appliance, name }) => ({ id: appliance, name })),
      jars: jars.rows.map((row) => jarView(row, [], zoneOf(kitchen.value))),
      jars_in_all: jars.total,
      lots: (await lotsOf(db, id)).flatMap(({ ingredient_id, left_g, best_before }) =>
        best_before !== null && left_g > 0 && within(best_before)
          ? [{ name: pantry.get(ingredient_id)?.name ?? ingredient_id, left_g, best_before }]
          : [],
      ),
      next: next && {
        day: next.day,
        starts: next.settings.starts,
        batches: next.settings.picked.flatMap(({ batch, due }) => {
          const name = batches.get(batch);
          return name === undefined ? [] : [{ id: batch, name, due }];
        }),
      },
      month: { days: MONTH_DAYS, currency: kitchen.value.currency, totals: await totalsOf(db, id, MONTH_DAYS) },
      open: open && { id: open.id, name: open.name },
    });
  });
}
