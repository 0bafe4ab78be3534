import type { HeatStep } from '../catalogue';
import { overAt, type Act } from './act';
import type { Setting } from './setting';
import { stepsOf, stretch } from './steps-of';

/** Ways to go on from a moment: as it stands, lower, off, into the dryer; or the recipe's own programme from the start. */
export const WAYS = ['as-written', 'as-it-stands', 'lower', 'off', 'dryer'] as const;
export type WayName = (typeof WAYS)[number];

/** A way to go on, long enough to be taken out at any moment of it. */
export type Way = {
  readonly name: WayName;
  /** From this minute on it can be chosen, and the pieces taken out. */
  readonly from_min: number;
  /** What the dial says from then on; null where it is left, or off. */
  readonly setpoint_c: number | null;
  readonly steps: readonly HeatStep[];
};

/** Nobody waits longer than so many times the recipe's own time [1]. */
const LONGEST = 1.8;
const AT_LEAST_MIN = 30;
/** Drying on: hot enough to dry, too cool to colour [°C]. Source: usual second stage. */
const LOW_C = 110;
const LOWER_BY_K = 15;
const DRYER_C = 65;
/** Nobody takes them out sooner than this share of the recipe's own time, whatever they see [1]. */
const SOONEST = 0.2;

const lastsFrom = ({ goal }: Setting, minute: number): number => Math.max(AT_LEAST_MIN, LONGEST * goal.minutes - minute);

/** The recipe's own programme by the clock, which needs no look at all, its last stretch as long as anybody waits. */
export function asWritten(setting: Setting): Way {
  const heating = setting.document.heat.steps.filter(isHeating);
  const last = heating.findLastIndex((step) => 'minutes' in step);
  const steps = heating.map((step, i) =>
    i === last && 'minutes' in step ? { ...step, minutes: step.minutes + lastsFrom(setting, setting.goal.minutes) } : step,
  );
  return { name: 'as-written', from_min: SOONEST * setting.goal.minutes, setpoint_c: null, steps: steps.slice(0, last + 1) };
}

const isHeating = (step: HeatStep): boolean =>
  ['hold', 'ramp', 'off', 'move', 'turn', 'stir', 'rotate-trays', 'snap-apart', 'check'].includes(step.do);

/** Every way to go on from what was done by a minute. */
export function waysOn(setting: Setting, acts: readonly Act[], from_min: number): Way[] {
  const before = acts.filter((act) => act.do !== 'out' && overAt(act) <= from_min + 1e-6);
  const { steps, minute, standing } = stepsOf(before, setting);
  const until = [...steps, ...stretch(standing, from_min - minute)];
  const minutes = lastsFrom(setting, from_min);
  const moved = before.some((act) => act.do === 'move');
  const way = (name: WayName, setpoint_c: number | null, more: readonly HeatStep[]): Way => ({
    name,
    from_min,
    setpoint_c,
    steps: [...until, ...more],
  });
  const ways = [way('as-it-stands', null, stretch(standing, minutes))];
  const shut = { ...standing, door: 'shut' as const };
  if (!moved && !standing.off && standing.setpoint_c > LOW_C + LOWER_BY_K)
    ways.push(way('lower', LOW_C, stretch({ ...shut, setpoint_c: LOW_C }, minutes)));
  // What is off before it was ever hot bakes nothing; and only a recipe that rests so is worth the wait.
  if (from_min > 0 && !standing.off && setting.document.heat.steps.some((step) => step.do === 'off'))
    ways.push(way('off', null, stretch({ ...shut, off: true }, minutes)));
  if (setting.mayMove && !moved && from_min > 0)
    ways.push(
      way('dryer', DRYER_C, [
        { do: 'move', appliance: setting.dryer },
        { do: 'hold', setpoint_c: DRYER_C, minutes },
      ]),
    );
  return ways;
}
