'use client';
import type { ApexOptions } from 'apexcharts';
import { useMemo, type ReactNode } from 'react';
import ReactApexChart from 'react-apexcharts';
import type { Cooling } from '@/core/prediction';
import { hues } from '../../kit/chart-hues';
import { duration, moisture } from '../../format/units';
import { coolingSeries, nightSeries, PLACE_NAMES } from './cooling-series';

const DASHES = [0, 6, 2];

/** Cooling in each place against minutes, and nights on the rack against hours. */
export function CoolingCharts({ cooling, room_c }: { readonly cooling: Cooling; readonly room_c: number }): ReactNode {
  const { curves, nights } = cooling;
  const minutes = useMemo(
    () =>
      options({
        unit: '°C',
        axis: 'minutes after the oven',
        hue: 'heat',
        line: { at: room_c + 5, says: 'cold enough to pack' },
      }),
    [room_c],
  );
  const hours = useMemo(() => options({ unit: '% water', axis: 'hours on the rack', hue: 'water', line: null }), []);
  return (
    <div className="grid gap-3 lg:grid-cols-2">
      <figure className="rounded-2xl border border-hair px-3 py-2">
        <figcaption className="text-[14px]">
          <strong className="font-display text-[16px]">How it cools</strong>
          <span className="block text-[13.5px]">
            {curves
              .map(
                ({ place, cold_minutes }) =>
                  `${PLACE_NAMES[place]} ${cold_minutes === null ? 'over 2 h' : duration(cold_minutes)}`,
              )
              .join(' · ')}{' '}
            <span className="text-soft">until it may be packed</span>
          </span>
        </figcaption>
        <ReactApexChart type="line" height={222} options={minutes} series={coolingSeries(cooling)} />
      </figure>
      <figure className="rounded-2xl border border-hair px-3 py-2">
        <figcaption className="text-[14px]">
          <strong className="font-display text-[16px]">A night on the rack</strong>
          <span className="block text-[13.5px]">
            {nights
              .map(
                ({ rh_pct, points }) =>
                  `${rh_pct} % damp: ${moisture(points.at(-1)?.moisture_pct ?? 0)} water, Snap ${(points.at(-1)?.snap ?? 0).toFixed(1)}`,
              )
              .join(' · ')}
          </span>
        </figcaption>
        <ReactApexChart type="line" height={222} options={hours} series={nightSeries(cooling)} />
      </figure>
    </div>
  );
}

type Wants = {
  readonly unit: string;
  readonly axis: string;
  readonly hue: 'heat' | 'water';
  readonly line: { readonly at: number; readonly says: string } | null;
};

function options({ unit, axis, hue, line }: Wants): ApexOptions {
  const { soft, hair, ink, face, ...rest } = hues();
  const labels = { style: { colors: soft, fontSize: '12px' } };
  const marked = line && {
    y: line.at,
    borderColor: ink,
    strokeDashArray: 3,
    label: { text: line.says, borderWidth: 0, style: { background: face, color: ink, fontSize: '12px' } },
  };
  return {
    chart: {
      toolbar: { show: false },
      zoom: { enabled: false },
      animations: { enabled: false },
      fontFamily: 'inherit',
      background: 'transparent',
    },
    colors: [rest[hue], rest[hue], rest[hue]],
    stroke: { width: 2.6, dashArray: DASHES, curve: 'straight' },
    legend: { position: 'top', horizontalAlign: 'left', fontSize: '13px', markers: { size: 0 }, labels: { colors: ink } },
    grid: { borderColor: hair, padding: { left: 6, right: 6 } },
    tooltip: {
      theme: document.documentElement.dataset.theme === 'night' ? 'dark' : 'light',
      y: { formatter: (value: number) => `${value.toFixed(1)} ${unit}` },
    },
    xaxis: {
      type: 'numeric',
      decimalsInFloat: 0,
      tickAmount: 6,
      title: { text: axis, offsetY: -6, style: { fontSize: '12.5px', fontWeight: 400, color: soft } },
      labels: { ...labels, formatter: (value) => String(Math.round(Number(value))) },
    },
    yaxis: { decimalsInFloat: 0, tickAmount: 4, min: 0, title: { text: unit, style: { fontWeight: 400, color: soft } }, labels },
    ...(marked ? { annotations: { yaxis: [marked] } } : {}),
  };
}
