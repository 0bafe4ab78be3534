import type { Prediction } from '@/core/prediction';
import { celsius } from '@/core/quantities';
import { readerHere } from '../../format/reader-here';
import type { Stretch } from './programme-edits';

/** Where temperatures, moistures and Snap lie on the drawn programme [px]. */
export type HeatAxis = {
  readonly height: number;
  readonly top: number;
  readonly floor: number;
  /** Degrees at which a line is drawn. */
  readonly lines: readonly number[];
  readonly y: (celsius: number) => number;
  readonly celsiusAt: (y: number) => number;
  readonly yWater: (moisture_pct: number) => number;
  readonly ySnap: (snap: number) => number;
};

const HEIGHT = 200;
const TOP = 16;
const BOTTOM = 22;
const LOWEST_TOP_C = 200;
/** Drying and freezing need less room above [°C]. */
const LOW_TOP_C = 120;
const ROOM_ABOVE_C = 25;
/** Water and Snap stay below the setpoint line's labels. */
const TALLEST = 0.78;
const EVERY_C = [50, 100, 150, 200, 250];
const EVERY_C_LOW = [-40, -20, 0, 20, 40, 60, 80, 100];
const EVERY_F = [100, 200, 300, 400, 500];
const EVERY_F_LOW = [-40, 0, 50, 100, 150, 200];

/** Degrees that are round to the reader, in Celsius. */
function evenDegrees(hot: boolean, lowest_c: number): readonly number[] {
  if (readerHere().heat === 'f') return (hot ? EVERY_F : EVERY_F_LOW).map(celsius);
  return hot ? [...(lowest_c < -15 ? [0] : []), ...EVERY_C] : EVERY_C_LOW;
}

/** The axis that a programme needs: up to its hottest setpoint, down to its coldest air. */
export function heatAxis(stretches: readonly Stretch[], timeline: Prediction['heat']['timeline']): HeatAxis {
  const setpoints = stretches.map(({ step }) => ('setpoint_c' in step ? step.setpoint_c + ROOM_ABOVE_C : 0));
  const warmest = Math.max(...setpoints, ...timeline.map(({ air_c }) => air_c));
  const coldest = Math.min(0, ...timeline.map(({ air_c, core_c }) => Math.min(air_c, core_c)));
  const hottest = warmest <= LOW_TOP_C ? LOW_TOP_C : Math.max(LOWEST_TOP_C, warmest);
  const lowest = coldest < -1 ? Math.floor(coldest / 10) * 10 - 5 : 0;
  const floor = HEIGHT - BOTTOM;
  const span = floor - TOP;
  const wettest = timeline[0]?.moisture_pct || 1;
  return {
    height: HEIGHT,
    top: TOP,
    floor,
    lines: evenDegrees(hottest > LOW_TOP_C, lowest).filter((c) => c < hottest && c > lowest),
    y: (celsius) => floor - ((celsius - lowest) / (hottest - lowest)) * span,
    celsiusAt: (y) => lowest + ((floor - y) / span) * (hottest - lowest),
    yWater: (pct) => floor - (pct / wettest) * TALLEST * span,
    ySnap: (snap) => floor - (snap / 10) * TALLEST * span,
  };
}
