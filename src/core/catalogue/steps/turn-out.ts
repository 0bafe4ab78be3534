import { choice } from '../../fields';
import type { StepRecord } from '../step-record';
import { SUPPORT_NAMES } from './step-fields';

/** Out of the pan or cup, and on to this. */
export const TURN_OUT = {
  do: 'turn-out',
  fields: { base: choice(SUPPORT_NAMES, { default: 'wire-rack' }) },
  dries: false,
  mayWait: false,
  endsHeat: false,
} as const satisfies StepRecord;
