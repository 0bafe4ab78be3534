/**
 * A count of all pieces of a bowl, over its portions as they were predicted: each gets its share, and what is left by rounding goes
 * to those that it was taken from most.
 *
 * @param counted - whole pieces of all portions together
 * @param predicted - pieces of each portion
 * @returns whole pieces of each, adding up to the count
 */
export function countByPortion(counted: number, predicted: readonly number[]): number[] {
  const all = predicted.reduce((sum, pieces) => sum + pieces, 0);
  const shares = predicted.map((pieces) => (all > 0 ? (counted * pieces) / all : counted / predicted.length));
  const whole = shares.map(Math.floor);
  const left = counted - whole.reduce((sum, pieces) => sum + pieces, 0);
  const most = shares
    .map((share, i) => ({ i, rest: share - whole[i] }))
    .sort((a, b) => b.rest - a.rest || a.i - b.i)
    .slice(0, left);
  for (const { i } of most) whole[i] += 1;
  return whole;
}
