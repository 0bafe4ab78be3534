export const PAN_SHAPES = ['round', 'square', 'rectangle', 'ring', 'loaf', 'bone'] as const;
export type PanShape = (typeof PAN_SHAPES)[number];

/** A cake pan, measured inside [mm]. Round, square and ring have no length of their own. */
export type Pan = {
  readonly shape: PanShape;
  readonly width_mm: number;
  readonly length_mm: number;
  readonly depth_mm: number;
  /** Middle of a ring; 0 for the others. */
  readonly hole_mm: number;
};

/** Usual pans of each shape, inside [mm]. Source: ours, usual tins. */
export const USUAL_PANS: Record<PanShape, Omit<Pan, 'shape'>> = {
  round: { width_mm: 180, length_mm: 180, depth_mm: 50, hole_mm: 0 },
  square: { width_mm: 180, length_mm: 180, depth_mm: 50, hole_mm: 0 },
  rectangle: { width_mm: 200, length_mm: 300, depth_mm: 50, hole_mm: 0 },
  ring: { width_mm: 220, length_mm: 220, depth_mm: 80, hole_mm: 60 },
  loaf: { width_mm: 110, length_mm: 220, depth_mm: 65, hole_mm: 0 },
  bone: { width_mm: 140, length_mm: 280, depth_mm: 50, hole_mm: 0 },
};
