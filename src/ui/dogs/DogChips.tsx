import type { ReactNode } from 'react';
import type { FeedingVerdict } from '@/core/feeding';
import { MAY_NAMES, perDay, reasonWords } from './verdict-words';

const LOOKS: Record<FeedingVerdict['may'], string> = {
  yes: 'border-moss text-moss',
  few: 'border-crunch text-crunch',
  ask: 'border-mind text-mind',
  no: 'border-stop text-stop',
};
const MARKS: Record<FeedingVerdict['may'], string> = { yes: '✓', few: '◐', ask: '?', no: '✕' };

type DogChipsProps = { readonly verdicts: readonly FeedingVerdict[]; readonly nameOf: (ingredient: string) => string };

/** Which dogs may have it, and how many a day; the reason on hover and for those who listen. */
export function DogChips({ verdicts, nameOf }: DogChipsProps): ReactNode {
  return (
    <ul className="flex flex-wrap gap-1.5 text-[13.5px]" aria-label="Who may have it, and how many a day">
      {verdicts.map((verdict) => {
        const { dog, may, allowance, reasons } = verdict;
        const why = reasons.map((reason) => reasonWords(reason, nameOf)).join(' ');
        return (
          <li
            key={dog}
            className={`rounded-full border-[1.4px] px-2 ${LOOKS[may]}`}
            title={`${MAY_NAMES[may]}${may === 'no' ? '' : `, up to ${perDay(allowance)}`}. ${why}`}
          >
            <span aria-hidden>{MARKS[may]}</span> {dog}
            {may !== 'no' && allowance.pieces >= 1 && <span aria-hidden> {allowance.pieces}</span>}
            <span className="sr-only">
              : {MAY_NAMES[may]}
              {may === 'no' ? '' : `, up to ${perDay(allowance)}`}. {why}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
