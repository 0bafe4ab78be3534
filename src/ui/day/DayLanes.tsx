'use client';
import { useState, type ReactNode } from 'react';
import type { Day } from '@/core/bakeday';
import { useDrag } from '../kit/use-drag';
import { useSize } from '../kit/use-size';
import { DayBlock } from './DayBlock';
import { LaneGrid } from './LaneGrid';
import { LaneName } from './LaneName';
import type { HandCall } from './hand-calls';
import type { DayNames } from './day-names';
import { laneScale, rowPx, stepStart } from './lane-scale';
import type { Block, Lane } from './lanes';

export type DayLanesProps = {
  readonly iso: string;
  readonly day: Day;
  readonly lanes: readonly Lane[];
  readonly names: DayNames;
  /** The calls of the day, which the blocks of hands are numbered by. */
  readonly calls: readonly HandCall[];
  readonly picked: { readonly b: number; readonly j: number } | null;
  readonly onPick: (picked: { b: number; j: number }) => void;
  readonly onPin: (b: number, j: number, at: number) => void;
};

/** A plan is made in fives of minutes. */
const SNAP_MIN = 5;

/** The plan on the clock: hands, ovens, dryers and the night. A block is dragged, or moved by arrow keys, to pin it. */
export function DayLanes({ iso, day, lanes, names, calls, picked, onPick, onPin }: DayLanesProps): ReactNode {
  const [ref, { width }] = useSize<HTMLDivElement>({ width: 900, height: 0 });
  const scale = laneScale(day, lanes, width);
  const numbers = new Map(calls.map(({ key, number }) => [key, number]));
  const [drag, setDrag] = useState<{ readonly key: string; readonly at: number } | null>(null);
  const { handle } = useDrag<Block, number>({
    under: (pointer, block, grabbed) =>
      stepStart(lanes, block) + Math.round((pointer.clientX - grabbed.x) / scale.px_per_min / SNAP_MIN) * SNAP_MIN,
    step: (now, { x }) => now + SNAP_MIN * x,
    onMove: (block, next, held) => {
      const start = stepStart(lanes, block);
      const at = Math.max(day.t0, next(drag?.key === block.key ? drag.at : start));
      setDrag(held ? { key: block.key, at } : null);
      if (!held && at !== start) onPin(block.b, block.j, at);
    },
  });
  return (
    <div ref={ref} className="overflow-x-auto" tabIndex={0} role="region" aria-label="The day in lanes">
      <svg
        width={scale.width}
        height={scale.height}
        className="block touch-pan-x text-[13px] select-none"
        role="group"
        aria-label="Plan of the day"
        data-listed-beside
      >
        <LaneGrid iso={iso} day={day} scale={scale} />
        {lanes.map((lane, i) => (
          <g key={lane.id}>
            <LaneName lane={lane} top={scale.tops[i]} height={scale.heights[i]} width={scale.width} />
            {lane.blocks.map((block) => (
              <DayBlock
                key={`${lane.id} ${block.key}`}
                {...{ iso, day, lane, block, names, picked, onPick }}
                number={lane.kind === 'hands' ? (numbers.get(block.key) ?? null) : null}
                x={scale.x(block.s + (drag?.key === block.key ? drag.at - stepStart(lanes, block) : 0))}
                y={scale.tops[i] + block.row * rowPx(lane)}
                width_px={Math.max(3, (block.e - block.s) * scale.px_per_min - 1)}
                height_px={block.rows * rowPx(lane) - 3}
                handlers={handle(block.key, block)}
              />
            ))}
          </g>
        ))}
      </svg>
    </div>
  );
}
