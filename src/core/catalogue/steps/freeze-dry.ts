import { choice, number } from '../../fields';
import type { StepRecord } from '../step-record';
import { MINUTES } from './step-fields';

/** In a freeze dryer only. */
export const FREEZE_DRY = {
  do: 'freeze-dry',
  fields: {
    minutes: MINUTES,
    shelf_c: number('temperature', [0, 70], { default: 45, step: 5 }),
    pressure_pa: number('pressure', [5, 400], { default: 60, step: 10 }),
    faces: choice(['one', 'both'], { default: 'one', meaning: 'faces that ice leaves by: both on a mesh, one on a solid tray' }),
  },
  dries: true,
  mayWait: false,
  endsHeat: false,
} as const satisfies StepRecord;
