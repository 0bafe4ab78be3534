import { number } from '../../fields';
import type { StepRecord } from '../step-record';

/** The door stands open for a look. */
export const CHECK = {
  do: 'check',
  fields: { seconds: number('short-duration', [1, 600], { default: 20 }) },
  dries: false,
  mayWait: false,
  endsHeat: false,
} as const satisfies StepRecord;
