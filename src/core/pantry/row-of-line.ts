import type { Ingredient, Pantry, SlicedOff } from './ingredient';
import { broughtIngredient, type BroughtLine } from './made-of';
import { mashed } from './mashed';

/** A line of a recipe, as far as it says what it is of. */
type WrittenLine = Pick<BroughtLine, 'ingredient' | 'made_of'> & {
  readonly mashed?: boolean | undefined;
  readonly composition_per_100g?: BroughtLine['composition_per_100g'] | undefined;
};

/**
 * The row that a line of a recipe means: as the pantry has it or the line brings it, mashed where the line says so and it can be.
 *
 * @param slicedOff - what of it slicing takes off, so that it is weighed with it
 */
export function rowOfLine(line: WrittenLine, pantry: Pantry, slicedOff?: SlicedOff): Ingredient | undefined {
  const { composition_per_100g } = line;
  const brought = composition_per_100g && broughtIngredient({ ...line, composition_per_100g }, pantry);
  const row = brought ? (brought.ok ? brought.value : undefined) : pantry.get(line.ingredient);
  const mash = row && line.mashed ? mashed(row) : null;
  const meant = mash?.ok ? mash.value : row;
  return meant && slicedOff ? { ...meant, slicedOff } : meant;
}
