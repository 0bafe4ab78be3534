'use client';
import type { BakeDayView } from '@/contract/day';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import type { DayBatch, PlannedStep } from '@/core/bakeday';
import { heatName, type DaySettings } from '@/core/calls';
import { useDial } from '../batch/heat/use-dial';
import { heatWord } from '../format/dial-words';
import { actWords } from '../oven/act-words';
import type { DayNames } from '@/formats/day-calendar';
import { duration } from '../format/units';
import { Button } from '../kit/Button';
import { NumberField } from '../kit/NumberField';
import { Panel } from '../kit/Panel';
import { call, wrongWith } from '../kit/api';
import { useOvenChanges } from '../kit/use-oven-changes';
import { BlockSheet } from './BlockSheet';
import { ClockField } from './ClockField';
import { DayLanes } from './DayLanes';
import { DayPrint } from './DayPrint';
import { DayPicker } from './DayPicker';
import { DayVerdict } from './DayVerdict';
import { momentOf, noPlanInWords, weekday } from './day-words';
import { lanesOf } from './lanes';
import { useDayPlan } from './use-day-plan';

const SAVE_AFTER_MS = 500;

/** A day's baking laid on hands, ovens, dryers and the night; what is late, why, and what would help. */
export function BakeDayPage({
  day: iso,
  settings: first,
  plan: kept,
  batches,
  machines,
  places,
  stuck,
  underWay,
}: BakeDayView): ReactNode {
  const router = useRouter();
  const [settings, setSettings] = useState(first);
  useOvenChanges(underWay !== null);
  const [picked, setPicked] = useState<{ b: number; j: number } | null>(null);
  const work = useMemo(() => ({ batches, machines, places }), [batches, machines, places]);
  const { day, shown, busy, none, empty, savings, searchMore, stop } = useDayPlan(settings, work, kept, underWay);
  const lanes = useMemo(
    () => (shown && fits(shown.plan, day.batches) ? lanesOf(day, shown.plan, machines) : []),
    [day, shown, machines],
  );
  const [wrong, setWrong] = useState<string | null>(null);
  const unsaved = useSaved(iso, settings, shown?.plan ?? (none ? [] : kept), busy);
  const nameOf = (b: number): string => batches.find(({ id }) => id === day.batches[b]?.id)?.name ?? '';
  const [dial] = useDial();
  const stepName = (b: number, j: number): string => {
    const { id, steps } = day.batches[b];
    const heat = batches.find((one) => one.id === id)?.heats[steps[j].id];
    return heat ? heatName(heat, (c) => heatWord(c, dial, heat.kind)) : steps[j].name;
  };
  /** What hands come for; of what stands in no appliance that is the step itself. */
  const visitName = (b: number, j: number, visit: number, visits: number): string => {
    const { id, steps } = day.batches[b];
    const batch = batches.find((one) => one.id === id);
    const act = batch?.visits[steps[j].id]?.[visit];
    if (act) return actWords(act, dial, batch.pieces).title;
    return visits > 1 ? `${stepName(b, j)} (${visit + 1} of ${visits})` : stepName(b, j);
  };
  const machineName = (id: string): string => machines.find((machine) => machine.id === id)?.name ?? id;
  /** The oven begins with the plan as it is shown, so it is kept first. */
  const goToOven = async (): Promise<void> => {
    const wrong =
      wrongWith(await call(`/api/bake-day/${iso}`, { method: 'PUT', body: { settings, plan: shown?.plan ?? [] } })) ??
      wrongWith(await call('/api/oven', { method: 'POST', body: { day: iso } }));
    if (wrong === null) router.push('/oven');
    else setWrong(wrong);
  };
  const pin = (b: number, j: number, at: number | null): void => {
    const { id: batch, steps } = day.batches[b];
    const others = settings.pins.filter((one) => one.batch !== batch || one.step !== steps[j].id);
    setSettings({ ...settings, pins: at === null ? others : [...others, { batch, step: steps[j].id, at }] });
  };
  return (
    <main className="mx-auto flex max-w-[1400px] flex-col gap-3 px-6 py-4">
      <header className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="text-[27px]">Bake day</h1>
        <input
          type="date"
          aria-label="Day"
          value={iso}
          className="rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2 py-0.5 font-semibold"
          onChange={({ target }) => target.value && router.push(`/day?day=${target.value}`)}
        />
        <strong>{weekday(iso)}</strong>
        <NumberField
          label="hands"
          unit="pairs"
          value={settings.hands}
          min={1}
          max={4}
          width="w-6"
          onChange={(hands) => setSettings({ ...settings, hands })}
        />
        <ClockField label="begin" value={settings.starts} onChange={(starts) => setSettings({ ...settings, starts })} />
        <ClockField
          label="up from"
          value={settings.awake[0]}
          onChange={(from) => setSettings({ ...settings, awake: [from, settings.awake[1]] })}
        />
        <ClockField
          label="to"
          value={settings.awake[1]}
          onChange={(to) => setSettings({ ...settings, awake: [settings.awake[0], to] })}
        />
        <QuietHours quiet={settings.quiet} onQuiet={(quiet) => setSettings({ ...settings, quiet })} />
      </header>
      {(wrong ?? unsaved) && (
        <p role="alert" className="rounded-2xl border-[1.6px] border-stop bg-face px-4 py-2 text-stop">
          {wrong ?? unsaved}
        </p>
      )}
      {shown && lanes.length > 0 && <DayPrint {...{ iso, day, nameOf, visitName, machineName }} plan={shown.plan} />}
      <Panel label="The plan" className="px-4 py-3 print:hidden">
        {empty ? (
          <p className="py-8 text-center text-soft">
            Pick batches below, say when each must be ready, and the day is laid out here.
          </p>
        ) : lanes.length > 0 ? (
          <DayLanes
            iso={iso}
            day={day}
            lanes={lanes}
            nameOf={nameOf}
            stepName={stepName}
            visitName={visitName}
            picked={picked}
            onPick={setPicked}
            onPin={pin}
            isPinned={(b, j) => day.batches[b]?.steps[j]?.pin !== undefined}
          />
        ) : none ? (
          <p role="alert" className="py-8 text-center">
            <strong>No plan.</strong> {noPlanInWords(none, nameOf)}
          </p>
        ) : (
          <p role="status" className="py-8 text-center text-soft">
            Laying out the day …
          </p>
        )}
        <div className="flex flex-wrap items-center gap-x-4 gap-y-2 pt-1.5">
          <p role="status" className="flex-1 text-[13.5px] text-soft" data-plan={busy ? 'busy' : 'rests'}>
            {shown && !empty
              ? `${busy ? 'Looking for a better plan. ' : ''}All done ${momentOf(iso, day.t0 + shown.cost.makespan)}, after ${duration(shown.cost.makespan)}.`
              : ''}
            {shown &&
              shown.cost.pinMiss > 0 &&
              ` Pins missed by ${duration(shown.cost.pinMiss)}: something else stands in the way.`}
          </p>
          <span className="flex gap-2 print:hidden">
            {busy ? (
              <Button look="small" onClick={stop}>
                Stop looking
              </Button>
            ) : (
              <Button look="small" onClick={searchMore} disabled={empty || none !== null}>
                Look for better
              </Button>
            )}
            <Button
              look="small"
              disabled={!shown}
              onClick={() => shown && void saveCalendar(iso, day, shown.plan, { batch: nameOf, visit: visitName })}
            >
              Calendar
            </Button>
            <Button look="small" disabled={!shown} onClick={() => window.print()}>
              Print
            </Button>
            <Button look="small" disabled={!shown} onClick={() => void goToOven()}>
              {underWay ? 'At the oven' : 'Begin at the oven'}
            </Button>
          </span>
        </div>
      </Panel>
      <div className="grid items-start gap-3 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)] print:hidden">
        <DayPicker
          iso={iso}
          settings={settings}
          batches={batches}
          stuck={stuck}
          plan={shown?.plan ?? []}
          onSettings={setSettings}
        />
        <div className="flex flex-col gap-3">
          {picked && shown && day.batches[picked.b]?.steps[picked.j] && (
            <BlockSheet
              iso={iso}
              day={day}
              plan={shown.plan}
              at={picked}
              name={nameOf(picked.b)}
              stepName={stepName(picked.b, picked.j)}
              machineName={machineName}
              onPin={(at) => pin(picked.b, picked.j, at)}
            />
          )}
          {shown && !empty && <DayVerdict day={day} shown={shown} savings={savings} nameOf={nameOf} machineName={machineName} />}
        </div>
      </div>
    </main>
  );
}

const USUAL_QUIET: NonNullable<DaySettings['quiet']> = [1260, 480];

/** When nothing noisy may begin: a vacuum pump is heard through the wall. */
function QuietHours({
  quiet,
  onQuiet,
}: {
  readonly quiet: DaySettings['quiet'];
  readonly onQuiet: (quiet: DaySettings['quiet']) => void;
}): ReactNode {
  return (
    <span className="flex flex-wrap items-center gap-x-2">
      <label className="inline-flex cursor-pointer items-center gap-1.5" title="The freeze dryer's pump is not started then">
        <input
          type="checkbox"
          className="size-4 accent-current"
          checked={quiet !== null}
          onChange={() => onQuiet(quiet === null ? USUAL_QUIET : null)}
        />
        quiet hours
      </label>
      {quiet && (
        <>
          <ClockField label="from" value={quiet[0]} onChange={(from) => onQuiet([from, quiet[1]])} />
          <ClockField label="until" value={quiet[1]} onChange={(until) => onQuiet([quiet[0], until])} />
        </>
      )}
    </span>
  );
}

/** Records of the plan are of these batches, not of the ones before. */
const fits = (plan: readonly PlannedStep[], batches: readonly DayBatch[]): boolean =>
  plan.length === batches.reduce((sum, { steps }) => sum + steps.length, 0);

/** Keeps settings and plan a moment after they changed; says what is wrong, or nothing. */
function useSaved(iso: string, settings: DaySettings, plan: readonly PlannedStep[], busy: boolean): string | null {
  const [trouble, setTrouble] = useState<string | null>(null);
  const was = useRef('');
  const body = JSON.stringify({ settings, plan });
  useEffect(() => {
    if (was.current === '') was.current = body;
    if (busy || was.current === body) return;
    const timer = setTimeout(() => {
      was.current = body;
      void call(`/api/bake-day/${iso}`, { method: 'PUT', body: JSON.parse(body) })
        .then(wrongWith)
        .then(setTrouble);
    }, SAVE_AFTER_MS);
    return () => clearTimeout(timer);
  }, [iso, body, busy]);
  return trouble;
}

async function saveCalendar(
  iso: string,
  day: Parameters<typeof lanesOf>[0],
  plan: readonly PlannedStep[],
  names: DayNames,
): Promise<void> {
  const { dayCalendar } = await import('@/formats/day-calendar');
  const text = dayCalendar(iso, day, plan, names);
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type: 'text/calendar' }));
  link.download = `bake-day-${iso}.ics`;
  link.click();
  URL.revokeObjectURL(link.href);
}
