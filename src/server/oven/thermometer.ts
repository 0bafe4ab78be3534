import { type BatchDocument } from '@/core/document';
import { stagesInTurn, type StageTimes } from '@/core/calls';
import type { ReadingRow } from '@/db/readings';
import { minuteOf } from './bake-state';

/** Fewer air readings than this say nothing of a dial. */
const LEAST = 3;
/** An oven swings for so long after its door was shut, or its dial turned [min]. */
const SETTLES_MIN = 10;

/** What a thermometer in an appliance read above its dial while it held a setpoint [K]; null where none was there. */
export function thermometer(document: BatchDocument, stay: StageTimes, readings: readonly ReadingRow[]): number | null {
  const stage = stagesInTurn(document).at(stay.stage)?.stage;
  if (!stage || stay.in === null) return null;
  const began = stay.in;
  const offset = stage.appliance?.thermostat_offset_c ?? 0;
  let from = 0;
  const held = stage.steps.flatMap(({ step }) => {
    if (!('minutes' in step)) return [];
    const stretch = { from: from + SETTLES_MIN, to: from + step.minutes };
    from += step.minutes;
    return step.do === 'hold' ? [{ ...stretch, air_c: step.setpoint_c + offset }] : [];
  });
  const gaps = readings.flatMap(({ kind, value, at }) => {
    const minute = minuteOf(at) - began;
    const stretch = kind === 'air_c' ? held.find((one) => minute >= one.from && minute <= one.to) : undefined;
    return stretch ? [value - stretch.air_c] : [];
  });
  return gaps.length < LEAST ? null : gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length;
}
