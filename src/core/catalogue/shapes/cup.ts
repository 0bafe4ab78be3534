import { count, number } from '../../fields';
import type { ShapeRecord } from '../shape-record';
import { FILL_LIMITS, OWNED_LIMITS } from './shape-fields';

/** Muffins and cups. */
export const CUP = {
  method: 'cup',
  fields: {
    cup_ml: number('volume', [2, 1000], { default: 45 }),
    fill_fraction: number('fraction', FILL_LIMITS, { default: 0.67, step: 0.05 }),
    height_mm: number('length', [5, 120], { default: 30 }),
    cups: count([1, 60], { default: 12, meaning: 'in one tin' }),
    owned: count(OWNED_LIMITS, { default: 1, meaning: 'tins in the house' }),
  },
  mixture: 'batter',
  handles: ['scoopable', 'batter', 'soft-sticky'],
  looseOnTray: false,
  base: 'deep-pan',
  seconds_per_piece: 15,
  thicknessSpread: 0.06,
} as const satisfies ShapeRecord;
