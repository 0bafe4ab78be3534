import type { ReactNode } from 'react';
import type { Day, Saving } from '@/core/bakeday';
import type { ShownPlan } from '@/workers/planner-service';
import { duration } from '../format/units';
import { Panel } from '../kit/Panel';
import type { DayNames } from './day-names';
import { causeInWords, reliefInWords } from './day-words';

type DayVerdictProps = {
  readonly day: Day;
  readonly shown: ShownPlan;
  readonly savings: readonly Saving[] | null;
  readonly names: DayNames;
};

const MOST_SAVINGS = 5;

/** What is late and why; what would help, each planned anew. */
export function DayVerdict({ day, shown, savings, names: { nameOf, machineName } }: DayVerdictProps): ReactNode {
  return (
    <Panel label="How it stands" className="px-4 py-3 text-[14.5px]">
      <h2 className="text-[18px]">{shown.late.length === 0 ? 'Everything is ready in time' : 'Late'}</h2>
      <ul>
        {shown.late.map(({ b, minutes, causes }) => (
          <li key={b}>
            <strong>{nameOf(b)}</strong> by <strong className="text-stop">{duration(minutes)}</strong>; it waits{' '}
            {causes.map((cause) => causeInWords(cause, machineName)).join(', ')}.
          </li>
        ))}
      </ul>
      <h3 className="pt-2 text-[16px]">What would help</h3>
      {savings === null ? (
        <p role="status" className="text-soft">
          Trying …
        </p>
      ) : savings.length === 0 ? (
        <p className="text-soft">Nothing that was tried saves ten minutes.</p>
      ) : (
        <ul>
          {savings.slice(0, MOST_SAVINGS).map((saving) => (
            <li key={JSON.stringify(saving.relief)}>
              <strong>{reliefInWords(saving, machineName, nameOf)}</strong>{' '}
              {shown.cost.tardiness > 0 ? 'makes it' : 'ends the day'} {duration(saving.minutes)}{' '}
              {shown.cost.tardiness > 0 ? 'less late' : 'sooner'}
            </li>
          ))}
        </ul>
      )}
      {day.batches.length > 0 && (
        <p className="pt-1 text-[13px] text-soft">Minutes of hands are estimates; ovens heat and cool as your kit says.</p>
      )}
    </Panel>
  );
}
