import { flag } from '../../fields';
import type { StepRecord } from '../step-record';
import { SETPOINT_C, MINUTES, DOOR } from './step-fields';

/** The dial holds one heat. */
export const HOLD = {
  do: 'hold',
  fields: {
    setpoint_c: SETPOINT_C,
    minutes: MINUTES,
    preheated: flag({
      usual: 'the first in an appliance is, but not where pieces move on into a drier',
      meaning: 'heated up before the pieces go in',
    }),
    door: DOOR,
  },
  dries: true,
  mayWait: false,
  endsHeat: false,
} as const satisfies StepRecord;
