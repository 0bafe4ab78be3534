'use client';
import type { BakeDayView } from '@/contract/day';
import { useRouter } from 'next/navigation';
import { useMemo, useState, type ReactNode } from 'react';
import type { DayBatch, PlannedStep } from '@/core/bakeday';
import { dialHere } from '../format/dial-words';
import { Alert } from '../kit/Alert';
import { Needs } from '../kit/Needs';
import { Panel } from '../kit/Panel';
import { call } from '../kit/api';
import { SavingNote } from '../kit/autosave/SavingNote';
import { useAfterSaving } from '../kit/autosave/use-after-saving';
import { useOvenChanges } from '../kit/use-oven-changes';
import { BlockSheet } from './BlockSheet';
import { DayHead } from './DayHead';
import { DayPicker } from './DayPicker';
import { DayPrint } from './DayPrint';
import { DayVerdict } from './DayVerdict';
import { PlanFoot } from './PlanFoot';
import { PlanView } from './PlanView';
import { DayCalls } from './DayCalls';
import { WeekIf } from './WeekIf';
import { handCalls } from './hand-calls';
import { dayNames } from './day-names';
import { lanesOf } from './lanes';
import { useBakeDay } from './use-bake-day';
import { PageTitle } from '../shell/PageTitle';

/** A day's baking laid on hands, ovens, dryers and the night; what is late, why, and what would help. */
export function BakeDayPage(view: BakeDayView): ReactNode {
  const { day: iso, machines, offers, stuck, underWay } = view;
  const router = useRouter();
  const { settings, setSettings, batches, meet, pin, planned, saving } = useBakeDay(view);
  const { day, shown } = planned;
  useOvenChanges(underWay !== null);
  const [picked, setPicked] = useState<{ b: number; j: number } | null>(null);
  const dial = dialHere();
  const names = dayNames({ batches, machines }, day, dial);
  const lanes = useMemo(
    () => (shown && fits(shown.plan, day.batches) ? lanesOf(day, shown.plan, machines) : []),
    [day, shown, machines],
  );
  const calls = shown && lanes.length > 0 ? handCalls(day, shown.plan, names) : [];
  const [trouble, setTrouble] = useState<string | null>(null);
  // The oven begins with the plan as it is shown, so it is kept first.
  const [goToOven] = useAfterSaving({ saved: saving.state.kind === 'saved', saveNow: saving.saveNow }, async () => {
    const begun = await call('/api/oven', { body: { day: iso } });
    if (begun.ok) router.push('/oven');
    else setTrouble(begun.message);
  });
  return (
    <main className="mx-auto flex max-w-[1400px] flex-col gap-3 px-6 py-4">
      <PageTitle>Bake day</PageTitle>
      <DayHead iso={iso} settings={settings} onSettings={setSettings} isSaved={view.saved.revision > 0} />
      <Alert>{trouble}</Alert>
      <SavingNote saving={saving} what="this day" />
      {shown && lanes.length > 0 && <DayPrint iso={iso} day={day} plan={shown.plan} names={names} calls={calls} />}
      <Panel label="The plan" className="px-4 py-3 print:hidden">
        <div className={calls.length > 0 ? 'grid gap-x-4 gap-y-3 lg:grid-cols-[minmax(0,1fr)_350px]' : ''}>
          <PlanView {...{ iso, planned, day, lanes, names, calls, picked }} onPick={setPicked} onPin={pin} />
          {calls.length > 0 && (
            <div className="relative max-lg:static">
              <div className="inset-0 flex flex-col lg:absolute">
                <DayCalls {...{ calls, picked }} onPick={setPicked} />
              </div>
            </div>
          )}
        </div>
        <PlanFoot {...{ iso, planned, names }} isUnderWay={underWay !== null} onOven={goToOven} />
      </Panel>
      <div className="grid items-start gap-3 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)] print:hidden">
        <Needs role="baker">
          <DayPicker
            {...{ iso, settings, batches, offers, stuck }}
            plan={shown?.plan ?? []}
            onSettings={setSettings}
            onMeet={meet}
          />
        </Needs>
        <div className="flex flex-col gap-3">
          {picked && shown && day.batches[picked.b]?.steps[picked.j] && (
            <BlockSheet {...{ iso, day, names }} plan={shown.plan} at={picked} onPin={(at) => pin(picked.b, picked.j, at)} />
          )}
          {shown && !planned.empty && <DayVerdict {...{ day, shown, names }} savings={planned.savings} />}
        </div>
      </div>
      <WeekIf key={view.saved.revision} />
    </main>
  );
}

/** Records of the plan are of these batches, not of the ones before. */
const fits = (plan: readonly PlannedStep[], batches: readonly DayBatch[]): boolean =>
  plan.length === batches.reduce((sum, { steps }) => sum + steps.length, 0);
