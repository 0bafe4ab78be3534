import { choice, count, group, number } from '../../fields';
import { PAN_SHAPES } from '../../shaping';
import type { ShapeRecord } from '../shape-record';

const COAT_LIMITS_MM = [0, 30] as const;

const CAKE_PAN = group({
  shape: choice(PAN_SHAPES, { default: 'round' }),
  width_mm: number('length', [40, 600], { usual: 'of its shape: 180 round', step: 10 }),
  length_mm: number('length', [40, 600], { usual: 'of its shape', step: 10 }),
  depth_mm: number('length', [15, 80], { usual: 'of its shape: 50 round', step: 5 }),
  hole_mm: number('length', [0, 400], { usual: 'of its shape', meaning: 'middle of a ring' }),
});
const FROSTING = group({
  between_mm: number('length', COAT_LIMITS_MM, { default: 4, step: 0.5 }),
  crumb_mm: number('length', COAT_LIMITS_MM, { default: 1, step: 0.5 }),
  coat_mm: number('length', COAT_LIMITS_MM, { default: 3, step: 0.5 }),
  piping_g: number('mass', [0, 5000], { default: 0, step: 10 }),
  tub_g: number('mass', [10, 10_000], { default: 200, step: 10, meaning: 'a tub or block of what the frosting is made of' }),
});
const BORDER = group({
  biscuit_mm: number('length', [5, 200], { default: 25, meaning: 'width of a biscuit round the side' }),
  gap_mm: number('length', [0, 100], { default: 3 }),
});

/** A cake in layers; its pieces are portions, so it is scaled by factor, dough or ingredient. */
export const CAKE = {
  method: 'cake',
  fields: {
    pan: CAKE_PAN,
    layers: count([1, 12], { default: 2 }),
    layers_per_pan: count([1, 6], { default: 1 }),
    trim_mm: number('length', [0, 60], { default: 0 }),
    level_mm: number('length', [0, 40], { default: 3, meaning: 'cut off the top to level it' }),
    portions: count([1, 500], { default: 8 }),
    frosting: FROSTING,
    border: BORDER,
  },
  mixture: 'batter',
  handles: ['scoopable', 'batter'],
  looseOnTray: false,
  base: 'deep-pan',
  seconds_per_piece: 120,
  thicknessSpread: 0.04,
} as const satisfies ShapeRecord;
