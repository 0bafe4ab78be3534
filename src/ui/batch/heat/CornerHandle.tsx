import { counted } from '@/core/quantities';
import type { ReactNode } from 'react';
import type { DragHandlers } from '../../kit/use-drag';
import type { ChartScale } from './chart-scale';
import { IN_SHORT, LIMITS, type Stretch } from './programme-edits';

type CornerHandleProps = {
  readonly stretch: Stretch;
  readonly scale: ChartScale;
  readonly y: (celsius: number) => number;
  readonly floor: number;
  /** The setpoint of a step as this baker's dial has it. */
  readonly heatOf: (setpoint_c: number, index: number) => string;
  readonly held: boolean;
  readonly handlers: DragHandlers;
};

/** Where one stretch ends and the next begins: drawn to the side it is made longer, up it is made hotter. */
export function CornerHandle({ stretch, scale, y, floor, heatOf, held, handlers }: CornerHandleProps): ReactNode {
  const { step, from, to, index } = stretch;
  const heated = 'setpoint_c' in step;
  const name = heated
    ? `${heatOf(step.setpoint_c, index)} for ${counted(step.minutes, 'minute')}`
    : `${IN_SHORT[step.do]} for ${counted(step.minutes, 'minute')}`;
  const at = { cx: scale.x(to), cy: heated ? y(step.setpoint_c) : floor };
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={`End of stretch from minute ${from}`}
      aria-valuemin={LIMITS.minutes[0]}
      aria-valuemax={LIMITS.minutes[1]}
      aria-valuenow={step.minutes}
      aria-valuetext={name}
      aria-orientation="horizontal"
      data-corner={index}
      className={`group/corner outline-none ${heated ? 'cursor-move' : 'cursor-ew-resize'}`}
      {...handlers}
    >
      <circle {...at} r={22} className="hidden fill-transparent pointer-coarse:inline" />
      <circle
        {...at}
        r={8}
        strokeWidth={3}
        className={`stroke-heat group-focus-visible/corner:fill-crunch-fill group-focus-visible/corner:stroke-ink ${held ? 'fill-heat-pale' : 'fill-face'}`}
      />
    </g>
  );
}
