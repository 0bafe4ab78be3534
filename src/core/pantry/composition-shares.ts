import { compose, type DoughLine } from './composition';

/** What a dough is made of, by mass [%]. */
export type DoughShares = {
  readonly water: number;
  readonly starch: number;
  readonly protein: number;
  readonly fat: number;
  readonly sugars: number;
  readonly fibre: number;
  readonly ash: number;
};

export function sharesOf(lines: readonly DoughLine[]): DoughShares {
  const sum = compose(lines);
  const parts = {
    water: sum.water_g,
    starch: sum.starch_g,
    protein: sum.protein_g,
    fat: sum.fat_g,
    sugars: sum.sugars_g + sum.polyol_g,
    fibre: sum.fibre_g + sum.otherCarb_g,
    ash: sum.ash_g,
  };
  // Tables measure each part for itself: lean fish adds up to a little over its own mass.
  const all_g = Object.values(parts).reduce((total, mass_g) => total + mass_g, 0);
  return Object.fromEntries(Object.entries(parts).map(([part, mass_g]) => [part, (100 * mass_g) / all_g])) as DoughShares;
}
