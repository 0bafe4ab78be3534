import { costOf } from './cost';
import type { Day, PlannedStep } from './day';
import { genomesOf } from './neighbour';
import { isUsable, mixedBefore, withTwin, type Relieved } from './relieved';
import { solve } from './solve';

/** One thing that could be otherwise in all the days of a week; `none` is the week as it is planned. */
export type WeekChange =
  | { readonly kind: 'none' }
  | { readonly kind: 'another'; readonly machine: string }
  | { readonly kind: 'mix-before' }
  | { readonly kind: 'more-hands' }
  /** Every batch a second time; with another of a machine where one is named. */
  | { readonly kind: 'twice'; readonly machine: string | null };

/** A day of the week and the plan that it has; none: it is planned anew. */
export type WeekDay = { readonly day: Day; readonly plan: readonly PlannedStep[] };

/** What a week takes: of all its days together, and of its longest. */
export type WeekWork = {
  readonly change: WeekChange;
  /** From the first hand to the last step, and in the longest day [min]. */
  readonly minutes: number;
  readonly longest_min: number;
  /** Of hands, two of them for a minute being two minutes; and of these the evenings before [min]. */
  readonly hands_min: number;
  readonly evening_min: number;
  readonly late_min: number;
  /** Days in which not everything fits, whatever is done. */
  readonly impossible: number;
};

/**
 * Searches of a week: from the plan there is, and from nothing for a day that has none or has other batches now. They are shared by its
 * days, down to the shortest that finds anything. Source: measured, ours.
 */
const FROM_PLAN = 240;
const ANEW = 240;
const SHORTEST = 60;
const SEED = 11;

/** Every change that can be tried in a week: another of each machine that any batch could use, and what hands can do otherwise. */
export function weekChanges(days: readonly WeekDay[]): WeekChange[] {
  const machines = new Set(days.flatMap(({ day }) => day.machines.map(({ id }) => id).filter((id) => isUsable(day, id))));
  const busiest = [...machines].sort((one, other) => busyIn(days, other) - busyIn(days, one)).at(0);
  return [
    { kind: 'none' },
    ...[...machines].map((machine): WeekChange => ({ kind: 'another', machine })),
    { kind: 'mix-before' },
    { kind: 'more-hands' },
    { kind: 'twice', machine: null },
    ...(busiest === undefined ? [] : [{ kind: 'twice', machine: busiest } as const]),
  ];
}

/** Minutes that a week's batches are in a machine, where they may be. */
const busyIn = (days: readonly WeekDay[], machine: string): number =>
  days.reduce(
    (sum, { day }) =>
      sum +
      day.batches.reduce(
        (all, { steps }) =>
          all + steps.reduce((one, { dur, modes }) => one + ((modes ?? []).some(({ res }) => res === machine) ? dur : 0), 0),
        0,
      ),
    0,
  );

/** What a week takes with one thing otherwise, every day of it planned anew. */
export function weekIf(days: readonly WeekDay[], change: WeekChange): WeekWork {
  const worked = days.map((one) => workOf(one, change, days.length));
  const sum = (of: (day: DayWork) => number): number => worked.reduce((all, day) => all + of(day), 0);
  return {
    change,
    minutes: sum(({ minutes }) => minutes),
    longest_min: Math.max(0, ...worked.map(({ minutes }) => minutes)),
    hands_min: sum(({ hands_min }) => hands_min),
    evening_min: sum(({ evening_min }) => evening_min),
    late_min: sum(({ late_min }) => late_min),
    impossible: worked.filter(({ fits }) => !fits).length,
  };
}

type DayWork = {
  readonly minutes: number;
  readonly hands_min: number;
  readonly evening_min: number;
  readonly late_min: number;
  readonly fits: boolean;
};
const NOTHING_FITS: DayWork = { minutes: 0, hands_min: 0, evening_min: 0, late_min: 0, fits: false };

function workOf({ day, plan }: WeekDay, change: WeekChange, days: number): DayWork {
  const { changed, from } = changedBy(day, plan, change);
  const steps = changed.batches.reduce((sum, batch) => sum + batch.steps.length, 0);
  const goesOn = from.length === steps && steps > 0;
  const found = solve(changed, {
    seed: SEED,
    iterations: Math.max(SHORTEST, Math.round((goesOn ? FROM_PLAN : ANEW) / (days + 1))),
    ...(goesOn ? { init: genomesOf(changed, from), keep: from } : { chains: 2 }),
  });
  if (!found) return NOTHING_FITS;
  const { tardiness, makespan } = costOf(changed, found.plan, 0);
  const evening_min = change.kind === 'mix-before' ? day.batches.reduce((sum, { steps: [first] }) => sum + first.dur, 0) : 0;
  const hands = found.plan.reduce((sum, { att }) => sum + att.reduce((all, { s, e, n }) => all + n * (e - s), 0), 0);
  return { minutes: makespan, hands_min: hands + evening_min, evening_min, late_min: tardiness, fits: true };
}

function changedBy(day: Day, plan: readonly PlannedStep[], change: WeekChange): Relieved {
  switch (change.kind) {
    case 'none':
      return { changed: day, from: plan };
    case 'another':
      return withTwin(day, change.machine, plan);
    case 'more-hands':
      return { changed: { ...day, handsCap: day.handsCap + 1 }, from: plan };
    case 'mix-before':
      return day.batches.reduce<Relieved>((so, _, b) => mixedBefore(so.changed, b, so.from), { changed: day, from: plan });
    case 'twice': {
      const twice = { ...day, batches: day.batches.flatMap((batch) => [batch, { ...batch, id: `${batch.id} again` }]) };
      return change.machine === null ? { changed: twice, from: [] } : withTwin(twice, change.machine, []);
    }
  }
}
