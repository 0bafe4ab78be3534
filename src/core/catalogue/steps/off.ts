import type { StepRecord } from '../step-record';
import { MINUTES, DOOR } from './step-fields';

/** Switched off, pieces stay in. */
export const OFF = {
  do: 'off',
  fields: { minutes: MINUTES, door: DOOR },
  dries: true,
  mayWait: true,
  endsHeat: true,
} as const satisfies StepRecord;
