/** Pieces that will be wanted in one week: likely, and between which they lie in four of five. */
export type WeekForecast = { readonly likely: number; readonly low: number; readonly high: number };

/** Weeks that must have been seen, and weeks in which something was taken, before anything is foretold. */
export const LEAST_WEEKS = 6;
const LEAST_TAKEN = 3;

/** Counts scatter the more the larger they are; their roots scatter alike (Anscombe 1948). */
const rootOf = (pieces: number): number => Math.sqrt(pieces + 3 / 8);
const piecesOf = (root: number): number => Math.max(0, Math.max(0, root) ** 2 - 3 / 8);
/** What a root of a count scatters by if nothing but chance does [1]. */
const CHANCE = 0.5;
const SDS_IN_80_PCT = 1.2816;
/** How fast the level may follow: from hardly to half of every surprise. */
const PACES = [0.05, 0.1, 0.15, 0.2, 0.3, 0.4, 0.5];
/** The level begins at the mean of so many weeks. */
const BEGIN = 4;

type Fit = { readonly pace: number; readonly level: number; readonly spread: number };

/**
 * The weeks to come by a level that follows what was taken, with the pace that would have foretold the past best (simple exponential
 * smoothing on roots). It has no trend: a small kitchen's few weeks show none that would last.
 *
 * @param weeks - pieces taken in each past week, the oldest first
 * @param ahead - how many weeks are foretold
 * @returns null where there is too little to go by
 * @source Brown 1956; Gardner 2006 on exponential smoothing; Anscombe 1948 on roots of counts
 */
export function foretell(weeks: readonly number[], ahead: number): readonly WeekForecast[] | null {
  if (weeks.length < LEAST_WEEKS || weeks.filter((pieces) => pieces > 0).length < LEAST_TAKEN) return null;
  const roots = weeks.map(rootOf);
  const { pace, level, spread } = PACES.map((one) => fitted(roots, one)).reduce((best, one) =>
    one.spread < best.spread ? one : best,
  );
  return Array.from({ length: ahead }, (_, week) => {
    // A level that follows is the less sure the further ahead it is asked for.
    const sd = spread * Math.sqrt(1 + week * pace * pace);
    return { likely: piecesOf(level), low: piecesOf(level - SDS_IN_80_PCT * sd), high: piecesOf(level + SDS_IN_80_PCT * sd) };
  });
}

function fitted(roots: readonly number[], pace: number): Fit {
  const first = roots.slice(0, BEGIN);
  let level = first.reduce((sum, root) => sum + root, 0) / first.length;
  let squares = 0;
  for (const root of roots) {
    squares += (root - level) ** 2;
    level += pace * (root - level);
  }
  // A level that was itself found from few weeks is unsure by its own share of them.
  const spread = Math.sqrt((squares / (roots.length - 1)) * (1 + 1 / roots.length));
  return { pace, level, spread: Math.max(CHANCE, spread) };
}
