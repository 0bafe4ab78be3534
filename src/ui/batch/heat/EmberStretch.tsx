import type { ReactNode } from 'react';
import type { Stretch } from './programme-edits';
import { stretchWords, type StretchPlace } from './stretch-words';

type EmberProps = StretchPlace & { readonly stretch: Stretch; readonly before: Stretch | undefined };

/** One stretch of the setpoint line, joined to the one before, with its words. */
export function EmberStretch({ stretch, before, ...place }: EmberProps): ReactNode {
  const { scale, y, floor } = place;
  const { step, from, to } = stretch;
  const [x0, x1] = [scale.x(from), scale.x(to)];
  const heated = 'setpoint_c' in step;
  const level = heated ? y(step.setpoint_c) : floor;
  const levelBefore = before === undefined ? level : 'setpoint_c' in before.step ? y(before.step.setpoint_c) : floor;
  const slopes = step.do === 'ramp';
  const label = stretchWords(stretch, place);
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
      {label && (
        <text
          x={label.x}
          y={label.y}
          paintOrder="stroke"
          strokeWidth={4}
          className="fill-heat stroke-face text-[13px] font-semibold"
          strokeLinejoin="round"
        >
          {label.words}
        </text>
      )}
    </g>
  );
}
