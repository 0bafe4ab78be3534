/** A batch in the chart: predicted along, measured up. */
export type ChartPoint = { readonly x: number; readonly y: number; readonly name: string };
export type ChartSeries = { readonly name: string; readonly data: readonly ChartPoint[] };

/** Batches by the oven that they were baked in, water lost as predicted and as measured [% of raw mass]. */
export function lossByOven(rows: readonly LogEntryView[]): ChartSeries[] {
  const series = new Map<string, ChartPoint[]>();
  for (const { name, oven, comparison } of rows) {
    const loss = comparison?.loss_pct;
    if (!loss) continue;
    const of = series.get(oven ?? 'another oven') ?? [];
    of.push({ x: Math.round(10 * loss.likely) / 10, y: Math.round(10 * loss.measured) / 10, name });
    series.set(oven ?? 'another oven', of);
  }
  return [...series].map(([name, data]) => ({ name, data }));
}

/** Where predicted and measured are the same, over all that is drawn, in whole tens. */
export function evenLine(series: readonly ChartSeries[]): readonly [number, number] {
  const values = series.flatMap(({ data }) => data.flatMap(({ x, y }) => [x, y]));
  return [10 * Math.floor(Math.min(...values) / 10), 10 * Math.ceil(Math.max(...values) / 10)];
}
import type { LogEntryView } from '@/contract/log';
