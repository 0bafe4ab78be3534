import type { Mode, PlannedStep, Step } from './day';

/** The modes in which the steps of one batch of a plan run, in their order; a step that stays where it was has that of the one before. */
export function modesOf(steps: readonly Step[], recs: readonly PlannedStep[]): Array<Mode | null> {
  const modes: Array<Mode | null> = [];
  for (const [j, step] of steps.entries()) {
    const own = step.modes?.[recs[j].m] ?? null;
    modes.push(own ?? (step.sameRes ? (modes[j - 1] ?? null) : null));
  }
  return modes;
}
