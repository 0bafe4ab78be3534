import {
  USUAL_SEARCH,
  causeWords,
  complaintsAbout,
  lateBatches,
  searchInSteps,
  workOf,
  whyNoPlan,
  type Day,
  type Planned,
  type PlannedStep,
} from '@/core/bakeday';
import { succeed, type Result } from '@/core/failure';
import { readDay } from './read-day';

/** What the day's door prints: the plan, how long it took, and which batches are late and why. */
export type PlannedDay = {
  /** `b` is the number of the batch, `batch` its id; `m` the number of the mode, -1 where a step needs no machine. */
  readonly plan: ReadonlyArray<PlannedStep & { readonly batch: string; readonly step: string }>;
  readonly first_ms: number;
  readonly total_ms: number;
  readonly late: ReadonlyArray<{ readonly batch: string; readonly minutes: number; readonly because: string }>;
  /** Pins that could not be kept, by how many minutes in all. */
  readonly pin_miss_minutes: number;
  readonly makespan: number;
  /** How much of the search was done [0..1]: below 1 where the machine was too busy. */
  readonly searched: number;
  /** What was not tried, where the search ended early; else null. */
  readonly not_tried: string | null;
};

/** However busy the machine, nobody waits longer [ms]. */
const MOST_MS = 20_000;

/** Plans a day's text by a search of a set size: on every machine the same plan, unless it would take too long. */
export function planDayText(text: string, now: () => number, mostMs = MOST_MS): Result<PlannedDay> {
  const began = now();
  const day = readDay(text);
  if (!day.ok) return day;
  let first_ms = 0;
  let best: Planned | null = null;
  let searched = 0;
  const outOfTime = (): boolean => now() - began > mostMs;
  for (const { better, done } of searchInSteps(day.value, { ...USUAL_SEARCH, share: workOf(1), outOfTime })) {
    if (!best) first_ms = now() - began;
    if (better) best = better;
    searched = done;
  }
  if (!best) return whyNoPlan(day.value);
  return plannedDay(day.value, best, { first_ms, total_ms: now() - began, searched });
}

type Search = { readonly first_ms: number; readonly total_ms: number; readonly searched: number };

function plannedDay(day: Day, { plan, cost }: Planned, { first_ms, total_ms, searched }: Search): Result<PlannedDay> {
  // Nothing leaves that breaks a rule; if this ever speaks, the planner is wrong and not the baker.
  const complaints = complaintsAbout(day, plan);
  if (complaints.length > 0) throw new Error(`an invalid plan: ${complaints[0]}`);
  return succeed({
    plan: plan.map((rec) => ({ ...rec, batch: day.batches[rec.b].id, step: day.batches[rec.b].steps[rec.j].id })),
    first_ms: Math.round(first_ms * 10) / 10,
    total_ms: Math.round(total_ms),
    late: lateBatches(day, plan).map(({ b, minutes, causes }) => ({
      batch: day.batches[b].id,
      minutes,
      because: causes.map(causeWords).join('; '),
    })),
    pin_miss_minutes: cost.pinMiss,
    makespan: cost.makespan,
    searched: Math.round(searched * 100) / 100,
    not_tried:
      searched < 1
        ? `The machine was busy: ${Math.round((1 - searched) * 100)} in 100 of the orders that are usually tried were not.`
        : null,
  });
}
