/** Sizes of a piece that matter for a dog of one weight [mm]. */
export type PieceSizes = {
  /** About the width of its throat. */
  readonly throat_mm: number;
  /** Bits for training: at most this long. */
  readonly training_mm: number;
  /** Chews: at least this in two directions. */
  readonly chew_mm: number;
};

/** Source: ours, 4.5 kg^0.40; no published standard exists. */
export function pieceSizes(weight_kg: number): PieceSizes {
  const throat_mm = 4.5 * weight_kg ** 0.4;
  return { throat_mm, training_mm: 0.8 * throat_mm, chew_mm: 2.5 * throat_mm };
}

/** How a piece suits a dog: small enough to swallow, large enough to chew, or about as wide as its throat. */
export type SizeVerdict = 'training' | 'throat' | 'biscuit' | 'chew';

/**
 * @param longest_mm, second_mm - the two longer sides of the finished piece
 *
 * @example sizeVerdict(10, 10, 30) // 'training'
 */
export function sizeVerdict(longest_mm: number, second_mm: number, weight_kg: number): SizeVerdict {
  const { training_mm, chew_mm } = pieceSizes(weight_kg);
  if (longest_mm <= training_mm) return 'training';
  if (second_mm >= training_mm && longest_mm <= chew_mm) return 'throat';
  return second_mm >= chew_mm ? 'chew' : 'biscuit';
}
