/** Bands: repeatable whoever makes the draws, around the likely run, and honest about what they come from. */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import type { BatchDocument } from '../document';
import { predict, type PredictionRun } from '../prediction';
import { addBand, bandFrom, samplesInSteps } from './band';
import { runOut } from '../quantities';
import { varianceShares } from './variance-shares';
import { drawOf } from './vary';

function worked(file: string, change: (document: BatchDocument) => BatchDocument = (same) => same): PredictionRun {
  const result = predict(change(JSON.parse(readFileSync(file, 'utf8')) as BatchDocument), { pantry: PANTRY });
  if (!result.ok) throw new Error(result.message);
  return result.value;
}
const doorstops = worked('data/recipes/pea-mint-doorstops.batch.json');
const samples = runOut(samplesInSteps(doorstops, 0, 80));
const banded = bandFrom(doorstops, samples);

describe('draws', () => {
  it('are the same whoever makes them and in whatever order, and unlike their neighbours', async () => {
    const again = './vary?again';
    const other = (await import(again)) as { readonly drawOf: typeof drawOf };
    const numbers = [7, 3, 40, 0];
    const theirs = numbers.map((number) => other.drawOf(number)).reverse();
    expect(numbers.reverse().map(drawOf)).toEqual(theirs);
    expect(other.drawOf(7)).not.toBe(drawOf(7));
    const thickness = Array.from({ length: 400 }, (_, i) => drawOf(i).thickness);
    const mean = thickness.reduce((a, b) => a + b) / 400;
    const sd = Math.sqrt(thickness.reduce((sum, x) => sum + (x - mean) ** 2, 0) / 399);
    expect(Math.abs(mean)).toBeLessThan(0.15);
    expect(Math.abs(sd - 1)).toBeLessThan(0.12);
    const lag = thickness.slice(1).reduce((sum, x, i) => sum + x * thickness[i], 0) / 399;
    expect(Math.abs(lag)).toBeLessThan(0.15);
  });
});

describe('bands', () => {
  it('hold the likely run: outcome and every moment', () => {
    const { outcome, heat } = banded;
    expect(outcome.moisture_pct).toBeGreaterThanOrEqual(outcome.moisture_pct_low);
    expect(outcome.moisture_pct).toBeLessThanOrEqual(outcome.moisture_pct_high);
    for (const { what, minute, minute_low, minute_high } of heat.reached) {
      if (minute === null) continue;
      if (minute_low !== null) expect(minute_low, what).toBeLessThanOrEqual(minute);
      if (minute_high !== null) expect(minute_high, what).toBeGreaterThanOrEqual(minute);
    }
  });
  it('of the curves run from the first minute to the last, low below high', () => {
    const band = banded.heat.band ?? expect.fail('a band');
    expect([band.minutes[0], band.minutes.at(-1)]).toEqual([0, doorstops.heat.minutes]);
    for (const curve of [band.moisture_pct, band.core_c, band.snap, band.browning])
      curve.low.forEach((low, i) => expect(low).toBeLessThanOrEqual(curve.high[i]));
  });
  it('name what they come from: the water alone where nothing else is unsure, guides where it is rolled', () => {
    const { variance_shares } = banded.outcome;
    expect(variance_shares.length).toBeGreaterThan(1);
    expect(variance_shares.map(({ share }) => share)).toEqual(
      [...variance_shares.map(({ share }) => share)].sort((a, b) => b - a),
    );
    expect(variance_shares.reduce((sum, { share }) => sum + share, 0)).toBeLessThan(1.25);
    const drops = worked('data/recipes/kefir-melon-drops.batch.json');
    expect(varianceShares(runOut(samplesInSteps(drops, 0, 60)))[0].input).toBe('water');
  });
  it('shrink when the oven was measured', () => {
    const width = (thermostat_offset_c?: number): number => {
      const { outcome } = addBand(
        worked('data/recipes/squash-millet-fingers.batch.json', (d) => ({
          ...d,
          heat: {
            ...d.heat,
            appliance: { kind: 'static-oven', ...(thermostat_offset_c === undefined ? {} : { thermostat_offset_c }) },
            steps: [{ do: 'hold', setpoint_c: 170, minutes: 30 }],
          },
        })),
        60,
      );
      return outcome.moisture_pct_high - outcome.moisture_pct_low;
    };
    expect(width(0)).toBeLessThan(width());
  });
});
