import type { ReactNode } from 'react';
import { costReport, type CostReport } from '@/core/outcomes';
import { ComparePicker } from '../heat/ComparePicker';
import type { BenchProps } from '../bench-props';
import { differenceWords } from './difference-words';

type ComparedWithProps = BenchProps & { readonly worth: CostReport; readonly currency: string };

/** Which of two is cheaper, and by what: a recipe of the book, or this batch as it was before something was changed. */
export function ComparedWith({ worth, currency, ...bench }: ComparedWithProps): ReactNode {
  const other = bench.compared;
  const theirs = other && costReport(other.document, other.prediction, bench.costs);
  return (
    <div className="flex flex-wrap items-center gap-3 text-[14.5px]">
      <ComparePicker {...bench} />
      {other && (
        <p role="status" data-cost="compared">
          <strong>{other.name}</strong> {theirs ? differenceWords(worth, theirs, currency) : 'has no price yet'}.
        </p>
      )}
    </div>
  );
}
