'use client';
import type { LogEntryView } from '@/contract/log';
import type { ApexOptions } from 'apexcharts';
import type { ReactNode } from 'react';
import { ChartFrame } from '../kit/ChartFrame';
import { axisNumbers, axisTitle, chartLook, hues, tooltipTheme } from '../kit/chart-look';
import { evenLine, lossByOven } from './chart-points';

/** Shapes tell ovens apart where colours do not. */
const SHAPES = ['circle', 'square', 'triangle', 'diamond', 'star', 'cross'] as const;

/** What batches were predicted to lose against what they lost: on the line, the forecast held. */
export function LogChart({ rows }: { readonly rows: readonly LogEntryView[] }): ReactNode {
  const series = lossByOven(rows);
  if (series.length === 0) return <p className="pb-3 text-soft">None of these batches was weighed before and after.</p>;
  const [least, most] = evenLine(series);
  const even = { name: 'as predicted', type: 'line', data: [least, most].map((at) => ({ x: at, y: at })) };
  return (
    <div className="mb-3">
      <ChartFrame
        title="Lost in the heat"
        says="over the line a batch lost more than predicted, under it less"
        height={300}
        options={options(least, most, series.length)}
        numbers={{
          heads: ['batch', 'in', 'predicted', 'measured'],
          rows: series.flatMap(({ name: oven, data }) => data.map(({ name, x, y }) => [name, oven, `${x} %`, `${y} %`])),
        }}
        series={[...series.map(({ name, data }) => ({ name, type: 'scatter', data: [...data] })), even]}
      />
    </div>
  );
}

function options(min: number, max: number, ovens: number): ApexOptions {
  const hue = hues();
  const { soft, water, heat, crunch, keep } = hue;
  const labels = {
    style: axisNumbers(hue),
    formatter: (value: string | number) => `${Math.round(Number(value))} %`,
  };
  const colours = [water, heat, crunch, keep, soft].slice(0, ovens);
  return {
    ...chartLook(hue),
    colors: [...colours, soft],
    stroke: { width: [...colours.map(() => 0), 1.6], dashArray: [...colours.map(() => 0), 5] },
    markers: { size: [...colours.map(() => 7), 0], shape: [...SHAPES.slice(0, ovens), 'circle'] },
    tooltip: {
      shared: false,
      intersect: true,
      theme: tooltipTheme(),
      x: { formatter: (value: number) => `predicted ${value} %` },
      y: { formatter: (value: number) => `${value} % lost` },
    },
    xaxis: { type: 'numeric', min, max, tickAmount: (max - min) / 10, title: axisTitle('predicted', hue), labels },
    yaxis: { min, max, tickAmount: (max - min) / 10, title: axisTitle('measured', hue), labels },
  };
}
