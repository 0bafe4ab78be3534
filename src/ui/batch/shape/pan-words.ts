import { USUAL_PANS, type Pan, type PanShape } from '@/core/shaping';

export const PAN_NAMES: Record<PanShape, string> = {
  round: 'round',
  square: 'square',
  rectangle: 'oblong',
  ring: 'ring',
  loaf: 'loaf',
  bone: 'bone-shaped',
};

type PanSizes = Pick<Pan, 'width_mm' | 'depth_mm'> & { readonly length_mm?: number; readonly hole_mm?: number };

/** The sizes that are asked for of a pan of this shape, as they usually are. */
export function usualPan(shape: PanShape): PanSizes {
  const { width_mm, length_mm, depth_mm, hole_mm } = USUAL_PANS[shape];
  if (shape === 'ring') return { width_mm, depth_mm, hole_mm };
  return shape === 'round' || shape === 'square' ? { width_mm, depth_mm } : { width_mm, length_mm, depth_mm };
}
