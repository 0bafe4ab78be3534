import { group, number } from '../../fields';
import type { ShapeRecord } from '../shape-record';
import { THICKNESS_LIMITS_MM } from './shape-fields';

const PAN_SIDE_MM = [3, 2000] as const;

const SLAB_PAN = group({
  width_mm: number('length', PAN_SIDE_MM, { default: 330, step: 10 }),
  depth_mm: number('length', PAN_SIDE_MM, { default: 230, step: 10 }),
});

/** A slab scored, baked and snapped. */
export const SCORE_SLAB = {
  method: 'score-slab',
  fields: {
    thickness_mm: number('length', THICKNESS_LIMITS_MM, { default: 8, step: 0.1 }),
    piece_width_mm: number('length', [3, 300], { default: 25 }),
    piece_length_mm: number('length', [3, 300], { default: 25 }),
    pan: SLAB_PAN,
    trim_mm: number('length', [0, 60], { default: 0, meaning: 'cut off all round' }),
  },
  mixture: 'dough',
  handles: ['rollable', 'stiff', 'soft-sticky'],
  looseOnTray: false,
  base: null,
  seconds_per_piece: 0.7,
  thicknessSpread: 0.05,
} as const satisfies ShapeRecord;
