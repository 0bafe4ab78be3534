/** What dough that is left over can still become [mm, g]. */
export type LeftOverUses = {
  /** One hand-pressed round as thick as the pieces. */
  readonly round_mm: number;
  /** Pieces of the same mass, pressed a little thicker or thinner so that nothing is left. */
  readonly pieces: number;
  readonly piece_g: number;
  readonly freeze_g: number;
};

/** A piece may be this much lighter or heavier than the others [1]. Source: ours, what still bakes alike. */
const ALIKE = 0.25;

export function leftOverUses(left_g: number, g_per_ml: number, thickness_mm: number, piece_g: number): LeftOverUses {
  const rounded = Math.round(left_g / piece_g);
  const fits = rounded > 0 && Math.abs(left_g / rounded / piece_g - 1) <= ALIKE;
  const pieces = fits ? rounded : Math.floor(left_g / piece_g / (1 - ALIKE));
  const even_g = pieces > 0 ? Math.min(left_g / pieces, piece_g * (1 + ALIKE)) : 0;
  return {
    round_mm: Math.sqrt((4 / Math.PI) * ((left_g / g_per_ml) * 1000)) / Math.sqrt(thickness_mm),
    pieces,
    piece_g: even_g,
    freeze_g: left_g,
  };
}
