import type { Day, PlannedStep } from './day';
import { genomesOf } from './neighbour';
import { mixedBefore, withTwin, type Relieved } from './relieved';
import { solve } from './solve';
import { costOf } from './cost';

/** A change to the day that might relieve it. */
export type Relief =
  | { readonly kind: 'more-hands' }
  | { readonly kind: 'start-earlier'; readonly minutes: number }
  | { readonly kind: 'another'; readonly machine: string }
  | { readonly kind: 'mix-before'; readonly b: number }
  | { readonly kind: 'leave-out'; readonly b: number };
export type Saving = { readonly relief: Relief; readonly minutes: number };

const EARLIER = 60;
/** Less than this is not worth a word [min]. */
const WORTH = 10;
const ITERATIONS = 500;
const SEED = 7;

/**
 * What would save the most lateness (or, when nothing is late, time), the most first: each change planned anew from the plan
 * there is, against a control in which nothing changes. Yields after every probe.
 */
export function* whatWouldHelp(day: Day, plan: readonly PlannedStep[]): Generator<number, Saving[]> {
  const measure = (changed: Day, from: readonly PlannedStep[]): number => {
    const found = solve(changed, { seed: SEED, iterations: ITERATIONS, init: genomesOf(changed, from), keep: from });
    if (!found) return Infinity;
    const { tardiness, makespan } = costOf(changed, found.plan, 0);
    // Ends by the clock, not lengths: a day that begins earlier is not longer for it.
    return tardiness > 0 || late > 0 ? tardiness : makespan + changed.t0 - day.t0;
  };
  const late = costOf(day, plan, 0).tardiness;
  const control = measure(day, plan);
  const found: Saving[] = [];
  // When nothing is late, doing less or beginning sooner is no relief.
  const probes = probesOf(day, plan).filter(
    ({ relief: { kind } }) => late > 0 || (kind !== 'leave-out' && kind !== 'start-earlier'),
  );
  for (const [i, { relief, changed, from }] of probes.entries()) {
    const saved = Math.round(control - measure(changed, from));
    if (Number.isFinite(saved) && saved >= WORTH) found.push({ relief, minutes: saved });
    yield (i + 1) / probes.length;
  }
  return found.sort((a, b) => b.minutes - a.minutes);
}

type Probe = Relieved & { readonly relief: Relief };

function probesOf(day: Day, plan: readonly PlannedStep[]): Probe[] {
  const probes: Probe[] = [
    { relief: { kind: 'more-hands' }, changed: { ...day, handsCap: day.handsCap + 1 }, from: plan },
    {
      relief: { kind: 'start-earlier', minutes: EARLIER },
      changed: { ...day, t0: day.t0 - EARLIER, win: day.win.map(([a, b], i) => (i === 0 ? [a - EARLIER, b] : [a, b])) },
      from: plan,
    },
  ];
  for (const { id } of day.machines) {
    if (!plan.some(({ b, j, m }) => day.batches[b].steps[j].modes?.[m]?.res === id)) continue;
    probes.push({ relief: { kind: 'another', machine: id }, ...withTwin(day, id, plan) });
  }
  for (const [b, batch] of day.batches.entries()) {
    if (batch.steps.length > 1) probes.push({ relief: { kind: 'mix-before', b }, ...mixedBefore(day, b, plan) });
    if (day.batches.length > 1) {
      const batches = day.batches.filter((_, i) => i !== b);
      const from = plan.flatMap((rec) => (rec.b === b ? [] : [{ ...rec, b: rec.b > b ? rec.b - 1 : rec.b }]));
      probes.push({ relief: { kind: 'leave-out', b }, changed: { ...day, batches }, from });
    }
  }
  return probes;
}
