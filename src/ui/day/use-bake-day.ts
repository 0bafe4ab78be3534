import type { BakeDayView, DayPlanned, WorkedBatch } from '@/contract/day';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { PlannedStep } from '@/core/bakeday';
import type { DaySettings } from '@/core/calls';
import { call } from '../kit/api';
import { mergeFields } from '../kit/autosave/merge-fields';
import { sendTo } from '../kit/autosave/send';
import { useAutosave, type Saving } from '../kit/autosave/use-autosave';
import { useDayPlan, type DayPlan } from './use-day-plan';

const REST_MS = 500;

export type BakeDay = {
  readonly settings: DaySettings;
  readonly setSettings: (settings: DaySettings) => void;
  /** Batches that are worked out: those that were picked, and those met since. */
  readonly batches: readonly WorkedBatch[];
  /** Works a batch out, before it is picked; why it cannot be, if it cannot. */
  readonly meet: (batch: string) => Promise<string | null>;
  /** Pins a step to a minute; null lets it go. */
  readonly pin: (b: number, j: number, at: number | null) => void;
  readonly planned: DayPlan;
  readonly saving: Saving;
};

/** What is decided for a day, planned anew at every change and kept with its plan. */
export function useBakeDay(view: BakeDayView): BakeDay {
  const { day: iso, saved, machines, places, underWay } = view;
  const [settings, setSettings] = useState(saved.document.settings);
  const { batches, meet } = useDayBatches(view, settings);
  const work = useMemo(() => ({ batches, machines, places }), [batches, machines, places]);
  const planned = useDayPlan(settings, work, saved.document.plan, underWay);
  const plan = planned.shown?.plan ?? (planned.none ? NO_PLAN : saved.document.plan);
  const document = useSettled(saved.document, { settings, plan }, planned.busy);
  const [send] = useState(() => sendTo<DayPlanned>(`/api/bake-day/${iso}`));
  const saving = useAutosave<DayPlanned>({
    key: `day:${iso}`,
    send,
    first: saved,
    document,
    newest: () => document,
    // The plan follows from what was decided: taking over settings that are the same would only plan them again.
    begin: (theirs) => setSettings((mine) => (same(mine, theirs.settings) ? mine : theirs.settings)),
    merge: mergeDays,
    rest_ms: REST_MS,
  });
  const pin = (b: number, j: number, at: number | null): void => {
    const { id: batch, steps } = planned.day.batches[b];
    const others = settings.pins.filter((one) => one.batch !== batch || one.step !== steps[j].id);
    setSettings({ ...settings, pins: at === null ? others : [...others, { batch, step: steps[j].id, at }] });
  };
  return { settings, setSettings, batches, meet, pin, planned, saving };
}

/** Batches of a day that are worked out: as it was opened, and each that it meets since, here or by another hand's save. */
function useDayBatches(
  { day: iso, batches: known, stuck }: BakeDayView,
  { picked }: DaySettings,
): Pick<BakeDay, 'batches' | 'meet'> {
  const [met, setMet] = useState<readonly WorkedBatch[]>([]);
  const tried = useRef(new Set<string>());
  const batches = useMemo(() => [...known, ...met.filter(({ id }) => !known.some((one) => one.id === id))], [known, met]);
  const meet = useCallback(
    async (id: string): Promise<string | null> => {
      tried.current.add(id);
      const found = await call<WorkedBatch>(`/api/bake-day/${iso}/batches/${id}`);
      if (!found.ok) return found.message;
      setMet((others) => [...others.filter((one) => one.id !== id), found.value]);
      return null;
    },
    [iso],
  );
  useEffect(() => {
    if (stuck.length > 0) return;
    for (const { batch } of picked) if (!tried.current.has(batch) && !batches.some(({ id }) => id === batch)) void meet(batch);
  }, [picked, batches, stuck, meet]);
  return { batches, meet };
}

const NO_PLAN: readonly PlannedStep[] = [];
const same = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other);

/** Two changed days as one: the plan is made of what is decided, and made again. */
function mergeDays(base: DayPlanned, mine: DayPlanned, theirs: DayPlanned): DayPlanned | null {
  const settings = mergeFields(base.settings, mine.settings, theirs.settings);
  return settings && { settings, plan: mine.plan };
}

/** What stands once the search rests; the same value as long as it says the same. */
function useSettled(first: DayPlanned, now: DayPlanned, busy: boolean): DayPlanned {
  const [settled, setSettled] = useState(first);
  if (busy || same(settled, now)) return settled;
  setSettled(now);
  return now;
}
