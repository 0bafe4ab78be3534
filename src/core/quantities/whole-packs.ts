/** One way to use packs of an ingredient: scale the recipe to so many, or keep what is left. */
export type PackUse = {
  readonly pack_g: number;
  readonly count: number;
  /** The recipe is multiplied by this so that nothing is left; 1 when it stays. */
  readonly factor: number;
  readonly leftOver_g: number;
};

/** Further than this a recipe is not scaled to suit a pack [1]. Source: ours. */
const SCALES_WITHIN = 0.15;

/**
 * Ways to meet a need from whole packs, the least left over first; among equals the least scaled.
 *
 * @param need_g - what the recipe wants [g], > 0
 * @param packs_g - sizes the shop has [g]
 */
export function packChoices(need_g: number, packs_g: readonly number[]): PackUse[] {
  const ways: PackUse[] = [];
  for (const pack_g of packs_g) {
    if (!(pack_g > 0)) continue;
    for (const count of new Set([Math.floor(need_g / pack_g), Math.ceil(need_g / pack_g)])) {
      if (count === 0) continue;
      const factor = (count * pack_g) / need_g;
      if (Math.abs(factor - 1) <= SCALES_WITHIN) ways.push({ pack_g, count, factor, leftOver_g: 0 });
      if (factor > 1) ways.push({ pack_g, count, factor: 1, leftOver_g: count * pack_g - need_g });
    }
  }
  const share = ({ leftOver_g, count, pack_g }: PackUse): number => leftOver_g / (count * pack_g);
  const scaled = ({ factor }: PackUse): number => Math.abs(factor - 1);
  return ways.sort((a, b) => share(a) - share(b) || scaled(a) - scaled(b));
}
