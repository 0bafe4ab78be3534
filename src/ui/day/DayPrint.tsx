import type { ReactNode } from 'react';
import type { Day, PlannedStep } from '@/core/bakeday';
import { duration } from '../format/units';
import type { DayNames } from './day-names';
import { momentOf } from './day-words';

type DayPrintProps = {
  readonly iso: string;
  readonly day: Day;
  readonly plan: readonly PlannedStep[];
  readonly names: DayNames;
};

/** The day on paper: every call to the hands by the clock, with a box to tick. Only printed, never on the screen. */
export function DayPrint({ iso, day, plan, names }: DayPrintProps): ReactNode {
  const { nameOf, visitName, machineName } = names;
  const calls = plan
    .flatMap(({ b, j, m, att }) => att.map(({ s, e }, i) => ({ b, j, m, s, e, name: visitName(b, j, i, att.length) })))
    .sort((x, y) => x.s - y.s);
  const ready = day.batches.map(({ due }, b) => ({
    b,
    due,
    end: Math.max(...plan.filter((rec) => rec.b === b).map(({ e }) => e)),
  }));
  return (
    <section className="hidden text-[13px] print:block" aria-label="The day on paper">
      <table className="w-full border-collapse">
        <thead>
          <tr className="border-b-2 border-rim text-left">
            {['', 'when', 'what', 'batch', 'where', 'takes'].map((head, i) => (
              <th key={i} className="py-1 pr-3">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {calls.map(({ b, j, m, s, e, name }) => (
            <tr key={`${b} ${j} ${s}`} className="break-inside-avoid border-b border-hair align-top">
              <td className="py-1 pr-2">
                <span aria-hidden className="inline-block size-3.5 rounded-sm border border-rim" />
              </td>
              <td className="py-1 pr-3 font-semibold whitespace-nowrap">{momentOf(iso, s)}</td>
              <td className="py-1 pr-3">{name}</td>
              <td className="py-1 pr-3">{nameOf(b)}</td>
              <td className="py-1 pr-3">{m >= 0 && machineName(day.batches[b].steps[j].modes?.[m]?.res ?? '')}</td>
              <td className="py-1 whitespace-nowrap">{duration(e - s)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="pt-3">
        {ready.map(({ b, due, end }) => `${nameOf(b)}: ready ${momentOf(iso, end)}, due ${momentOf(iso, due)}`).join(' · ')}
      </p>
    </section>
  );
}
