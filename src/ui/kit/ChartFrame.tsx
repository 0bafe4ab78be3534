'use client';
import type { ApexOptions } from 'apexcharts';
import type { ReactNode } from 'react';
import { Chart } from './Chart';
import { InNumbers, type Numbers } from './InNumbers';

type ChartFrameProps = {
  readonly title: string;
  /** What it shows, in words beside or under the title. */
  readonly says?: ReactNode;
  readonly options: ApexOptions;
  readonly series: NonNullable<ApexOptions['series']>;
  readonly height: number;
  /** The same in numbers. */
  readonly numbers: Numbers;
};

/** A chart with its title and what it says in words, for whoever cannot read the lines. */
export const ChartFrame = ({ title, says, options, series, height, numbers }: ChartFrameProps): ReactNode => (
  <figure className="rounded-2xl border border-hair bg-face px-3 py-2">
    <figcaption className="text-[14px]">
      <strong className="font-display text-[16px]">{title}</strong>
      {says !== undefined && <span className="block text-[13.5px]">{says}</span>}
    </figcaption>
    <div style={{ minHeight: height }}>
      <Chart type="line" height={height} options={options} series={series} />
    </div>
    <InNumbers of={title} numbers={numbers} />
  </figure>
);
