'use client';
import { useRef, type PointerEvent, type ReactNode, type RefObject } from 'react';
import type { HeatStep } from '@/core/catalogue';
import type { Prediction } from '@/core/prediction';
import { ChartCurves, CurveNames } from './ChartCurves';
import { boxOf } from './chart-names';
import { EmberStretch } from './EmberStretch';
import { stretchWords } from './stretch-words';
import { useDrag } from '../../kit/use-drag';
import { EventMarks } from './EventMarks';
import type { Ghost } from './ghost';
import type { ChartScale } from './chart-scale';
import { CornerHandle } from './CornerHandle';
import { HeatGrid, MinuteAxis } from './HeatGrid';
import { heatAxis, type HeatAxis } from './heat-axis';
import { moveCorner, stretchesOf, type ProgrammeEvent, type Stretch, type TimedStep } from './programme-edits';

type ProgrammeChartProps = {
  readonly steps: readonly HeatStep[];
  /** The setpoint of a step as this baker's dial has it. */
  readonly heatOf: (setpoint_c: number, index: number) => string;
  readonly timeline: Prediction['heat']['timeline'];
  /** Null while it is not known, or known of another programme. */
  readonly band: Prediction['heat']['band'];
  readonly ghost: Ghost | null;
  readonly scale: ChartScale;
  readonly scrub: number;
  readonly onScrub: (minute: number) => void;
  /** A step moves on from where it stands now; `dragging` tells that the hand is still on it, so that the axis holds still. */
  readonly onMove: (index: number, next: (now: TimedStep) => TimedStep, dragging: boolean) => void;
  /** An event moves from the minute it stands at now; null when the hand lets go. */
  readonly onMoveEvent: (event: ProgrammeEvent, next: ((minute: number) => number) | null) => void;
};

/** The programme as an ember line whose corners are its handles, with what it does to air, middle, water and Snap. */
export function ProgrammeChart(props: ProgrammeChartProps): ReactNode {
  const { steps, heatOf, timeline, scale, scrub, onScrub, onMoveEvent } = props;
  const svg = useRef<SVGSVGElement>(null);
  const stretches = stretchesOf(steps);
  const axis = heatAxis(stretches, timeline);
  const { y, floor, height, top } = axis;
  const { held, handle, pointAt } = useCorners(props, svg, axis);
  const taken = stretches.flatMap((stretch) => {
    const label = stretchWords(stretch, { scale, y, floor, heatOf });
    return label ? [boxOf(label.words, label.x, label.y)] : [];
  });
  const line = { scale, y, floor, heatOf };
  return (
    <svg
      ref={svg}
      role="group"
      width={scale.width}
      height={height}
      className="block touch-none select-none"
      onPointerMove={(event) => held === null && onScrub(Math.min(scale.lastMinute, pointAt(event).minute))}
    >
      <title>Heat programme: setpoint, oven air, middle, water left and Snap against minutes</title>
      <HeatGrid scale={scale} axis={axis} />
      <ChartCurves timeline={timeline} band={props.band} ghost={props.ghost} scale={scale} axis={axis} />
      <MinuteAxis scale={scale} y={height - 5} />
      <CurveNames timeline={timeline} scale={scale} axis={axis} taken={taken} />
      <EventMarks {...{ steps, scale, top, floor }} minuteOf={(event) => pointAt(event).minute} onMove={onMoveEvent} />
      <line
        x1={scale.x(scrub)}
        x2={scale.x(scrub)}
        y1={top - 8}
        y2={floor}
        className="pointer-events-none stroke-ink"
        strokeWidth={1.5}
      />
      {stretches.map((stretch, i) => (
        <EmberStretch key={stretch.index} stretch={stretch} before={stretches[i - 1]} {...line} />
      ))}
      {stretches.map((stretch) => {
        const key = String(stretch.index);
        return <CornerHandle key={key} stretch={stretch} held={held === key} handlers={handle(key, stretch)} {...line} />;
      })}
    </svg>
  );
}

/** A point of the chart. */
type Point = { readonly minute: number; readonly celsius: number };
const KEY_C = 5;

/** Moves corners of the line; tells where a pointer is. */
function useCorners(
  { scale, onMove }: Pick<ProgrammeChartProps, 'scale' | 'onMove'>,
  svg: RefObject<SVGSVGElement | null>,
  axis: HeatAxis,
): ReturnType<typeof useDrag<Stretch, Point>> & { readonly pointAt: (pointer: PointerEvent) => Point } {
  const pointAt = (pointer: PointerEvent): Point => {
    const box = svg.current?.getBoundingClientRect();
    const px = pointer.clientX - (box?.left ?? 0);
    // Beyond the end the last stretch's pace goes on, so that it can be drawn longer.
    const beyond = Math.max(0, px - scale.right);
    const pace = scale.minuteAt(scale.right) - scale.minuteAt(scale.right - 1);
    return { minute: scale.minuteAt(px) + beyond * pace, celsius: axis.celsiusAt(pointer.clientY - (box?.top ?? 0)) };
  };
  const drag = useDrag<Stretch, Point>({
    under: pointAt,
    step: (now, { x, y }) => ({ minute: now.minute + x, celsius: now.celsius + KEY_C * y }),
    onMove: ({ index, from }, next, held) =>
      onMove(
        index,
        (step) => {
          const now = { minute: from + step.minutes, celsius: 'setpoint_c' in step ? step.setpoint_c : 0 };
          const { minute, celsius } = next(now);
          return minute === now.minute && celsius === now.celsius ? step : moveCorner(step, minute - from, celsius);
        },
        held,
      ),
  });
  return { ...drag, pointAt };
}
