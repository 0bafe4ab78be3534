/** Cutters that we draw ourselves. */
export const OUTLINE_NAMES = ['circle', 'square', 'rectangle', 'star', 'heart', 'bone', 'paw', 'fish'] as const;
export type OutlineName = (typeof OUTLINE_NAMES)[number];
