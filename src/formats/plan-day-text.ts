import {
  USUAL_SEARCH,
  causeWords,
  complaintsAbout,
  lateBatches,
  searchInSteps,
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
};

/** The search's time [ms]. */
export const SEARCH_MS = 3000;

/** Plans a day's text within the time that a baker waits. */
export function planDayText(text: string, now: () => number, ms = SEARCH_MS): Result<PlannedDay> {
  const began = now();
  const day = readDay(text);
  if (!day.ok) return day;
  let first_ms = 0;
  let best: Planned | null = null;
  const share = (): number => (now() - began) / ms;
  for (const { iterations, better } of searchInSteps(day.value, { ...USUAL_SEARCH, share })) {
    if (iterations === 0) first_ms = now() - began;
    if (better) best = better;
  }
  if (!best) return whyNoPlan(day.value);
  return plannedDay(day.value, best, first_ms, now() - began);
}

function plannedDay(day: Day, { plan, cost }: Planned, first_ms: number, total_ms: number): Result<PlannedDay> {
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
  });
}
