/** Solves a small dense system, pivoting. */
export function solveLinear(matrix: readonly (readonly number[])[], right: readonly number[]): number[] {
  const rows = matrix.map((row, i) => [...row, right[i]]);
  const n = rows.length;
  for (let i = 0; i < n; i++) {
    let pivot = i;
    for (let k = i + 1; k < n; k++) if (Math.abs(rows[k][i]) > Math.abs(rows[pivot][i])) pivot = k;
    [rows[i], rows[pivot]] = [rows[pivot], rows[i]];
    for (let k = i + 1; k < n; k++) {
      const by = rows[k][i] / rows[i][i];
      for (let c = i; c <= n; c++) rows[k][c] -= by * rows[i][c];
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i--) {
    let sum = rows[i][n];
    for (let c = i + 1; c < n; c++) sum -= rows[i][c] * x[c];
    x[i] = sum / rows[i][i];
  }
  return x;
}

/** The inverse of a small dense matrix. */
export function invert(matrix: readonly (readonly number[])[]): number[][] {
  const columns = matrix.map((_, i) =>
    solveLinear(
      matrix,
      matrix.map((__, k) => (i === k ? 1 : 0)),
    ),
  );
  return matrix.map((_, i) => columns.map((column) => column[i]));
}
