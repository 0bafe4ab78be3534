/** Upper ends of the dampness words [aw]. */
const WORDS: ReadonlyArray<readonly [number, string]> = [
  [0.3, 'bone dry'],
  [0.5, 'dry'],
  [0.65, 'just dry'],
  [0.75, 'chewy-dry'],
  [0.85, 'half-moist'],
  [0.95, 'moist'],
];

/** Dampness in kitchen words. */
export const dampnessWord = (aw: number): string => WORDS.find(([end]) => aw < end)?.[1] ?? 'wet';
