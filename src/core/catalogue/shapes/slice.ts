import { number } from '../../fields';
import type { ShapeRecord } from '../shape-record';
import { THICKNESS_LIMITS_MM, onTray } from './shape-fields';

/** Whole fruit, root or meat in slices; no dough. */
export const SLICE = {
  method: 'slice',
  fields: {
    thickness_mm: number('length', THICKNESS_LIMITS_MM, { default: 5, step: 0.1 }),
    diameter_mm: number('length', [8, 200], { default: 60 }),
    core_mm: number('length', [0, 150], { default: 0, meaning: 'a core that is cut out' }),
    peel_mm: number('length', [0, 20], { default: 0, step: 0.5 }),
    ends_pct: number('share', [0, 60], { default: 8, meaning: 'ends and odd pieces' }),
    ...onTray(4),
  },
  mixture: 'whole',
  handles: [],
  looseOnTray: true,
  base: null,
  seconds_per_piece: 5,
  thicknessSpread: 0.05,
} as const satisfies ShapeRecord;
