/**
 * How hard is tried: `hand` lays straight rows with the cutter as it lies or sideways; `tighter` turns it and sets every
 * second one the other way round; `tightest` searches on and needs a paper template to be cut.
 */
export const LAYOUT_LEVELS = ['hand', 'tighter', 'tightest'] as const;
export type LayoutLevel = (typeof LAYOUT_LEVELS)[number];
