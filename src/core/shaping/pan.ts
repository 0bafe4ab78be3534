import { area, perimeter, stretch, type Ring } from './geometry';
import { unitOutline } from './outlines';

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

/** A loaf pan's base is narrower than its rim: mean area over that of the rim [1]. Source: ours, usual tins. */
const LOAF_TAPER = 0.9;

/** Base area of a pan, halfway up where its sides slope [mm2]. */
export function panArea({ shape, width_mm, length_mm, hole_mm }: Pan): number {
  switch (shape) {
    case 'round':
      return (Math.PI / 4) * width_mm ** 2;
    case 'ring':
      return (Math.PI / 4) * (width_mm ** 2 - hole_mm ** 2);
    case 'square':
      return width_mm ** 2;
    case 'rectangle':
      return width_mm * length_mm;
    case 'loaf':
      return LOAF_TAPER * width_mm * length_mm;
    case 'bone':
      return area(unitOutline('bone').ring) * length_mm * width_mm;
  }
}

/** Length of the wall that the batter touches, a ring's inner wall included [mm]. */
export function panWall({ shape, width_mm, length_mm, hole_mm }: Pan): number {
  switch (shape) {
    case 'round':
      return Math.PI * width_mm;
    case 'ring':
      return Math.PI * (width_mm + hole_mm);
    case 'square':
      return 4 * width_mm;
    case 'rectangle':
    case 'loaf':
      return 2 * (width_mm + length_mm);
    case 'bone':
      return perimeter(stretch(unitOutline('bone').ring, length_mm, width_mm));
  }
}

export const panVolume_ml = (pan: Pan): number => (panArea(pan) * pan.depth_mm) / 1000;

/** By how much a recipe for one pan is multiplied to fill another as full [1]. */
export const panFactor = (from: Pan, to: Pan): number => panVolume_ml(to) / panVolume_ml(from);

/** The pan's rim seen from above, centred; its longer side lies across [mm]. A ring's hole is not in it. */
export function panOutline({ shape, width_mm, length_mm }: Pan): Ring {
  const drawn = unitOutline(shape === 'bone' ? 'bone' : shape === 'round' || shape === 'ring' ? 'circle' : 'square').ring;
  const long = shape === 'rectangle' || shape === 'loaf' || shape === 'bone' ? length_mm : width_mm;
  return stretch(drawn, long, width_mm);
}
