import type { Cooling } from '@/core/prediction';
import { fahrenheit } from '@/core/quantities';
import { someOf, type Numbers } from '../../kit/InNumbers';
import { readerHere } from '../../format/reader-here';

/** A temperature on the reader's scale. */
export const onScale = (temperature_c: number): number => (readerHere().heat === 'f' ? fahrenheit(temperature_c) : temperature_c);

export const PLACE_NAMES = { rack: 'on the rack', tray: 'on its tray', fridge: 'in the fridge' } as const;

/** The lines of a chart in the legend's own letters, in the order of their dashes. */
const DASH_WORDS = ['—', '- -', '···'];

type Series = Array<{ name: string; data: Array<{ x: number; y: number }> }>;
/** Beyond this nobody waits, and the curves lie on each other [min]. */
const SHOWN_MIN = 90;

/** The heart's temperature in each place, minute by minute. */
export const coolingSeries = ({ curves }: Cooling): Series =>
  curves.map(({ place, points }, i) => ({
    name: `${DASH_WORDS[i]} ${PLACE_NAMES[place]}`,
    data: points.filter(({ minute }) => minute <= SHOWN_MIN).map(({ minute, core_c }) => ({ x: minute, y: onScale(core_c) })),
  }));

/** The water of a piece through each night. */
export const nightSeries = ({ nights }: Cooling): Series =>
  nights.map(({ rh_pct, points }, i) => ({
    name: `${DASH_WORDS[i]} ${rh_pct} % damp`,
    data: points.map(({ hour, moisture_pct }) => ({ x: hour, y: moisture_pct })),
  }));

/** Curves side by side at the moments of the first; where one ends before, its cell stays empty. */
export function inNumbers(time: string, unit: string, series: Series): Numbers {
  return {
    heads: [time, ...series.map(({ name }) => name.replace(/^\S+( -)? /, ''))],
    rows: someOf(series[0]?.data ?? []).map(({ x }) => [
      String(Math.round(x)),
      ...series.map(({ data }) => {
        const point = data.find((one) => one.x >= x);
        return point ? `${point.y.toFixed(1)}${unit}` : '';
      }),
    ]),
  };
}
