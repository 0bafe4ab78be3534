import type { ApexOptions } from 'apexcharts';
import { isNight } from './theme';

const NAMES = ['water', 'heat', 'crunch', 'keep', 'soft', 'hair', 'ink', 'face'] as const;

/** The page's own colours as they are just now: charts are drawn on a canvas of their own and cannot see classes. */
export function hues(): Record<(typeof NAMES)[number], string> {
  const probe = document.body.appendChild(document.createElement('span'));
  const all = NAMES.map((name) => {
    probe.style.color = `var(--${name})`;
    return [name, getComputedStyle(probe).color];
  });
  probe.remove();
  return Object.fromEntries(all) as Record<(typeof NAMES)[number], string>;
}

/** What every chart of the house looks like; a chart adds its lines and axes. */
export const chartLook = ({ hair, ink }: ReturnType<typeof hues>): Required<Pick<ApexOptions, 'chart' | 'legend' | 'grid'>> => ({
  chart: {
    type: 'line',
    toolbar: { show: false },
    zoom: { enabled: false },
    animations: { enabled: false },
    fontFamily: 'inherit',
    background: 'transparent',
  },
  legend: { position: 'top', horizontalAlign: 'left', fontSize: '13px', labels: { colors: ink } },
  grid: { borderColor: hair, padding: { left: 6, right: 8 } },
});

/** Light or dark, as the page is. */
export const tooltipTheme = (): 'light' | 'dark' => (isNight() ? 'dark' : 'light');

/** The name of an axis, and the numbers along it. */
export const axisTitle = (text: string, { soft }: ReturnType<typeof hues>): { text: string; style: object } => ({
  text,
  style: { fontSize: '13px', fontWeight: 400, color: soft },
});
export const axisNumbers = ({ soft }: ReturnType<typeof hues>): { colors: string; fontSize: string } => ({
  colors: soft,
  fontSize: '12px',
});
