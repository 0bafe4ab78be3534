import type { ReactNode } from 'react';
import type { DogVerdict } from '@/core/feeding';

type WhoMayProps = {
  readonly verdicts: readonly DogVerdict[];
  /** Something in it is not for any dog. */
  readonly blocked: boolean;
  readonly nameOf: (ingredient: string) => string;
};

const LOOKS: Readonly<Record<DogVerdict['may'], string>> = {
  yes: 'border-moss text-moss',
  ask: 'border-mind text-mind',
  no: 'border-stop text-stop',
};
const MARKS: Readonly<Record<DogVerdict['may'], string>> = { yes: '✓', ask: '?', no: '✕' };

/** Which dogs may have it and which may not, with the ingredient that objects. Nothing found is not a promise. */
export function WhoMay({ verdicts, blocked, nameOf }: WhoMayProps): ReactNode {
  if (blocked)
    return (
      <p className="text-[14px] text-stop">
        <strong>For no dog</strong> while it holds what stops it.
      </p>
    );
  return (
    <ul className="flex flex-wrap gap-1.5 text-[13.5px]" aria-label="Who may have it">
      {verdicts.map(({ dog, may, objections }) => {
        const why = objections
          .map(
            ({ ingredient, allergen, certain }) =>
              `${certain ? '' : 'maybe '}${allergen}, in ${nameOf(ingredient).toLowerCase()}`,
          )
          .join('; ');
        return (
          <li
            key={dog}
            className={`rounded-full border-[1.4px] px-2 ${LOOKS[may]}`}
            title={why || 'nothing found that it reacts to'}
          >
            <span aria-hidden>{MARKS[may]}</span> {dog}
            <span className="sr-only">
              {may === 'yes' ? ': nothing found against it' : `: ${may === 'no' ? 'no' : 'ask first'}, ${why}`}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
