'use client';
import { counted } from '@/core/quantities';
import type { ApexOptions } from 'apexcharts';
import { useMemo, type ReactNode } from 'react';
import type { Keeps, LifeCurve } from '@/core/prediction';
import { Chart } from '../../kit/Chart';
import { axisNumbers, axisTitle, chartLook, hues, tooltipTheme } from '../../kit/chart-look';

type LifeChartProps = { readonly curve: LifeCurve; readonly keeps: Keeps; readonly height: number };

const ROUND_STEPS = [1, 2, 3, 5, 7, 10, 14, 20, 30, 60, 90, 120, 180, 365];
const MOST_TICKS = 7;

/** An axis that ends on a round number and is marked on round ones. */
function roundAxis(last: number): { max: number; tickAmount: number } {
  const step = ROUND_STEPS.find((candidate) => last / candidate <= MOST_TICKS) ?? 730;
  const tickAmount = Math.max(1, Math.ceil(last / step));
  return { max: tickAmount * step, tickAmount };
}

/** Water coming back into the treats, with the lines it must not cross. */
export function LifeChart({ curve, keeps, height }: LifeChartProps): ReactNode {
  const options = useMemo(() => lifeOptions(curve, keeps), [curve, keeps]);
  const series = useMemo(
    () => [{ name: 'Water', data: curve.points.map(({ day, moisture_pct }) => ({ x: day, y: moisture_pct })) }],
    [curve],
  );
  return <Chart type="line" options={options} series={series} height={height} />;
}

/** Water against days, with what it may not pass. */
function lifeOptions(curve: LifeCurve, keeps: Keeps): ApexOptions {
  const hue = hues();
  const highest = Math.max(curve.moulds_pct, curve.softens_pct, ...curve.points.map(({ moisture_pct }) => moisture_pct)) * 1.1;
  const last = curve.points.at(-1)?.day ?? 1;
  return {
    ...chartLook(hue),
    colors: [hue.water],
    stroke: { curve: 'straight', width: 3.5 },
    tooltip: {
      theme: tooltipTheme(),
      x: { formatter: (day: number) => `day ${Math.round(day)}` },
      y: { formatter: (pct: number) => `${pct.toFixed(1)} % water` },
    },
    xaxis: {
      type: 'numeric',
      min: 0,
      ...roundAxis(last),
      decimalsInFloat: 0,
      title: axisTitle('days in the pack', hue),
      labels: { style: axisNumbers(hue), formatter: (value) => String(Math.round(Number(value))) },
      axisBorder: { color: hue.hair },
      axisTicks: { color: hue.hair },
      tooltip: { enabled: false },
    },
    yaxis: {
      min: 0,
      ...roundAxis(highest),
      title: axisTitle('water, % of the treat', hue),
      labels: { style: axisNumbers(hue), formatter: (value) => value.toFixed(0) },
    },
    annotations: lifeMarks(curve, keeps, hue),
  };
}

type Marks = NonNullable<ApexOptions['annotations']>;

const line = (y: number, text: string, colour: string): NonNullable<Marks['yaxis']>[number] => ({
  y,
  borderColor: colour,
  strokeDashArray: 5,
  label: {
    text,
    position: 'left',
    textAnchor: 'start',
    offsetX: 6,
    borderWidth: 0,
    style: { background: 'transparent', color: colour, fontSize: '13px', fontWeight: 600 },
  },
});

/** Above what it softens and moulds; when half of the batches have ended, and the days between which eight of ten do. */
const lifeMarks = (curve: LifeCurve, { days, days_low, days_high }: Keeps, hue: ReturnType<typeof hues>): Marks => ({
  yaxis: [
    ...(curve.crisp ? [line(curve.softens_pct, 'goes soft above this', hue.crunch)] : []),
    line(curve.moulds_pct, 'mould can live above this', hue.keep),
  ],
  xaxis:
    days > 0 && days < (curve.points.at(-1)?.day ?? 0)
      ? [
          {
            x: days_low,
            x2: Math.min(days_high, curve.points.at(-1)?.day ?? days_high),
            fillColor: hue.keep,
            opacity: 0.12,
            borderColor: 'transparent',
          },
          {
            x: days,
            borderColor: hue.keep,
            strokeDashArray: 0,
            label: {
              text: `half of the batches: ${counted(days, 'day')}`,
              orientation: 'horizontal',
              borderWidth: 0,
              style: { background: hue.keep, color: '#fff', fontSize: '12px' },
            },
          },
        ]
      : [],
});
