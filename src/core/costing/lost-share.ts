/** What a kitchen counted and threw away, against what it was predicted to make. */
export type CountedLosses = {
  /** Of each counted batch. */
  readonly counts: ReadonlyArray<{ readonly predicted: number; readonly counted: number }>;
  /** Pieces put away, and those of them that were thrown away later. */
  readonly packed: number;
  readonly discarded: number;
};

/** Share of the pieces predicted that are never eaten or sold [0..1), and the counted batches it rests on. */
export type LostShare = { readonly share: number; readonly batches: number };

/** Broken, burnt, tasted, gone off [1]. Source: ours. */
export const USUAL_LOST_SHARE = 0.03;
/** Before anybody counted, the usual share speaks as loud as so many counted batches. Source: ours. */
const USUAL_BATCHES = 3;
const MOST = 0.5;

/** What a kitchen loses: fewer pieces come out than predicted, and some of those put away are thrown away. */
export function lostShare({ counts, packed, discarded }: CountedLosses): LostShare {
  const wasted = packed > 0 ? discarded / packed : 0;
  const lost = counts.map(({ predicted, counted }) => (predicted > 0 ? 1 - (counted / predicted) * (1 - wasted) : 0));
  const sum = lost.reduce((all, one) => all + one, USUAL_BATCHES * USUAL_LOST_SHARE);
  const share = sum / (USUAL_BATCHES + counts.length);
  return { share: Math.min(MOST, Math.max(0, share)), batches: counts.length };
}
