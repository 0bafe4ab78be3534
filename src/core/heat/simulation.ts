import type { BrowningRate } from './browning';
import type { Material } from './material';
import type { Piece, Room, Stage, Surroundings } from './programme';
import type { Frame, Profiles } from './recorder';

/** How finely to compute. */
export type Fineness = {
  readonly cells: number;
  /** A step aims at these changes: hottest cell [K], wettest relative change [1]; and is never longer than [s]. */
  readonly rise_K: number;
  readonly drying: number;
  readonly longest_s: number;
};

/** For the page and the doors; for uncertainty draws; for convergence checks. [1, K, s] Source: ours. */
export const USUAL: Fineness = { cells: 16, rise_K: 2, drying: 0.03, longest_s: 60 };
export const COARSE: Fineness = { cells: 12, rise_K: 3, drying: 0.06, longest_s: 180 };

export type Simulation = {
  readonly material: Material;
  readonly piece: Piece;
  readonly surroundings: Surroundings;
  readonly room: Room;
  readonly stages: readonly Stage[];
  readonly browning: BrowningRate;
  readonly fineness: Fineness;
  /** Seconds between recorded frames; 0 records only the end. */
  readonly recordEvery_s: number;
  /** Of several trays, where this piece's stands: 0 the mean (usual), 1 the best aired, -1 the worst. */
  readonly place?: number;
  /** Multiplies the moisture at every aw, for uncertainty draws [1]. */
  readonly isothermScale?: number;
  /** Also screen every cell for lethality (slower; checks only). */
  readonly screening?: boolean;
};

export type SimulationResult = {
  readonly frames: readonly Frame[];
  readonly end: Frame;
  readonly profiles: Profiles;
  /** Thickness share of each cell, top to bottom (fixed by the grid). */
  readonly shares: Float64Array;
  /** Heat and power drawn in each of the surroundings, in the order they were entered [J]. */
  readonly drawn_J: readonly number[];
  readonly steps: number;
  /** Relative error of the water balance, and energy residual over heat taken in: the solver audits itself. */
  readonly waterError: number;
  readonly energyError: number;
};
