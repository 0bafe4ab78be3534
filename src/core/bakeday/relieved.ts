import type { Day, PlannedStep } from './day';

/** A day that was changed, and the plan of before as far as its steps are still there. */
export type Relieved = { readonly changed: Day; readonly from: readonly PlannedStep[] };

/** Whether a machine of the day could be used by any of its steps. */
export const isUsable = (day: Day, machine: string): boolean =>
  day.batches.some(({ steps }) => steps.some(({ modes }) => (modes ?? []).some(({ res }) => res === machine)));

/** A second machine of the same make beside one. */
export function withTwin(day: Day, machine: string, from: readonly PlannedStep[]): Relieved {
  const own = day.machines.find(({ id }) => id === machine);
  if (!own) return { changed: day, from };
  const twin = `${machine} (another)`;
  const batches = day.batches.map((batch) => ({
    ...batch,
    steps: batch.steps.map((step) => {
      const more = (step.modes ?? []).filter(({ res }) => res === machine).map((mode) => ({ ...mode, res: twin }));
      return more.length > 0 ? { ...step, modes: [...(step.modes ?? []), ...more] } : step;
    }),
  }));
  return { changed: { ...day, machines: [...day.machines, { ...own, id: twin }], batches }, from };
}

/** One batch mixed before the day begins: its first step is done. One of a single step has nothing to be mixed. */
export function mixedBefore(day: Day, b: number, from: readonly PlannedStep[]): Relieved {
  if (day.batches[b].steps.length < 2) return { changed: day, from };
  const batches = day.batches.map((one, i) => (i === b ? { ...one, steps: one.steps.slice(1) } : one));
  return {
    changed: { ...day, batches },
    from: from.flatMap((rec) => (rec.b !== b ? [rec] : rec.j > 0 ? [{ ...rec, j: rec.j - 1 }] : [])),
  };
}
