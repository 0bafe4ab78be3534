import type { ValueOf, VariantOf } from '../fields';
import type { ShapeRecord } from './shape-record';
import { ROLL_AND_CUT } from './shapes/roll-and-cut';
import { SCORE_SLAB } from './shapes/score-slab';
import { DROP } from './shapes/drop';
import { BALL } from './shapes/ball';
import { LOG_SLICE } from './shapes/log-slice';
import { MAT } from './shapes/mat';
import { CUP } from './shapes/cup';
import { CAKE } from './shapes/cake';
import { SLICE } from './shapes/slice';
import { CUBE } from './shapes/cube';
import { FROZEN_MOULD } from './shapes/frozen-mould';
import type { CUTTER } from './shapes/shape-fields';

/** Every way of shaping, in the order in which they are offered: one line a way, its record in a file of its own. */
export const SHAPES = {
  'roll-and-cut': ROLL_AND_CUT,
  'score-slab': SCORE_SLAB,
  drop: DROP,
  ball: BALL,
  'log-slice': LOG_SLICE,
  mat: MAT,
  cup: CUP,
  cake: CAKE,
  slice: SLICE,
  cube: CUBE,
  'frozen-mould': FROZEN_MOULD,
} as const satisfies Readonly<Record<string, ShapeRecord>>;

export type ShapeMethod = keyof typeof SHAPES;

/** What the house knows of a way of shaping. */
export const shapeRecord = (method: ShapeMethod): ShapeRecord => SHAPES[method];

/** A shape as a document writes it. */
export type ShapeOf<M extends ShapeMethod> = VariantOf<'method', M, (typeof SHAPES)[M]['fields']>;
export type Shape = { [M in ShapeMethod]: ShapeOf<M> }[ShapeMethod];
export type RollAndCut = ShapeOf<'roll-and-cut'>;
export type ScoreSlab = ShapeOf<'score-slab'>;
export type Drop = ShapeOf<'drop'>;
export type Ball = ShapeOf<'ball'>;
export type LogSlice = ShapeOf<'log-slice'>;
export type Mat = ShapeOf<'mat'>;
export type Cup = ShapeOf<'cup'>;
export type Cake = ShapeOf<'cake'>;
export type Slice = ShapeOf<'slice'>;
export type Cube = ShapeOf<'cube'>;
export type FrozenMould = ShapeOf<'frozen-mould'>;

/** A cutter by its built-in outline, or by SVG path data of one's own. */
export type CutterChoice = ValueOf<typeof CUTTER>;
export type CakePan = NonNullable<Cake['pan']>;
export type ScrapUse = NonNullable<RollAndCut['scraps']>;

/** What a way of cutting whole things takes off them; undefined where it takes nothing. */
export function slicedOffBy(shape: Shape): { readonly peel: boolean; readonly core: boolean } | undefined {
  if (shape.method !== 'slice') return undefined;
  const { peel_mm = 0, core_mm = 0 } = shape;
  return peel_mm > 0 || core_mm > 0 ? { peel: peel_mm > 0, core: core_mm > 0 } : undefined;
}
