import { applianceRecord, stepRecord, type Appliance, type ApplianceKind, type HeatStep } from '@/core/catalogue';
import { type BatchDocument } from '@/core/document';
import { heatWord, type Dial } from '../../format/dial-words';
import { bareTemperature, duration } from '../../format/units';
import { applianceName } from '../../format/words';

type Heat = BatchDocument['heat'];

/** Limits of what a kitchen can set, as the batch file has them. */
export const LIMITS = { setpoint_c: [30, 260], minutes: [1, 2880] } as const;

export type TimedStep = Extract<HeatStep, { minutes: number }>;
export type ProgrammeEvent = Exclude<HeatStep, TimedStep>;
export const isTimed = (step: HeatStep): step is TimedStep => 'minutes' in step;

/** One stretch of the programme on the clock, with its place among the steps. */
export type Stretch = { readonly index: number; readonly step: TimedStep; readonly from: number; readonly to: number };

/** The timed steps laid on the clock. */
export function stretchesOf(steps: readonly HeatStep[]): Stretch[] {
  let clock = 0;
  return steps.flatMap((step, index) => {
    if (!isTimed(step)) return [];
    const from = clock;
    clock += step.minutes;
    return [{ index, step, from, to: clock }];
  });
}

/** Events with the minute they happen at. */
export function eventsOf(
  steps: readonly HeatStep[],
): Array<{ readonly index: number; readonly event: ProgrammeEvent; readonly minute: number }> {
  let clock = 0;
  return steps.flatMap((step, index) => {
    if (!isTimed(step)) return [{ index, event: step, minute: clock }];
    clock += step.minutes;
    return [];
  });
}

const clamp = (value: number, [low, high]: readonly [number, number]): number => Math.min(high, Math.max(low, value));

/** The step after its corner was moved: whole minutes, setpoints in steps of the oven's dial. */
export function moveCorner(step: TimedStep, minutes: number, setpoint_c: number | null): TimedStep {
  const next = { ...step, minutes: clamp(Math.round(minutes), LIMITS.minutes) };
  return 'setpoint_c' in next && setpoint_c !== null
    ? { ...next, setpoint_c: clamp(Math.round(setpoint_c), LIMITS.setpoint_c) }
    : next;
}

/** Puts an event at a minute: between two stretches, or inside one, which it splits. */
export function insertEvent(steps: readonly HeatStep[], minute: number, event: ProgrammeEvent): HeatStep[] {
  const at = Math.round(minute);
  for (const { index, step, from, to } of stretchesOf(steps)) {
    if (at <= from) return [...steps.slice(0, index), event, ...steps.slice(index)];
    if (at >= to) continue;
    const first = { ...step, minutes: at - from };
    const second: HeatStep = { ...step, minutes: to - at };
    if (second.do === 'hold') delete (second as { preheated?: boolean }).preheated;
    return [...steps.slice(0, index), first, event, second, ...steps.slice(index + 1)];
  }
  return [...steps, event];
}

/**
 * Moves an event from the minute it stands at now; the stretches it kept apart close behind it, and the one it comes into
 * is split. An event that is gone stays gone.
 */
export function moveEvent(
  steps: readonly HeatStep[],
  event: ProgrammeEvent,
  next: (minute: number) => number,
): readonly HeatStep[] {
  const at = eventsOf(steps).find((known) => known.event === event);
  return at ? insertEvent(removeStep(steps, at.index), Math.max(0, next(at.minute)), event) : steps;
}

/** Takes a step out; two stretches that it kept apart become one again when they are alike. */
export function removeStep(steps: readonly HeatStep[], index: number): HeatStep[] {
  const left = steps.filter((_, i) => i !== index);
  const [before, after] = [left[index - 1], left[index]];
  if (!before || !after || !isTimed(before) || !isTimed(after) || !alike(before, after)) return left;
  return [...left.slice(0, index - 1), { ...before, minutes: before.minutes + after.minutes }, ...left.slice(index + 1)];
}

function alike(a: TimedStep, b: TimedStep): boolean {
  if (a.do !== b.do) return false;
  if (!('setpoint_c' in a || a.do === 'off') || !('setpoint_c' in b || b.do === 'off')) return true;
  if ((a.door ?? 'shut') !== (b.door ?? 'shut')) return false;
  return a.do !== 'hold' || b.do !== 'hold' || (a.setpoint_c === b.setpoint_c && !b.preheated);
}

/** Another stretch: of heat before the oven goes off or the pieces leave it, anything else at the end. */
export function addTimed(steps: readonly HeatStep[], step: TimedStep): HeatStep[] {
  if (!('setpoint_c' in step)) return [...steps, step];
  const last = steps.findLastIndex(({ do: what }) => what === 'move');
  const after = steps.findIndex(({ do: what }, i) => i > last && stepRecord(what).endsHeat);
  return after < 0 ? [...steps, step] : [...steps.slice(0, after), step, ...steps.slice(after)];
}

/** Stretches that a programme in an appliance begins with. */
export const firstSteps = (kind: ApplianceKind): readonly HeatStep[] => applianceRecord(kind).firstSteps;

/** On into another appliance, for as long as it usually takes there. */
export const moveOn = (steps: readonly HeatStep[], appliance: Appliance): HeatStep[] => [
  ...steps,
  { do: 'move', appliance },
  ...firstSteps(appliance.kind ?? 'static-oven'),
];

/** Which appliance the pieces stand in at a step. */
export function kindAt({ appliance, steps }: Heat, index: number): ApplianceKind {
  const moved = steps.slice(0, index + 1).findLast((step) => step.do === 'move' && step.appliance?.kind !== undefined);
  return (moved?.do === 'move' ? moved.appliance?.kind : undefined) ?? appliance?.kind ?? 'static-oven';
}

/** Another first appliance. A programme that cannot be worked in it gives way to one that can. */
export function inAppliance(heat: Heat, appliance: Appliance): Heat {
  const kind = appliance.kind ?? 'static-oven';
  const until = heat.steps.findIndex((step) => step.do === 'move');
  const mine = until < 0 ? heat.steps : heat.steps.slice(0, until);
  const works = mine.every((step) => applianceRecord(kind).does.includes(step.do));
  const { base, ...rest } = heat;
  // Plates and meshes belong to their appliances; trays go anywhere but between plates.
  const keepsBase = base !== undefined && base !== 'plates' && applianceRecord(kind).nothingElse === null;
  return {
    ...rest,
    ...(keepsBase ? { base } : {}),
    appliance,
    steps: works ? heat.steps : firstSteps(kind),
  };
}

/** Stretches without a setpoint, in a few words. */
export const IN_SHORT = {
  off: 'oven off',
  cool: 'on the rack',
  chill: 'in the fridge',
  'dry-coat': 'setting',
  freeze: 'in the freezer',
  'freeze-dry': 'freeze-dry',
} as const;

/** Every kind of step in a word or two. */
export const STEP_NAMES: Record<HeatStep['do'], string> = {
  hold: 'hold',
  ramp: 'dial slowly to',
  ...IN_SHORT,
  turn: 'turn',
  stir: 'stir',
  brush: 'brush',
  coat: 'coat',
  score: 'score',
  cut: 'cut apart',
  'snap-apart': 'snap apart',
  'turn-out': 'turn out',
  'rotate-trays': 'rotate trays',
  check: 'look in',
  move: 'move',
};

/** What the baker reads of a programme in one line: "175 · 110 · oven off". */
export const inShort = (steps: readonly HeatStep[]): string =>
  stretchesOf(steps)
    .map(({ step }) => ('setpoint_c' in step ? bareTemperature(step.setpoint_c) : IN_SHORT[step.do]))
    .filter((word, i, all) => word !== all[i - 1])
    .join(' · ');

/** A programme in full words: "190 °C 24 min, 130 °C 37 min". */
export function inWords({ appliance, steps }: Heat, dial: Dial): string {
  let kind = appliance?.kind ?? 'static-oven';
  return steps
    .map((step) => {
      if (step.do === 'move') {
        kind = step.appliance?.kind ?? kind;
        return step.appliance ? `into the ${applianceName(kind)}` : 'other tray';
      }
      if (!isTimed(step)) return STEP_NAMES[step.do];
      const what = 'setpoint_c' in step ? heatWord(step.setpoint_c, dial, kind) : IN_SHORT[step.do];
      return `${what} ${duration(step.minutes)}`;
    })
    .join(', ');
}
