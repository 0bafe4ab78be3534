'use client';
import { useCallback, useEffect, useMemo, useRef, useState, type RefObject } from 'react';
import type { Day, PlannedStep, Saving } from '@/core/bakeday';
import type { Failure } from '@/core/failure';
import { dayOf, type DaySettings, type UnderWay, type Workplace } from '@/core/calls';
import type { ShownPlan } from '@/workers/planner-service';
import { Planner } from '@/workers/planner';

/** How far to search: for a day that is new, and for one that was only nudged. */
const ANEW = 1;
const NUDGED = 0.2;

export type DayPlan = {
  readonly day: Day;
  readonly shown: ShownPlan | null;
  readonly busy: boolean;
  /** What stands in the way, when nothing fits. */
  readonly none: Failure | null;
  /** There is nothing to plan. */
  readonly empty: boolean;
  readonly savings: readonly Saving[] | null;
  readonly searchMore: () => void;
  readonly stop: () => void;
};

/**
 * Plans a day in a worker whenever its settings change, from the plan there is; then asks what would help.
 *
 * @param first - the plan as it was kept
 */
export function useDayPlan(
  settings: DaySettings,
  work: Workplace,
  first: readonly PlannedStep[],
  underWay: UnderWay | null,
): DayPlan {
  const planner = useRef<Planner | null>(null);
  const day = useMemo(() => dayOf(settings, work, underWay), [settings, work, underWay]);
  const [shown, setShown] = useState<ShownPlan | null>(null);
  const [busy, setBusy] = useState(false);
  const [none, setNone] = useState<Failure | null>(null);
  const [savings, setSavings] = useState<readonly Saving[] | null>(null);
  const before = useRef<{ day: Day | null; plan: readonly PlannedStep[] }>({ day: null, plan: first });
  const search = useCallback(async (asked: Day, from: readonly PlannedStep[], searches: number): Promise<void> => {
    if (!planner.current || asked.batches.length === 0) return;
    setBusy(true);
    setSavings(null);
    const take = (plan: ShownPlan): void => {
      before.current = { day: asked, plan: plan.plan };
      setShown(plan);
      setNone(null);
    };
    const best = await planner.current.plan(asked, from, searches, take);
    if (!best) return;
    setBusy(false);
    if (!best.ok) {
      setShown(null);
      return setNone(best);
    }
    take(best.value);
    const found = await planner.current.relief(asked, best.value.plan);
    if (found?.ok) setSavings(found.value);
  }, []);
  useEffect(() => {
    planner.current ??= new Planner();
    const from = sameSteps(before.current.day ?? day, day) ? before.current.plan : [];
    const fits = from.length === day.batches.reduce((sum, { steps }) => sum + steps.length, 0);
    const timer = setTimeout(() => void search(day, fits ? from : [], fits ? NUDGED : ANEW), 0);
    return () => clearTimeout(timer);
  }, [day, search]);
  useClosing(planner);
  return {
    day,
    shown: day.batches.length === 0 ? null : shown,
    busy,
    none,
    empty: day.batches.length === 0,
    savings,
    searchMore: () => void search(day, before.current.plan, ANEW),
    stop: () => {
      planner.current?.stop();
      setBusy(false);
    },
  };
}

/** Ends the planner's worker when the page is left. */
function useClosing(planner: RefObject<Planner | null>): void {
  useEffect(
    () => () => {
      planner.current?.close();
      planner.current = null;
    },
    [planner],
  );
}

/** Records of a plan mean the same only while batches and steps are the same, in the same order. */
const sameSteps = (one: Day, other: Day): boolean =>
  one.batches.length === other.batches.length &&
  one.batches.every(({ id, steps }, b) => id === other.batches[b].id && steps.length === other.batches[b].steps.length);
