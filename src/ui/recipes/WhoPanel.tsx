import type { ReactNode } from 'react';
import type { Screening } from '@/core/feeding';
import type { Pantry } from '@/core/pantry';
import { CautionShape } from '../kit/CautionMark';
import { Panel } from '../kit/Panel';

const VERDICT_WORDS = { yes: 'nothing found against it', ask: 'ask your vet first', no: 'no' } as const;

/** Who may have it and who may not, with the reason; what people disagree about, with both sides. */
export function WhoPanel({ screening, pantry }: { readonly screening: Screening; readonly pantry: Pantry }): ReactNode {
  const nameOf = (id: string): string => pantry.get(id)?.name ?? id;
  return (
    <Panel label="Who may have it" className="px-5 py-3">
      <h2 className="text-[17px]">Who may have it</h2>
      {screening.stops.map(({ ingredient, why }) => (
        <p key={ingredient} className="pt-1 text-[14.5px]">
          <CautionShape severity="stop" /> <strong className="text-stop">Stop</strong> {nameOf(ingredient)} is not for dogs: {why}{' '}
          No label and no feeding while it is in.
        </p>
      ))}
      {screening.says.map(({ words, why, text }) => (
        <p key={`${words}-${text}`} className="pt-1 text-[14.5px]">
          <CautionShape severity="stop" /> <strong className="text-stop">Stop</strong> “{text}” says {words}: {why} No label and
          no feeding while it is in.
        </p>
      ))}
      <ul className="pt-1 text-[14.5px]">
        {screening.dogs.map(({ dog, may, objections }) => (
          <li key={dog} className="flex gap-2 border-t border-hair py-1 first:border-0">
            <strong className="w-20">{dog}</strong>
            <span className={may === 'no' ? 'text-stop' : may === 'ask' ? 'text-mind' : 'text-soft'}>
              {screening.stops.length + screening.says.length > 0 ? 'no, while it holds what stops it' : VERDICT_WORDS[may]}
              {objections.length > 0 &&
                `: ${objections.map(({ ingredient, allergen, certain }) => `${certain ? '' : 'maybe '}${allergen} in ${nameOf(ingredient).toLowerCase()}`).join(', ')}`}
            </span>
          </li>
        ))}
      </ul>
      {screening.disputes.map(({ ingredient, oneSide, otherSide }) => (
        <p key={ingredient} className="pt-1.5 text-[14px]">
          <CautionShape severity="mind" />{' '}
          <strong className="text-mind">People disagree about {nameOf(ingredient).toLowerCase()}.</strong> {oneSide} {otherSide}{' '}
          Ask your vet.
        </p>
      ))}
      <p className="pt-1.5 text-[13px] text-soft">
        Checked: the list of dangers, and what each dog is known to react to. Not checked: anything else a dog may not take well.
      </p>
    </Panel>
  );
}
