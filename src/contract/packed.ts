/** Rows of one kind as a page takes them: the names of their columns once, then their values. A third of what every name in every row is. */
export type Packed<T> = { readonly columns: ReadonlyArray<keyof T>; readonly rows: ReadonlyArray<readonly unknown[]> };

export function packed<T extends object>(rows: readonly T[]): Packed<T> {
  const columns = [...new Set(rows.flatMap((row) => Object.keys(row) as Array<keyof T>))];
  return { columns, rows: rows.map((row) => columns.map((column) => row[column])) };
}

/** The rows again, each with what it had. */
export const unpacked = <T extends object>({ columns, rows }: Packed<T>): T[] =>
  rows.map((row) => {
    const pairs = columns.map((column, i) => [column, row[i]] as const);
    return Object.fromEntries(pairs.filter(([, value]) => value !== undefined)) as T;
  });
