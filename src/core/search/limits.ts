import type { Heat, Target } from '../document';
import { stepRecord, type HeatStep } from '../catalogue';
import type { Obstacle } from './found';

/** A moment at which somebody must be there, on the programme's clock [min]. */
type Visit = { readonly minute: number };

/**
 * When hands are needed: to begin, at every change between, and to take the pieces out. What stands in an oven that was
 * switched off may wait until somebody comes.
 */
export function visitsOf({ steps }: Heat): Visit[] {
  const visits: Visit[] = [{ minute: 0 }];
  let clock = 0;
  for (const [index, step] of steps.entries()) {
    if ('minutes' in step) clock += step.minutes;
    const isLast = index === steps.length - 1;
    if ('minutes' in step && !(isLast && canWait(step)) && visits.at(-1)?.minute !== clock) visits.push({ minute: clock });
  }
  return visits;
}

/** What stands in it may wait until somebody comes. */
export const canWait = ({ do: name }: HeatStep): boolean => stepRecord(name).mayWait;

/** Minutes until the first appliance is free again. */
export function ovenMinutes({ steps }: Heat): number {
  const moved = steps.findIndex(
    (step) => (step.do === 'move' && step.appliance !== undefined) || step.do === 'cool' || step.do === 'freeze',
  );
  return minutesOf(moved < 0 ? steps : steps.slice(0, moved));
}

export const minutesOf = (steps: readonly HeatStep[]): number =>
  steps.reduce((sum, step) => sum + ('minutes' in step ? step.minutes : 0), 0);

/** Which limit a programme breaks; null when it keeps them all. */
export function broken(heat: Heat, target: Target): Obstacle | null {
  const { finish_within_minutes, oven_within_minutes, asleep } = target;
  if (!dialHolds(heat, target)) return 'no-setpoint';
  if (finish_within_minutes !== undefined && minutesOf(heat.steps) > finish_within_minutes) return 'too-late';
  if (oven_within_minutes !== undefined && ovenMinutes(heat) > oven_within_minutes) return 'oven-too-long';
  if (asleep && visitsOf(heat).some(({ minute }) => minute > asleep.from_minutes && minute < asleep.to_minutes)) return 'asleep';
  return null;
}

/** Every setpoint of the first appliance lies on what its dial can be set to. */
function dialHolds({ steps }: Heat, { setpoint_min_c = -Infinity, setpoint_max_c = Infinity }: Target): boolean {
  const moved = steps.findIndex((step) => step.do === 'move' && step.appliance !== undefined);
  return (moved < 0 ? steps : steps.slice(0, moved)).every(
    (step) => !('setpoint_c' in step) || (step.setpoint_c >= setpoint_min_c && step.setpoint_c <= setpoint_max_c),
  );
}

/** A last stretch that may wait is drawn out until somebody is awake to end it; others stay as they are. */
export function untilAwake(heat: Heat, { asleep }: Target): Heat {
  const last = heat.steps[heat.steps.length - 1];
  const end = minutesOf(heat.steps);
  if (!asleep || !('minutes' in last) || !canWait(last) || end <= asleep.from_minutes || end >= asleep.to_minutes) return heat;
  const minutes = last.minutes + asleep.to_minutes - end;
  return { ...heat, steps: [...heat.steps.slice(0, -1), { ...last, minutes }] };
}
