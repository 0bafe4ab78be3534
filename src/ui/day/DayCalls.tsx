import type { ReactNode } from 'react';
import { counted } from '@/core/quantities';
import { clock, duration } from '../format/units';
import type { HandCall } from './hand-calls';

type DayCallsProps = {
  readonly calls: readonly HandCall[];
  readonly picked: { readonly b: number; readonly j: number } | null;
  readonly onPick: (picked: { b: number; j: number }) => void;
};

/** Every call to the hands by the clock: what lanes are too narrow to say. The same list is printed, and called at the oven. */
export const DayCalls = ({ calls, picked, onPick }: DayCallsProps): ReactNode => (
  <section aria-label="Calls of the day" className="flex min-h-0 flex-col">
    <h2 className="pb-1 text-[17px]">{counted(calls.length, 'call')} to the hands</h2>
    <ol tabIndex={0} aria-label="Calls by the clock" className="min-h-0 flex-1 overflow-y-auto text-[14px] max-lg:max-h-none">
      {calls.map(({ number, key, b, j, s, e, what, batch, where }) => (
        <li key={key} className="border-t border-hair first:border-0">
          <button
            type="button"
            aria-pressed={picked?.b === b && picked.j === j}
            className={`grid w-full grid-cols-[1.6rem_4.2rem_1fr_auto] items-baseline gap-x-2 rounded-lg py-0.5 text-left hover:bg-enamel ${picked?.b === b && picked.j === j ? 'bg-crunch-pale' : ''}`}
            onClick={() => onPick({ b, j })}
          >
            <span className="text-right text-soft">{number}</span>
            <span className="font-semibold">{clock(s)}</span>
            <span>
              {what} <span className="text-soft">{[batch, where].filter(Boolean).join(', ')}</span>
            </span>
            <span className="text-soft">{duration(e - s)}</span>
          </button>
        </li>
      ))}
    </ol>
  </section>
);
