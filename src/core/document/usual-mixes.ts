import type { FinishRole } from '../catalogue';
import type { RecipeLine } from './recipe-fields';

/** What a finish is usually mixed of, in grams that keep their proportions when it is scaled. Source: ours, usual kitchen mixes. */
export type UsualMix = { readonly name: string; readonly grams: Readonly<Record<string, number>> };

const CREAM_CHEESE: UsualMix = { name: 'cream cheese and yogurt', grams: { cream_cheese: 200, yogurt_greek: 50 } };
const YOGURT: UsualMix = { name: 'thick yogurt and tapioca', grams: { yogurt_greek: 200, starch_tapioca: 12 } };
const POTATO: UsualMix = { name: 'mashed potato', grams: { potato_mash: 250, yogurt_plain: 30 } };
const FAT: UsualMix = { name: 'coconut oil and peanut butter, sets firm', grams: { coconut_oil: 80, peanut_butter: 60 } };
const STARCH: UsualMix = {
  name: 'tapioca and yogurt, boiled to a glaze',
  grams: { starch_tapioca: 20, water: 60, yogurt_plain: 20 },
};
const CAROB: UsualMix = { name: 'carob and coconut oil, sets firm', grams: { carob_powder: 30, coconut_oil: 60 } };

const MIXES: Readonly<Partial<Record<FinishRole, readonly UsualMix[]>>> = {
  frosting: [CREAM_CHEESE, YOGURT, POTATO, FAT, STARCH],
  filling: [CREAM_CHEESE, { name: 'peanut butter and oats', grams: { peanut_butter: 120, oats_rolled: 40 } }, POTATO],
  dip: [YOGURT, CAROB, FAT],
  drizzle: [{ name: 'yogurt and tapioca', grams: { yogurt_greek: 60, starch_tapioca: 5 } }, CAROB, STARCH],
  wash: [
    { name: 'beaten egg', grams: { egg_whole: 50 } },
    { name: 'milk', grams: { milk_whole: 40 } },
    { name: 'broth', grams: { broth_homemade: 40 } },
  ],
  sprinkle: [
    { name: 'sesame', grams: { sesame_seed: 20 } },
    { name: 'parsley', grams: { parsley_dried: 4 } },
    { name: 'coconut', grams: { coconut_desiccated: 20 } },
  ],
  dusting: [{ name: 'oat flour', grams: { flour_oat: 30 } }],
};

/** Usual mixes for what a part does, the most usual first; none where there is no usual one. */
export const usualMixes = (role: FinishRole): readonly UsualMix[] => MIXES[role] ?? [];

/** The lines of a usual mix in one part of a recipe. */
export const linesOfMix = ({ grams }: UsualMix, part: string): RecipeLine[] =>
  Object.entries(grams).map(([ingredient, amount]) => ({ ingredient, amount, unit: 'g', part }));
