import type { Ingredient, Pantry } from './ingredient';

/** What a swap is for. */
export type SwapReason =
  | 'other-flour'
  | 'grain-free'
  | 'no-egg'
  | 'other-puree'
  | 'no-dairy'
  | 'no-lactose'
  | 'other-fat'
  | 'other-butter'
  | 'other-meat'
  | 'not-for-dogs';

/** What stands in for a gram of an ingredient [g/g], each by its pantry id. */
export type SwapIdea = {
  readonly id: string;
  readonly reason: SwapReason;
  readonly parts: ReadonlyArray<{ readonly ingredient: string; readonly perGram: number }>;
};

const GRAIN_FLOURS = [
  'flour_wheat_wholemeal',
  'flour_wheat_white',
  'flour_spelt_whole',
  'flour_rye_medium',
  'flour_barley',
  'flour_oat',
  'flour_rice_brown',
  'flour_millet',
  'flour_sorghum',
];
const GRAIN_FREE_FLOURS = ['flour_buckwheat', 'flour_chickpea', 'flour_pea', 'flour_potato'];
const PUREES = [
  'pumpkin_puree',
  'butternut_puree',
  'sweet_potato_puree',
  'carrot_puree',
  'applesauce',
  'pear_puree',
  'banana_mashed',
  'pea_puree',
];
const NUT_BUTTERS = ['peanut_butter', 'almond_butter', 'tahini'];
const OILS = ['rapeseed_oil', 'sunflower_oil', 'olive_oil', 'coconut_oil', 'chicken_fat', 'beef_dripping'];
const MEATS = [
  'chicken_mince',
  'turkey_mince',
  'beef_mince_lean',
  'lamb_mince',
  'venison_raw',
  'rabbit_raw',
  'pork_lean',
  'cod_raw',
  'salmon_raw',
];
const LIVERS = ['liver_chicken', 'liver_beef', 'liver_lamb', 'liver_pork'];
const TINNED_FISH = ['mackerel_canned', 'sardines_canned', 'salmon_canned', 'tuna_canned'];

const one = (reason: SwapReason, ingredient: string, perGram = 1): SwapIdea => ({
  id: ingredient,
  reason,
  parts: [{ ingredient, perGram }],
});
const gel = (seed: string, seedShare: number): SwapIdea => ({
  id: `${seed}-gel`,
  reason: 'no-egg',
  parts: [
    { ingredient: seed, perGram: seedShare },
    { ingredient: 'water', perGram: 1 - seedShare },
  ],
});

/** Eggs by gelled seeds: a tablespoon of seed and three of water for one egg. Source: usual kitchen practice. */
const FOR_EGG: readonly SwapIdea[] = [
  gel('flaxseed_ground', 0.15),
  gel('chia_seed', 0.18),
  {
    id: 'gelatin_powder-gel',
    reason: 'no-egg',
    parts: [
      { ingredient: 'gelatin_powder', perGram: 0.1 },
      { ingredient: 'water', perGram: 0.9 },
    ],
  },
];

/** A fat has about four fifths of butter's weight: the rest of butter is water. */
const FAT_IN_BUTTER = 0.82;

const BY_ID = new Map<string, readonly SwapIdea[]>(
  Object.entries({
    egg_whole: FOR_EGG,
    milk_whole: [one('no-dairy', 'broth_homemade'), one('no-dairy', 'coconut_milk'), one('no-dairy', 'water')],
    yogurt_plain: [one('no-dairy', 'applesauce'), one('no-dairy', 'pumpkin_puree'), one('no-dairy', 'coconut_milk')],
    yogurt_greek: [one('no-dairy', 'applesauce'), one('no-dairy', 'sweet_potato_puree')],
    cottage_cheese: [
      one('no-dairy', 'chicken_cooked'),
      one('no-dairy', 'lentils_cooked'),
      one('no-lactose', 'parmesan_grated', 0.5),
    ],
    cream_cheese: [one('no-dairy', 'sweet_potato_puree'), one('no-dairy', 'peanut_butter')],
    cheddar: [one('no-lactose', 'parmesan_grated', 0.9), one('no-dairy', 'brewers_yeast', 0.2)],
    milk_powder_skim: [one('no-dairy', 'brewers_yeast', 0.5)],
    butter_unsalted: [
      one('no-dairy', 'rapeseed_oil', FAT_IN_BUTTER),
      one('no-dairy', 'coconut_oil', FAT_IN_BUTTER),
      one('no-dairy', 'beef_dripping', FAT_IN_BUTTER),
    ],
    broth_cube: [one('not-for-dogs', 'broth_homemade'), one('not-for-dogs', 'water')],
    onion: [one('not-for-dogs', 'carrot_raw'), one('not-for-dogs', 'courgette_raw')],
    onion_powder: [one('not-for-dogs', 'brewers_yeast'), one('not-for-dogs', 'parsley_dried')],
    chives: [one('not-for-dogs', 'parsley_fresh')],
    garlic_fresh: [one('not-for-dogs', 'parsley_fresh')],
    garlic_powder: [one('not-for-dogs', 'brewers_yeast'), one('not-for-dogs', 'parsley_dried')],
    chocolate_dark: [one('not-for-dogs', 'carob_powder', 0.6)],
    chocolate_milk: [one('not-for-dogs', 'carob_powder', 0.6)],
    cocoa_powder: [one('not-for-dogs', 'carob_powder')],
    raisins: [one('not-for-dogs', 'blueberries'), one('not-for-dogs', 'apple_dried')],
    currants_dried: [one('not-for-dogs', 'blueberries'), one('not-for-dogs', 'apple_dried')],
    grapes: [one('not-for-dogs', 'blueberries')],
    nutmeg: [one('not-for-dogs', 'cinnamon_ground')],
    avocado: [one('not-for-dogs', 'banana_mashed')],
    xylitol: [one('not-for-dogs', 'applesauce')],
    sweeteners_artificial: [one('not-for-dogs', 'applesauce')],
    macadamia: [one('not-for-dogs', 'pumpkin_seed')],
    walnut_pecan: [one('not-for-dogs', 'pumpkin_seed')],
    peanut_butter_salted: [one('other-butter', 'peanut_butter'), one('other-butter', 'tahini')],
  }),
);
const FAMILIES: ReadonlyArray<readonly [reason: SwapReason, members: readonly string[]]> = [
  ['other-flour', GRAIN_FLOURS],
  ['grain-free', GRAIN_FREE_FLOURS],
  ['other-puree', PUREES],
  ['other-butter', NUT_BUTTERS],
  ['other-fat', OILS],
  ['other-meat', MEATS],
  ['other-meat', LIVERS],
  ['other-fat', TINNED_FISH],
];

/** What can stand in for an ingredient, as far as this pantry has it; the dangerous ones have a way out first. */
export function swapIdeas(row: Ingredient, pantry: Pantry): SwapIdea[] {
  const ideas = [...(BY_ID.get(row.id) ?? [])];
  const flour = GRAIN_FLOURS.includes(row.id) || GRAIN_FREE_FLOURS.includes(row.id) || isPlainFlour(row);
  for (const [reason, members] of FAMILIES) {
    const asFlour = flour && (members === GRAIN_FLOURS || members === GRAIN_FREE_FLOURS);
    if (asFlour || members.includes(row.id))
      ideas.push(...members.map((id) => one(members === TINNED_FISH ? 'other-meat' : reason, id)));
  }
  const known = ideas.filter(({ parts }) => parts.every(({ ingredient }) => pantry.has(ingredient) && ingredient !== row.id));
  return known.filter((idea, i) => known.findIndex(({ id }) => id === idea.id) === i);
}

/** Any other flour that makes up a dough the way flours do. */
const isPlainFlour = (row: Ingredient): boolean =>
  row.category === 'flour/meal' && row.bindsNow_g_per_g >= 0.4 && row.bindsNow_g_per_g <= 1;
