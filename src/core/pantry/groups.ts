import type { DoughLine } from './composition';
import type { Ingredient, Pantry } from './ingredient';

const ANIMAL = new Set(['meat/organ', 'fish']);
const isTissue = (row: Ingredient): boolean => ANIMAL.has(row.category);

const shareOf = (lines: readonly DoughLine[], belongs: (row: Ingredient) => boolean): number => {
  let all_g = 0;
  let in_g = 0;
  for (const { ingredient, mass_g } of lines) {
    all_g += mass_g;
    if (belongs(ingredient)) in_g += mass_g;
  }
  return all_g > 0 ? in_g / all_g : 0;
};

/** Share of the mix that is meat, organ or fish, raw or cooked [0..1]. */
export const tissueShare = (lines: readonly DoughLine[]): number => shareOf(lines, isTissue);

/** Share of the mix that is liver [0..1]. */
export const liverShare = (lines: readonly DoughLine[]): number => shareOf(lines, isLiver);
export const isLiver = ({ id }: Ingredient): boolean => id.startsWith('liver_');

/** Share of the mix that is nut or seed butter [0..1]. */
export const nutButterShare = (lines: readonly DoughLine[]): number =>
  shareOf(lines, (row) => row.category === 'nut/seed butter');

/** Sugars that can crystallise again: white sugar and milk powder [g]. */
export function crystallisingSugars(lines: readonly DoughLine[]): number {
  const crystals = new Set(['sugar_white', 'milk_powder_skim']);
  return lines
    .filter(({ ingredient }) => crystals.has(ingredient.id))
    .reduce((sum, { ingredient, mass_g }) => sum + (ingredient.sugars * mass_g) / 100, 0);
}

/** Protein that comes from meat, organ, fish or egg [g]. */
export function animalProtein(lines: readonly DoughLine[]): number {
  return lines
    .filter(({ ingredient }) => isTissue(ingredient) || ingredient.category === 'egg')
    .reduce((sum, { ingredient, mass_g }) => sum + (ingredient.protein * mass_g) / 100, 0);
}

/** Ids of the ingredients that act alike in every model, spelled once. */
const FLOUR_CATEGORIES = new Set(['flour/meal', 'whole grain']);

/** What bakers reach for when a dough will not hold, as far as this pantry has it. */
export const usualBinders = (pantry: Pantry): Ingredient[] =>
  ['egg_whole', 'flaxseed_ground', 'gelatin_powder'].flatMap((id) => pantry.get(id) ?? []);

/** True for dry flours and oats that have not been cooked: they can carry germs like any raw food. */
export const isRawFlour = (row: Ingredient): boolean =>
  FLOUR_CATEGORIES.has(row.category) && !row.id.endsWith('_cooked') && row.id !== 'oatmeal_porridge';

/** True for raw meat, organ or fish; eggs are cooked by setting. */
export const isRawTissue = (row: Ingredient): boolean => row.rawAnimal !== null && row.rawAnimal !== 'egg';

/** True for drained brewing grain that has not been dried. */
export const isWetSpentGrain = (row: Ingredient): boolean => row.id === 'spent_grain_wet' || row.id === 'spent_grain_pressed';
