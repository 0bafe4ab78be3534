import { useState, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import type { HeatStep } from '@/core/catalogue';
import { applianceName } from '../../format/words';
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
  const [held, setHeld] = useState<HeatStep | null>(null);
  const rows = new Map<number, number>();
  const seen = new Map<string, number>();
  return eventsOf(steps).map(({ event, minute }) => {
    const row = rows.get(minute) ?? 0;
    rows.set(minute, row + 1);
    const nth = seen.get(event.do) ?? 0;
    seen.set(event.do, nth + 1);
    const words = wordsOf(event);
    const width = words.length * LETTER + ENDS;
    const x = Math.min(scale.right - width / 2, Math.max(scale.left + width / 2, scale.x(minute)));
    const handle = {
      onPointerDown: (pointer: PointerEvent<SVGGElement>): void => {
        pointer.currentTarget.setPointerCapture(pointer.pointerId);
        setHeld(event);
      },
      onPointerMove: (pointer: PointerEvent<SVGGElement>): void => {
        if (held !== event) return;
        const under = Math.round(minuteOf(pointer));
        onMove(event, () => under);
      },
      onPointerUp: (pointer: PointerEvent<SVGGElement>): void => {
        pointer.currentTarget.releasePointerCapture(pointer.pointerId);
        setHeld(null);
        onMove(event, null);
      },
      onKeyDown: (key: KeyboardEvent): void => {
        const by = ({ ArrowRight: 1, ArrowLeft: -1 }[key.key] ?? 0) * (key.shiftKey ? 10 : 1);
        if (by === 0) return;
        key.preventDefault();
        onMove(event, (now) => now + by);
        onMove(event, null);
      },
    };
    return (
      <g key={`${event.do} ${nth}`}>
        <line
          x1={scale.x(minute)}
          x2={scale.x(minute)}
          y1={top}
          y2={floor}
          className="stroke-ink"
          strokeDasharray="1.5 4"
          strokeWidth={1.6}
        />
        <g
          role="slider"
          tabIndex={0}
          aria-label={`${words}, minute`}
          aria-valuemin={0}
          aria-valuemax={Math.round(scale.lastMinute)}
          aria-valuenow={Math.round(minute)}
          data-event={event.do}
          className="cursor-ew-resize outline-none focus-visible:[&>rect]:stroke-crunch-fill"
          {...handle}
        >
          <rect
            x={x - width / 2}
            y={floor - 21 - row * ROW}
            width={width}
            height={18}
            rx={9}
            strokeWidth={3}
            className="fill-ink"
          />
          <text x={x} y={floor - 8 - row * ROW} textAnchor="middle" className="fill-face text-[12px] font-semibold">
            {words}
          </text>
        </g>
      </g>
    );
  });
}

function wordsOf(event: ProgrammeEvent): string {
  if (event.do !== 'move') return STEP_NAMES[event.do];
  return event.appliance ? `into the ${applianceName(event.appliance.kind ?? 'static-oven')}` : 'other tray';
}
