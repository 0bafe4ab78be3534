import type { ReactNode } from 'react';
import { volume } from '../../format/units';
import { Button } from '../../kit/Button';
import type { BroughtDraft } from './brought-draft';

const CUPS = [
  ['us', 'US', 236.6],
  ['metric', 'metric', 250],
  ['uk', 'old British', 284.1],
] as const;

type CupsQuestionProps = {
  readonly cups: { readonly meant: string; readonly because: string; readonly question: string | null };
  readonly matters: boolean;
  readonly onCups: (cups: NonNullable<BroughtDraft['cups']>) => void;
};

/** Whose cups are meant, and why; a choice reads the lines again, it converts nothing. */
export function CupsQuestion({ cups, matters, onCups }: CupsQuestionProps): ReactNode {
  if (!matters) return null;
  const open = cups.question !== null;
  return (
    <fieldset
      className={`rounded-xl border px-3.5 py-2 ${open ? 'border-mind-fill bg-crunch-pale/50' : 'border-hair bg-enamel'}`}
    >
      <legend className="sr-only">Whose cups?</legend>
      <p className="text-[14px]">
        <strong>{open ? 'Whose cups?' : `${CUPS.find(([value]) => value === cups.meant)?.[1]} cups`}</strong>{' '}
        <span className="text-soft">{cups.because}.</span>
      </p>
      <div className="flex flex-wrap gap-2 pt-1">
        {CUPS.map(([value, name, holds_ml]) => (
          <Button
            key={value}
            look="small"
            className={value === cups.meant ? 'border-rim! bg-face! ring-2 ring-rim' : ''}
            aria-pressed={value === cups.meant}
            onClick={() => onCups(value)}
          >
            {name}, {volume(holds_ml)}
          </Button>
        ))}
      </div>
    </fieldset>
  );
}
