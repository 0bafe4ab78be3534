import type { FeedingInput } from '../feeding';
import type { DoughLine } from '../pantry';
import type { Prediction } from '../prediction';

/** A predicted batch as a dog meets it. */
export const feedingInput = (prediction: Prediction, lines: readonly DoughLine[]): FeedingInput => ({
  lines,
  pieces: prediction.yield.pieces,
  kcal_per_piece: prediction.feeding.kcal_per_piece,
  sides_mm: [prediction.yield.piece_sides_mm[0], prediction.yield.piece_sides_mm[1]],
  force_N: prediction.outcome.snap_force_n,
  hard: prediction.outcome.hard,
  blockedBy: prediction.blocked_by,
});
