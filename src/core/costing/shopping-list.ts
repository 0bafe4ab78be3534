import { startFrom, type DoughLine, type Ingredient } from '../pantry';
import type { PriceList } from './ingredient-cost';

/** So many packs of one size. */
export type PackCount = { readonly pack_g: number; readonly count: number };

/** One ingredient to buy. */
export type ShoppingItem = {
  readonly ingredient: Ingredient;
  /** As bought: with peel, pips and shells [g]. */
  readonly need_g: number;
  readonly have_g: number;
  readonly short_g: number;
  /** Whole packs; empty when there is enough, or when it is sold loose. */
  readonly packs: readonly PackCount[];
  /** What is carried home: whole packs, or the loose weight [g]. */
  readonly buy_g: number;
  readonly leftOver_g: number;
  /** Null where no price is known. */
  readonly cost: number | null;
};

/** Nobody buys these. */
const FROM_THE_TAP = new Set(['water']);
/** Loose goods are weighed out in steps [g]. Source: ours. */
const LOOSE_STEP_G = 10;
/** Less than this is there already, give or take the scale [g]. */
const NEGLIGIBLE_G = 0.5;

/**
 * What to buy for one or many batches: needs of all lines together, less what is in the house, in whole packs.
 *
 * @param lines - what goes into the bowls, as used
 * @param inHouse_g - what is there, by ingredient id, as bought [g]
 */
export function shoppingList(
  lines: readonly DoughLine[],
  inHouse_g: ReadonlyMap<string, number>,
  { prices }: PriceList,
): ShoppingItem[] {
  const needs = new Map<string, { ingredient: Ingredient; need_g: number }>();
  for (const { ingredient, mass_g } of lines) {
    if (FROM_THE_TAP.has(ingredient.id) || mass_g === 0) continue;
    const need_g = (needs.get(ingredient.id)?.need_g ?? 0) + startFrom(ingredient, mass_g);
    needs.set(ingredient.id, { ingredient, need_g });
  }
  return [...needs.values()].map(({ ingredient, need_g }) => {
    const have_g = inHouse_g.get(ingredient.id) ?? 0;
    const short_g = need_g - have_g > NEGLIGIBLE_G ? need_g - have_g : 0;
    const price = prices.get(ingredient.id);
    const sizes = ingredient.packs_g.filter((pack_g) => pack_g > 0);
    const packs = short_g > 0 ? fewestPacks(short_g, sizes.length > 0 ? sizes : price ? [price.pack_g] : []) : [];
    const buy_g =
      packs.length > 0
        ? packs.reduce((sum, { pack_g, count }) => sum + pack_g * count, 0)
        : Math.ceil(short_g / LOOSE_STEP_G) * LOOSE_STEP_G;
    const cost = buy_g === 0 ? 0 : price ? (buy_g * price.price) / price.pack_g : null;
    return { ingredient, need_g, have_g, short_g, packs, buy_g, leftOver_g: Math.max(0, have_g + buy_g - need_g), cost };
  });
}

/** Packs that cover a need with the least over; of equals the fewest. Sizes are few, so every mix of two is tried. */
function fewestPacks(short_g: number, sizes_g: readonly number[]): PackCount[] {
  let best: PackCount[] = [];
  let bestKey = [Infinity, Infinity];
  for (const large of sizes_g)
    for (const small of sizes_g)
      for (let count = 0; count <= Math.ceil(short_g / large); count++) {
        const rest = Math.max(0, Math.ceil((short_g - count * large) / small - 1e-9));
        const bought_g = count * large + rest * small;
        const key = [bought_g, count + rest];
        if (key[0] < bestKey[0] || (key[0] === bestKey[0] && key[1] < bestKey[1])) {
          bestKey = key;
          best = merged([
            { pack_g: large, count },
            { pack_g: small, count: rest },
          ]);
        }
      }
  return best;
}

function merged(packs: readonly PackCount[]): PackCount[] {
  const counts = new Map<number, number>();
  for (const { pack_g, count } of packs) counts.set(pack_g, (counts.get(pack_g) ?? 0) + count);
  return [...counts].filter(([, count]) => count > 0).map(([pack_g, count]) => ({ pack_g, count }));
}
