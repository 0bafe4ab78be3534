'use client';
import { useRef, useState, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import type { HeatStep } from '@/core/catalogue';
import type { Prediction } from '@/core/prediction';
import { ChartCurves, CurveNames } from './ChartCurves';
import { boxOf } from './chart-names';
import { EmberStretch } from './EmberStretch';
import { stretchWords } from './stretch-words';
import { EventMarks } from './EventMarks';
import type { Ghost } from './ghost';
import { minuteTicks, type ChartScale } from './chart-scale';
import { heatAxis } from './heat-axis';
import { IN_SHORT, LIMITS, moveCorner, stretchesOf, type ProgrammeEvent, type Stretch, type TimedStep } from './programme-edits';

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

/** The programme as an ember line whose corners are its handles, with what it does to air, heart, water and Snap. */
export function ProgrammeChart({
  steps,
  heatOf,
  timeline,
  band,
  ghost,
  scale,
  scrub,
  onScrub,
  onMove,
  onMoveEvent,
}: ProgrammeChartProps): ReactNode {
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<number | null>(null);
  const stretches = stretchesOf(steps);
  const axis = heatAxis(stretches, timeline);
  const { y, floor, height, top } = axis;
  const taken = stretches.flatMap((stretch) => {
    const label = stretchWords(stretch, { scale, y, floor, heatOf });
    return label ? [boxOf(label.words, label.x, label.y)] : [];
  });

  const toChart = (event: PointerEvent): { minute: number; celsius: number } => {
    const box = svg.current?.getBoundingClientRect();
    const px = event.clientX - (box?.left ?? 0);
    // Beyond the end the last stretch's pace goes on, so that it can be drawn longer.
    const beyond = Math.max(0, px - scale.right);
    const pace = scale.minuteAt(scale.right) - scale.minuteAt(scale.right - 1);
    return { minute: scale.minuteAt(px) + beyond * pace, celsius: axis.celsiusAt(event.clientY - (box?.top ?? 0)) };
  };
  const drag = (stretch: Stretch) => ({
    onPointerDown: (event: PointerEvent<SVGCircleElement>): void => {
      event.currentTarget.setPointerCapture(event.pointerId);
      setHeld(stretch.index);
    },
    onPointerMove: (event: PointerEvent<SVGCircleElement>): void => {
      if (held !== stretch.index) return;
      const { minute, celsius } = toChart(event);
      onMove(stretch.index, (step) => moveCorner(step, minute - stretch.from, celsius), true);
    },
    onPointerUp: (event: PointerEvent<SVGCircleElement>): void => {
      event.currentTarget.releasePointerCapture(event.pointerId);
      setHeld(null);
      onMove(stretch.index, (step) => step, false);
    },
    onKeyDown: (event: KeyboardEvent): void => {
      const by = event.shiftKey ? 10 : 1;
      const minutes = { ArrowRight: by, ArrowLeft: -by }[event.key] ?? 0;
      const degrees = { ArrowUp: 5 * by, ArrowDown: -5 * by }[event.key] ?? 0;
      if (minutes === 0 && degrees === 0) return;
      event.preventDefault();
      const moved = (step: TimedStep): TimedStep =>
        moveCorner(step, step.minutes + minutes, 'setpoint_c' in step ? step.setpoint_c + degrees : null);
      onMove(stretch.index, moved, false);
    },
  });

  return (
    <svg
      ref={svg}
      width={scale.width}
      height={height}
      className="block touch-none select-none"
      onPointerMove={(event) => held === null && onScrub(Math.min(scale.lastMinute, toChart(event).minute))}
    >
      <title>Heat programme: setpoint, oven air, middle, water left and Snap against minutes</title>
      {axis.lines.map((c) => (
        <g key={c}>
          <line x1={scale.left} x2={scale.right} y1={y(c)} y2={y(c)} className="stroke-hair" />
          <text x={scale.left - 8} y={y(c) + 4} textAnchor="end" className="fill-soft text-[12px]">
            {c}
          </text>
        </g>
      ))}
      <text x={scale.left - 8} y={top - 3} textAnchor="end" className="fill-heat text-[12px]">
        °C
      </text>
      <ChartCurves timeline={timeline} band={band} ghost={ghost} scale={scale} axis={axis} />
      {minuteTicks(scale).map((minute, i, all) => (
        <text
          key={minute}
          x={scale.x(minute)}
          y={height - 5}
          textAnchor={scale.x(minute) > scale.right - 24 ? 'end' : 'middle'}
          className="fill-soft text-[12px]"
        >
          {minute}
          {i === all.length - 1 ? ' min' : ''}
        </text>
      ))}
      <CurveNames timeline={timeline} scale={scale} axis={axis} taken={taken} />
      <EventMarks
        steps={steps}
        scale={scale}
        top={top}
        floor={floor}
        minuteOf={(event) => toChart(event).minute}
        onMove={onMoveEvent}
      />
      <line
        x1={scale.x(scrub)}
        x2={scale.x(scrub)}
        y1={top - 8}
        y2={floor}
        className="pointer-events-none stroke-ink"
        strokeWidth={1.5}
      />
      {stretches.map((stretch, i) => (
        <EmberStretch
          key={stretch.index}
          stretch={stretch}
          before={stretches[i - 1]}
          scale={scale}
          y={y}
          floor={floor}
          heatOf={heatOf}
        />
      ))}
      {stretches.map((stretch) => {
        const { step, from, to, index } = stretch;
        const heated = 'setpoint_c' in step;
        const name = heated
          ? `${heatOf(step.setpoint_c, index)} for ${step.minutes} minutes`
          : `${IN_SHORT[step.do]} for ${step.minutes} minutes`;
        return (
          <circle
            key={index}
            role="slider"
            tabIndex={0}
            aria-label={`End of stretch from minute ${from}`}
            aria-valuemin={LIMITS.minutes[0]}
            aria-valuemax={LIMITS.minutes[1]}
            aria-valuenow={step.minutes}
            aria-valuetext={name}
            aria-orientation="horizontal"
            data-corner={index}
            cx={scale.x(to)}
            cy={heated ? y(step.setpoint_c) : floor}
            r={8}
            strokeWidth={3}
            className={`stroke-heat outline-none focus-visible:fill-crunch-fill focus-visible:stroke-ink ${held === index ? 'fill-heat-pale' : 'fill-face'} ${heated ? 'cursor-move' : 'cursor-ew-resize'}`}
            {...drag(stretch)}
          />
        );
      })}
    </svg>
  );
}
