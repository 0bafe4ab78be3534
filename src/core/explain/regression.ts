import { solveLinear } from '../quantities';

/**
 * Weighted least squares with a constant: the constant first, then a slope for each column.
 *
 * @param rows - one row of predictors for each observation
 * @param ridge - added to the squares of every slope, so that columns that tell the same do not fight [1]
 */
export function regress(
  rows: readonly (readonly number[])[],
  targets: readonly number[],
  weights: readonly number[],
  ridge = 1e-6,
): number[] {
  const width = 1 + (rows[0]?.length ?? 0);
  const squares = Array.from({ length: width }, (_, i) =>
    Array.from({ length: width }, (__, k) => (i === k && i > 0 ? ridge : 0)),
  );
  const products = new Array<number>(width).fill(0);
  for (const [i, row] of rows.entries()) {
    const terms = [1, ...row];
    for (let a = 0; a < width; a++) {
      products[a] += weights[i] * terms[a] * targets[i];
      for (let b = 0; b < width; b++) squares[a][b] += weights[i] * terms[a] * terms[b];
    }
  }
  return solveLinear(squares, products);
}
