import type { ReactNode } from 'react';
import { minuteTicks, type ChartScale } from './chart-scale';
import type { HeatAxis } from './heat-axis';
import { bareTemperature, heatUnitHere } from '../../format/units';

/** Lines of even degrees, named on the left. */
export const HeatGrid = ({ scale, axis }: { readonly scale: ChartScale; readonly axis: HeatAxis }): ReactNode => (
  <>
    {axis.lines.map((c) => (
      <g key={c}>
        <line x1={scale.left} x2={scale.right} y1={axis.y(c)} y2={axis.y(c)} className="stroke-hair" />
        <text x={scale.left - 8} y={axis.y(c) + 4} textAnchor="end" className="fill-soft text-[12px]">
          {bareTemperature(c)}
        </text>
      </g>
    ))}
    <text x={scale.left - 8} y={axis.top - 3} textAnchor="end" className="fill-heat text-[12px]">
      {heatUnitHere()}
    </text>
  </>
);

/** Minutes below the chart. */
export const MinuteAxis = ({ scale, y }: { readonly scale: ChartScale; readonly y: number }): ReactNode => (
  <>
    <text x={scale.left - 8} y={y} textAnchor="end" className="fill-soft text-[12px]">
      min
    </text>
    {minuteTicks(scale).map((minute) => (
      <text
        key={minute}
        x={scale.x(minute)}
        y={y}
        textAnchor={scale.x(minute) > scale.right - 10 ? 'end' : 'middle'}
        className="fill-soft text-[12px]"
      >
        {minute}
      </text>
    ))}
  </>
);
