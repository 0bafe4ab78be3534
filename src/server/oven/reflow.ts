import { genomesOf, searchInSteps, type Day, type Planned, type Rec } from '@/core/bakeday';
import { dayOf } from '@/core/batch';
import { maybeBakeDay, setBakeDay } from '@/db/bake-day';
import { bakesOn, setBake, timersOf } from '@/db/bakes';
import type { Queryable } from '@/db/client';
import type { KitchenRow } from '@/db/kitchen';
import { workOf } from '../bake-day';
import { midnightOf, writeTimers } from './bake-state';

/** Time to look for a better order of what is left [ms]: hands wait for the answer. */
const LOOK_MS = 250;
const SEED = 310;
const MS = 60_000;

/** Plans what is left of a day anew around what has begun, and moves its calls there. */
export async function reflow(db: Queryable, kitchen: KitchenRow, iso: string): Promise<void> {
  const row = await maybeBakeDay(db, kitchen.id, iso);
  if (!row) return;
  const { batches, machines, underWay } = await workOf(db, kitchen, row);
  const day = dayOf(row.settings, batches, machines, underWay);
  const planned = planFrom(day, row.plan, LOOK_MS);
  if (!planned) return;
  await setBakeDay(db, kitchen.id, { ...row, plan: planned.plan });
  const bakes = await bakesOn(db, iso);
  const timers = await timersOf(
    db,
    bakes.map(({ batch_id }) => batch_id),
  );
  for (const bake of bakes) {
    if (bake.ended_at) continue;
    const moved = { ...bake, planned: plannedStarts(iso, day, planned.plan, bake.batch_id) };
    await setBake(db, moved);
    const mine = timers.get(bake.batch_id) ?? [];
    await writeTimers(
      db,
      moved,
      mine.map(({ prompt }) => prompt),
      mine,
    );
  }
}

/** A plan within so many milliseconds, from the one there was where it still fits. */
export function planFrom(day: Day, before: readonly Rec[], ms: number): Planned | null {
  const began = Date.now();
  const fits = before.length > 0 && before.length === day.batches.reduce((sum, { steps }) => sum + steps.length, 0);
  const begin = fits ? { init: genomesOf(day, before), keep: before } : { chains: 6 };
  const search = searchInSteps(day, { seed: SEED, share: () => (Date.now() - began) / ms, ...begin });
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
  }
}

/** When a plan has each step of a batch begin [ms since 1970]. */
export function plannedStarts(iso: string, day: Day, plan: readonly Rec[], batch: string): Record<string, number> {
  const b = day.batches.findIndex(({ id }) => id === batch);
  const from = midnightOf(iso);
  return Object.fromEntries(plan.filter((rec) => rec.b === b).map(({ j, s }) => [day.batches[b].steps[j].id, from + s * MS]));
}
