import { A_DAY_MIN } from '../quantities';
import { HORIZON, USUAL_GOALS, type Day, type DayBatch, type Machine, type Step } from '../bakeday';
import { PLACES, type Places } from './day-batch';
import type { Begun } from './calls-of';

/** How a kitchen bakes on one day; minutes count from its midnight and run on over the next. */
export type DaySettings = {
  readonly picked: ReadonlyArray<{ readonly batch: string; readonly due: number }>;
  readonly hands: number;
  readonly starts: number;
  /** Somebody is awake between these, every day; an end before the start is after midnight. */
  readonly awake: readonly [number, number];
  /** Nothing noisy between these, over midnight; null where nobody minds. */
  readonly quiet: readonly [number, number] | null;
  readonly pins: ReadonlyArray<{ readonly batch: string; readonly step: string; readonly at: number }>;
};

export const USUAL_DAY: Omit<DaySettings, 'picked' | 'pins'> = { hands: 2, starts: 480, awake: [420, 1320], quiet: null };

/** What has happened of a day already, and the minute it is now. */
export type UnderWay = { readonly now: number; readonly begun: readonly Begun[] };

/** What could be baked, on what, and with how many trays and places. */
export type Workplace = {
  readonly batches: readonly DayBatch[];
  readonly machines: readonly Machine[];
  readonly places: Places;
};

/** The day as the planner takes it: what is picked, with its pins, on this kitchen's machines; what has begun stays where it is. */
export function dayOf(settings: DaySettings, { batches, machines, places }: Workplace, underWay: UnderWay | null = null): Day {
  const { awake, quiet, hands } = settings;
  // Whoever began before the day was to begin has begun.
  const starts = Math.min(settings.starts, ...(underWay?.begun ?? []).map(({ from }) => Math.max(0, Math.round(from))));
  const everyDay = ([from, to]: readonly [number, number]): Array<[number, number]> =>
    [0, A_DAY_MIN].map((midnight) => [midnight + from, midnight + to + (to < from ? A_DAY_MIN : 0)]);
  return {
    t0: starts,
    t1: starts + HORIZON,
    handsCap: hands,
    win: everyDay(awake).map(([a, b], i) => (i === 0 ? [Math.min(a, starts), b] : [a, b])),
    quiet: quiet ? everyDay(quiet) : [],
    machines,
    stores: PLACES.map((id) => ({ id, cap: places[id] })),
    obj: USUAL_GOALS,
    batches: settings.picked.flatMap(({ batch: id, due }) => {
      const batch = batches.find((one) => one.id === id);
      if (!batch) return [];
      const steps = batch.steps.map((step) => {
        const pin = settings.pins.find((one) => one.batch === id && one.step === step.id);
        return { ...withinPlaces(step, places), ...(pin ? { pin: pin.at } : {}) };
      });
      return [underWay ? goingOn({ ...batch, due, steps }, underWay) : { ...batch, due, steps }];
    }),
  };
}

/** A batch that wants more trays or places than there are takes them all, and fills them in turns. */
const withinPlaces = ({ store, ...step }: Step, places: Places): Step => {
  const id = PLACES.find((one) => one === store?.id);
  return store && id ? { ...step, store: { id, q: Math.min(store.q, places[id]) } } : { ...step, ...(store ? { store } : {}) };
};

/** A batch of a day that goes on: what has begun lies where it did, and nothing else begins in the past. */
function goingOn(batch: DayBatch, { now, begun }: UnderWay): DayBatch {
  const mine = begun.filter(({ batch: id }) => id === batch.id);
  if (mine.length === 0) return { ...batch, release: Math.max(batch.release ?? 0, Math.floor(now)) };
  const steps = batch.steps.map((step, j) => {
    const is = mine.find(({ step: id }) => id === step.id);
    if (!is) return step;
    const from = Math.round(is.from);
    const dur = Math.max(1, Math.round(is.to === null ? Math.max(step.dur, now - from + 1) : is.to - from));
    const next = mine.some(({ step: id }) => id === batch.steps[j + 1]?.id);
    // Whatever comes next has not begun: it cannot begin before now.
    const stood = is.to !== null && !next ? Math.max(0, Math.ceil(now - is.to)) : 0;
    return { ...asLong(step, dur, is.to !== null), pin: from, ...waiting(step, stood) };
  });
  return { ...batch, steps };
}

const waiting = ({ minWait = 0, maxWait }: Step, stood: number): Partial<Step> =>
  stood === 0
    ? {}
    : { minWait: Math.max(minWait, stood), ...(maxWait === undefined ? {} : { maxWait: Math.max(maxWait, stood + 60) }) };

/** A step of another length; what is over calls no hands any more. */
function asLong({ modes, hands, ...step }: Step, dur: number, isOver: boolean): Step {
  const kept = (hands ?? []).flatMap((one) => {
    if (one.off === 0 && !one.end && one.len === step.dur) return [{ ...one, len: dur }];
    return one.end === true || one.off === 'mid' || one.off + one.len <= dur ? [one] : [];
  });
  const inside = modes ? { modes: modes.map(({ dur: _written, ...mode }) => mode) } : {};
  return { ...step, ...inside, dur, ...(isOver || kept.length === 0 ? {} : { hands: kept }) };
}
