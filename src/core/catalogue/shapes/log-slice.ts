import { number } from '../../fields';
import type { ShapeRecord } from '../shape-record';
import { onTray } from './shape-fields';

/** A log or a spiral, sliced. */
export const LOG_SLICE = {
  method: 'log-slice',
  fields: {
    log_diameter_mm: number('length', [8, 150], { default: 40 }),
    slice_mm: number('length', [2, 60], { default: 8, step: 0.5 }),
    end_mm: number('length', [0, 60], { default: 0, meaning: 'cut off either end, and pressed into a last log' }),
    log_length_mm: number('length', [60, 1000], { default: 300, step: 10, meaning: 'at most' }),
    roll_up_mm: number('length', [2, 30], {
      usual: 'none: rolled by hand',
      step: 0.5,
      meaning: 'thickness of the sheet that is rolled up into a spiral',
    }),
    ...onTray(8),
  },
  mixture: 'dough',
  handles: ['rollable', 'stiff', 'soft-sticky'],
  looseOnTray: true,
  base: null,
  seconds_per_piece: 3,
  thicknessSpread: 0.08,
} as const satisfies ShapeRecord;
