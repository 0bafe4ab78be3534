'use client';
import type { ApexOptions } from 'apexcharts';
import { useMemo, type ReactNode } from 'react';
import type { Cooling } from '@/core/prediction';
import { ChartFrame } from '../../kit/ChartFrame';
import { axisNumbers, axisTitle, chartLook, hues, tooltipTheme } from '../../kit/chart-look';
import { duration, heatUnitHere, moisture } from '../../format/units';
import { coolingSeries, inNumbers, nightSeries, onScale, PLACE_NAMES } from './cooling-series';

const DASHES = [0, 6, 2];

/** Cooling in each place against minutes, and nights on the rack against hours. */
export function CoolingCharts({ cooling, room_c }: { readonly cooling: Cooling; readonly room_c: number }): ReactNode {
  const { curves, nights } = cooling;
  const minutes = useMemo(
    () =>
      options({
        unit: heatUnitHere(),
        axis: 'minutes after the oven',
        hue: 'heat',
        line: { at: onScale(room_c + 5), says: 'cold enough to pack' },
      }),
    [room_c],
  );
  const hours = useMemo(() => options({ unit: '% water', axis: 'hours on the rack', hue: 'water', line: null }), []);
  return (
    <div className="grid gap-3 lg:grid-cols-2">
      <ChartFrame
        title="How it cools"
        says={
          <>
            {curves
              .map(
                ({ place, cold_minutes }) =>
                  `${PLACE_NAMES[place]} ${cold_minutes === null ? 'over 2 h' : duration(cold_minutes)}`,
              )
              .join(' · ')}{' '}
            <span className="text-soft">until it may be packed</span>
          </>
        }
        options={minutes}
        numbers={inNumbers('min', ` ${heatUnitHere()}`, coolingSeries(cooling))}
        series={coolingSeries(cooling)}
        height={222}
      />
      <ChartFrame
        title="A night on the rack"
        says={nights
          .map(
            ({ rh_pct, points }) =>
              `${rh_pct} % damp: ${moisture(points.at(-1)?.moisture_pct ?? 0)} water, Snap ${(points.at(-1)?.snap ?? 0).toFixed(1)}`,
          )
          .join(' · ')}
        options={hours}
        numbers={inNumbers('h', ' %', nightSeries(cooling))}
        series={nightSeries(cooling)}
        height={222}
      />
    </div>
  );
}

type Wants = {
  readonly unit: string;
  readonly axis: string;
  readonly hue: 'heat' | 'water';
  readonly line: { readonly at: number; readonly says: string } | null;
};

function options({ unit, axis, hue: colour, line }: Wants): ApexOptions {
  const hue = hues();
  const { ink, face } = hue;
  const labels = { style: axisNumbers(hue) };
  const marked = line && {
    y: line.at,
    borderColor: ink,
    strokeDashArray: 3,
    label: { text: line.says, borderWidth: 0, style: { background: face, color: ink, fontSize: '12px' } },
  };
  return {
    ...chartLook(hue),
    colors: [hue[colour], hue[colour], hue[colour]],
    stroke: { width: 2.6, dashArray: DASHES, curve: 'straight' },
    legend: { ...chartLook(hue).legend, markers: { size: 0 } },
    tooltip: {
      theme: tooltipTheme(),
      y: { formatter: (value: number) => `${value.toFixed(1)} ${unit}` },
    },
    xaxis: {
      type: 'numeric',
      decimalsInFloat: 0,
      tickAmount: 6,
      title: { ...axisTitle(axis, hue), offsetY: -6 },
      labels: { ...labels, formatter: (value) => String(Math.round(Number(value))) },
    },
    yaxis: { decimalsInFloat: 0, tickAmount: 4, min: 0, title: axisTitle(unit, hue), labels },
    ...(marked ? { annotations: { yaxis: [marked] } } : {}),
  };
}
