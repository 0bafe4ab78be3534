import { choice } from '../../fields';
import { APPLIANCE } from '../appliance-fields';
import type { StepRecord } from '../step-record';
import { SUPPORT_NAMES } from './step-fields';

/** Into another appliance, or on to another tray, or both. */
export const MOVE = {
  do: 'move',
  fields: { appliance: APPLIANCE, base: choice(SUPPORT_NAMES, { usual: "the appliance's" }) },
  dries: false,
  mayWait: false,
  endsHeat: true,
} as const satisfies StepRecord;
