import type { Day, Planned, PlannedStep } from '@/core/bakeday';
import type { Result } from '@/core/failure';
import { dayOf } from '@/core/calls';
import { maybeBakeDay, setBakeDay } from '@/db/bake-day';
import type { Queryable } from '@/db/client';
import type { KitchenRow } from '@/db/kitchen';
import { workOf } from '../bake-day';
import { compute } from '../compute/compute';
import type { Looking } from '../compute/jobs/oven-jobs';
import { zoneOf } from '../view-kitchen';
import { followPlan } from './follow-plan';

/** A twelfth of a usual search for a better order of what is left, a quarter of a second: hands wait for the answer. */
const LOOK: Looking = { searches: 1 / 12, most_ms: 1500 };

/** Plans what is left of a day anew around what has begun, and moves its calls there. */
export async function replanDay(db: Queryable, kitchen: KitchenRow, iso: string): Promise<void> {
  const row = await maybeBakeDay(db, kitchen.id, iso);
  if (!row) return;
  const { underWay, ...work } = await workOf(db, kitchen, row);
  const day = dayOf(row.settings, work, underWay);
  const found = await planFrom(day, row.plan, LOOK);
  const planned = found.ok ? found.value : null;
  if (!planned) return;
  await setBakeDay(db, kitchen.id, { ...row, plan: planned.plan }, 'any');
  await followPlan(db, { day: iso, zone: zoneOf(kitchen) }, day, planned.plan);
}

/** A plan, from the one there was where it still fits; null where none does. */
export const planFrom = (day: Day, before: readonly PlannedStep[], looking: Looking): Promise<Result<Planned | null>> =>
  compute('planDay', { day, before, ...looking });
