import type { HeatStep } from '@/core/batch';

/** Limits of what a kitchen can set, as the batch file has them. */
export const LIMITS = { setpoint_c: [30, 260], minutes: [1, 2880] } as const;

export type TimedStep = Extract<HeatStep, { minutes: number }>;
export type ProgrammeEvent = Exclude<HeatStep, TimedStep>;
export const isTimed = (step: HeatStep): step is TimedStep => 'minutes' in step;

/** One stretch of the programme on the clock, with its place among the steps. */
export type Stretch = { readonly index: number; readonly step: TimedStep; readonly from: number; readonly to: number };

/** The timed steps laid on the clock. */
export function stretchesOf(steps: readonly HeatStep[]): Stretch[] {
  let clock = 0;
  return steps.flatMap((step, index) => {
    if (!isTimed(step)) return [];
    const from = clock;
    clock += step.minutes;
    return [{ index, step, from, to: clock }];
  });
}

/** Events with the minute they happen at. */
export function eventsOf(
  steps: readonly HeatStep[],
): Array<{ readonly index: number; readonly event: ProgrammeEvent; readonly minute: number }> {
  let clock = 0;
  return steps.flatMap((step, index) => {
    if (!isTimed(step)) return [{ index, event: step, minute: clock }];
    clock += step.minutes;
    return [];
  });
}

const clamp = (value: number, [low, high]: readonly [number, number]): number => Math.min(high, Math.max(low, value));

/** The step after its corner was moved: whole minutes, setpoints in steps of the oven's dial. */
export function moveCorner(step: TimedStep, minutes: number, setpoint_c: number | null): TimedStep {
  const next = { ...step, minutes: clamp(Math.round(minutes), LIMITS.minutes) };
  return next.do === 'hold' && setpoint_c !== null
    ? { ...next, setpoint_c: clamp(Math.round(setpoint_c), LIMITS.setpoint_c) }
    : next;
}

/** Puts an event at a minute: between two stretches, or inside one, which it splits. */
export function insertEvent(steps: readonly HeatStep[], minute: number, event: ProgrammeEvent): HeatStep[] {
  const at = Math.round(minute);
  for (const { index, step, from, to } of stretchesOf(steps)) {
    if (at <= from) return [...steps.slice(0, index), event, ...steps.slice(index)];
    if (at >= to) continue;
    const first = { ...step, minutes: at - from };
    const second: HeatStep = { ...step, minutes: to - at };
    if (second.do === 'hold') delete (second as { preheated?: boolean }).preheated;
    return [...steps.slice(0, index), first, event, second, ...steps.slice(index + 1)];
  }
  return [...steps, event];
}

/** Takes a step out; two stretches that it kept apart become one again when they are alike. */
export function removeStep(steps: readonly HeatStep[], index: number): HeatStep[] {
  const left = steps.filter((_, i) => i !== index);
  const [before, after] = [left[index - 1], left[index]];
  if (!before || !after || !isTimed(before) || !isTimed(after) || !alike(before, after)) return left;
  return [...left.slice(0, index - 1), { ...before, minutes: before.minutes + after.minutes }, ...left.slice(index + 1)];
}

function alike(a: TimedStep, b: TimedStep): boolean {
  if (a.do !== b.do) return false;
  if (!('setpoint_c' in a || a.do === 'off') || !('setpoint_c' in b || b.do === 'off')) return true;
  if ((a.door ?? 'shut') !== (b.door ?? 'shut')) return false;
  return a.do !== 'hold' || b.do !== 'hold' || (a.setpoint_c === b.setpoint_c && !b.preheated);
}

/** Another stretch at the end: a hold goes on low, before the oven is switched off if it is. */
export function addHold(steps: readonly HeatStep[]): HeatStep[] {
  const hold: HeatStep = { do: 'hold', setpoint_c: 110, minutes: 30 };
  const off = steps.findIndex((step) => step.do === 'off' || step.do === 'cool');
  return off < 0 ? [...steps, hold] : [...steps.slice(0, off), hold, ...steps.slice(off)];
}

/** Stretches without a setpoint, in a few words. */
export const IN_SHORT = { off: 'oven off', cool: 'on the rack', freeze: 'in the freezer' } as const;

/** What the baker reads of a programme in one line: "175 · 110 · oven off". */
export const inShort = (steps: readonly HeatStep[]): string =>
  stretchesOf(steps)
    .map(({ step }) => (step.do === 'hold' ? String(step.setpoint_c) : IN_SHORT[step.do]))
    .filter((word, i, all) => word !== all[i - 1])
    .join(' · ');
