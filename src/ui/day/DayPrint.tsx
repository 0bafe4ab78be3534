import type { ReactNode } from 'react';
import type { Day, PlannedStep } from '@/core/bakeday';
import { day as written, duration } from '../format/units';
import type { DayNames } from './day-names';
import { momentOf, weekday } from './day-words';
import type { HandCall } from './hand-calls';

type DayPrintProps = {
  readonly iso: string;
  readonly day: Day;
  readonly plan: readonly PlannedStep[];
  readonly names: DayNames;
  readonly calls: readonly HandCall[];
};

/** The day on paper: every call to the hands by the clock, with a box to tick. Only printed, never on the screen. */
export function DayPrint({ iso, day, plan, names, calls }: DayPrintProps): ReactNode {
  const { nameOf } = names;
  const ready = day.batches.map(({ due }, b) => ({
    b,
    due,
    end: Math.max(...plan.filter((rec) => rec.b === b).map(({ e }) => e)),
  }));
  return (
    <section className="hidden text-[9.5pt] leading-tight print:block" aria-label="The day on paper">
      <h1 className="pb-1 text-[22px]">
        Bake day, {weekday(iso)} {written(iso)}
      </h1>
      <table className="w-full border-collapse">
        <thead>
          <tr className="border-b-2 border-rim text-left">
            {['done', '', 'when', 'what', 'batch', 'where', 'takes'].map((head, i) => (
              <th key={i} className="py-0.5 pr-3">
                {head || <span className="sr-only">number</span>}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {calls.map(({ number, key, s, e, what, batch, where }) => (
            <tr key={key} className="break-inside-avoid border-b border-hair align-top">
              <td className="py-0.5 pr-2">
                <span aria-hidden className="inline-block size-3.5 rounded-sm border border-rim" />
              </td>
              <td className="py-0.5 pr-2 text-right text-soft">{number}</td>
              <td className="py-0.5 pr-3 font-semibold whitespace-nowrap">{momentOf(iso, s)}</td>
              <td className="py-0.5 pr-3">{what}</td>
              <td className="py-0.5 pr-3">{batch}</td>
              <td className="py-0.5 pr-3">{where}</td>
              <td className="py-0.5 whitespace-nowrap">{duration(e - s)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <h2 className="pt-2 text-[12pt]">When each is ready</h2>
      <ul className="columns-2 gap-8">
        {ready.map(({ b, due, end }) => (
          <li key={b}>
            {nameOf(b)}: <strong>{momentOf(iso, end)}</strong>, due {momentOf(iso, due)}
          </li>
        ))}
      </ul>
    </section>
  );
}
