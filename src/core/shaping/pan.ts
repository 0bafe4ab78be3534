import { area, perimeter, stretch, type Ring } from './geometry';
import { unitOutline } from './outlines';
import type { Pan } from './pan-kinds';

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
