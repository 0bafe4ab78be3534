import { invert, solveLinear } from '../quantities';

/**
 * What a kitchen's weighed trays say about its appliance: how much faster or slower it works than the model, and how far its
 * air is off. Tray weights alone cannot tell the two apart; a thermometer reading can.
 */

/** Net tray weight over net start weight after so many minutes on the clock, in an appliance of this pace (ln) and offset [K]. */
export type TrayModel = (minutes: number, logPace: number, offset_K: number) => number;

/** A tray put on the scale. */
export type Weighed = { readonly minutes: number; readonly share: number };

/** A finished or running batch: what the model says of it, and what the scale said. */
export type Past = {
  readonly model: TrayModel;
  readonly weighed: readonly Weighed[];
  /**
   * Relative spread of what there is to lose [1]: fruit and doughs differ in water, so a tray that is as dry as another weighs
   * another share of its start.
   */
  readonly lossSpread?: number;
};

/** What a tray weighs of whose raw pieces so much more or less could leave than of the usual [1]. */
export const wetter = (share: number, by: number): number => 1 - (1 - share) * (1 + by);

/** What is believed of an appliance: logarithm of its pace and its offset [K], with their spread. */
export type Belief = {
  readonly logPace: number;
  readonly offset_K: number;
  /** Covariance of the two, in this order. */
  readonly covariance: readonly [readonly [number, number], readonly [number, number]];
  /** Batches that it rests on. */
  readonly batches: number;
};

/** Spread of pace between appliances (ln), of their offset [K], and from batch to batch (ln). Source: ours. */
const PACE_SD = 0.35;
const OFFSET_SD_K = 10;
export const WOBBLE_SD = 0.12;
/** A thermometer in the oven pins the offset this well [K]. */
const THERMOMETER_SD_K = 3;
/** The scale and what clings to the tray [share of the start weight]. */
const LEAST_NOISE = 0.006;
/** Beyond so many deviations a reading counts less and less. Source: Huber 1964. */
const HUBER = 3;

export const NOTHING_KNOWN: Belief = {
  logPace: 0,
  offset_K: 0,
  covariance: [
    [PACE_SD ** 2, 0],
    [0, OFFSET_SD_K ** 2],
  ],
  batches: 0,
};

/** Weigh-in noise of a scale that shows so many grams a step, on a start weight. */
export const noiseOf = (step_g: number, start_g: number): number => Math.max(LEAST_NOISE, step_g / start_g);

const huberWeight = (deviations: number): number => (Math.abs(deviations) <= HUBER ? 1 : HUBER / Math.abs(deviations));
/** Twice the negative log likelihood of one reading. */
export const huberLoss = (deviations: number): number => {
  const size = Math.abs(deviations);
  return size <= HUBER ? size * size : 2 * HUBER * size - HUBER * HUBER;
};

/** A spread of nothing would have no precision [1]. */
const LEAST_LOSS_SPREAD = 1e-4;
const STEP_LOG = 0.002;
const STEP_K = 0.2;
const ROUNDS = 40;

/**
 * Fits pace and offset to weighed batches, shrunk towards what appliances usually are (maximum a posteriori, damped
 * Gauss-Newton).
 *
 * @param thermometer_K - what a thermometer in the oven read above its dial, where one was there
 */
export function fitAppliance(past: readonly Past[], noise = LEAST_NOISE, thermometer_K?: number): Belief {
  const readings = past.flatMap(({ model, weighed }, j) => weighed.map((one) => ({ ...one, model, j })));
  if (readings.length === 0 && thermometer_K === undefined) return NOTHING_KNOWN;
  const count = 2 + 2 * past.length;
  const wetOf = (j: number): number => 2 + past.length + j;
  const offsetMean =
    thermometer_K === undefined ? 0 : (thermometer_K * OFFSET_SD_K ** 2) / (OFFSET_SD_K ** 2 + THERMOMETER_SD_K ** 2);
  const offsetVar = thermometer_K === undefined ? OFFSET_SD_K ** 2 : 1 / (1 / OFFSET_SD_K ** 2 + 1 / THERMOMETER_SD_K ** 2);
  const mean = [0, offsetMean, ...past.map(() => 0), ...past.map(() => 0)];
  const precision = [
    1 / PACE_SD ** 2,
    1 / offsetVar,
    ...past.map(() => 1 / WOBBLE_SD ** 2),
    ...past.map(({ lossSpread = 0 }) => 1 / Math.max(LEAST_LOSS_SPREAD, lossSpread) ** 2),
  ];
  const predict = (at: readonly number[], { model, minutes, j }: (typeof readings)[number]): number =>
    wetter(model(minutes, at[0] + at[2 + j], at[1]), at[wetOf(j)]);
  const loss = (at: readonly number[]): number =>
    readings.reduce((sum, one) => sum + huberLoss((one.share - predict(at, one)) / noise), 0) +
    at.reduce((sum, value, i) => sum + precision[i] * (value - mean[i]) ** 2, 0);
  const x = descend(mean, loss, normal);
  const inverse = invert(normal(x).matrix);
  return {
    logPace: x[0],
    offset_K: x[1],
    covariance: [
      [inverse[0][0], inverse[0][1]],
      [inverse[1][0], inverse[1][1]],
    ],
    batches: past.filter(({ weighed }) => weighed.length > 0).length,
  };

  function normal(at: readonly number[]): Normal {
    const matrix = Array.from({ length: count }, (_, i) => Array.from({ length: count }, (_, k) => (i === k ? precision[i] : 0)));
    const gradient = at.map((value, i) => precision[i] * (mean[i] - value));
    for (const one of readings) {
      const here = predict(at, one);
      const touched = [0, 1, 2 + one.j, wetOf(one.j)];
      const slopes = touched.map((i) => {
        const by = i === 1 ? STEP_K : STEP_LOG;
        const [up, down] = [[...at], [...at]];
        up[i] += by;
        down[i] -= by;
        return (predict(up, one) - predict(down, one)) / (2 * by);
      });
      const residual = one.share - here;
      const weight = huberWeight(residual / noise) / (noise * noise);
      for (const [p, i] of touched.entries()) {
        gradient[i] += weight * slopes[p] * residual;
        for (const [q, k] of touched.entries()) matrix[i][k] += weight * slopes[p] * slopes[q];
      }
    }
    return { matrix, gradient };
  }
}

/** Curvature and slope of a loss at a point. */
type Normal = { readonly matrix: number[][]; readonly gradient: number[] };

/** Goes down from a point while that still gains: damped Gauss-Newton steps (Levenberg 1944, Marquardt 1963). */
function descend(
  from: readonly number[],
  loss: (at: readonly number[]) => number,
  normal: (at: readonly number[]) => Normal,
): number[] {
  let x = [...from];
  let damping = 1e-3;
  let now = loss(x);
  for (let round = 0; round < ROUNDS; round++) {
    const { matrix, gradient } = normal(x);
    const step = solveLinear(
      matrix.map((row, i) => row.map((value, k) => (i === k ? value * (1 + damping) : value))),
      gradient,
    );
    const next = x.map((value, i) => value + step[i]);
    const then = loss(next);
    if (then < now) {
      const gained = now - then;
      [x, now] = [next, then];
      damping /= 5;
      if (gained < 1e-10) break;
    } else {
      damping *= 10;
      if (damping > 1e8) break;
    }
  }
  return x;
}
