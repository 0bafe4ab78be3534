import { useState, type ReactNode } from 'react';
import { worthOf, type BatchWorth } from '@/core/batch';
import { ComparePicker } from '../heat/ComparePicker';
import type { Compared } from '../heat/CompareStrip';
import type { BenchProps } from '../bench-props';

type ComparedWithProps = BenchProps & {
  readonly worth: BatchWorth;
  readonly currency: string;
  readonly words: (one: BatchWorth, other: BatchWorth, currency: string) => string;
};

/** Which of two is cheaper, and by what. */
export function ComparedWith({ worth, currency, words, ...bench }: ComparedWithProps): ReactNode {
  const [other, setOther] = useState<Compared | null>(null);
  const theirs = other && worthOf(other.document, other.prediction, bench.costs);
  return (
    <div className="flex flex-wrap items-center gap-3 text-[14.5px]">
      <ComparePicker {...bench} onCompare={setOther} />
      {other && (
        <p role="status">
          <strong>{other.name}</strong> {theirs ? words(worth, theirs, currency) : 'has no price yet'}.
        </p>
      )}
    </div>
  );
}
