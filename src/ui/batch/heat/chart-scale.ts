/** Where minutes and degrees lie on the drawn programme [px]. Both the chart and the cut-through below it use this. */
export type ChartScale = {
  readonly width: number;
  readonly left: number;
  readonly right: number;
  readonly lastMinute: number;
  readonly x: (minute: number) => number;
  readonly minuteAt: (x: number) => number;
};

const LEFT = 46;
const RIGHT = 14;

export function chartScale(width: number, lastMinute: number): ChartScale {
  const perMinute = Math.max(1, width - LEFT - RIGHT) / Math.max(1, lastMinute);
  return {
    width,
    left: LEFT,
    right: width - RIGHT,
    lastMinute,
    x: (minute) => LEFT + minute * perMinute,
    minuteAt: (x) => Math.min(lastMinute, Math.max(0, (x - LEFT) / perMinute)),
  };
}

const STEPS = [5, 10, 15, 30, 60, 120, 240, 480];
const MOST_TICKS = 11;

/** Round minutes to label, few enough to read. */
export function minuteTicks(lastMinute: number): number[] {
  const step = STEPS.find((candidate) => lastMinute / candidate <= MOST_TICKS) ?? 960;
  return Array.from({ length: Math.floor(lastMinute / step) + 1 }, (_, i) => i * step);
}
