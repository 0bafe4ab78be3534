import { number } from '../../fields';
import type { ShapeRecord } from '../shape-record';
import { onTray } from './shape-fields';

/** Dropped from a spoon or scoop. */
export const DROP = {
  method: 'drop',
  fields: {
    piece_g: number('mass', [0.2, 500], { default: 18 }),
    height_mm: number('length', [2, 60], { default: 12 }),
    ...onTray(20),
  },
  mixture: 'dough',
  handles: ['scoopable', 'soft-sticky'],
  looseOnTray: true,
  base: null,
  seconds_per_piece: 7,
  thicknessSpread: 0.1,
} as const satisfies ShapeRecord;
