import type { BakeDayView } from '@/contract/day';
import { heatName } from '@/core/calls';
import type { Day } from '@/core/bakeday';
import type { Dial } from '../format/dial-words';
import { heatWord } from '../format/dial-words';
import { actWords } from '../oven/act-words';

/** What everything of a day's plan is called. */
export type DayNames = {
  readonly nameOf: (b: number) => string;
  readonly stepName: (b: number, j: number) => string;
  /** What hands come for; of what stands in no appliance that is the step itself. */
  readonly visitName: (b: number, j: number, visit: number, visits: number) => string;
  readonly machineName: (id: string) => string;
};

/** Names of a day's batches, steps, visits and machines, on this baker's dial. */
export function dayNames({ batches, machines }: Pick<BakeDayView, 'batches' | 'machines'>, day: Day, dial: Dial): DayNames {
  const batchOf = (b: number): BakeDayView['batches'][number] | undefined => batches.find(({ id }) => id === day.batches[b]?.id);
  const stepName = (b: number, j: number): string => {
    const step = day.batches[b].steps[j];
    const heat = batchOf(b)?.heats[step.id];
    return heat ? heatName(heat, (c) => heatWord(c, dial, heat.kind)) : step.name;
  };
  return {
    nameOf: (b) => batchOf(b)?.name ?? '',
    stepName,
    visitName: (b, j, visit, visits) => {
      const batch = batchOf(b);
      const act = batch?.visits[day.batches[b].steps[j].id]?.[visit];
      const portion = batch?.heats[day.batches[b].steps[j].id]?.portion;
      if (batch && act) return `${portion === undefined ? '' : `${portion}: `}${actWords(act, dial, batch.pieces).title}`;
      return visits > 1 ? `${stepName(b, j)} (${visit + 1} of ${visits})` : stepName(b, j);
    },
    machineName: (id) => machines.find((machine) => machine.id === id)?.name ?? id,
  };
}
