import type { ApplianceKind, HeatStep } from '../catalogue';
import type { WrittenStage } from '../programme';
import { EVENT_MINUTES, LOAD, UNLOAD } from './hand-work';

/** What hands are called to do. */
export type Act =
  | { readonly do: 'mix' | 'stand' | 'shape' | 'cooled' | 'set' | 'pack' }
  | { readonly do: 'heat-up'; readonly kind: ApplianceKind; readonly setpoint_c: number }
  | {
      readonly do: 'put-in';
      readonly kind: ApplianceKind;
      readonly setpoint_c: number | null;
      readonly load: number;
      readonly loads: number;
    }
  | { readonly do: 'step'; readonly kind: ApplianceKind; readonly step: HeatStep }
  | { readonly do: 'take-out'; readonly kind: ApplianceKind };

/** Hands at an appliance while a load is in it. */
export type Visit = {
  readonly act: Act;
  /** Minutes after the trays went in. */
  readonly minute: number;
  /** How long hands are at it [min]. */
  readonly hands: number;
  /** The step of the programme that runs until then; null where none does. */
  readonly runs: number | null;
};

/** A dial is turned, or a door set ajar [min]. Source: ours. */
const SET = 1;
const OTHERWISE = 2;

/** Everything that hands come for while one load stands in one appliance: in, what is done to it and when, and out. */
export function visitsToLoad({ kind, steps }: WrittenStage, load: number, loads: number): Visit[] {
  const first = steps.find(({ step }) => 'minutes' in step)?.step;
  const setpoint_c = first && 'setpoint_c' in first ? first.setpoint_c : null;
  const visits: Visit[] = [
    { act: { do: 'put-in', kind, setpoint_c, load: load + 1, loads }, minute: 0, hands: LOAD, runs: null },
  ];
  let minute = 0;
  let runs: number | null = null;
  let setting = '';
  const come = (act: Act, hands: number): void => {
    visits.push({ act, minute: Math.round(minute), hands, runs });
  };
  for (const { index, step } of steps) {
    if ('minutes' in step) {
      const next = settingOf(step);
      // What the trays went in at needs no visit of its own.
      if (setting !== '' && next !== setting) come({ do: 'step', kind, step }, SET);
      setting = next;
      minute += step.minutes;
      runs = index;
    } else come({ do: 'step', kind, step }, EVENT_MINUTES[step.do] ?? OTHERWISE);
  }
  come({ do: 'take-out', kind }, UNLOAD);
  return visits;
}

/** What a stretch asks of the dial and the door. */
const settingOf = (step: HeatStep): string =>
  step.do === 'hold'
    ? `hold ${step.setpoint_c} ${step.door ?? 'shut'}`
    : `${step.do} ${'setpoint_c' in step ? step.setpoint_c : ''}`;
