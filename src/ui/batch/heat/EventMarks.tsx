import type { PointerEvent, ReactNode } from 'react';
import type { HeatStep } from '@/core/catalogue';
import { applianceName } from '../../format/words';
import { useDrag, type DragHandlers } from '../../kit/use-drag';
import type { ChartScale } from './chart-scale';
import { STEP_NAMES, eventsOf, type ProgrammeEvent } from './programme-edits';

type EventMarksProps = {
  readonly steps: readonly HeatStep[];
  readonly scale: ChartScale;
  readonly top: number;
  readonly floor: number;
  /** The minute under the pointer. */
  readonly minuteOf: (event: PointerEvent) => number;
  /** An event moves from the minute it stands at now; null when the hand lets go. */
  readonly onMove: (event: ProgrammeEvent, next: ((minute: number) => number) | null) => void;
};

/** Room for a letter of a mark, and for its ends [px]. */
const LETTER = 6.3;
const ENDS = 20;
const ROW = 20;

/** What happens between two stretches, each a mark on the line of minutes; several at one minute stand above each other. */
export function EventMarks({ steps, scale, top, floor, minuteOf, onMove }: EventMarksProps): ReactNode {
  const { handle } = useDrag<ProgrammeEvent, number>({
    under: (pointer) => Math.round(minuteOf(pointer)),
    step: (now, { x }) => now + x,
    onMove: (event, next, held) => {
      onMove(event, next);
      if (!held) onMove(event, null);
    },
  });
  return marksOf(steps).map(({ key, event, minute, row }) => (
    <g key={key}>
      <line
        x1={scale.x(minute)}
        x2={scale.x(minute)}
        y1={top}
        y2={floor}
        className="stroke-ink"
        strokeDasharray="1.5 4"
        strokeWidth={1.6}
      />
      <Mark event={event} minute={minute} scale={scale} base={floor - row * ROW} handlers={handle(key, event)} />
    </g>
  ));
}

type MarkProps = Pick<EventMarksProps, 'scale'> & {
  readonly event: ProgrammeEvent;
  readonly minute: number;
  /** Where it stands [px]. */
  readonly base: number;
  readonly handlers: DragHandlers;
};

/** The name of what happens, to be taken by hand. */
function Mark({ event, minute, scale, base, handlers }: MarkProps): ReactNode {
  const words = wordsOf(event);
  const width = words.length * LETTER + ENDS;
  const x = Math.min(scale.right - width / 2, Math.max(scale.left + width / 2, scale.x(minute)));
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={`${words}, minute`}
      aria-valuemin={0}
      aria-valuemax={Math.round(scale.lastMinute)}
      aria-valuenow={Math.round(minute)}
      data-event={event.do}
      className="cursor-ew-resize outline-none focus-visible:[&>rect:last-of-type]:stroke-crunch-fill"
      {...handlers}
    >
      <rect x={x - width / 2} y={base - 34} width={width} height={44} className="hidden fill-transparent pointer-coarse:inline" />
      <rect x={x - width / 2} y={base - 21} width={width} height={18} rx={9} strokeWidth={3} className="fill-ink" />
      <text x={x} y={base - 8} textAnchor="middle" className="fill-face text-[12px] font-semibold">
        {words}
      </text>
    </g>
  );
}

/** Every event with its minute and its row above the line. */
function marksOf(steps: readonly HeatStep[]): Array<{ key: string; event: ProgrammeEvent; minute: number; row: number }> {
  const rows = new Map<number, number>();
  const seen = new Map<string, number>();
  const next = <K,>(counts: Map<K, number>, key: K): number => {
    const count = counts.get(key) ?? 0;
    counts.set(key, count + 1);
    return count;
  };
  return eventsOf(steps).map(({ event, minute }) => ({
    key: `${event.do} ${next(seen, event.do)}`,
    event,
    minute,
    row: next(rows, minute),
  }));
}

function wordsOf(event: ProgrammeEvent): string {
  if (event.do !== 'move') return STEP_NAMES[event.do];
  return event.appliance ? `into the ${applianceName(event.appliance.kind ?? 'static-oven')}` : 'other tray';
}
