import type { Ingredient } from './ingredient';

/** How an ingredient is brought from the shop to the state that its row describes. */
export type Preparation = {
  /** What to do, as an order. */
  readonly verb: string;
  /** What one starts from. */
  readonly from: string;
  /** Mass as used over mass at the start [g/g]. */
  readonly yield: number;
  readonly minutes: number;
  readonly tool: string;
  /** What of it slicing may do in its place; null for what it never does. */
  readonly bySlicing: 'peel' | 'core' | null;
};

// oxlint-disable-next-line max-params -- older than the rule
const prepare = (verb: string, from: string, yieldRatio: number, minutes: number, tool: string): Preparation => ({
  verb,
  from,
  yield: yieldRatio,
  minutes,
  tool,
  bySlicing: null,
});

/** A slicer that peels or cores takes it off, or a knife beforehand, never both. */
const pare =
  (bySlicing: 'peel' | 'core') =>
  (...of: Parameters<typeof prepare>): Preparation => ({ ...prepare(...of), bySlicing });
const [peel, core] = [pare('peel'), pare('core')];

/**
 * By ingredient id. Yields are usual kitchen ones.
 *
 * @source peel, core and cooking losses after USDA Agriculture Handbook 102 (Matthews & Garrison 1975); times ours
 */
const PREPARATIONS = new Map<string, Preparation>(
  Object.entries({
    sweet_potato_puree: prepare('peel, boil and mash', 'raw sweet potato', 0.8, 25, 'pan, masher'),
    butternut_puree: prepare('peel, seed, steam and mash', 'whole squash', 0.66, 30, 'pan, masher'),
    carrot_puree: prepare('peel, boil and mash', 'raw carrots', 0.8, 25, 'pan, masher'),
    potato_mash: prepare('peel, boil and mash', 'raw potatoes', 0.8, 25, 'pan, masher'),
    pea_puree: prepare('boil and mash', 'frozen peas', 0.95, 10, 'pan, blender'),
    lentils_cooked: prepare('boil and drain', 'dry lentils', 2.4, 25, 'pan, sieve'),
    rice_brown_cooked: prepare('boil and drain', 'dry brown rice', 2.6, 30, 'pan'),
    rice_white_cooked: prepare('boil and drain', 'dry rice', 2.8, 15, 'pan'),
    quinoa_cooked: prepare('rinse and boil', 'dry quinoa', 2.8, 18, 'pan, sieve'),
    barley_cooked: prepare('boil and drain', 'dry pearl barley', 3, 35, 'pan, sieve'),
    oatmeal_porridge: prepare('simmer', 'dry oats', 5.5, 8, 'pan'),
    applesauce: prepare('core, stew and mash', 'whole apples', 0.78, 20, 'pan, masher'),
    pear_puree: prepare('core, stew and mash', 'whole pears', 0.78, 20, 'pan, masher'),
    banana_mashed: prepare('peel and mash', 'bananas in their skins', 0.64, 3, 'fork'),
    apple_fresh: core('core and take every pip out', 'whole apples', 0.88, 4, 'corer'),
    pear_fresh: core('core and take every seed out', 'whole pears', 0.9, 4, 'corer'),
    banana_fresh: peel('peel', 'bananas in their skins', 0.64, 2, 'hands'),
    kiwi_fresh: peel('peel', 'whole kiwis', 0.84, 3, 'knife'),
    mango_fresh: prepare('peel and cut off the stone', 'whole mangoes', 0.69, 5, 'knife'),
    melon_fresh: prepare('take off rind and seeds', 'whole melon', 0.52, 6, 'knife'),
    watermelon: prepare('take off rind and seeds', 'whole watermelon', 0.55, 6, 'knife'),
    pineapple_fresh: prepare('take off skin, eyes and core', 'whole pineapple', 0.52, 6, 'knife'),
    papaya_fresh: prepare('peel and seed', 'whole papaya', 0.67, 5, 'knife'),
    orange_fresh: peel('peel and take every pip out', 'whole oranges', 0.72, 5, 'knife'),
    peach_fresh: core('take every stone out', 'whole peaches', 0.88, 4, 'knife'),
    apricot_fresh: core('take every stone out', 'whole apricots', 0.92, 4, 'knife'),
    plum_fresh: core('take every stone out', 'whole plums', 0.94, 4, 'knife'),
    cherries: core('take every stone and stalk out', 'cherries on their stalks', 0.84, 10, 'stoner'),
    strawberries: prepare('hull', 'whole strawberries', 0.94, 4, 'knife'),
    potato_raw: peel('peel', 'whole potatoes', 0.81, 5, 'peeler'),
    turnip_raw: peel('peel', 'whole turnips', 0.8, 5, 'peeler'),
    celeriac: peel('peel', 'whole celeriac', 0.75, 6, 'knife'),
    kohlrabi: peel('peel', 'whole kohlrabi', 0.73, 6, 'knife'),
    pumpkin_fresh: prepare('peel and seed', 'whole pumpkin', 0.7, 10, 'knife'),
    beetroot_raw: peel('peel and grate', 'whole beetroot', 0.82, 8, 'grater, gloves'),
    carrot_raw: peel('peel and grate', 'whole carrots', 0.86, 6, 'grater'),
    parsnip_raw: peel('peel and grate', 'whole parsnips', 0.83, 6, 'grater'),
    swede_raw: peel('peel', 'whole swede', 0.85, 6, 'knife'),
    courgette_raw: prepare('grate', 'whole courgettes', 0.95, 5, 'grater'),
    sweet_potato_raw: peel('peel', 'whole sweet potatoes', 0.85, 5, 'peeler'),
    parsley_fresh: prepare('strip the leaves and chop', 'parsley on its stalks', 0.75, 4, 'knife'),
    flour_oat: prepare('grind', 'rolled oats', 1, 4, 'blender'),
    flaxseed_ground: prepare('grind', 'whole linseed', 1, 3, 'mill'),
    // Brewers give it away drained: that is the weight one starts from.
    spent_grain_wet: prepare('drain', 'mash grain', 1, 20, 'sieve'),
    spent_grain_pressed: prepare('squeeze', 'drained grain', 0.82, 15, 'cloth'),
    spent_grain_dry: prepare('dry and mill', 'drained grain', 0.27, 360, 'oven, mill'),
    chicken_cooked: prepare('poach and shred', 'raw chicken breast', 0.72, 25, 'pan, probe'),
    egg_whole: prepare('crack', 'eggs in their shells', 0.88, 1, 'bowl'),
    mackerel_canned: prepare('open and drain', 'tins', 0.72, 3, 'sieve'),
    sardines_canned: prepare('open and drain', 'tins', 0.75, 3, 'sieve'),
    tuna_canned: prepare('open and drain', 'tins', 0.7, 3, 'sieve'),
    salmon_canned: prepare('open, drain and bone', 'tins', 0.7, 6, 'sieve'),
    chia_seed: prepare('let them gel in the water of the recipe', 'dry seeds', 1, 15, 'bowl'),
    yeast_dried: prepare('wake in warm liquid of the recipe', 'dried yeast', 1, 10, 'cup'),
    gelatin_powder: prepare('bloom in cold liquid of the recipe', 'powder', 1, 5, 'cup'),
    peanut_butter: prepare('warm until it flows', 'stiff peanut butter', 1, 2, 'warm water'),
    coconut_oil: prepare('melt', 'set coconut oil', 1, 2, 'warm water'),
    liver_chicken: prepare('trim', 'chicken livers', 0.95, 5, 'knife, gloves'),
    liver_beef: prepare('trim', 'beef liver', 0.95, 5, 'knife, gloves'),
    liver_lamb: prepare('trim', 'lamb liver', 0.95, 5, 'knife, gloves'),
    broth_homemade: prepare('simmer, chill and skim', 'bones and water', 0.7, 180, 'pot'),
  }),
);

/** How an ingredient is prepared; null when it is used as it comes, and where its slicing does it. */
export function preparationOf({ id, slicedOff }: Ingredient): Preparation | null {
  const way = PREPARATIONS.get(id);
  return way === undefined || (way.bySlicing && slicedOff?.[way.bySlicing]) ? null : way;
}

/** Mass to start from so that so much is ready [g]. */
export const startFrom = (row: Ingredient, ready_g: number): number => ready_g / (preparationOf(row)?.yield ?? 1);
