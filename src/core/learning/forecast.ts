import { normals, quantile, seededRandom } from '../quantities';
import { WOBBLE_SD, huberLoss, wetter, type Belief, type Past, type TrayModel } from './fit';

/** When a tray will have lost enough: four of five end between low and high [min]; infinity when never. */
export type EndTime = { readonly low: number; readonly mid: number; readonly high: number };

const DRAWS = 400;
const SEED = 7;
const LONGEST_MIN = 20_000;

/** Minutes after which a model's tray weighs so much of its start; infinity when it never does. */
export function minutesTo(model: TrayModel, share: number, logPace: number, offset_K: number): number {
  if (model(LONGEST_MIN, logPace, offset_K) > share) return Infinity;
  let [low, high] = [0, LONGEST_MIN];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (model(middle, logPace, offset_K) > share) low = middle;
    else high = middle;
  }
  return high;
}

/** Forecast of a batch before it begins, from what is believed of its appliance. */
export function forecastEnd(model: TrayModel, share: number, belief: Belief, seed = SEED): EndTime {
  const normal = normals(seededRandom(seed));
  const [[a, b], [, d]] = belief.covariance;
  // Cholesky of a two by two covariance.
  const l11 = Math.sqrt(a);
  const l21 = l11 > 0 ? b / l11 : 0;
  const l22 = Math.sqrt(Math.max(0, d - l21 * l21));
  const ends = Array.from({ length: DRAWS }, () => {
    const [z1, z2, z3] = [normal(), normal(), normal()];
    return minutesTo(model, share, belief.logPace + l11 * z1 + WOBBLE_SD * z3, belief.offset_K + l21 * z1 + l22 * z2);
  }).sort((x, y) => x - y);
  return { low: quantile(ends, 0.1), mid: quantile(ends, 0.5), high: quantile(ends, 0.9) };
}

const GRID = 241;
const REACH = 4;
/** An edge is never nearer than this [min, share of the time]. */
const NEAREST = { minutes: 1, share: 0.008 } as const;

/** What there is to lose is tried at so many places, out to so many deviations. */
const WETNESSES = [-2, -1.5, -1, -0.5, 0, 0.5, 1, 1.5, 2];

/** Forecast of a batch that is under way, from trays weighed so far: its pace on a grid, weighed by belief and readings. */
export function forecastRunning({ model, weighed, lossSpread = 0 }: Past, share: number, belief: Belief, noise = 0.006): EndTime {
  const sd = Math.sqrt(belief.covariance[0][0] + WOBBLE_SD ** 2);
  const wetnesses = lossSpread > 0 ? WETNESSES : [0];
  const points = Array.from({ length: GRID }, (_, i) => {
    const deviations = -REACH + (2 * REACH * i) / (GRID - 1);
    const logPace = belief.logPace + deviations * sd;
    const says = weighed.map(({ minutes }) => model(minutes, logPace, belief.offset_K));
    const likelihood = wetnesses.reduce((sum, wetness) => {
      const off = weighed.reduce(
        (loss, { share: is }, k) => loss + huberLoss((is - wetter(says[k], wetness * lossSpread)) / noise),
        wetness ** 2,
      );
      return sum + Math.exp(-off / 2);
    }, 0);
    // So far off that no number is left: as unlikely as numbers go.
    return { logPace, loss: deviations ** 2 - 2 * Math.log(Math.max(likelihood, Number.MIN_VALUE)) };
  });
  const least = Math.min(...points.map(({ loss }) => loss));
  const weights = points.map(({ loss }) => Math.exp(-(loss - least) / 2));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  /** The pace below which so much of the weight lies, straight between grid points. */
  const paceAt = (part: number): number => {
    let sum = 0;
    for (const [i, weight] of weights.entries()) {
      const before = sum;
      sum += weight / total;
      if (sum >= part) {
        const within = (part - before) / (sum - before);
        const from = points[Math.max(0, i - 1)].logPace;
        return from + within * (points[i].logPace - from);
      }
    }
    return points[GRID - 1].logPace;
  };
  const end = (part: number): number => minutesTo(model, share, paceAt(1 - part), belief.offset_K);
  const mid = end(0.5);
  const edge = Math.max(NEAREST.minutes, NEAREST.share * mid);
  return { low: Math.min(end(0.1), mid - edge), mid, high: Math.max(end(0.9), mid + edge) };
}
