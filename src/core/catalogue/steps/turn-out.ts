import { choice } from '../../fields';
import type { StepRecord } from '../step-record';
import { FREED_GAP_MM, SUPPORT_NAMES } from './step-fields';

/** Out of the pan or cup, and on to this. */
export const TURN_OUT = {
  do: 'turn-out',
  fields: { base: choice(SUPPORT_NAMES, { default: 'wire-rack' }), gap_mm: FREED_GAP_MM },
  dries: false,
  mayWait: false,
  endsHeat: false,
} as const satisfies StepRecord;
