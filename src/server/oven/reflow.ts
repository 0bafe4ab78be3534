import { USUAL_SEARCH, genomesOf, searchInSteps, type Day, type Planned, type Rec } from '@/core/bakeday';
import { dayOf } from '@/core/calls';
import { maybeBakeDay, setBakeDay } from '@/db/bake-day';
import type { Queryable } from '@/db/client';
import type { KitchenRow } from '@/db/kitchen';
import { workOf } from '../bake-day';
import { zoneOf } from '../view-kitchen';
import { followPlan } from './follow-plan';

/** Time to look for a better order of what is left [ms]: hands wait for the answer. */
const LOOK_MS = 250;

/** Plans what is left of a day anew around what has begun, and moves its calls there. */
export async function reflow(db: Queryable, kitchen: KitchenRow, iso: string): Promise<void> {
  const row = await maybeBakeDay(db, kitchen.id, iso);
  if (!row) return;
  const { underWay, ...work } = await workOf(db, kitchen, row);
  const day = dayOf(row.settings, work, underWay);
  const planned = planFrom(day, row.plan, LOOK_MS);
  if (!planned) return;
  await setBakeDay(db, kitchen.id, { ...row, plan: planned.plan });
  await followPlan(db, { day: iso, zone: zoneOf(kitchen) }, day, planned.plan);
}

/** A plan within so many milliseconds, from the one there was where it still fits. */
export function planFrom(day: Day, before: readonly Rec[], ms: number): Planned | null {
  const began = Date.now();
  const fits = before.length > 0 && before.length === day.batches.reduce((sum, { steps }) => sum + steps.length, 0);
  const begin = fits ? { init: genomesOf(day, before), keep: before } : { chains: USUAL_SEARCH.chains };
  const search = searchInSteps(day, { seed: USUAL_SEARCH.seed, share: () => (Date.now() - began) / ms, ...begin });
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
  }
}
