import { fail, succeed, type Result } from '../failure';
import type { Ingredient } from './ingredient';
import { wordsOf } from './name-words';

/** Words of a name that say its cells are broken and their juice runs. */
const MASH_WORDS: ReadonlySet<string> = new Set(['puree', 'mashed', 'mash', 'pulp', 'sauce', 'compote', 'stewed', 'crushed']);

export const saysMashed = (name: string): boolean => wordsOf(name).some((word) => MASH_WORDS.has(word));

/** Whole plants, by their category, and what they become. */
const MASHES_TO: Readonly<Record<string, string>> = { fruit: 'fruit puree', 'root/veg': 'root/veg puree' };
/** Drier than this a fruit has no juice to let go of [g/100 g]. Source: ours. */
const JUICY = 60;
/**
 * Free share of the water of a mash without starch, of fruit and of roots, and what a gram of starch in a hundred takes of it [1].
 * Source: fit to the ten mashes of data/ingredients.csv, to 0.08.
 */
const FREE_OF = { fruit: 0.86, root: 0.75 } as const;
const STARCH_TAKES = 0.015;
/** Starchy mashes go on drinking a little, and hold together [g of starch in 100 g; g/g; 1]. Source: the same rows. */
const STARCHY = 2;
const DRINKS_g_per_g = 0.05;
const BINDER = { plain: 0.1, starchy: 0.3 } as const;
/** A mash has no gaps in a cup [g/mL]. Source: the same rows. */
const MASH_G_PER_ML = 1.03;

/** How a mash of such starch, of fruit or of anything else that grows, behaves in the bowl. */
export function mashBehaviour(
  starch: number,
  fruit: boolean,
): Pick<Ingredient, 'mobileWaterFraction' | 'bindsNow_g_per_g' | 'bindsRested_g_per_g' | 'binder'> {
  const starchy = starch > STARCHY;
  return {
    mobileWaterFraction: Math.max(0, (fruit ? FREE_OF.fruit : FREE_OF.root) - STARCH_TAKES * starch),
    bindsNow_g_per_g: 0,
    bindsRested_g_per_g: starchy ? DRINKS_g_per_g : 0,
    binder: starchy ? BINDER.starchy : BINDER.plain,
  };
}

/**
 * The same fruit or root with its cells broken: whole, it keeps its water to itself in a dough; mashed, it wets it.
 *
 * @returns the row as a mash, the row itself where it is one already, or why it cannot be mashed
 */
export function mashed(row: Ingredient): Result<Ingredient> {
  if (Object.values(MASHES_TO).includes(row.category)) return succeed(row);
  const grows = row.sorptionClass === 'fruit' || row.sorptionClass === 'veg';
  const category = row.own && grows ? row.category : MASHES_TO[row.category];
  if (category === undefined || row.water < JUICY)
    return fail(
      'BAD_VALUE',
      `${row.name} cannot be counted as mashed: only fruit, roots and vegetables can. Take "mashed" off the line.`,
      'mashed',
    );
  return succeed({
    ...row,
    ...mashBehaviour(row.starch, row.category === 'fruit' || row.sorptionClass === 'fruit'),
    name: `${row.name}, mashed`,
    category,
    bulkSpooned_g_per_ml: MASH_G_PER_ML,
    bulkPacked_g_per_ml: MASH_G_PER_ML,
  });
}

/** Whether it makes a difference that this row is mashed. */
export function canBeMashed(row: Ingredient): boolean {
  const mash = mashed(row);
  return mash.ok && mash.value !== row;
}
