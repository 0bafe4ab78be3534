import type { RecipeLine } from '../document';
import { fail, succeed, type Result } from '../failure';
import { allergensIn, compose, type Composition, type DoughLine } from '../pantry';
import type { PredictionRun } from './prediction-run';

/** Longest that a name of an ingredient may be [characters]. */
const NAME_MOST = 200;

/**
 * The finished treats of a batch as a line of another recipe, counted one by one: what they are made of once they have lost their
 * water, what one weighs, and what went into them.
 *
 * @param name - what they are called there
 * @returns one of them; fails where they may not be fed at all
 */
export function asIngredient(name: string, { prediction, treat, out }: PredictionRun): Result<RecipeLine> {
  if (prediction.blocked_by.length > 0)
    return fail(
      'STOPPED',
      `"${name}" may not be fed as it is: ${prediction.cautions.find(({ severity }) => severity === 'stop')?.message ?? ''} Mend that batch first.`,
      'recipe',
    );
  const each_g = prediction.yield.piece_final_g;
  const eaten = treat.lines.filter(({ mass_g }) => mass_g > 0);
  return succeed({
    ingredient: name.slice(0, NAME_MOST),
    amount: 1,
    unit: 'each',
    composition_per_100g: {
      ...finished(compose(treat.kept), prediction.analysis.moisture_pct),
      each_g,
      allergen: allergenWords(eaten),
    },
    made_of: eaten.map(({ ingredient, mass_g }) => ({
      ingredient: ingredient.id,
      grams: (100 * mass_g) / (each_g * out.pieces),
    })),
  });
}

/** Its dry matter as mixed, with the water that is left [g per 100 g]. */
function finished(mixed: Composition, water: number): NonNullable<RecipeLine['composition_per_100g']> {
  const scale = (100 - water) / mixed.solids_g;
  return {
    water,
    protein: mixed.protein_g * scale,
    fat: mixed.fat_g * scale,
    carbohydrate: mixed.carb_g * scale,
    sugars: mixed.sugars_g * scale,
    fibre: mixed.fibre_g * scale,
    starch: mixed.starch_g * scale,
    ash: mixed.ash_g * scale,
    sodium_mg: mixed.sodium_mg * scale,
  };
}

/** The allergens of a mix as a pantry row writes them. */
function allergenWords(lines: readonly DoughLine[]): string {
  const all = allergensIn(lines.map(({ ingredient }) => ingredient));
  const named = (certain: boolean): string[] => all.filter((one) => one.certain === certain).map(({ name }) => name);
  const maybe = named(false);
  const words = [...named(true), ...(maybe.length > 1 ? [maybe.join(' or ')] : [])].join('/');
  const carries = maybe.length === 1 ? `${words} (may carry ${maybe[0]})`.trim() : words;
  return carries === '' ? 'none' : carries;
}
