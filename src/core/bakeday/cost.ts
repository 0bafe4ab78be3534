import { modesOf } from './modes';
import type { Day, PlannedStep } from './day';

/** A missed pin costs more than any lateness [per min]. */
const PIN_WEIGHT = 5000;

/** What a plan costs, term by term. */
export type PlanCost = {
  readonly tardiness: number;
  readonly makespan: number;
  readonly ends: number;
  readonly energy_kwh: number;
  readonly pinMiss: number;
};

export const endOf = (plan: readonly PlannedStep[], b: number): number =>
  plan.reduce((last, rec) => (rec.b === b ? Math.max(last, rec.e) : last), -Infinity);

export function costOf(day: Day, plan: readonly PlannedStep[], pinMiss: number): PlanCost {
  let [tardiness, ends, last] = [0, 0, day.t0];
  for (const [b, { due, weight = 1 }] of day.batches.entries()) {
    const end = endOf(plan, b);
    tardiness += weight * Math.max(0, end - due);
    ends += end - day.t0;
    last = Math.max(last, end);
  }
  return { tardiness, makespan: last - day.t0, ends, pinMiss, energy_kwh: day.obj.energy > 0 ? energyOf(day, plan) : 0 };
}

/** The cost as one number; tardiness may weigh less, so that a search is not stuck as soon as all is in time. */
export const weigh = ({ obj }: Day, { tardiness, makespan, ends, energy_kwh, pinMiss }: PlanCost, tard = obj.tard): number =>
  PIN_WEIGHT * pinMiss + tard * tardiness + obj.mk * makespan + obj.sum * ends + obj.energy * energy_kwh;

/** Energy of holding and heating machines [kWh]; what shares an oven is counted once per stretch. */
export function energyOf(day: Day, plan: readonly PlannedStep[]): number {
  return day.machines.reduce((sum, { id, ambient, kHold = 0, kHeat = 0 }) => {
    const uses = day.batches
      .flatMap(({ steps }, b) => {
        const recs = plan.filter((rec) => rec.b === b).sort((x, y) => x.j - y.j);
        return modesOf(steps, recs).flatMap((mode, j) => (mode?.res === id ? [{ s: recs[j].s, e: recs[j].e, T: mode.T }] : []));
      })
      .sort((x, y) => x.s - y.s);
    let until = -Infinity;
    let at = ambient;
    for (const { s, e, T } of uses) {
      sum += kHeat * Math.max(0, T - at) + (kHold * (T - ambient) * Math.max(0, e - Math.max(s, until))) / 60;
      until = Math.max(until, e);
      at = T;
    }
    return sum;
  }, 0);
}
