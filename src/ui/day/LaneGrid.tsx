import type { ReactNode } from 'react';
import type { Day } from '@/core/bakeday';
import { A_DAY_MIN, addDays } from '@/core/quantities';
import { weekday } from './day-words';
import { HEAD_PX, type LaneScale } from './lane-scale';
import { clock } from '../format/units';

type LaneGridProps = { readonly iso: string; readonly day: Day; readonly scale: LaneScale };

/** Hours across the day, and the nights in which nobody is up. */
export const LaneGrid = ({ iso, day, scale: { from, to, px_per_min, x, height, ticks } }: LaneGridProps): ReactNode => (
  <>
    {nightsBetween(day, from, to).map(([a, b]) => (
      <g key={a}>
        <rect x={x(a)} y={HEAD_PX - 4} width={(b - a) * px_per_min} height={height - HEAD_PX} className="fill-note/12" />
        <text x={x(a) + 5} y={height - 4} className="fill-soft text-[12px]">
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
          y2={height}
          className={tick % A_DAY_MIN === 0 ? 'stroke-rim' : 'stroke-hair'}
        />
        <text x={x(tick) + 3} y={14} className="fill-soft text-[12px]">
          {tick % A_DAY_MIN === 0 || tick === from ? `${weekday(addDays(iso, Math.floor(tick / A_DAY_MIN)))} ` : ''}
          {clock(tick)}
        </text>
      </g>
    ))}
  </>
);

/** When nobody is awake. */
function nightsBetween({ win }: Day, from: number, to: number): Array<[number, number]> {
  const [first, second] = win;
  if (!first || !second) return [];
  const nights: Array<[number, number]> = [];
  for (let days = -1; days < 14; days++) {
    const [a, b] = [first[1] + days * A_DAY_MIN, second[0] + days * A_DAY_MIN];
    if (b > from && a < to) nights.push([Math.max(a, from), Math.min(b, to)]);
  }
  return nights;
}
