'use client';
import { counted } from '@/core/quantities';
import { useState, type PointerEvent, type ReactNode } from 'react';
import type { Keeps, LifeCurve } from '@/core/prediction';
import { moisture } from '../../format/units';
import { moistureOn, roundTicks } from './life-axis';

type LifeChartProps = { readonly curve: LifeCurve; readonly keeps: Keeps; readonly height: number };

/**
 * Water coming back into the treats, with the lines it must not cross. It changes with every edit, so it is drawn here, as it is served,
 * and not by the chart library, which takes a tenth of a second each time.
 */
export function LifeChart({ curve, keeps, height }: LifeChartProps): ReactNode {
  const { points, crisp, softens_pct, moulds_pct } = curve;
  const days = roundTicks(points.at(-1)?.day ?? 1);
  const water = roundTicks(Math.max(moulds_pct, softens_pct, ...points.map(({ moisture_pct }) => moisture_pct)) * 1.1);
  const [lastDay, most] = [days[days.length - 1], water[water.length - 1]];
  const across = (day: number): number => (100 * Math.min(day, lastDay)) / lastDay;
  const up = (pct: number): number => (100 * pct) / most;
  return (
    <div className="relative mt-1 text-[12px] text-soft" style={{ height }} role="img" aria-label={told(curve, keeps)}>
      <span className="absolute top-0 bottom-9 left-0 flex items-center text-[13px] [writing-mode:sideways-lr]">
        water, % of the treat
      </span>
      <span className="absolute right-0 bottom-0 left-11 text-center text-[13px]">days in the pack</span>
      <Plot across={across} up={up} curve={curve} lastDay={lastDay}>
        {water.map((pct) => (
          <span key={pct} className="absolute right-full translate-y-1/2 pr-1.5" style={{ bottom: `${up(pct)}%` }}>
            {pct}
          </span>
        ))}
        {days.map((day) => (
          <span key={day} className="absolute top-full -translate-x-1/2 pt-0.5" style={{ left: `${across(day)}%` }}>
            {day}
          </span>
        ))}
        <Span keeps={keeps} across={across} />
        {crisp && <Limit up={up(softens_pct)} look="text-crunch" says="goes soft above this" />}
        <Limit up={up(moulds_pct)} look="text-keep" says="mould can live above this" />
        <svg
          className="pointer-events-none absolute inset-0 h-full w-full overflow-visible"
          viewBox="0 0 100 100"
          preserveAspectRatio="none"
        >
          <polyline
            className="fill-none stroke-water"
            vectorEffect="non-scaling-stroke"
            strokeWidth={3.5}
            strokeLinejoin="round"
            points={points
              .map(({ day, moisture_pct }) => `${across(day).toFixed(2)},${(100 - up(moisture_pct)).toFixed(2)}`)
              .join(' ')}
          />
        </svg>
      </Plot>
    </div>
  );
}

type Places = { readonly across: (day: number) => number; readonly up: (pct: number) => number };

type PlotProps = Places & { readonly curve: LifeCurve; readonly lastDay: number; readonly children: ReactNode };

/** The field of the drawing with its grid; says under a pointer how much water is in the treats then. */
function Plot({ across, up, curve, lastDay, children }: PlotProps): ReactNode {
  const [day, setDay] = useState<number | null>(null);
  const water = day === null ? null : moistureOn(day, curve.points);
  const point = ({ currentTarget, clientX }: PointerEvent): void => {
    const { left, width } = currentTarget.getBoundingClientRect();
    setDay(Math.min(lastDay, Math.max(0, ((clientX - left) / width) * lastDay)));
  };
  return (
    <div
      data-chart
      className="absolute top-2 right-3 bottom-9 left-11 touch-pan-y border-b border-l border-hair"
      onPointerMove={point}
      onPointerLeave={() => setDay(null)}
    >
      {children}
      {day !== null && water !== null && (
        <div className="pointer-events-none absolute inset-y-0 border-l border-ink/50" style={{ left: `${across(day)}%` }}>
          <span
            className="absolute -left-[5px] size-[9px] translate-y-1/2 rounded-full bg-water"
            style={{ bottom: `${up(water)}%` }}
          />
          <span
            className={`absolute mb-2.5 rounded-md bg-ink px-1.5 py-0.5 whitespace-nowrap text-face ${across(day) > 50 ? 'right-1.5' : 'left-1.5'}`}
            style={{ bottom: `${up(water)}%` }}
          >
            {`day ${Math.round(day)}: ${moisture(water)} water`}
          </span>
        </div>
      )}
    </div>
  );
}

type LimitProps = { readonly up: number; readonly look: string; readonly says: string };

/** A line that the water must not cross. */
const Limit = ({ up, look, says }: LimitProps): ReactNode => (
  <span
    className={`pointer-events-none absolute right-0 left-0 border-t-2 border-dashed border-current pl-1.5 text-[13px] leading-[18px] font-semibold ${look}`}
    style={{ top: `${100 - up}%` }}
  >
    <span className="absolute bottom-0.5">{says}</span>
  </span>
);

/** When half of the batches have ended, and the days between which eight of ten do. */
function Span({ keeps: { days, days_low, days_high }, across }: { readonly keeps: Keeps } & Pick<Places, 'across'>): ReactNode {
  // Beyond the drawing there is nothing to mark.
  if (days <= 0 || across(days) >= 100) return null;
  const [from, to] = [across(days_low), across(days_high)];
  return (
    <>
      <span className="absolute inset-y-0 bg-keep/12" style={{ left: `${from}%`, width: `${to - from}%` }} />
      <span className="absolute inset-y-0 border-l-2 border-keep" style={{ left: `${across(days)}%` }}>
        <span
          className={`absolute bottom-1 rounded-md bg-keep px-1.5 py-0.5 text-center leading-[15px] whitespace-nowrap text-face ${across(days) > 50 ? 'right-0.5' : 'left-0.5'}`}
        >
          half of the batches:
          <br />
          {counted(days, 'day')}
        </span>
      </span>
    </>
  );
}

/** The drawing in a sentence. */
function told({ points, crisp, softens_pct, moulds_pct }: LifeCurve, { days }: Keeps): string {
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last) return 'Water in the pack';
  return (
    `Water in the pack: ${moisture(first.moisture_pct)} at first, ${moisture(last.moisture_pct)} on day ${Math.round(last.day)}. ` +
    `${crisp ? `It goes soft above ${moisture(softens_pct)}; mould` : 'Mould'} can live above ${moisture(moulds_pct)}. ` +
    `Half of the batches last ${counted(days, 'day')}.`
  );
}
