'use client';
import { A_DAY_MIN } from '@/core/quantities';
import type { ReactNode } from 'react';
import type { Day, PlannedStep } from '@/core/bakeday';
import { clock, duration, midSentence } from '../format/units';
import { Button } from '../kit/Button';
import { Panel } from '../kit/Panel';
import { ClockField } from './ClockField';
import type { DayNames } from './day-names';
import { momentOf } from './day-words';

type BlockSheetProps = {
  readonly iso: string;
  readonly day: Day;
  readonly plan: readonly PlannedStep[];
  readonly at: { readonly b: number; readonly j: number };
  readonly names: DayNames;
  readonly onPin: (at: number | null) => void;
};

/** One step of the plan: when, where, when hands are at it, and where it was pinned. */
export function BlockSheet({ iso, day, plan, at, names, onPin }: BlockSheetProps): ReactNode {
  const step = day.batches[at.b].steps[at.j];
  const rec = plan.find(({ b, j }) => b === at.b && j === at.j);
  if (!rec) return null;
  const machine = step.modes?.[rec.m]?.res;
  const missed = step.pin !== undefined && step.pin !== rec.s;
  return (
    <Panel label="The chosen step" className="flex flex-wrap items-center gap-x-3 gap-y-1.5 px-4 py-2.5 text-[14.5px]">
      <strong>
        {names.nameOf(at.b)}: {names.stepName(at.b, at.j)}
      </strong>
      <span>
        {momentOf(iso, rec.s)} – {clock(rec.e)}
        {machine && `, ${midSentence(names.machineName(machine))}`}
      </span>
      {rec.att.length > 0 && (
        <span className="text-soft">hands at {rec.att.map(({ s, e }) => `${clock(s)} (${duration(e - s)})`).join(', ')}</span>
      )}
      <span className="flex-1" />
      <ClockField
        label="begin at"
        value={step.pin ?? rec.s}
        onChange={(minute) => onPin(Math.floor((step.pin ?? rec.s) / A_DAY_MIN) * A_DAY_MIN + minute)}
      />
      {step.pin !== undefined && (
        <Button look="small" onClick={() => onPin(null)}>
          Let it go
        </Button>
      )}
      {missed && (
        <p role="status" className="w-full text-mind">
          It could not begin at {clock(step.pin ?? 0)}; the nearest is {momentOf(iso, rec.s)}.
        </p>
      )}
    </Panel>
  );
}
