import type { StepRecord } from '../step-record';
import { SETPOINT_C, MINUTES, DOOR } from './step-fields';

/** The dial is turned evenly to another setpoint. */
export const RAMP = {
  do: 'ramp',
  fields: { setpoint_c: SETPOINT_C, minutes: MINUTES, door: DOOR },
  dries: false,
  mayWait: false,
  endsHeat: false,
} as const satisfies StepRecord;
