import type { Appliance } from '@/core/catalogue';
import { fail, succeed, type Result } from '@/core/failure';
import { temperature, warmer } from '../format/units';

/** What was read: the dial, the thermometer when it stood still, how long that took, and the thermometer some time after switching off. */
export type TwoReadingsTaken = {
  readonly dial_c: number;
  readonly hot_c: number;
  readonly minutes: number;
  readonly later_min: number;
  readonly cool_c: number;
  /** The thermometer once more, at 90 or 120 min; null where it was not read. */
  readonly late_min: number;
  readonly late_c: number | null;
};

/** No dial is so wrong; the thermometer stood in the wrong place [K]. */
const WILD_K = 60;

/** What two readings tell of an appliance; or what is wrong with them. */
export function readingsFrom({
  dial_c,
  hot_c,
  minutes,
  later_min,
  cool_c,
  late_min,
  late_c,
}: TwoReadingsTaken): Result<Partial<Appliance>> {
  if (Math.abs(hot_c - dial_c) > WILD_K)
    return fail(
      'OUT_OF_RANGE',
      `${temperature(hot_c)} is ${warmer(Math.abs(hot_c - dial_c))} away from the dial. Read once more, in the middle of the oven.`,
    );
  if (cool_c >= hot_c)
    return fail('OUT_OF_RANGE', 'The second reading must be cooler than the first: the oven was switched off between.');
  if (late_c !== null && (late_min <= later_min || late_c >= cool_c))
    return fail('OUT_OF_RANGE', 'The last reading must be later and cooler than the one before.');
  return succeed({
    thermostat_offset_c: Math.round(hot_c - dial_c),
    heat_up: { to_c: hot_c, minutes },
    cool_down: {
      from_c: hot_c,
      minutes: later_min,
      to_c: cool_c,
      ...(late_c === null ? {} : { later: { minutes: late_min, to_c: late_c } }),
    },
  });
}
