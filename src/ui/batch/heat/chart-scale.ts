/** Where minutes lie on the drawn programme [px]. The chart and the cut-through below it use the same. */
export type ChartScale = {
  readonly width: number;
  readonly left: number;
  readonly right: number;
  readonly lastMinute: number;
  readonly x: (minute: number) => number;
  readonly minuteAt: (x: number) => number;
  /** Minutes at which the scale changes its pace: the ends of stretches that would be too short to grasp. */
  readonly knots: readonly number[];
};

const LEFT = 46;
const RIGHT = 14;
/** A stretch is drawn at least so wide, so that its corner can be taken: ten minutes of bake before a day of drying [px]. */
const GRASP = 34;

/**
 * Lays the stretches of a programme side by side. Minutes are drawn to one scale unless a stretch would then be too short to
 * grasp; such a one is widened and the others give way.
 *
 * @param ends - minute at which each stretch ends, rising
 */
export function chartScale(width: number, ends: readonly number[]): ChartScale {
  const minutes = ends.map((end, i) => Math.max(0, end - (ends[i - 1] ?? 0)));
  const widths = widthsOf(minutes, Math.max(1, width - LEFT - RIGHT));
  const knots = [0, ...ends];
  const places = widths.reduce<number[]>((all, w) => [...all, all[all.length - 1] + w], [LEFT]);
  const lastMinute = knots[knots.length - 1];
  const read = (from: readonly number[], to: readonly number[], value: number): number => {
    const next = from.findIndex((known, i) => i > 0 && value <= known);
    const at = next < 0 ? from.length - 1 : next;
    const span = from[at] - from[at - 1];
    return span > 0 ? to[at - 1] + ((value - from[at - 1]) / span) * (to[at] - to[at - 1]) : to[at];
  };
  return {
    width,
    left: LEFT,
    right: width - RIGHT,
    lastMinute,
    knots,
    x: (minute) => read(knots, places, minute),
    minuteAt: (x) => Math.min(lastMinute, Math.max(0, read(places, knots, x))),
  };
}

/** Shares the width: each stretch gets what it needs to be grasped, and the rest by its minutes. */
function widthsOf(minutes: readonly number[], total: number): number[] {
  const least = Math.min(GRASP, total / minutes.length);
  const fixed = new Set<number>();
  for (;;) {
    const left = total - fixed.size * least;
    const free = minutes.reduce((sum, m, i) => (fixed.has(i) ? sum : sum + m), 0);
    const widths = minutes.map((m, i) => (fixed.has(i) ? least : free > 0 ? (m / free) * left : least));
    const short = widths.findIndex((w, i) => w < least - 1e-9 && !fixed.has(i));
    if (short < 0) return widths;
    fixed.add(short);
  }
}

const STEPS = [5, 10, 15, 30, 60, 120, 240, 480];
const MOST_TICKS = 11;
/** Labels nearer than this run into each other [px]. */
const APART = 38;

/** Round minutes to label, few enough to read; where the scale changes its pace, only those that have room. */
export function minuteTicks({ lastMinute, x }: Pick<ChartScale, 'lastMinute' | 'x'>): number[] {
  const step = STEPS.find((candidate) => lastMinute / candidate <= MOST_TICKS) ?? 960;
  const all = Array.from({ length: Math.floor(lastMinute / step) + 1 }, (_, i) => i * step);
  return all.reduce<number[]>((kept, minute) => {
    const before = kept[kept.length - 1];
    return before === undefined || x(minute) - x(before) >= APART ? [...kept, minute] : kept;
  }, []);
}
