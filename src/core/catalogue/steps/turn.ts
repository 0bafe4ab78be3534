import type { StepRecord } from '../step-record';

/** The pieces are turned over. */
export const TURN = {
  do: 'turn',
  fields: {},
  dries: false,
  mayWait: false,
  endsHeat: false,
} as const satisfies StepRecord;
