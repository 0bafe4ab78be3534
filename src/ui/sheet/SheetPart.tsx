import type { ReactNode } from 'react';
import type { Prediction } from '@/core/prediction';
import { CautionLine } from '../kit/CautionMark';

type SheetPartProps = { readonly title: string; readonly what: string; readonly children: ReactNode };

/** One stretch of the work on paper, kept on one page. */
export function SheetPart({ title, what, children }: SheetPartProps): ReactNode {
  return (
    <section className="break-inside-avoid border-b border-hair py-2 print:py-1">
      <h2 className="text-[17px]">
        {title} <span className="font-text text-[14px] font-normal text-soft">{what}</span>
      </h2>
      {children}
    </section>
  );
}

type SheetCautionsProps = {
  readonly prediction: Pick<Prediction, 'cautions'>;
  readonly steps: ReadonlyArray<Prediction['cautions'][number]['step']>;
};

/** What to mind at these steps, where it matters. */
export function SheetCautions({ prediction, steps }: SheetCautionsProps): ReactNode {
  const mine = prediction.cautions.filter(({ step }) => steps.includes(step));
  return mine.map((caution) => <CautionLine key={caution.code + caution.message} caution={caution} />);
}
