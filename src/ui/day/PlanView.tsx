import type { ReactNode } from 'react';
import { DayLanes, type DayLanesProps } from './DayLanes';
import { noPlanInWords } from './day-words';
import type { DayPlan } from './use-day-plan';

type PlanViewProps = DayLanesProps & { readonly planned: Pick<DayPlan, 'empty' | 'none'> };

/** The plan in lanes, or why there is none. */
export function PlanView({ planned: { empty, none }, ...lanes }: PlanViewProps): ReactNode {
  if (empty)
    return (
      <p className="py-8 text-center text-soft">Pick batches below, say when each must be ready, and the day is laid out here.</p>
    );
  if (lanes.lanes.length > 0) return <DayLanes {...lanes} />;
  if (none)
    return (
      <p role="alert" className="py-8 text-center">
        <strong>No plan.</strong> {noPlanInWords(none, lanes.names.nameOf)}
      </p>
    );
  return (
    <p role="status" className="py-8 text-center text-soft">
      Laying out the day …
    </p>
  );
}
