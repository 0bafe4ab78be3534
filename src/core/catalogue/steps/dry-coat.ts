import { choice } from '../../fields';
import type { StepRecord } from '../step-record';
import { MINUTES } from './step-fields';

/** What was put on stands until it sets, in the kitchen or in the fridge. */
export const DRY_COAT = {
  do: 'dry-coat',
  fields: { minutes: MINUTES, at: choice(['room', 'fridge'], { default: 'room' }) },
  dries: false,
  mayWait: true,
  endsHeat: true,
} as const satisfies StepRecord;
