import type { Day, PlannedStep } from '@/core/bakeday';
import { bakesOn, setBake, callRowsOf } from '@/db/bakes';
import type { Queryable } from '@/db/client';
import { at } from '../clock';
import { writeCalls, type DayThere } from './bake-state';

/** Moves the calls of a day's batches to where its plan has them now. */
export async function followPlan(db: Queryable, there: DayThere, day: Day, plan: readonly PlannedStep[]): Promise<void> {
  const bakes = await bakesOn(db, there.day);
  const callRows = await callRowsOf(
    db,
    bakes.map(({ batch_id }) => batch_id),
  );
  for (const bake of bakes) {
    if (bake.ended_at) continue;
    const moved = { ...bake, planned: plannedStarts(there, day, plan, bake.batch_id) };
    await setBake(db, moved);
    const mine = callRows.get(bake.batch_id) ?? [];
    await writeCalls(
      db,
      moved,
      mine.map(({ call }) => call),
      mine,
    );
  }
}

/** When a plan has each step of a batch begin [ms since 1970]. */
export function plannedStarts(there: DayThere, day: Day, plan: readonly PlannedStep[], batch: string): Record<string, number> {
  const b = day.batches.findIndex(({ id }) => id === batch);
  return Object.fromEntries(
    plan.filter((rec) => rec.b === b).map(({ j, s }) => [day.batches[b].steps[j].id, at(there.day, s, there.zone)]),
  );
}
