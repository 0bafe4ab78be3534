import type { StepRecord } from '../step-record';

/** The best and the worst aired trays change places. */
export const ROTATE_TRAYS = {
  do: 'rotate-trays',
  fields: {},
  dries: false,
  mayWait: false,
  endsHeat: false,
} as const satisfies StepRecord;
