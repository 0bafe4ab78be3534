import type { StepRecord } from '../step-record';
import { PUT_ON_G, PUT_ON_PART } from './step-fields';

/** A part is put on: dipped into, drizzled, spread, sprinkled. */
export const COAT = {
  do: 'coat',
  fields: { part: { ...PUT_ON_PART, required: true } as const, grams: PUT_ON_G },
  dries: false,
  mayWait: false,
  endsHeat: false,
} as const satisfies StepRecord;
