import type { ShapeRecord } from '../shape-record';
import { hollows } from './shape-fields';

/** Batter in the hollows of a mat. */
export const MAT = {
  method: 'mat',
  fields: {
    ...hollows({ ml: 2, cavities: 80, height_mm: 12 }),
  },
  mixture: 'dough',
  handles: ['batter', 'scoopable', 'soft-sticky'],
  looseOnTray: false,
  base: 'mat-on-tray',
  seconds_per_piece: 3,
  thicknessSpread: 0.05,
} as const satisfies ShapeRecord;
