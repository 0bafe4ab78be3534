import { scaleComposition, type Composition } from '../pantry';
import type { SorptionState } from '../sorption';
import { NO_COATING, compositionOn, type Coating } from './coating';
import { evenOut, movedAfter } from './evening-out';

/** The piece under a coat as it is packed: its dry matter and water [g]. */
export type Under = {
  readonly composition: Composition;
  readonly solids_g: number;
  readonly water_g: number;
  readonly state: SorptionState;
  readonly thickness_mm: number;
};

/** Where the water of a piece and its coats ends in a closed pack. */
export type Soaked = {
  readonly aw: number;
  /** Water that the piece ends with, and each of its coats [g]. */
  readonly piece_g: number;
  readonly coats_g: readonly number[];
};

/** Lets a piece and what is on it even out. */
export function soak({ coats }: Coating, { composition, solids_g, water_g, state }: Under): Soaked {
  const piece = { composition: scaleComposition(composition, solids_g / composition.solids_g), water_g, state };
  const { aw, water_g: all } = evenOut([
    piece,
    ...coats.map((coat) => ({ composition: compositionOn(coat), water_g: coat.water_g, state: coat.dough.state })),
  ]);
  return { aw, piece_g: all[0], coats_g: all.slice(1) };
}

/** Water activity of a thing by itself, all through. */
export const awAlone = (under: Under): number => soak(NO_COATING, under).aw;

/** Water that a piece takes up from its coats in a day, or gives them [kg per kg of its solids]. */
export function gainedInADay(coating: Coating, under: Under): number {
  if (coating.coats.length === 0 || !(under.solids_g > 0)) return 0;
  return ((soak(coating, under).piece_g - under.water_g) / under.solids_g) * movedAfter(1, under.thickness_mm);
}
