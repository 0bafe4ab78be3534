import type { ReactNode } from 'react';
import { duration } from '../format/units';
import { Button } from '../kit/Button';
import type { DayNames } from './day-names';
import { momentOf } from './day-words';
import { saveCalendar } from './save-calendar';
import type { DayPlan } from './use-day-plan';

type PlanFootProps = {
  readonly iso: string;
  readonly planned: DayPlan;
  readonly names: DayNames;
  readonly isUnderWay: boolean;
  readonly onOven: () => void;
};

/** When all is done, and what can be done with the plan. */
export function PlanFoot({ iso, planned, names, isUnderWay, onOven }: PlanFootProps): ReactNode {
  const { day, shown, busy, none, empty, searchMore, stop } = planned;
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 pt-1.5">
      <p role="status" className="flex-1 text-[13.5px] text-soft" data-plan={busy ? 'busy' : 'rests'}>
        {footWords(iso, planned)}
      </p>
      <span className="flex flex-wrap gap-2 print:hidden">
        {busy ? (
          <Button look="small" onClick={stop}>
            Stop looking
          </Button>
        ) : (
          <Button look="small" onClick={searchMore} disabled={empty || none !== null}>
            Look for better
          </Button>
        )}
        <Button look="small" disabled={!shown} onClick={() => shown && void saveCalendar(iso, day, shown.plan, names)}>
          Calendar
        </Button>
        <Button look="small" disabled={!shown} onClick={() => window.print()}>
          Print
        </Button>
        <Button look="small" disabled={!shown} onClick={onOven}>
          {isUnderWay ? 'At the oven' : 'Begin at the oven'}
        </Button>
      </span>
    </div>
  );
}

function footWords(iso: string, { day, shown, busy, empty }: DayPlan): string {
  if (!shown) return '';
  const { makespan, pinMiss } = shown.cost;
  const done = `All done ${momentOf(iso, day.t0 + makespan)}, after ${duration(makespan)}.`;
  return [
    busy && !empty && 'Looking for a better plan.',
    !empty && done,
    !busy &&
      shown.searched < 1 &&
      `This device was busy: ${Math.round(100 * (1 - shown.searched))} in 100 of the usual orders were not tried.`,
    pinMiss > 0 && `Pins missed by ${duration(pinMiss)}: something else stands in the way.`,
  ]
    .filter((words) => words !== false)
    .join(' ');
}
