import { number } from '../../fields';
import type { ShapeRecord } from '../shape-record';
import { onTray } from './shape-fields';

/** Rolled into balls. */
export const BALL = {
  method: 'ball',
  fields: {
    diameter_mm: number('length', [5, 80], { default: 22 }),
    ...onTray(10),
  },
  mixture: 'dough',
  handles: ['rollable', 'stiff', 'soft-sticky'],
  looseOnTray: true,
  base: null,
  seconds_per_piece: 9,
  thicknessSpread: 0.05,
} as const satisfies ShapeRecord;
