'use client';
import { useRef, useState, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import type { Day } from '@/core/bakeday';
import { useWidth } from '../kit/use-width';
import { DayBlock } from './DayBlock';
import { clockOf, momentOf, weekday } from './day-words';
import type { Block, Lane } from './lanes';
import { addDays } from '@/core/quantities';
import { wrapped } from './wrapped';

type DayLanesProps = {
  readonly iso: string;
  readonly day: Day;
  readonly lanes: readonly Lane[];
  readonly nameOf: (b: number) => string;
  readonly stepName: (b: number, j: number) => string;
  readonly visitName: (b: number, j: number, visit: number, visits: number) => string;
  readonly picked: { readonly b: number; readonly j: number } | null;
  readonly onPick: (picked: { b: number; j: number }) => void;
  readonly onPin: (b: number, j: number, at: number) => void;
  readonly isPinned: (b: number, j: number) => boolean;
};

const NAME_PX = 128;
const ROW_PX = 26;
/** Places of a machine with many of them. */
const LOW_ROW_PX = 15;
const MANY_ROWS = 3;
/** A tray, or a place for one. */
const STORE_ROW_PX = 9;
const rowPx = ({ kind, rows }: Lane): number =>
  kind === 'store' ? STORE_ROW_PX : kind === 'machine' && rows > MANY_ROWS ? LOW_ROW_PX : ROW_PX;
const GAP_PX = 10;
/** A lane's name, and what two lines of it take. */
const NAME_LETTERS = 16;
const TWO_LINES_PX = 40;
const HEAD_PX = 24;
const A_DAY = 1440;
const SNAP_MIN = 5;
/** Less than this for a minute cannot be read or dragged [px]; then the lanes scroll. */
const LEAST_PX_PER_MIN = 0.62;

/** The plan on the clock: hands, ovens, dryers and the night. A block is dragged, or moved by arrow keys, to pin it. */
export function DayLanes({
  iso,
  day,
  lanes,
  nameOf,
  stepName,
  visitName,
  picked,
  onPick,
  onPin,
  isPinned,
}: DayLanesProps): ReactNode {
  const [ref, width] = useWidth<HTMLDivElement>(900);
  const [drag, setDrag] = useState<{ key: string; from: number; by: number } | null>(null);
  const start = useRef<{ x: number; block: Block } | null>(null);
  const blocks = lanes.flatMap(({ blocks: mine }) => mine);
  const from = Math.floor((day.t0 - 10) / 60) * 60;
  const to = Math.ceil((Math.max(day.t0 + 480, ...blocks.map(({ e }) => e)) + 10) / 60) * 60;
  const px = Math.max(LEAST_PX_PER_MIN, (width - NAME_PX - 12) / (to - from));
  const x = (minute: number): number => NAME_PX + (minute - from) * px;
  const heights = lanes.map((lane) => lane.rows * rowPx(lane) + GAP_PX);
  const tops = heights.map((_, i) => heights.slice(0, i).reduce((sum, height) => sum + height, HEAD_PX));
  const top = heights.reduce((sum, height) => sum + height, HEAD_PX);
  const total = NAME_PX + (to - from) * px + 12;
  const every = (to - from) * px > 0 && px * 60 >= 44 ? 60 : px * 120 >= 44 ? 120 : 240;
  const ticks = Array.from({ length: Math.floor((to - from) / every) + 1 }, (_, i) => from + i * every);

  const down = (block: Block) => (event: PointerEvent<SVGGElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    start.current = { x: event.clientX, block };
    onPick({ b: block.b, j: block.j });
  };
  const move = (event: PointerEvent<SVGGElement>): void => {
    if (!start.current) return;
    const by = Math.round((event.clientX - start.current.x) / px / SNAP_MIN) * SNAP_MIN;
    setDrag({ key: start.current.block.key, from: start.current.block.s, by });
  };
  const up = (): void => {
    if (start.current && drag && drag.by !== 0)
      onPin(start.current.block.b, start.current.block.j, Math.max(day.t0, recStart(start.current.block) + drag.by));
    start.current = null;
    setDrag(null);
  };
  const keys = (block: Block) => (event: KeyboardEvent) => {
    const by = { ArrowLeft: -SNAP_MIN, ArrowRight: SNAP_MIN }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onPin(block.b, block.j, Math.max(day.t0, recStart(block) + by * (event.shiftKey ? 6 : 1)));
  };
  /** A step begins where its earliest block does: hands may come to it later. */
  const recStart = ({ b, j }: Block): number => Math.min(...blocks.filter((one) => one.b === b && one.j === j).map(({ s }) => s));

  return (
    <div ref={ref} className="overflow-x-auto" tabIndex={0} role="region" aria-label="The day in lanes">
      <svg
        width={total}
        height={top}
        className="block touch-pan-x text-[13px] select-none"
        role="group"
        aria-label="Plan of the day"
      >
        {nightsBetween(day, from, to).map(([a, b]) => (
          <g key={a}>
            <rect x={x(a)} y={HEAD_PX - 4} width={(b - a) * px} height={top - HEAD_PX} className="fill-note/12" />
            <text x={x(a) + 5} y={top - 4} className="fill-soft text-[12px]">
              asleep
            </text>
          </g>
        ))}
        {ticks.map((tick) => (
          <g key={tick}>
            <line
              x1={x(tick)}
              x2={x(tick)}
              y1={HEAD_PX - 6}
              y2={top}
              className={tick % A_DAY === 0 ? 'stroke-rim' : 'stroke-hair'}
            />
            <text x={x(tick) + 3} y={14} className="fill-soft text-[12px]">
              {tick % A_DAY === 0 || tick === from ? `${weekday(addDays(iso, Math.floor(tick / A_DAY)))} ` : ''}
              {clockOf(tick)}
            </text>
          </g>
        ))}
        {lanes.map((lane, i) => (
          <g key={lane.id}>
            <text className="fill-ink font-semibold">
              {wrapped(lane.name, NAME_LETTERS, heights[i] < TWO_LINES_PX ? 1 : 2).map((line, k) => (
                <tspan key={line} x={2} y={tops[i] + 17 + k * 16}>
                  {line}
                </tspan>
              ))}
              <title>{lane.name}</title>
            </text>
            <line
              x1={0}
              x2={total}
              y1={tops[i] + lane.rows * rowPx(lane) + GAP_PX / 2}
              y2={tops[i] + lane.rows * rowPx(lane) + GAP_PX / 2}
              className="stroke-hair"
            />
            {lane.blocks.map((block) => {
              const { b, j, s, e, row, rows, key, visit } = block;
              const step = day.batches[b]?.steps[j];
              if (!step) return null;
              const name = visit ? visitName(b, j, visit.at, visit.of) : stepName(b, j);
              const moved = drag?.key === key ? drag.by : 0;
              const label =
                lane.kind === 'hands' ? `${name}, ${nameOf(b)}` : lane.kind === 'store' ? nameOf(b) : `${nameOf(b)}: ${name}`;
              return (
                <DayBlock
                  key={`${lane.id} ${key}`}
                  kind={lane.kind}
                  block={block}
                  label={label}
                  title={`${label}, ${clockOf(s)} – ${clockOf(e)}`}
                  said={`${nameOf(b)}: ${name}, ${momentOf(iso, s)} to ${momentOf(iso, e)}${isPinned(b, j) ? ', pinned' : ''}`}
                  x={x(s + moved)}
                  y={tops[i] + row * rowPx(lane)}
                  width_px={Math.max(3, (e - s) * px - 1)}
                  height_px={rows * rowPx(lane) - 3}
                  pinned={isPinned(b, j)}
                  picked={picked?.b !== b ? null : picked.j === j ? 'step' : 'batch'}
                  hands={{
                    onPointerDown: down(block),
                    onPointerMove: move,
                    onPointerUp: up,
                    onPointerCancel: up,
                    onKeyDown: keys(block),
                    onFocus: () => onPick({ b, j }),
                  }}
                />
              );
            })}
          </g>
        ))}
      </svg>
    </div>
  );
}

/** When nobody is awake. */
function nightsBetween({ win }: Day, from: number, to: number): Array<[number, number]> {
  const [first, second] = win;
  if (!first || !second) return [];
  const nights: Array<[number, number]> = [];
  for (let days = -1; days < 14; days++) {
    const [a, b] = [first[1] + days * A_DAY, second[0] + days * A_DAY];
    if (b > from && a < to) nights.push([Math.max(a, from), Math.min(b, to)]);
  }
  return nights;
}
