/** One thing that was measured, as every draw would have shown it. A reading has one value; a word allows a stretch of them. */
export type Clue = {
  readonly ofDraw: readonly number[];
  readonly low: number;
  readonly high: number;
  /** How far the reading, or the edges of the word, may be off. */
  readonly sd: number;
};

/** How much each draw counts, by how like it is to what was measured. */
export type Alike = {
  readonly weights: readonly number[];
  /** Draws that this amounts to: the more the measurement says, the fewer. */
  readonly effective: number;
  /** How many times its own width each reading was taken, so that enough draws are like it. */
  readonly widened: number;
};

/** Draws that must be alike before anything is said of them, unless who asks can do with fewer. */
const ENOUGH = 30;
const WIDER = 1.2;
const WIDEST = 40;

/**
 * Weighs draws by how like they are to what was measured (importance weights with a normal kernel). Where a measurement leaves too few
 * draws the kernel is widened, and what that blurs is put right by a regression afterwards.
 *
 * @source Beaumont, Zhang & Balding 2002, approximate Bayesian computation
 */
export function alike(clues: readonly Clue[], draws: number, enough = ENOUGH): Alike {
  for (let widened = 1; ; widened *= WIDER) {
    const weights = Array.from({ length: draws }, (_, i) =>
      Math.exp(-0.5 * clues.reduce((sum, clue) => sum + (missOf(clue, i) / widened) ** 2, 0)),
    );
    const effective = effectiveOf(weights);
    if (effective >= Math.min(enough, draws / 2) || widened > WIDEST) return { weights, effective, widened };
  }
}

/** By how many of its deviations a draw misses a clue [1]. */
function missOf({ ofDraw, low, high, sd }: Clue, draw: number): number {
  const value = ofDraw[draw];
  return (value < low ? low - value : value > high ? value - high : 0) / sd;
}

/** Equal draws that say as much as these (Kish 1965). */
function effectiveOf(weights: readonly number[]): number {
  const sum = weights.reduce((all, weight) => all + weight, 0);
  const squares = weights.reduce((all, weight) => all + weight * weight, 0);
  return squares > 0 ? (sum * sum) / squares : 0;
}
