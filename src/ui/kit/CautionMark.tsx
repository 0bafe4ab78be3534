import type { ReactNode } from 'react';
import type { Prediction } from '@/core/prediction';
import { sentence } from '../format/units';

type Caution = Prediction['cautions'][number];
export type Severity = Caution['severity'];

/** Shape, word and colour together: a diamond minds, an octagon stops, a ring notes. */
const SHAPES: Record<Severity, ReactNode> = {
  stop: <path d="M5 1h6l4 4v6l-4 4H5l-4-4V5z" className="fill-stop" />,
  mind: <path d="M8 1l7 7-7 7-7-7z" className="fill-mind-fill" />,
  note: <circle cx="8" cy="8" r="5.5" className="fill-none stroke-note" strokeWidth="2.5" />,
};
const WORDS: Record<Severity, string> = { stop: 'Stop', mind: 'Mind', note: 'Note' };
const INKS: Record<Severity, string> = { stop: 'text-stop', mind: 'text-mind', note: 'text-note' };

export const CautionShape = ({ severity, size = 13 }: { readonly severity: Severity; readonly size?: number }): ReactNode => (
  <svg viewBox="0 0 16 16" width={size} height={size} aria-hidden className="inline-block shrink-0 self-center">
    {SHAPES[severity]}
  </svg>
);

/** One caution as a line: shape, word, then what, why and what to do. */
export function CautionLine({ caution }: { readonly caution: Caution }): ReactNode {
  return (
    <p className="text-[14px] leading-snug">
      <CautionShape severity={caution.severity} /> <strong className={INKS[caution.severity]}>{WORDS[caution.severity]}</strong>{' '}
      {sentence(caution.message)}
    </p>
  );
}

/** The cautions of some steps, where the step is worked on. */
export function CautionsOf({
  cautions,
  steps,
}: {
  readonly cautions: readonly Caution[];
  readonly steps: ReadonlyArray<Caution['step']>;
}): ReactNode {
  const here = cautions.filter(({ step }) => steps.includes(step));
  if (here.length === 0) return null;
  return (
    <div role="note" className="space-y-1.5 rounded-2xl border border-hair bg-enamel px-3.5 py-2.5">
      {here.map((caution) => (
        <CautionLine key={caution.code} caution={caution} />
      ))}
    </div>
  );
}
