import type { ReactNode } from 'react';
import { Table } from './Table';

/** A drawing as a table: names of its columns, and what stands in them. */
export type Numbers = { readonly heads: readonly string[]; readonly rows: ReadonlyArray<readonly string[]> };

type InNumbersProps = { readonly of: string; readonly numbers: Numbers };

/** What a drawing shows, in numbers, for whoever cannot see it or wants to read them off. Not printed: paper has the drawing. */
export const InNumbers = ({ of, numbers: { heads, rows } }: InNumbersProps): ReactNode => (
  <details className="text-[14px] print:hidden">
    <summary className="inline-flex min-h-[24px] items-center text-[13.5px] text-soft underline pointer-coarse:min-h-[44px]">
      {of} in numbers
    </summary>
    <Table label={`${of} in numbers`} heads={heads}>
      <tbody>
        {rows.map((row, i) => (
          <tr key={i} className="border-t border-hair">
            {row.map((cell, k) => (
              <td key={k} data-head={k === 0 ? undefined : heads[k]} className="py-0.5 pr-3 whitespace-nowrap">
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </Table>
  </details>
);

/** Points of a curve that a table shows at most. */
const MOST_ROWS = 16;

/** Of a long row of points a few, evenly, the first and the last among them. */
export function someOf<T>(points: readonly T[]): readonly T[] {
  if (points.length <= MOST_ROWS) return points;
  return Array.from({ length: MOST_ROWS }, (_, i) => points[Math.round((i * (points.length - 1)) / (MOST_ROWS - 1))]);
}
