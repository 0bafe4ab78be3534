/**
 * The isotherm that the published check runs of the heat model were made with. The product uses ./isotherm;
 * this set only reproduces those runs, so that a change of the solver can be told from a change of the isotherm.
 */

/** Mass fractions of the dry solids [kg/kg]. */
export type LaboratorySolids = {
  readonly starch: number;
  readonly protein: number;
  readonly fibre: number;
  readonly mono: number;
  readonly di: number;
  readonly ash: number;
};

/** GAB constants at 25 °C (Bizot 1983; van den Berg 1984; Lomauro et al. 1985). [kg/kg, 1, 1] */
const STARCH = { m0: 0.095, c: 18, k: 0.7 };
const PROTEIN = { m0: 0.08, c: 12, k: 0.85 };
const FIBRE = { m0: 0.065, c: 15, k: 0.82 };
/** Norrish-type solutes: water per gram is S aw/(1 - aw) [kg/kg] (Chirife et al.). Source: ours, in the form of Norrish 1966. */
const SOLUTE = { mono: 0.14, di: 0.085, ash: 0.2 };

const gab = ({ m0, c, k }: { m0: number; c: number; k: number }, aw: number): number =>
  (m0 * c * k * aw) / ((1 - k * aw) * (1 - k * aw + c * k * aw));

/** Moisture of these solids at a water activity and 25 °C [kg/kg dry solids]. */
export function laboratoryIsotherm(solids: LaboratorySolids): (aw: number) => number {
  const solutes = SOLUTE.mono * solids.mono + SOLUTE.di * solids.di + SOLUTE.ash * solids.ash;
  return (aw) =>
    solids.starch * gab(STARCH, aw) +
    solids.protein * gab(PROTEIN, aw) +
    solids.fibre * gab(FIBRE, aw) +
    (aw / (1 - aw)) * solutes;
}
