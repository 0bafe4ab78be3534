import { A_DAY_MIN } from '../quantities';
import { applianceRecord, type Appliance, type ApplianceKind, type HeatStep, heatsFromBelow } from '../catalogue';
import type { BatchDocument, Heat, Target } from '../document';
import type { Strategy } from './found';

/** A programme whose last stretch is as long as it needs: everything before it is fixed. */
export type Draft = {
  readonly strategy: Strategy;
  readonly heat: Heat;
  /** Longest that the last stretch is tried [min]. */ readonly most_min: number;
};

const BAKES_C = [140, 150, 160, 170, 180, 190, 200, 210];
const HOT_C = [160, 170, 180, 190];
const LOW_C = [90, 100, 110, 120, 130];
const DRYING_C = [55, 60, 65, 70, 75];
const SHELVES_C = [35, 45, 55];
/** Shares of the browning that is allowed which the hot stage may take [1]. */
const HOT_SHARES = [0.25, 0.5, 0.8];
const A_NIGHT_MIN = 720;

/** Setpoints of a list that the dial holds. */
function within(setpoints: readonly number[], { kind }: { kind: ApplianceKind }, target: Target): number[] {
  const [low, high] = applianceRecord(kind).dial_c ?? [0, 0];
  return setpoints.filter(
    (c) => c >= Math.max(low, target.setpoint_min_c ?? low) && c <= Math.min(high, target.setpoint_max_c ?? high),
  );
}

const hold = (setpoint_c: number, minutes: number): HeatStep => ({ do: 'hold', setpoint_c, minutes });

/** What of a document's heat stays the same in every draft. */
export type Setting = {
  readonly document: BatchDocument;
  readonly target: Target;
  readonly kind: ApplianceKind;
  readonly drier: Appliance | null;
};

export function settingOf(document: BatchDocument): Setting {
  const target = document.target ?? {};
  const drier = target.also?.find(({ kind }) => kind !== undefined && applianceRecord(kind).drier) ?? null;
  return { document, target, kind: document.heat.appliance?.kind ?? 'static-oven', drier };
}

const heatOf = ({ document: { heat } }: Setting, steps: readonly HeatStep[]): Heat => ({ ...heat, steps });

/** Drafts of one stretch at one setpoint. */
export function singles(setting: Setting): Draft[] {
  const { kind, target } = setting;
  // A bake that nobody turns is none where one face is hot; how often is for the baker to write.
  if (heatsFromBelow(kind)) return [];
  if (applianceRecord(kind).drier)
    return within(DRYING_C, { kind }, target).map((c) => ({
      strategy: 'low-and-long',
      heat: heatOf(setting, [hold(c, A_DAY_MIN)]),
      most_min: A_DAY_MIN,
    }));
  const bakes = within(BAKES_C, { kind }, target).map((c): Draft => ({
    strategy: 'one-bake',
    heat: heatOf(setting, [hold(c, 240)]),
    most_min: 240,
  }));
  const lows = within(LOW_C, { kind }, target).map((c): Draft => ({
    strategy: 'low-and-long',
    heat: heatOf(setting, [hold(c, A_NIGHT_MIN)]),
    most_min: A_NIGHT_MIN,
  }));
  return [...bakes, ...lows];
}

/** The hot first stages of the strategies that have two, by setpoint: to be cut where their colour says. */
export const firstStages = ({ kind, target }: Setting): number[] =>
  applianceRecord(kind).drier || heatsFromBelow(kind) ? [] : within(HOT_C, { kind }, target);

/** Minutes at which a hot stage is ended: when it has taken these shares of the colour, and the middle is hot. */
export function hotMinutes(
  minutes: readonly number[],
  browningAt: (i: number) => number,
  hotFrom_min: number,
  browningMost: number,
): number[] {
  const ends = HOT_SHARES.flatMap((share) => {
    const at = minutes.findIndex((minute, i) => minute >= hotFrom_min && browningAt(i) >= share * browningMost);
    return at < 0 ? [] : [Math.max(1, Math.round(minutes[at]))];
  });
  return [...new Set(ends)];
}

/** What may follow a hot stage, by strategy. */
export function seconds(setting: Setting, hot_c: number, hot_min: number): Draft[] {
  const { kind, target, drier } = setting;
  const first = hold(hot_c, hot_min);
  const drafts: Draft[] = within(LOW_C, { kind }, target).map((c) => ({
    strategy: 'hot-then-low',
    heat: heatOf(setting, [first, hold(c, A_NIGHT_MIN)]),
    most_min: A_NIGHT_MIN,
  }));
  if (applianceRecord(kind).nothingElse === null)
    drafts.push({
      strategy: 'oven-off',
      heat: heatOf(setting, [first, { do: 'off', minutes: A_NIGHT_MIN }]),
      most_min: A_NIGHT_MIN,
    });
  if (drier)
    for (const c of within(DRYING_C, { kind: drier.kind ?? 'dehydrator' }, { ...target, setpoint_min_c: 0, setpoint_max_c: 300 }))
      drafts.push({
        strategy: 'dryer-second',
        heat: heatOf(setting, [first, { do: 'move', appliance: drier }, hold(c, A_DAY_MIN)]),
        most_min: A_DAY_MIN,
      });
  return drafts;
}

/** The programme as it is written, its last stretch as long as it needs; shelves of a freeze dryer at several temperatures. */
export function asWritten(setting: Setting): Draft[] {
  const { steps } = setting.document.heat;
  const last = steps.findLastIndex((step) => 'minutes' in step && step.do !== 'cool' && step.do !== 'chill');
  const step = steps[last];
  if (!step || !('minutes' in step) || step.do === 'freeze') return [];
  const most_min = step.do === 'freeze-dry' ? 2 * A_DAY_MIN : A_DAY_MIN;
  const before = steps.slice(0, last);
  const lasts: HeatStep[] =
    step.do === 'freeze-dry'
      ? SHELVES_C.map((shelf_c) => ({ ...step, shelf_c, minutes: most_min }))
      : [{ ...step, minutes: most_min }];
  return lasts.map((longest) => ({ strategy: 'as-written', heat: heatOf(setting, [...before, longest]), most_min }));
}

/** The draft with its last stretch so long. */
export function withLast({ heat }: Pick<Draft, 'heat'>, minutes: number): Heat {
  const last = heat.steps.length - 1;
  return { ...heat, steps: heat.steps.map((step, i) => (i === last ? { ...step, minutes } : step)) };
}

/** Minutes of everything before the last stretch. */
export const beforeLast = ({ heat: { steps } }: Pick<Draft, 'heat'>): number =>
  steps.slice(0, -1).reduce((sum, step) => sum + ('minutes' in step ? step.minutes : 0), 0);
