/** Equal portions of a mass, by their own mass or by the volume they fill. */
export type Portions = {
  readonly pieces: number;
  readonly piece_g: number;
  /** What does not make a whole piece. */
  readonly left_g: number;
};

/** Whole counts are not lost to the last bit of a float [pieces]. */
const ALMOST = 1e-9;

/** As many portions of a set mass as there are: scoops, filled cavities, filled cups. The rest is left over. */
export function wholePortions(dough_g: number, piece_g: number): Portions {
  const pieces = Math.floor(dough_g / piece_g + ALMOST);
  return { pieces, piece_g, left_g: dough_g - pieces * piece_g };
}

/** Portions near a wished mass that use everything up: hand-rolled balls. At least one. */
export function evenPortions(dough_g: number, wished_g: number): Portions {
  const pieces = Math.max(1, Math.round(dough_g / wished_g));
  return { pieces, piece_g: dough_g / pieces, left_g: 0 };
}

/** Mass of a ball [g], and the diameter of one of that mass [mm]. */
export const ballMass = (diameter_mm: number, g_per_ml: number): number => ((Math.PI / 6) * diameter_mm ** 3 * g_per_ml) / 1000;
export const ballDiameter = (mass_g: number, g_per_ml: number): number => Math.cbrt(((6 / Math.PI) * mass_g * 1000) / g_per_ml);

/** Mass of a filled hollow [g]. `fill` is the share that is filled [1]. */
export const filledMass = (volume_ml: number, fill: number, g_per_ml: number): number => volume_ml * fill * g_per_ml;

/** Rounds needed when so many trays, mats or tins are wanted and so many are there. */
export const roundsFor = (wanted: number, there: number): number => Math.ceil(wanted / Math.max(1, there));
