import type { ShapeMethod } from '../document';

/** Hands on one piece: rolling, cutting, scooping and laying out [s]. Source: ours, unhurried hands. */
export const SECONDS_A_PIECE: Record<ShapeMethod, number> = {
  'roll-and-cut': 5,
  'score-slab': 0.7,
  drop: 7,
  ball: 9,
  'log-slice': 3,
  mat: 3,
  cup: 15,
  cake: 120,
  slice: 5,
  cube: 2.5,
  'frozen-mould': 6,
};
