import { HORIZON, USUAL_GOALS, type Day, type DayBatch, type Machine } from '../bakeday';

/** How a kitchen bakes on one day; minutes count from its midnight and run on over the next. */
export type DaySettings = {
  readonly picked: ReadonlyArray<{ readonly batch: string; readonly due: number }>;
  readonly hands: number;
  readonly starts: number;
  /** Somebody is awake between these, every day. */
  readonly awake: readonly [number, number];
  /** Nothing noisy between these, over midnight; null where nobody minds. */
  readonly quiet: readonly [number, number] | null;
  readonly pins: ReadonlyArray<{ readonly batch: string; readonly step: string; readonly at: number }>;
};

const A_DAY = 1440;
export const USUAL_DAY: Omit<DaySettings, 'picked' | 'pins'> = { hands: 2, starts: 480, awake: [420, 1320], quiet: null };
const FREEZER_PLACES = 12;

/** The day as the planner takes it: what is picked, with its pins, on this kitchen's machines. */
export function dayOf(settings: DaySettings, batches: readonly DayBatch[], machines: readonly Machine[]): Day {
  const { starts, awake, quiet, hands } = settings;
  const nights = [0, 1].map((day): [number, number] => [day * A_DAY + awake[0], day * A_DAY + awake[1]]);
  return {
    t0: starts,
    t1: starts + HORIZON,
    handsCap: hands,
    win: nights.map(([a, b], i) => (i === 0 ? [Math.min(a, starts), b] : [a, b])),
    quiet: quiet
      ? [0, 1].map((day): [number, number] => [day * A_DAY + quiet[0], (day + (quiet[1] < quiet[0] ? 1 : 0)) * A_DAY + quiet[1]])
      : [],
    machines,
    stores: [{ id: 'freezer', cap: FREEZER_PLACES }],
    obj: USUAL_GOALS,
    batches: settings.picked.flatMap(({ batch: id, due }) => {
      const batch = batches.find((one) => one.id === id);
      if (!batch) return [];
      const steps = batch.steps.map((step) => {
        const pin = settings.pins.find((one) => one.batch === id && one.step === step.id);
        return pin ? { ...step, pin: pin.at } : step;
      });
      return [{ ...batch, due, steps }];
    }),
  };
}
