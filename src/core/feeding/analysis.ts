import { compose, type DoughLine } from '../pantry';

/** Typical analysis of the finished treat [% of finished mass], and its energy [kcal/kg]. */
export type Analysis = {
  readonly protein_pct: number;
  readonly fat_pct: number;
  readonly crudeFibre_pct: number;
  readonly moisture_pct: number;
  readonly ash_pct: number;
  readonly nitrogenFree_pct: number;
  readonly kcal_per_kg: number;
};

/** Crude fibre over total fibre, by category; the old method misses much of it [1]. Source: fit. */
const CRUDE_SHARE = new Map<string, number>(
  Object.entries({
    'flour/meal': 0.24,
    'whole grain': 0.2,
    'spent cereal grain': 0.33,
    fruit: 0.45,
    'fruit puree': 0.45,
    'root/veg': 0.4,
    'root/veg puree': 0.4,
    seed: 0.35,
    'nut/seed butter': 0.35,
    'spice/herb': 0.5,
    leavening: 0.1,
  }),
);
const OTHER_CRUDE_SHARE = 0.3;
/** Modified Atwater factors for pet food [kcal/g] (NRC 2006). */
const KCAL = { protein: 3.5, fat: 8.5, carbohydrate: 3.5 };

/** Typical analysis of a dough baked down to `finished_g`. */
export function analyse(lines: readonly DoughLine[], finished_g: number): Analysis {
  const sum = compose(lines);
  const crude_g = lines.reduce(
    (total, { ingredient, mass_g }) =>
      total + (ingredient.fibre * mass_g * (CRUDE_SHARE.get(ingredient.category) ?? OTHER_CRUDE_SHARE)) / 100,
    0,
  );
  const pct = (mass_g: number): number => (100 * mass_g) / finished_g;
  const moisture_pct = pct(finished_g - sum.solids_g);
  const nitrogenFree_pct = Math.max(0, 100 - pct(sum.protein_g) - pct(sum.fat_g) - pct(crude_g) - moisture_pct - pct(sum.ash_g));
  return {
    protein_pct: pct(sum.protein_g),
    fat_pct: pct(sum.fat_g),
    crudeFibre_pct: pct(crude_g),
    moisture_pct,
    ash_pct: pct(sum.ash_g),
    nitrogenFree_pct,
    kcal_per_kg: 10 * (KCAL.protein * pct(sum.protein_g) + KCAL.fat * pct(sum.fat_g) + KCAL.carbohydrate * nitrogenFree_pct),
  };
}
