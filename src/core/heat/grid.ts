/** How strongly the cells crowd towards the faces, where moisture falls steeply [1]. Source: ours. */
const CROWDING = 1.6;

/** Share of the thickness that each cell takes, from top to bottom; thin at both faces, sum 1. */
export function cellShares(count: number): Float64Array {
  const edge = (index: number): number => 0.5 * (1 + Math.tanh(CROWDING * ((2 * index) / count - 1)) / Math.tanh(CROWDING));
  return Float64Array.from({ length: count }, (_, index) => edge(index + 1) - edge(index));
}

/** Cells when an ice front moves through them: it is sharp, and in few cells it would move in steps. [1] Source: ours. */
const CELLS_FOR_ICE = 40;
export const cellsForIce = (usual: number): number => (usual >= 16 ? CELLS_FOR_ICE : usual);

/** Cells for a thickness: few for crisps (a step must not outrun them), many for cakes. */
export function cellsFor(thickness_m: number, usual: number): number {
  if (thickness_m < 0.0015) return 8;
  return thickness_m > 0.04 ? Math.max(24, usual) : usual;
}
