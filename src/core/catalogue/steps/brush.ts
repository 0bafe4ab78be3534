import { number } from '../../fields';
import type { StepRecord } from '../step-record';

/** A wash goes on the upper face. */
export const BRUSH = {
  do: 'brush',
  fields: { grams: number('mass', [0, 2000], { above: true, required: true, meaning: 'on all pieces of a load' }) },
  dries: false,
  mayWait: false,
  endsHeat: false,
} as const satisfies StepRecord;
