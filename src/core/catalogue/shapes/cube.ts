import { number } from '../../fields';
import type { ShapeRecord } from '../shape-record';
import { onTray } from './shape-fields';

/** Whole fruit, root or meat in cubes. */
export const CUBE = {
  method: 'cube',
  fields: {
    edge_mm: number('length', [5, 60], { default: 15 }),
    offcuts_pct: number('share', [0, 60], { default: 5 }),
    ...onTray(5),
  },
  mixture: 'whole',
  handles: [],
  looseOnTray: true,
  base: null,
  seconds_per_piece: 2.5,
  thicknessSpread: 0.06,
} as const satisfies ShapeRecord;
