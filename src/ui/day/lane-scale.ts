import type { Day } from '@/core/bakeday';
import type { Block, Lane } from './lanes';

/** Where minutes and lanes lie on the drawn day [px]. */
export type LaneScale = {
  readonly from: number;
  readonly to: number;
  readonly px_per_min: number;
  readonly x: (minute: number) => number;
  readonly width: number;
  readonly height: number;
  /** Minutes that are labelled. */
  readonly ticks: readonly number[];
  /** Upper edge of each lane, and what it takes. */
  readonly tops: readonly number[];
  readonly heights: readonly number[];
};

const NAME_PX = 128;
const END_PX = 12;
const ROW_PX = 26;
/** Places of a machine with many of them. */
const LOW_ROW_PX = 15;
const MANY_ROWS = 3;
/** A tray, or a place for one. */
const STORE_ROW_PX = 9;
export const GAP_PX = 10;
export const HEAD_PX = 24;
/** Less than this for a minute cannot be read or dragged [px]; then the lanes scroll. */
const LEAST_PX_PER_MIN = 0.62;
/** A tick's label needs this much room [px]. */
const TICK_PX = 44;
/** A day that ends sooner is drawn so long at least [min]. */
const SHORTEST_MIN = 480;

export const rowPx = ({ kind, rows }: Lane): number =>
  kind === 'store' ? STORE_ROW_PX : kind === 'machine' && rows > MANY_ROWS ? LOW_ROW_PX : ROW_PX;

/** Lays lanes under each other and the day from left to right, in whole hours. */
export function laneScale(day: Day, lanes: readonly Lane[], room_px: number): LaneScale {
  const ends = lanes.flatMap(({ blocks }) => blocks.map(({ e }) => e));
  const from = Math.floor((day.t0 - 10) / 60) * 60;
  const to = Math.ceil((Math.max(day.t0 + SHORTEST_MIN, ...ends) + 10) / 60) * 60;
  const px_per_min = Math.max(LEAST_PX_PER_MIN, (room_px - NAME_PX - END_PX) / (to - from));
  const heights = lanes.map((lane) => lane.rows * rowPx(lane) + GAP_PX);
  const every = [60, 120].find((minutes) => px_per_min * minutes >= TICK_PX) ?? 240;
  return {
    from,
    to,
    px_per_min,
    x: (minute) => NAME_PX + (minute - from) * px_per_min,
    width: NAME_PX + (to - from) * px_per_min + END_PX,
    height: heights.reduce((sum, height) => sum + height, HEAD_PX),
    ticks: Array.from({ length: Math.floor((to - from) / every) + 1 }, (_, i) => from + i * every),
    tops: heights.map((_, i) => heights.slice(0, i).reduce((sum, height) => sum + height, HEAD_PX)),
    heights,
  };
}

/** A step begins where its earliest block does: hands may come to it later. */
export const stepStart = (lanes: readonly Lane[], { b, j }: Pick<Block, 'b' | 'j'>): number =>
  Math.min(...lanes.flatMap(({ blocks }) => blocks.filter((one) => one.b === b && one.j === j).map(({ s }) => s)));
