/** What a measurement is worth: as a brute force finds it, which imagines every reading and looks at what would be left. */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { ofSweep } from '../../../tests/reference/sweep';
import { drawOf, samplesInSteps, type Sample } from '../bands';
import type { BatchDocument } from '../document';
import { predict, type PredictionRun } from '../prediction';
import { normals, runOut, seededRandom } from '../quantities';
import { dryMinute } from './dry-minute';
import { MEASUREMENTS, signalOf, type Measurement } from './signals';
import { worthMeasuring } from './worth-measuring';

function workedOut(document: BatchDocument): PredictionRun {
  const result = predict(document, { pantry: PANTRY }, 'light');
  if (!result.ok) throw new Error(result.message);
  return result.value;
}
/** In an oven that nobody took readings of, so that everything can still be measured. */
const worked = (file: string): PredictionRun => workedOut(unread(JSON.parse(readFileSync(file, 'utf8')) as BatchDocument));

/** The width of the middle four of five of weighed values. */
function widthOf(values: ReadonlyArray<{ readonly value: number; readonly weight: number }>): number {
  const sorted = [...values].sort((a, b) => a.value - b.value);
  const all = sorted.reduce((sum, { weight }) => sum + weight, 0);
  const at = (share: number): number => {
    let sum = 0;
    for (const { value, weight } of sorted) if ((sum += weight) >= share * all) return value;
    return sorted[sorted.length - 1].value;
  };
  return at(0.9) - at(0.1);
}

/** Many true batches, each read once; after each reading the width that is left, by how like every other draw is to it. */
function bruteForce(run: PredictionRun, samples: readonly Sample[], measurement: Measurement): number {
  const signal = signalOf(measurement, run);
  if (!signal) throw new Error(measurement);
  const noise = normals(seededRandom(5));
  const shown = samples.map((sample) => signal.of(sample, drawOf(sample.index)));
  const ends = samples.map((sample) => dryMinute(run, sample));
  const widths = shown.map((truth, i) => {
    const read = truth + signal.sd * noise();
    return widthOf(
      ends.map((value, k) => ({ value, weight: k === i ? 0 : Math.exp(-0.5 * ((shown[k] - read) / signal.sd) ** 2) })),
    );
  });
  return widths.reduce((sum, one) => sum + one, 0) / widths.length;
}

const unread = (document: BatchDocument): BatchDocument => {
  const { thermostat_offset_c: _read, ...appliance } = document.heat.appliance ?? { kind: 'static-oven' };
  return { ...document, heat: { ...document.heat, appliance } };
};
const CASES = [
  'examples/hillbars.batch.json',
  'data/recipes/lamb-liver-squares.batch.json',
  'examples/rye-broth-rusks.batch.json',
].map((file) => ({ file, run: worked(file) }));

describe('what a measurement is worth', () => {
  it('is what a brute force over other draws finds, within 15 % of the width, in case after case', () => {
    const tried = ofSweep(CASES, 2);
    const cases = tried.flatMap(({ run }) => {
      const worth = worthMeasuring(run, runOut(samplesInSteps(run, 0, 300)));
      const others = runOut(samplesInSteps(run, 10_000, 10_500));
      return worth.map((one) => ({ ...one, name: run.prediction.name, exact: bruteForce(run, others, one.measurement) }));
    });
    expect(cases.length).toBeGreaterThanOrEqual(3 * tried.length);
    for (const { name, measurement, minutes_now, minutes_then, exact } of cases) {
      expect(Math.abs(minutes_then - exact) / minutes_now, `${name}, ${measurement}: ${minutes_then} for ${exact}`).toBeLessThan(
        0.15,
      );
    }
  });
  it('leaves less unsure than there was, the most telling one first, and promises no fewer days', () => {
    for (const { run } of CASES) {
      const worth = worthMeasuring(run, runOut(samplesInSteps(run, 0, 120)));
      expect(worth.length).toBeGreaterThanOrEqual(3);
      expect(worth.map(({ minutes_then }) => minutes_then)).toEqual(
        worth.map(({ minutes_then }) => minutes_then).sort((a, b) => a - b),
      );
      for (const one of worth) {
        expect(MEASUREMENTS).toContain(one.measurement);
        expect(one.minutes_then).toBeLessThanOrEqual(one.minutes_now);
        expect(one.days_then).toBeGreaterThanOrEqual(one.days_now);
      }
    }
  });
  it('does not ask for two readings of an oven that was read', () => {
    const document = JSON.parse(readFileSync('examples/hillbars.batch.json', 'utf8')) as BatchDocument;
    expect(document.heat.appliance?.thermostat_offset_c).toBeDefined();
    expect(signalOf('oven', workedOut(document))).toBeNull();
    expect(signalOf('oven', workedOut(unread(document)))).not.toBeNull();
  });
});
