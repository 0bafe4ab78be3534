import type { ReactNode } from 'react';
import type { ChartScale } from './chart-scale';
import type { Stretch } from './programme-edits';

type EmberProps = {
  readonly stretch: Stretch;
  readonly before: Stretch | undefined;
  readonly scale: ChartScale;
  readonly y: (celsius: number) => number;
  readonly floor: number;
  readonly heatOf: (setpoint_c: number, index: number) => string;
};

/** Width that a label needs before it is left out [px]. */
const LABEL_WIDTH = 92;

const WORDS = {
  off: (minutes: number) => `oven off, ${minutes} min`,
  cool: (minutes: number) => `rack, ${minutes} min`,
  chill: (minutes: number) => `fridge, ${minutes} min`,
  freeze: (minutes: number) => `freezer, ${minutes} min`,
  'freeze-dry': (minutes: number) => `under vacuum, ${minutes} min`,
} as const;

/** One stretch of the setpoint line, joined to the one before, with its words. */
export function EmberStretch({ stretch, before, scale, y, floor, heatOf }: EmberProps): ReactNode {
  const { step, from, to } = stretch;
  const [x0, x1] = [scale.x(from), scale.x(to)];
  const heated = 'setpoint_c' in step;
  const level = heated ? y(step.setpoint_c) : floor;
  const levelBefore = before === undefined ? level : 'setpoint_c' in before.step ? y(before.step.setpoint_c) : floor;
  const slopes = step.do === 'ramp';
  const words = heated ? `${heatOf(step.setpoint_c, stretch.index)} for ${step.minutes} min` : WORDS[step.do](step.minutes);
  return (
    <g className="pointer-events-none">
      {levelBefore !== level && !slopes && (
        <line
          x1={x0}
          x2={x0}
          y1={levelBefore}
          y2={level}
          className="stroke-heat"
          strokeWidth={heated ? 3 : 2.4}
          strokeDasharray={heated ? undefined : '3 4'}
        />
      )}
      {heated && (
        <line
          x1={x0}
          x2={x1}
          y1={slopes ? levelBefore : level}
          y2={level}
          className="stroke-heat"
          strokeWidth={4}
          strokeLinecap="round"
        />
      )}
      {x1 - x0 > LABEL_WIDTH && (
        <text
          x={x0 + 14}
          y={heated ? level - 8 : floor - 27}
          paintOrder="stroke"
          strokeWidth={4}
          className="fill-heat stroke-face text-[13px] font-semibold"
          strokeLinejoin="round"
        >
          {words}
        </text>
      )}
    </g>
  );
}
