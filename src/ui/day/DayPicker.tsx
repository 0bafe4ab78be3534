'use client';
import type { PlannedList } from '@/contract/batch';
import type { BakeDayView } from '@/contract/day';
import { useState, type ReactNode } from 'react';
import type { PlannedStep } from '@/core/bakeday';
import type { DaySettings } from '@/core/calls';
import { counted, A_DAY_MIN, addDays } from '@/core/quantities';
import { Alert } from '../kit/Alert';
import { Check } from '../kit/Check';
import { Choice } from '../kit/Choice';
import { Panel } from '../kit/Panel';
import { PlannedSearch } from '../kit/PlannedSearch';
import { usePlanned } from '../kit/use-planned';
import { ClockField } from './ClockField';
import { momentOf, weekday } from './day-words';

type DayPickerProps = Pick<BakeDayView, 'batches' | 'offers' | 'stuck'> & {
  readonly iso: string;
  readonly settings: DaySettings;
  readonly plan: readonly PlannedStep[];
  readonly onSettings: (settings: DaySettings) => void;
  /** Works a batch out that the day does not know yet; why it cannot, if it cannot. */
  readonly onMeet: (batch: string) => Promise<string | null>;
};

const USUAL_DUE = 1020;

/** Which batches are baked on the day, and when each must be ready. */
export function DayPicker({ iso, settings, batches, offers, stuck, plan, onSettings, onMeet }: DayPickerProps): ReactNode {
  const { picked } = settings;
  const planned = usePlanned(offers);
  const [trouble, setTrouble] = useState<string | null>(null);
  const names = new Map([...planned.rows, ...batches].map((one) => [one.id, one]));
  // What is picked is always there, whatever was searched for.
  const shown = [...picked.map(({ batch }) => batch), ...planned.rows.map(({ id }) => id)].flatMap((id) => names.get(id) ?? []);
  const pick = async (batch: string): Promise<void> => {
    const wrong = batches.some(({ id }) => id === batch) ? null : await onMeet(batch);
    setTrouble(wrong);
    if (wrong === null) onSettings({ ...settings, picked: [...picked, { batch, due: USUAL_DUE }] });
  };
  const drop = (batch: string): void =>
    onSettings({
      ...settings,
      picked: picked.filter((one) => one.batch !== batch),
      pins: settings.pins.filter((one) => one.batch !== batch),
    });
  const due = (batch: string, minute: number): void =>
    onSettings({ ...settings, picked: picked.map((one) => (one.batch === batch ? { ...one, due: minute } : one)) });
  return (
    <Panel label="Batches of the day" className="px-4 py-3">
      <h2 className="text-[18px]">Batches of the day</h2>
      {shown.length === 0 && <p className="text-soft">No batch is planned. Open a recipe and bake it; it then stands here.</p>}
      <PlannedSearch {...planned} />
      <Alert>{trouble}</Alert>
      <ul>
        {[...new Set(shown)].map((batch) => {
          const at = picked.findIndex((one) => one.batch === batch.id);
          return (
            <BatchRow
              key={batch.id}
              iso={iso}
              batch={batch}
              due={picked[at]?.due ?? null}
              end={at < 0 ? -1 : Math.max(-1, ...plan.filter(({ b }) => b === at).map(({ e }) => e))}
              onPick={() => (at < 0 ? void pick(batch.id) : drop(batch.id))}
              onDue={(minute) => due(batch.id, minute)}
            />
          );
        })}
      </ul>
      {stuck.map(({ name, why }) => (
        <p key={name} className="text-[13.5px] text-mind">
          {name} cannot be planned: {why}
        </p>
      ))}
    </Panel>
  );
}

type BatchRowProps = {
  readonly iso: string;
  readonly batch: PlannedList['rows'][number];
  /** Minute by which it must be ready; null when it is not baked on this day. */
  readonly due: number | null;
  /** When it is ready by the plan; below 0 while that is not known. */
  readonly end: number;
  readonly onPick: () => void;
  readonly onDue: (minute: number) => void;
};

/** A batch: whether it is baked on the day, by when, and whether that is met. */
function BatchRow({ iso, batch: { name, pieces }, due, end, onPick, onDue }: BatchRowProps): ReactNode {
  const late = due !== null && end > due;
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-hair py-1 text-[14.5px] first:border-0">
      <span className="min-w-52 flex-1">
        <Check checked={due !== null} onChange={onPick}>
          <span>
            {name} <span className="text-[13px] text-soft">{counted(pieces, 'piece')}</span>
          </span>
        </Check>
      </span>
      {due !== null && (
        <>
          <span className="text-soft">ready by</span>
          <Choice
            label={`Day that ${name} is due`}
            shown={false}
            value={String(Math.floor(due / A_DAY_MIN))}
            options={[0, 1, 2].map((after) => ({ value: String(after), name: weekday(addDays(iso, after)) }))}
            onChange={(value) => onDue(Number(value) * A_DAY_MIN + (due % A_DAY_MIN))}
          />
          <ClockField
            label={`Time that ${name} is due`}
            shown={false}
            value={due}
            onChange={(minute) => onDue(Math.floor(due / A_DAY_MIN) * A_DAY_MIN + minute)}
          />
          <span className={`w-28 text-right ${late ? 'font-semibold text-stop' : 'text-moss'}`}>
            {end < 0 ? '…' : `${late ? '✕ late, ' : '✓ '}${momentOf(iso, end)}`}
          </span>
        </>
      )}
    </li>
  );
}
