import type { HeatStep } from '../catalogue';

const PUTS_ON: ReadonlySet<HeatStep['do']> = new Set<HeatStep['do']>(['brush', 'coat']);
const FINISHES: ReadonlySet<HeatStep['do']> = new Set<HeatStep['do']>(['coat', 'dry-coat']);
/** Stretches after which what is on the pieces is no longer as it was put on. */
const CHANGES: ReadonlySet<HeatStep['do']> = new Set<HeatStep['do']>(['hold', 'ramp', 'off', 'freeze', 'freeze-dry']);

/**
 * Where the heat ends and the finishing begins: the number of the first coat, or the first time that one dries, that nothing
 * heated, frozen or dried comes after; the number of steps where there is none.
 */
export function finishingFrom(steps: readonly HeatStep[]): number {
  const last = steps.findLastIndex(({ do: act }) => CHANGES.has(act));
  const first = steps.findIndex(({ do: act }, i) => i > last && FINISHES.has(act));
  return first < 0 ? steps.length : first;
}

/** Numbers of the steps that put a part on. */
export const putOnAt = (steps: readonly HeatStep[], part: string): number[] =>
  steps.flatMap((step, i) => (PUTS_ON.has(step.do) && 'part' in step && step.part === part ? [i] : []));

/** What heat a part gets that is put on at a step of this number. */
export function timeOfStep(steps: readonly HeatStep[], at: number): 'before' | 'during' | 'after' {
  const changes = steps.flatMap(({ do: act }, i) => (CHANGES.has(act) ? [i] : []));
  if (!changes.some((i) => i > at)) return 'after';
  return changes.some((i) => i < at) ? 'during' : 'before';
}
