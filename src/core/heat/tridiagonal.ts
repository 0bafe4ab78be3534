/**
 * Solves a tridiagonal system in place (Thomas algorithm); the answer ends up in `rhs`.
 * `diagonal` is overwritten. Needs diagonal dominance, which the implicit balances have.
 *
 * @param size - number of unknowns; lower[0] and upper[size - 1] are not read
 */
// oxlint-disable-next-line max-params -- older than the rule
export function solveTridiagonal(
  lower: Float64Array,
  diagonal: Float64Array,
  upper: Float64Array,
  rhs: Float64Array,
  size: number,
): void {
  for (let row = 1; row < size; row++) {
    const factor = lower[row] / diagonal[row - 1];
    diagonal[row] -= factor * upper[row - 1];
    rhs[row] -= factor * rhs[row - 1];
  }
  rhs[size - 1] /= diagonal[size - 1];
  for (let row = size - 2; row >= 0; row--) rhs[row] = (rhs[row] - upper[row] * rhs[row + 1]) / diagonal[row];
}
