import { daysOver, drawOf, type Sample } from '../bands';
import type { PredictionRun } from '../prediction';
import { normals, seededRandom } from '../quantities';
import { dryMinute } from './dry-minute';
import { MEASUREMENTS, signalOf, type Measurement, type Signal } from './signals';

/** What one measurement would be worth before a bake. */
export type WorthMeasuring = {
  readonly measurement: Measurement;
  /** Minutes between which the end lies in four of five batches: as it is known now, and on average once this was measured. */
  readonly minutes_now: number;
  readonly minutes_then: number;
  /** Days that nine of ten batches keep: as it is known now, and on average once this was measured. */
  readonly days_now: number;
  readonly days_then: number;
};

const LOW = 0.1;
const HIGH = 0.9;
const SEED = 41;

/**
 * What each measurement would be worth: every draw is imagined to be the truth and read once, as far off as the reading may be; the other
 * draws are weighed by how like they are to that reading, and what is still unsure among them is averaged over all truths.
 *
 * @param samples - draws of the batch; a hundred at least
 * @returns the one that narrows the end most first
 * @source Raiffa & Schlaifer 1961 on the value of sample information
 */
export function worthMeasuring(worked: PredictionRun, samples: readonly Sample[]): WorthMeasuring[] {
  const ends = inOrder(samples.map((sample) => dryMinute(worked, sample)));
  const lives = inOrder(worked.packs.length > 0 ? daysOver(worked, samples, worked.packs[0]) : samples.map(() => 0));
  const equal = new Float64Array(samples.length).fill(1);
  const minutes_now = widthOf(ends, equal);
  const days_now = weighedQuantile(lives, equal, LOW);
  return MEASUREMENTS.flatMap((measurement): WorthMeasuring[] => {
    const signal = signalOf(measurement, worked);
    if (!signal) return [];
    const after = imagined(signal, samples, (weights) => [widthOf(ends, weights), weighedQuantile(lives, weights, LOW)]);
    // What is read can only tell more: an average that says less is the draws' own noise.
    return [
      {
        measurement,
        minutes_now,
        minutes_then: Math.min(minutes_now, after[0]),
        days_now,
        days_then: Math.max(days_now, after[1]),
      },
    ];
  }).sort((one, other) => one.minutes_then - other.minutes_then);
}

/** What is left on average over everything that might be read. */
function imagined(
  { of, sd }: Signal,
  samples: readonly Sample[],
  left: (weights: Float64Array) => readonly [number, number],
): [number, number] {
  const noise = normals(seededRandom(SEED));
  const shown = samples.map((sample) => of(sample, drawOf(sample.index)));
  const sum: [number, number] = [0, 0];
  const weights = new Float64Array(samples.length);
  for (const [truth, value] of shown.entries()) {
    const read = value + sd * noise();
    for (const [i, other] of shown.entries()) weights[i] = i === truth ? 0 : Math.exp(-0.5 * ((other - read) / sd) ** 2);
    const [minutes, days] = left(weights);
    sum[0] += minutes / shown.length;
    sum[1] += days / shown.length;
  }
  return sum;
}

/** Values from the least on, each with the draw that it is of. */
type Ordered = ReadonlyArray<{ readonly value: number; readonly draw: number }>;

const inOrder = (values: readonly number[]): Ordered =>
  values.map((value, draw) => ({ value, draw })).sort((one, other) => one.value - other.value);

const widthOf = (values: Ordered, weights: Float64Array): number =>
  weighedQuantile(values, weights, HIGH) - weighedQuantile(values, weights, LOW);

/** The value below which a share of the weight lies. */
function weighedQuantile(values: Ordered, weights: Float64Array, share: number): number {
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  let below = 0;
  for (const { value, draw } of values) {
    below += weights[draw];
    if (below >= share * all) return value;
  }
  return values[values.length - 1].value;
}
