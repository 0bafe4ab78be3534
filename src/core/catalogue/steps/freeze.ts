import { number } from '../../fields';
import type { StepRecord } from '../step-record';
import { MINUTES } from './step-fields';

/** In a freezer: last, or before freeze-drying; its air unless it is said is that of a household one. */
export const FREEZE = {
  do: 'freeze',
  fields: { minutes: MINUTES, freezer_c: number('temperature', [-40, -5], { default: -18 }) },
  dries: false,
  mayWait: true,
  endsHeat: true,
} as const satisfies StepRecord;
