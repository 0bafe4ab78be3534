import type { ReactNode } from 'react';
import { pathFrom } from '@/core/document';
import type { Advice } from '@/core/prediction';
import { sentence } from '../../format/units';
import { Button } from '../../kit/Button';
import type { BenchProps } from '../bench-props';

type AdviceLinesProps = Pick<BenchProps, 'edits'> & { readonly advice: readonly Advice[] };

/** The smallest changes that make the low end useful, each with the button that does it. */
export function AdviceLines({ advice, edits }: AdviceLinesProps): ReactNode {
  if (advice.length === 0) return null;
  return (
    <ul aria-label="What makes the low end useful" className="flex flex-col gap-1 text-[14.5px]">
      {advice.slice(0, 3).map(({ text, change }) => (
        <li key={text} className="flex flex-wrap items-center gap-3 rounded-2xl border border-keep/50 bg-keep-pale/40 px-3 py-1">
          <span className="flex-1">{sentence(text)}.</span>
          <Button
            look="small"
            aria-label={`Do it: ${sentence(text)}`}
            onClick={() => edits.set(pathFrom(change.path), change.to)}
          >
            Do it
          </Button>
        </li>
      ))}
    </ul>
  );
}
