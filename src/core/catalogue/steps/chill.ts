import { number } from '../../fields';
import type { StepRecord } from '../step-record';
import { MINUTES } from './step-fields';

/** In the fridge. */
export const CHILL = {
  do: 'chill',
  fields: { minutes: MINUTES, fridge_c: number('temperature', [0, 15], { default: 4 }) },
  dries: false,
  mayWait: true,
  endsHeat: true,
} as const satisfies StepRecord;
