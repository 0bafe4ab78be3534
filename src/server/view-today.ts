import type { TodayView } from '@/contract/today';
import { succeed, type Result } from '@/core/failure';
import { dayNumber } from '@/core/quantities';
import { maybeNextBakeDay } from '@/db/bake-day';
import { maybeOpenBatch, namesOf } from '@/db/batches';
import { appliancesOf } from '@/db/kitchen';
import { lotsOf, ingredients } from '@/db/pantry';
import { jarsIn } from './jars/view-jars';
import { viewOven } from './oven/view-oven';
import { kitchenOf, todayIn } from './view-kitchen';
import { withDatabase } from './with-database';

const USE_WITHIN_DAYS = 7;

export async function viewToday(): Promise<Result<TodayView>> {
  const oven = await viewOven();
  if (!oven.ok) return oven;
  return withDatabase(async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { id } = kitchen.value;
    const today = todayIn(kitchen.value);
    const within = (date: string): boolean => dayNumber(date) - dayNumber(today) <= USE_WITHIN_DAYS;
    const names = new Map((await ingredients(db)).map((row) => [row.id, row.name]));
    const next = await maybeNextBakeDay(db, id, today);
    const batches = await namesOf(db, next?.settings.picked.map(({ batch }) => batch) ?? []);
    const open = await maybeOpenBatch(db, id);
    return succeed({
      today,
      now: oven.value.now,
      bakes: oven.value.bakes,
      appliances: (await appliancesOf(db, id)).map(({ id: appliance, name }) => ({ id: appliance, name })),
      jars: (await jarsIn(db, kitchen.value)).filter(({ use_by }) => within(use_by)),
      lots: (await lotsOf(db, id)).flatMap(({ ingredient_id, left_g, best_before }) =>
        best_before !== null && left_g > 0 && within(best_before)
          ? [{ name: names.get(ingredient_id) ?? ingredient_id, left_g, best_before }]
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
      open: open && { id: open.id, name: open.name },
    });
  });
}
