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
};

const prepare = (verb: string, from: string, yieldRatio: number, minutes: number, tool: string): Preparation => ({
  verb,
  from,
  yield: yieldRatio,
  minutes,
  tool,
});

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
    apple_fresh: prepare('core and take every pip out', 'whole apples', 0.88, 4, 'corer'),
    beetroot_raw: prepare('peel and grate', 'whole beetroot', 0.82, 8, 'grater, gloves'),
    carrot_raw: prepare('peel and grate', 'whole carrots', 0.86, 6, 'grater'),
    parsnip_raw: prepare('peel and grate', 'whole parsnips', 0.83, 6, 'grater'),
    swede_raw: prepare('peel', 'whole swede', 0.85, 6, 'knife'),
    courgette_raw: prepare('grate', 'whole courgettes', 0.95, 5, 'grater'),
    sweet_potato_raw: prepare('peel', 'whole sweet potatoes', 0.85, 5, 'peeler'),
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

/** How an ingredient is prepared; null when it is used as it comes. */
export const preparationOf = (row: Ingredient): Preparation | null => PREPARATIONS.get(row.id) ?? null;

/** Mass to start from so that so much is ready [g]. */
export const startFrom = (row: Ingredient, ready_g: number): number => ready_g / (preparationOf(row)?.yield ?? 1);
