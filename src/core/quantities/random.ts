/** A repeatable stream of random numbers in [0, 1): same seed, same stream (mulberry32, Tommy Ettinger 2017). */
export function seededRandom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** Standard deviations from the middle to the edge of a band that holds nine of ten. */
export const SDS_IN_90_PCT = 1.64;

/** Standard normal numbers from a uniform stream (Box & Muller 1958). */
export function normals(random: () => number): () => number {
  return () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

/** Value below which a share of the sorted numbers lies, linear between neighbours. */
export function quantile(sorted: ArrayLike<number>, share: number): number {
  const position = share * (sorted.length - 1);
  const below = Math.floor(position);
  const above = Math.min(sorted.length - 1, below + 1);
  return sorted[below] + (position - below) * (sorted[above] - sorted[below]);
}
