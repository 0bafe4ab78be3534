import type { Calendar } from './calendar';
import { durationOf, type Day, type Step } from './day';
import { fitsAlone } from './place';

/** What is worked out once per day. */
export type Workshop = {
  readonly day: Day;
  readonly calendar: Calendar;
  /** Shortest time from the end of each step to the end of its batch [min]. */
  readonly tail: ReadonlyArray<readonly number[]>;
  /** Whether each mode of each step had a place if the step were the only one of the day. */
  readonly fits: ReadonlyArray<ReadonlyArray<readonly boolean[]>>;
  /** How long each batch takes at most, in its slowest modes, with every visit and without waiting [min]. */
  readonly longest: readonly number[];
  /** How often decoding has asked for a place, in all. */
  readonly effort: { asked: number };
};

export function workshopOf(day: Day, calendar: Calendar): Workshop {
  const tail = day.batches.map(({ steps }) => {
    const tails = steps.map(() => 0);
    for (let j = steps.length - 2; j >= 0; j--) tails[j] = tails[j + 1] + (steps[j].minWait ?? 0) + shortest(steps[j + 1]);
    return tails;
  });
  const fits = day.batches.map(({ steps }) =>
    steps.map((step) => (step.modes ?? []).map((mode) => fitsAlone(day, calendar, step, mode))),
  );
  const longest = day.batches.map(({ steps }) => steps.reduce((sum, step) => sum + (step.minWait ?? 0) + longestOf(step), 0));
  return { day, calendar, tail, fits, longest, effort: { asked: 0 } };
}

export const shortest = (step: Step): number =>
  step.modes && step.modes.length > 0 ? Math.min(...step.modes.map((mode) => durationOf(step, mode))) : step.dur;

const longestOf = ({ dur, modes = [], hands = [] }: Step): number =>
  Math.max(
    dur,
    ...modes.map((mode) => mode.dur ?? 0),
    ...hands.map(({ off, len, extend = 0 }) => (off === 'mid' ? dur : off) + len + extend),
  );
