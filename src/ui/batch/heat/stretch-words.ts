import type { ChartScale } from './chart-scale';
import type { Stretch } from './programme-edits';

/** Where a programme is drawn, and how its dial is read. */
export type StretchPlace = {
  readonly scale: ChartScale;
  readonly y: (celsius: number) => number;
  readonly floor: number;
  readonly heatOf: (setpoint_c: number, index: number) => string;
};

/** Width that a stretch needs before it has words [px]. */
const LEAST_WIDTH = 92;

const WORDS = {
  off: (minutes: number) => `oven off, ${minutes} min`,
  cool: (minutes: number) => `rack, ${minutes} min`,
  chill: (minutes: number) => `fridge, ${minutes} min`,
  'dry-coat': (minutes: number) => `setting, ${minutes} min`,
  freeze: (minutes: number) => `freezer, ${minutes} min`,
  'freeze-dry': (minutes: number) => `under vacuum, ${minutes} min`,
} as const;

/** What stands over a stretch of the setpoint line, and where [px]; null where there is no room for it. */
export function stretchWords(
  { step, from, to, index }: Stretch,
  { scale, y, floor, heatOf }: StretchPlace,
): { readonly words: string; readonly x: number; readonly y: number } | null {
  if (scale.x(to) - scale.x(from) <= LEAST_WIDTH) return null;
  const heated = 'setpoint_c' in step;
  return {
    words: heated ? `${heatOf(step.setpoint_c, index)} for ${step.minutes} min` : WORDS[step.do](step.minutes),
    x: scale.x(from) + 14,
    y: heated ? y(step.setpoint_c) - 8 : floor - 27,
  };
}
