import { colourWord, solvedInJuice, type Frame, type Material } from '../heat';
import type { ShapeYield } from '../yield';

/** Less juice than this share of a piece nobody sees [1]. Source: ours. */
const SEEN = 0.01;

/** Juice that runs off while pieces are in the heat. */
export type Drip = {
  /** Of one piece and of all [g], with what is solved in it; its share of the raw piece [%]. */
  readonly piece_g: number;
  readonly batch_g: number;
  readonly share_pct: number;
  /** Colour of what lies on the tray at the end; null where it falls through a rack or does not colour at all. */
  readonly colour: string | null;
};

/** @returns null where there is none to speak of */
export function dripOf({ dripped, browningFilm }: Frame, { moisture0 }: Material, { piece_g, pieces }: ShapeYield): Drip | null {
  const share = (dripped + solvedInJuice(dripped)) / (1 + moisture0);
  if (share < SEEN) return null;
  return {
    piece_g: share * piece_g,
    batch_g: share * piece_g * pieces,
    share_pct: 100 * share,
    colour: browningFilm > 0 ? colourWord(browningFilm) : null,
  };
}
