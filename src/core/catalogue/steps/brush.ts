import type { StepRecord } from '../step-record';
import { PUT_ON_G, PUT_ON_PART } from './step-fields';

/** A wash goes on the upper face: plain water by its grams, or a part of the recipe. */
export const BRUSH = {
  do: 'brush',
  fields: { grams: PUT_ON_G, part: PUT_ON_PART },
  dries: false,
  mayWait: false,
  endsHeat: false,
} as const satisfies StepRecord;
