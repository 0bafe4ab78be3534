import type { ReactNode } from 'react';
import type { Prediction } from '@/core/prediction';
import { freePlace, type Box } from './chart-names';
import type { Ghost } from './ghost';
import type { ChartScale } from './chart-scale';
import type { HeatAxis } from './heat-axis';

type Timeline = Prediction['heat']['timeline'];
type Point = Timeline[number];

type ChartCurvesProps = {
  readonly timeline: Timeline;
  readonly band: Prediction['heat']['band'];
  readonly ghost: Ghost | null;
  readonly scale: ChartScale;
  readonly axis: HeatAxis;
};

/** Water, air, heart and Snap against minutes; between faint edges where four of five batches run. */
export function ChartCurves({ timeline, band, ghost, scale, axis }: ChartCurvesProps): ReactNode {
  const { y, yWater, ySnap, floor } = axis;
  const path = (points: Timeline, of: (point: Point) => number): string =>
    points.map((point, i) => `${i === 0 ? 'M' : 'L'}${scale.x(point.minute).toFixed(1)} ${of(point).toFixed(1)}`).join('');
  const ribbon = (low: readonly number[], high: readonly number[], to: (value: number) => number): string => {
    const minutes = band?.minutes ?? [];
    const there = minutes.map((minute, i) => `${scale.x(minute).toFixed(1)} ${to(high[i]).toFixed(1)}`);
    const back = minutes.map((minute, i) => `${scale.x(minute).toFixed(1)} ${to(low[i]).toFixed(1)}`).reverse();
    return `M${[...there, ...back].join('L')}Z`;
  };
  return (
    <>
      <path
        d={`${path(timeline, (p) => yWater(p.moisture_pct))}L${scale.x(timeline.at(-1)?.minute ?? 0)} ${floor}L${scale.left} ${floor}Z`}
        className="fill-water-pale/75"
      />
      {band && (
        <g data-bands>
          <path d={ribbon(band.moisture_pct.low, band.moisture_pct.high, yWater)} className="fill-water/20" />
          <path d={ribbon(band.snap.low, band.snap.high, ySnap)} className="fill-crunch-fill/20" />
          <path d={ribbon(band.core_c.low, band.core_c.high, y)} className="fill-ink/10" />
        </g>
      )}
      {ghost && (
        <g aria-hidden className="fill-none" strokeDasharray="6 4" opacity={0.65}>
          <path d={path(ghost.timeline, (p) => yWater(p.moisture_pct))} className="stroke-water" strokeWidth={1.8} />
          <path d={path(ghost.timeline, (p) => y(p.air_c))} className="stroke-heat" strokeWidth={1.8} />
          <path d={path(ghost.timeline, (p) => ySnap(p.snap))} className="stroke-crunch-fill" strokeWidth={1.8} />
        </g>
      )}
      <path d={path(timeline, (p) => yWater(p.moisture_pct))} className="fill-none stroke-water/70" strokeWidth={1.4} />
      <path d={path(timeline, (p) => y(p.air_c))} className="fill-none stroke-heat/40" strokeWidth={4} strokeLinejoin="round" />
      <path
        d={path(timeline, (p) => ySnap(p.snap))}
        className="fill-none stroke-crunch-fill"
        strokeWidth={2.5}
        strokeDasharray="1 4"
        strokeLinecap="round"
      />
      <path d={path(timeline, (p) => y(p.core_c))} className="fill-none stroke-ink" strokeWidth={2} />
    </>
  );
}

const WATER = 'water left';
/** Where along the time axis the water may be named, the best place first [1]. */
const WATER_AT = [0.07, 0.02, 0.2, 0.32, 0.44];

/** The curves named where they run, so that no legend needs to be matched. */
export function CurveNames({
  timeline,
  scale,
  axis: { y, yWater, ySnap },
  taken,
}: Pick<ChartCurvesProps, 'timeline' | 'scale' | 'axis'> & { readonly taken: readonly Box[] }): ReactNode {
  if (timeline.length < 10) return null;
  const nearest = (x: number): Point =>
    timeline.reduce((best, point) => (Math.abs(scale.x(point.minute) - x) < Math.abs(scale.x(best.minute) - x) ? point : best));
  const across = (share: number): Point => nearest(scale.left + share * (scale.right - scale.left));
  const [late, end] = [across(0.84), across(0.99)];
  const water = freePlace(
    WATER,
    WATER_AT.map(across).map(({ minute, moisture_pct }) => ({ x: scale.x(minute), y: yWater(moisture_pct) + 22 })),
    taken,
  );
  const name = 'stroke-face text-[12px] font-semibold';
  return (
    <g strokeWidth={3.5} strokeLinejoin="round" className="pointer-events-none">
      <text x={water?.x} y={water?.y} paintOrder="stroke" className={`${name} fill-water`}>
        {WATER}
      </text>
      <text
        x={scale.x(late.minute)}
        y={y(late.core_c) - 8}
        textAnchor="middle"
        paintOrder="stroke"
        className={`${name} fill-ink`}
      >
        middle
      </text>
      <text
        x={scale.x(end.minute)}
        y={ySnap(end.snap) + (end.snap > 5 ? 17 : -7)}
        textAnchor="end"
        paintOrder="stroke"
        className={`${name} fill-crunch`}
      >
        Snap if cooled now
      </text>
    </g>
  );
}
