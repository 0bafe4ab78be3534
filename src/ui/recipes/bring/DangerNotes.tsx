import type { ReactNode } from 'react';
import type { ReadCaution } from '@/formats/recipe-text';
import { Button } from '../../kit/Button';
import { CautionLine } from '../../kit/CautionMark';
import { canDoWithout } from './without-danger';

type DangerNotesProps = {
  readonly cautions: readonly ReadCaution[];
  /** Takes the plain thing instead; null where the words cannot be changed here. */
  readonly onPlain: ((caution: ReadCaution) => void) | null;
};

/** What hurts dogs, first: the gravest on top, each with the line that says it. */
export function DangerNotes({ cautions, onPlain }: DangerNotesProps): ReactNode {
  if (cautions.length === 0) return null;
  const grave = cautions.some(({ severity }) => severity === 'stop');
  return (
    <div
      role="alert"
      className={`space-y-1.5 rounded-xl border-[1.6px] px-3.5 py-2 ${grave ? 'border-stop bg-heat-pale/50' : 'border-mind-fill bg-crunch-pale/40'}`}
    >
      {cautions.map((caution) => {
        const { code, severity, line, message } = caution;
        return (
          <div key={`${code}-${line}`}>
            <CautionLine caution={{ code, severity, step: 'mix', message }} />
            <p className="flex flex-wrap items-center gap-2 pl-5 text-[13px] text-soft">
              in “{line}”
              {onPlain && canDoWithout(caution) && (
                <Button look="small" onClick={() => onPlain(caution)}>
                  Take one without it
                </Button>
              )}
            </p>
          </div>
        );
      })}
    </div>
  );
}
