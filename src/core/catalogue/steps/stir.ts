import type { StepRecord } from '../step-record';

/** The pieces are stirred, which frees their sides. */
export const STIR = {
  do: 'stir',
  fields: {},
  dries: false,
  mayWait: false,
  endsHeat: false,
} as const satisfies StepRecord;
