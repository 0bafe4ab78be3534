/** Nearer than this share of where it is, two places are one [1]. */
const NEARLY = 2 * Number.EPSILON;
/** Halving alone would get as near in fewer. */
const MOST_STEPS = 100;

/**
 * Where a rising function passes zero: by inverse quadratic interpolation where three places tell enough, by halving where not, so that
 * it needs a fifth of what halving alone does and never more than twice.
 *
 * @returns the place, as exactly as numbers go; an end where the function never passes zero between them
 * @source Chandrupatla 1997, Advances in Engineering Software 28, 145-149
 */
export function risingThroughZero(rising: (at: number) => number, low: number, high: number): number {
  let [newest, other] = [
    { at: low, value: rising(low) },
    { at: high, value: rising(high) },
  ];
  if (newest.value >= 0) return low;
  if (other.value <= 0) return high;
  let share = 0.5;
  for (let step = 0; step < MOST_STEPS; step++) {
    const at = newest.at + share * (other.at - newest.at);
    const tried = { at, value: rising(at) };
    // The three last places: the newest, the one across zero from it, and the one that it took the place of.
    const [across, before] = tried.value < 0 === newest.value < 0 ? [other, newest] : [newest, other];
    newest = tried;
    other = across;
    const best = Math.abs(newest.value) < Math.abs(other.value) ? newest : other;
    const nearest = (NEARLY * Math.abs(best.at)) / Math.abs(other.at - newest.at);
    if (nearest > 0.5 || best.value === 0) return best.at;
    share = Math.min(1 - nearest, Math.max(nearest, nextShare(newest, other, before)));
  }
  return (newest.at + other.at) / 2;
}

type Place = { readonly at: number; readonly value: number };

/** Share of the way from the newest place to the one across zero at which to look next [0..1]. */
function nextShare(a: Place, b: Place, c: Place): number {
  const xi = (a.at - b.at) / (c.at - b.at);
  const phi = (a.value - b.value) / (c.value - b.value);
  // Outside of these the curve through the three turns back between them.
  if (!(phi * phi < xi && (1 - phi) * (1 - phi) < 1 - xi)) return 0.5;
  const towardsB = (a.value / (b.value - a.value)) * (c.value / (b.value - c.value));
  const towardsC = ((c.at - a.at) / (b.at - a.at)) * (a.value / (c.value - a.value)) * (b.value / (c.value - b.value));
  return towardsB + towardsC;
}
