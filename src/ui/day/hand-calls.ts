import type { Day, PlannedStep } from '@/core/bakeday';
import type { DayNames } from './day-names';

/** One call of a plan to the hands. */
export type HandCall = {
  /** Its place in the day, from 1: on the list, on paper, and in the lane of hands. */
  readonly number: number;
  /** Step and visit, as the lanes name a block. */
  readonly key: string;
  readonly b: number;
  readonly j: number;
  /** Minutes after midnight of the day. */
  readonly s: number;
  readonly e: number;
  readonly what: string;
  readonly batch: string;
  /** Empty where it is at no appliance. */
  readonly where: string;
};

/** What hands are called to over a day, by the clock. */
export const handCalls = (day: Day, plan: readonly PlannedStep[], names: DayNames): readonly HandCall[] =>
  plan
    .flatMap(({ b, j, m, att }) =>
      att.map(({ s, e }, i) => ({
        ...{ b, j, s, e },
        key: `${b}/${j}/${i}`,
        what: names.visitName(b, j, i, att.length),
        batch: names.nameOf(b),
        where: m >= 0 ? names.machineName(day.batches[b]?.steps[j]?.modes?.[m]?.res ?? '') : '',
      })),
    )
    .sort((one, other) => one.s - other.s || one.e - other.e)
    .map((call, i) => ({ ...call, number: i + 1 }));
