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
  const pct = (mass_g: number): number => (100 * mass_g) / sum.mass_g;
  return {
    water: pct(sum.water_g),
    starch: pct(sum.starch_g),
    protein: pct(sum.protein_g),
    fat: pct(sum.fat_g),
    sugars: pct(sum.sugars_g + sum.polyol_g),
    fibre: pct(sum.fibre_g + sum.otherCarb_g),
    ash: pct(sum.ash_g),
  };
}
