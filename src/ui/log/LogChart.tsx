'use client';
import type { LogEntryView } from '@/contract/log';
import type { ApexOptions } from 'apexcharts';
import type { ReactNode } from 'react';
import ReactApexChart from 'react-apexcharts';
import { hues } from '../kit/chart-hues';
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
    <figure className="mb-3 rounded-[18px] border-[1.6px] border-rim bg-face px-4 py-3">
      <figcaption className="text-[15px]">
        <strong className="font-display text-[17px]">Lost in the heat</strong>{' '}
        <span className="text-soft">over the line a batch lost more than predicted, under it less</span>
      </figcaption>
      <ReactApexChart
        type="line"
        height={300}
        options={options(least, most, series.length)}
        series={[...series.map(({ name, data }) => ({ name, type: 'scatter', data: [...data] })), even]}
      />
    </figure>
  );
}

function options(min: number, max: number, ovens: number): ApexOptions {
  const { soft, hair, ink, water, heat, crunch, keep } = hues();
  const labels = {
    style: { colors: soft, fontSize: '12px' },
    formatter: (value: string | number) => `${Math.round(Number(value))} %`,
  };
  const colours = [water, heat, crunch, keep, soft].slice(0, ovens);
  const title = (text: string): { text: string; style: object } => ({
    text,
    style: { fontSize: '12.5px', fontWeight: 400, color: soft },
  });
  return {
    chart: {
      toolbar: { show: false },
      zoom: { enabled: false },
      animations: { enabled: false },
      fontFamily: 'inherit',
      background: 'transparent',
    },
    colors: [...colours, soft],
    stroke: { width: [...colours.map(() => 0), 1.6], dashArray: [...colours.map(() => 0), 5] },
    markers: { size: [...colours.map(() => 7), 0], shape: [...SHAPES.slice(0, ovens), 'circle'] },
    legend: { position: 'top', horizontalAlign: 'left', fontSize: '13px', labels: { colors: ink } },
    grid: { borderColor: hair },
    tooltip: {
      shared: false,
      intersect: true,
      theme: document.documentElement.dataset.theme === 'night' ? 'dark' : 'light',
      x: { formatter: (value: number) => `predicted ${value} %` },
      y: { formatter: (value: number) => `${value} % lost` },
    },
    xaxis: { type: 'numeric', min, max, tickAmount: (max - min) / 10, title: title('predicted'), labels },
    yaxis: { min, max, tickAmount: (max - min) / 10, title: title('measured'), labels },
  };
}
