import { allowance, type Analysis, type DogProfile } from '../feeding';
import { bestBefore, guarantees, ingredientList, lotOf, statedWeight, type LabelFacts } from '../labelling';
import { allergensIn, type DoughLine } from '../pantry';
import type { BatchDocument } from '../document';
import type { Prediction } from '../prediction';

/** Who puts the treats on sale, and when they were baked. */
type Maker = { readonly name: string; readonly baked_on: string };

/** Pieces of one batch differ, and counted packs with them [1]. Source: ours. */
const PACKS_VARY = 0.03;
/** The dog that feeding words are written for. */
const TEN_KG: Omit<DogProfile, 'name' | 'avoids'> = {
  weight_kg: 10,
  age: 'adult',
  activity: 'usual',
  neutered: true,
  overweight: false,
  wornTeeth: false,
  upsetByFat: false,
};

/**
 * What a label is written from. The date counts from the low end of the band, the weight from the dry end.
 *
 * @param prediction - with its bands: without them the date would be the likely one
 * @param index - which of the batch's packs
 */
// oxlint-disable-next-line max-params -- older than the rule
export function labelFacts(
  document: BatchDocument,
  prediction: Prediction,
  lines: readonly DoughLine[],
  maker: Maker,
  index = 0,
): LabelFacts {
  const { keeps, feeding, outcome, yield: out } = prediction;
  const pack = keeps[Math.min(index, keeps.length - 1)];
  const allergens = allergensIn(lines.map(({ ingredient }) => ingredient));
  const named = (certain: boolean): string[] => allergens.filter((one) => one.certain === certain).map(({ name }) => name);
  return {
    name: prediction.name,
    ingredients: ingredientList(lines),
    allergens: named(true),
    mayContain: named(false),
    guarantees: guarantees(analysisOf(prediction)),
    kcal_per_100g: feeding.kcal_per_kg / 10,
    kcal_per_piece: feeding.kcal_per_piece,
    net_g: statedWeight(pack.net_g * dryEnd(outcome) * (1 - PACKS_VARY)),
    bestBefore: bestBefore(maker.baked_on, pack.days_low),
    lot: lotOf(maker.baked_on, document.label?.letter ?? 'A', makerLetter(maker.name)),
    maker: maker.name,
    store: pack.store,
    afterOpening_days: pack.opened_days,
    perDayAt10kg: allowance(lines, out.pieces, feeding.kcal_per_piece, TEN_KG).pieces,
  };
}

/** Mass of a piece at the dry end of its band over its likely mass [1]. */
const dryEnd = ({ moisture_pct, moisture_pct_low }: Prediction['outcome']): number =>
  (100 - moisture_pct) / (100 - moisture_pct_low);

/** The letter that a maker's lots begin with. */
export const makerLetter = (name: string): string => /[A-Z]/.exec(name.normalize('NFKD').toUpperCase())?.[0] ?? 'X';

const analysisOf = ({ analysis: a, feeding }: Prediction): Analysis => ({
  protein_pct: a.protein_pct,
  fat_pct: a.fat_pct,
  crudeFibre_pct: a.crude_fibre_pct,
  moisture_pct: a.moisture_pct,
  ash_pct: a.ash_pct,
  nitrogenFree_pct: a.nitrogen_free_pct,
  kcal_per_kg: feeding.kcal_per_kg,
});
