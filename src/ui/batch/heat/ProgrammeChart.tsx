'use client';
import { useRef, useState, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import type { Drawing, HeatStep, Prediction } from '@/core/batch';
import { minuteTicks, type ChartScale } from './chart-scale';
import { IN_SHORT, LIMITS, eventsOf, moveCorner, stretchesOf, type Stretch, type TimedStep } from './programme-edits';

type ProgrammeChartProps = {
  readonly steps: readonly HeatStep[];
  readonly timeline: Prediction['heat']['timeline'];
  readonly snaps: Drawing['snaps'];
  readonly scale: ChartScale;
  readonly scrub: number;
  readonly onScrub: (minute: number) => void;
  /** A step moves on from where it stands now; `dragging` tells that the hand is still on it, so that the axis holds still. */
  readonly onMove: (index: number, next: (now: TimedStep) => TimedStep, dragging: boolean) => void;
};

const HEIGHT = 200;
const TOP = 16;
const BOTTOM = 22;
const LOWEST_TOP_C = 200;
const EVENT_NAMES: Record<string, string> = { turn: 'turn', stir: 'stir', brush: 'brush', 'snap-apart': 'snap apart' };

/** The programme as an ember line whose corners are its handles, with what it does to air, heart, water and Snap. */
export function ProgrammeChart({ steps, timeline, snaps, scale, scrub, onScrub, onMove }: ProgrammeChartProps): ReactNode {
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<number | null>(null);
  const stretches = stretchesOf(steps);
  const hottest = Math.max(LOWEST_TOP_C, ...stretches.map(({ step }) => (step.do === 'hold' ? step.setpoint_c + 25 : 0)));
  const floor = HEIGHT - BOTTOM;
  const y = (celsius: number): number => floor - (celsius / hottest) * (floor - TOP);
  const celsiusAt = (py: number): number => ((floor - py) / (floor - TOP)) * hottest;
  const wettest = timeline[0]?.moisture_pct ?? 1;
  const yWater = (pct: number): number => floor - (pct / wettest) * 0.78 * (floor - TOP);
  const ySnap = (snap: number): number => floor - (snap / 10) * 0.78 * (floor - TOP);
  const line = (of: (point: (typeof timeline)[number], i: number) => number): string =>
    timeline.map((point, i) => `${i === 0 ? 'M' : 'L'}${scale.x(point.minute).toFixed(1)} ${of(point, i).toFixed(1)}`).join('');

  const toChart = (event: PointerEvent): { minute: number; celsius: number } => {
    const box = svg.current?.getBoundingClientRect();
    const px = event.clientX - (box?.left ?? 0);
    return { minute: (px - scale.left) / (scale.x(1) - scale.x(0)), celsius: celsiusAt(event.clientY - (box?.top ?? 0)) };
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
        moveCorner(step, step.minutes + minutes, step.do === 'hold' ? step.setpoint_c + degrees : null);
      onMove(stretch.index, moved, false);
    },
  });

  return (
    <svg
      ref={svg}
      width={scale.width}
      height={HEIGHT}
      className="block touch-none select-none"
      onPointerMove={(event) =>
        held === null && onScrub(scale.minuteAt(scale.left + toChart(event).minute * (scale.x(1) - scale.x(0))))
      }
    >
      <title>Heat programme: setpoint, oven air, heart, water left and Snap against minutes</title>
      {[50, 100, 150, 200, 250]
        .filter((c) => c < hottest)
        .map((c) => (
          <g key={c}>
            <line x1={scale.left} x2={scale.right} y1={y(c)} y2={y(c)} className="stroke-hair" />
            <text x={scale.left - 8} y={y(c) + 4} textAnchor="end" className="fill-soft text-[12px]">
              {c}
            </text>
          </g>
        ))}
      <text x={scale.left - 8} y={TOP - 3} textAnchor="end" className="fill-heat text-[12px]">
        °C
      </text>
      <path
        d={`${line((p) => yWater(p.moisture_pct))}L${scale.x(timeline.at(-1)?.minute ?? 0)} ${floor}L${scale.left} ${floor}Z`}
        className="fill-water-pale/75"
      />
      <path d={line((p) => y(p.air_c))} className="fill-none stroke-heat/40" strokeWidth={4} strokeLinejoin="round" />
      <path
        d={line((_, i) => ySnap(snaps[i] ?? 0))}
        className="fill-none stroke-crunch-fill"
        strokeWidth={2.5}
        strokeDasharray="1 4"
        strokeLinecap="round"
      />
      <path d={line((p) => y(p.core_c))} className="fill-none stroke-ink" strokeWidth={2} />
      {minuteTicks(scale.lastMinute).map((minute, i, all) => (
        <text
          key={minute}
          x={scale.x(minute)}
          y={HEIGHT - 5}
          textAnchor={scale.x(minute) > scale.right - 24 ? 'end' : 'middle'}
          className="fill-soft text-[12px]"
        >
          {minute}
          {i === all.length - 1 ? ' min' : ''}
        </text>
      ))}
      <Key timeline={timeline} snaps={snaps} scale={scale} y={y} yWater={yWater} ySnap={ySnap} />
      {eventsOf(steps).map(({ index, event, minute }) => (
        <g key={index}>
          <line
            x1={scale.x(minute)}
            x2={scale.x(minute)}
            y1={TOP}
            y2={floor}
            className="stroke-ink"
            strokeDasharray="1.5 4"
            strokeWidth={1.6}
          />
          <rect x={scale.x(minute) - 34} y={floor - 21} width={68} height={18} rx={9} className="fill-ink" />
          <text x={scale.x(minute)} y={floor - 8} textAnchor="middle" className="fill-face text-[12px] font-semibold">
            {EVENT_NAMES[event.do]}
          </text>
        </g>
      ))}
      <line x1={scale.x(scrub)} x2={scale.x(scrub)} y1={TOP - 8} y2={floor} className="stroke-ink" strokeWidth={1.5} />
      {stretches.map((stretch, i) => (
        <EmberStretch key={stretch.index} stretch={stretch} before={stretches[i - 1]} scale={scale} y={y} floor={floor} />
      ))}
      {stretches.map((stretch) => {
        const { step, from, to, index } = stretch;
        const name =
          step.do === 'hold'
            ? `${step.setpoint_c} °C for ${step.minutes} minutes`
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
            cy={step.do === 'hold' ? y(step.setpoint_c) : floor}
            r={8}
            strokeWidth={3}
            className={`stroke-heat outline-none focus-visible:fill-crunch-fill focus-visible:stroke-ink ${held === index ? 'fill-heat-pale' : 'fill-face'} ${step.do === 'hold' ? 'cursor-move' : 'cursor-ew-resize'}`}
            {...drag(stretch)}
          />
        );
      })}
    </svg>
  );
}

type EmberProps = {
  readonly stretch: Stretch;
  readonly before: Stretch | undefined;
  readonly scale: ChartScale;
  readonly y: (celsius: number) => number;
  readonly floor: number;
};

/** Width that a label needs before it is left out [px]. */
const LABEL_WIDTH = 92;

/** One stretch of the setpoint line, joined to the one before, with its words. */
function EmberStretch({ stretch, before, scale, y, floor }: EmberProps): ReactNode {
  const { step, from, to } = stretch;
  const [x0, x1] = [scale.x(from), scale.x(to)];
  const level = step.do === 'hold' ? y(step.setpoint_c) : floor;
  const levelBefore = before === undefined ? level : before.step.do === 'hold' ? y(before.step.setpoint_c) : floor;
  const words =
    step.do === 'hold'
      ? `${step.setpoint_c} °C for ${step.minutes} min`
      : step.do === 'off'
        ? `oven off, ${step.minutes} min`
        : `${step.do === 'freeze' ? 'freezer' : 'rack'}, ${step.minutes} min`;
  return (
    <g>
      {levelBefore !== level && (
        <line
          x1={x0}
          x2={x0}
          y1={levelBefore}
          y2={level}
          className="stroke-heat"
          strokeWidth={step.do === 'hold' ? 3 : 2.4}
          strokeDasharray={step.do === 'hold' ? undefined : '3 4'}
        />
      )}
      {step.do === 'hold' && (
        <line x1={x0} x2={x1} y1={level} y2={level} className="stroke-heat" strokeWidth={4} strokeLinecap="round" />
      )}
      {x1 - x0 > LABEL_WIDTH && (
        <text
          x={x0 + 14}
          y={step.do === 'hold' ? level - 8 : floor - 27}
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

type KeyProps = Pick<ProgrammeChartProps, 'timeline' | 'snaps' | 'scale'> &
  Record<'y' | 'yWater' | 'ySnap', (value: number) => number>;

/** The curves named where they run, so that no legend needs to be matched. */
function Key({ timeline, snaps, scale, y, yWater, ySnap }: KeyProps): ReactNode {
  const at = (share: number): number => Math.min(timeline.length - 1, Math.round(share * (timeline.length - 1)));
  if (timeline.length < 10) return null;
  const [early, late] = [timeline[at(0.06)], timeline[at(0.86)]];
  const snapAt = at(0.99);
  const name = 'stroke-face text-[12px] font-semibold';
  return (
    <g paintOrder="stroke" strokeWidth={3.5} strokeLinejoin="round" className="pointer-events-none">
      <text x={scale.x(early.minute)} y={yWater(early.moisture_pct) + 22} paintOrder="stroke" className={`${name} fill-water`}>
        water left
      </text>
      <text
        x={scale.x(late.minute)}
        y={y(late.core_c) - 8}
        textAnchor="middle"
        paintOrder="stroke"
        className={`${name} fill-ink`}
      >
        heart
      </text>
      <text
        x={scale.x(timeline[snapAt].minute)}
        y={ySnap(snaps[snapAt] ?? 0) + (snaps[snapAt] > 5 ? 17 : -7)}
        textAnchor="end"
        paintOrder="stroke"
        className={`${name} fill-crunch`}
      >
        Snap if cooled now
      </text>
    </g>
  );
}
