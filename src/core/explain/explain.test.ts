/** Why a batch came out so: known causes are found again, shares are whole, and where there is nothing to explain nothing is. */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { sweepLength } from '../../../tests/reference/sweep';
import { drawOf, samplesInSteps, sampleAt, type Draw, type Sample } from '../bands';
import type { BatchDocument } from '../document';
import { COLOUR_NAMES, browningMeant, colourWord } from '../heat';
import { INPUTS, predict, type PredictionRun } from '../prediction';
import { normals, runOut, seededRandom } from '../quantities';
import { nominalThickness, thicknessSpread } from '../yield';
import { CAUSES } from './causes';
import { EXPLAINING_DRAWS, explain } from './explain';
import { infer } from './infer';
import { lossAt } from './loss-at';
import { LOSS_SD_PCT, THICKNESS_SD, type MeasuredBatch } from './measured';

const KITCHEN = { pantry: PANTRY };
const read = (file: string): BatchDocument => JSON.parse(readFileSync(file, 'utf8')) as BatchDocument;
const HILLBARS = read('examples/hillbars.batch.json');

function worked(document: BatchDocument): PredictionRun {
  const result = predict(document, KITCHEN, 'light');
  if (!result.ok) throw new Error(result.message);
  return result.value;
}

const NOTHING = Object.fromEntries(INPUTS.map((input) => [input, 0])) as Draw;
/** Draws that no explanation is made from. */
const FIRST_TRUTH = 1_000_000;

/** What a kitchen with a scale, a thickness guide and eyes measures of one true batch: each off by as much as it may be. */
function measuredOf(run: PredictionRun, truth: Sample, draw: Draw, noise: () => number): MeasuredBatch {
  const half = run.heat.minutes / 2;
  return {
    loss_pct: truth.mass_loss_pct + LOSS_SD_PCT * noise(),
    onTheWay: [{ minutes: half, loss_pct: lossAt(run, truth, draw, half) + LOSS_SD_PCT * noise() }],
    thickness_mm: nominalThickness(run.shape) * Math.exp(thicknessSpread(run.shape) * draw.thickness + THICKNESS_SD * noise()),
    minutes: null,
    pieces: null,
    colour: colourWord(truth.browning),
    texture: truth.snap >= 7 ? 'snaps clean' : truth.snap >= 4 ? 'losing its snap' : 'chewy',
  };
}

/** What a batch loses that is as planned but for these inputs of a draw [%]. */
const lossWith = (run: PredictionRun, draw: Draw, inputs: readonly string[]): number =>
  sampleAt(run, 0, { ...NOTHING, ...Object.fromEntries(inputs.map((input) => [input, draw[input as keyof Draw]])) })
    ?.mass_loss_pct ?? NaN;

/** The cause that moved the loss of a true batch furthest to the side it fell on: each alone, all else as planned. */
function largestOf(run: PredictionRun, draw: Draw, side: number): string {
  // What is planned is the same for all: which is the largest does not hang on it.
  const effects = Object.entries(CAUSES).map(([cause, inputs]) => ({ cause, effect: side * lossWith(run, draw, inputs) }));
  return effects.reduce((most, one) => (one.effect > most.effect ? one : most)).cause;
}

/** Batches that there is something to explain of, and of how many the true largest cause was among the first two. */
function recovered(file: string, batches: number, noise: () => number): { readonly tried: number; readonly found: number } {
  const run = worked(read(file));
  const samples = runOut(samplesInSteps(run, 0, EXPLAINING_DRAWS));
  const likely = run.prediction.outcome.mass_loss_pct;
  let [tried, found] = [0, 0];
  for (let index = FIRST_TRUTH; tried < batches; index++) {
    const draw = drawOf(index);
    const truth = sampleAt(run, index, draw);
    const measured = truth && measuredOf(run, truth, draw, noise);
    if (!measured || Math.abs(measured.loss_pct - likely) <= 2 * LOSS_SD_PCT) continue;
    const side = Math.sign(measured.loss_pct - likely);
    const causes = [...infer(run, samples, measured)].sort((one, other) => side * (other.points_pct - one.points_pct));
    const largest = largestOf(run, draw, side);
    tried++;
    if (causes.slice(0, 2).some(({ cause }) => cause === largest)) found++;
  }
  return { tried, found };
}

describe('conditioning', () => {
  const each = sweepLength(100, 20);
  it(`has the true largest cause among its first two in four of five of ${3 * each} batches`, () => {
    const noise = normals(seededRandom(7));
    const all = [
      'data/recipes/lamb-liver-squares.batch.json',
      'data/recipes/parsnip-buckwheat-snaps.batch.json',
      'data/recipes/malt-grain-crackers.batch.json',
    ].map((file) => recovered(file, each, noise));
    const [tried, found] = [all.reduce((sum, one) => sum + one.tried, 0), all.reduce((sum, one) => sum + one.found, 0)];
    expect(tried).toBe(3 * each);
    expect(found / tried).toBeGreaterThan(0.8);
  });
});

describe('a colour word', () => {
  it('means the browning that it is said of', () => {
    for (const word of COLOUR_NAMES) {
      const [from, to] = browningMeant(word) ?? expect.fail(word);
      expect([from, (from + to) / 2].map(colourWord)).toEqual([word, word]);
      if (to < 1) expect(colourWord(to)).not.toBe(word);
    }
    expect(browningMeant('mauve')).toBeNull();
  });
});

describe('a tray weighed on the way', () => {
  it('has lost nothing at first, all of it at the end, and no more when it is weighed a little later', () => {
    const run = worked(HILLBARS);
    const draw = drawOf(3);
    const sample = sampleAt(run, 3, draw) ?? expect.fail('a sample');
    const at = [0, 0.25, 0.5, 1, 1.1].map((share) => lossAt(run, sample, draw, share * run.heat.minutes));
    expect(at[0]).toBeCloseTo(0, 1);
    expect(at[1]).toBeGreaterThan(5);
    expect(at[2]).toBeGreaterThan(at[1]);
    expect(at[3]).toBeGreaterThan(at[2]);
    expect(at[4]).toBe(at[3]);
    // The piece takes up and gives off a little as it cools; the curve ends in the heat.
    expect(Math.abs(at[3] - sample.mass_loss_pct)).toBeLessThan(2);
  });
});

describe('an explanation', () => {
  const run = worked(HILLBARS);
  const likely = run.prediction.outcome.mass_loss_pct;
  const AS_PLANNED: MeasuredBatch = {
    loss_pct: likely,
    onTheWay: [],
    thickness_mm: null,
    minutes: null,
    pieces: null,
    colour: null,
    texture: null,
  };
  const of = (
    measured: Partial<MeasuredBatch>,
    draws = 200,
  ): NonNullable<Extract<ReturnType<typeof explain>, { ok: true }>['value']> => {
    const result = explain(HILLBARS, KITCHEN, { ...AS_PLANNED, ...measured }, draws);
    if (!result.ok || !result.value) throw new Error('no explanation');
    return result.value;
  };
  it('puts in what was measured first, and its shares and what is left make one', () => {
    const thick = nominalThickness(run.shape) * 1.25;
    const { verdict, causes, rest_share, off_pct } = of({
      loss_pct: likely - 4,
      thickness_mm: thick,
      minutes: run.heat.minutes - 10,
    });
    expect(verdict).toBe('explained');
    expect(off_pct).toBeCloseTo(-4, 6);
    expect(
      causes
        .filter(({ measured }) => measured)
        .map(({ cause }) => cause)
        .sort(),
    ).toEqual(['thickness', 'time']);
    const thickness = causes.find(({ cause, measured }) => measured && cause === 'thickness') ?? expect.fail('thickness');
    expect(thickness.points_pct).toBeLessThan(0);
    expect(thickness.amount).toBe(thick);
    expect(causes.reduce((sum, { share }) => sum + share, rest_share)).toBeCloseTo(1, 9);
    expect(causes.map(({ share }) => share)).toEqual(causes.map(({ share }) => share).sort((a, b) => b - a));
  });
  it('gives causes that overlap no more together than there is to explain', () => {
    for (const off of [-6, -3, 3, 5]) {
      const { causes, rest_share } = of({ loss_pct: likely + off });
      const together = causes.reduce((sum, { points_pct }) => sum + points_pct, 0);
      expect(Math.abs(together)).toBeLessThanOrEqual(Math.abs(off) + 1e-9);
      expect(rest_share).toBeGreaterThanOrEqual(-1e-9);
    }
  });
  it('is none where the scale alone may be off by as much', () => {
    const noise = normals(seededRandom(11));
    const verdicts = Array.from({ length: 20 }, () => of({ loss_pct: likely + LOSS_SD_PCT * noise() }, 8).verdict);
    expect(verdicts.filter((verdict) => verdict === 'as-forecast').length).toBeGreaterThanOrEqual(18);
  });
  it('says when no draw comes near, and when it cannot be', () => {
    expect(of({ loss_pct: 8 }).verdict).toBe('beyond');
    expect(of({ loss_pct: -5 })).toMatchObject({ verdict: 'impossible', causes: [], rest_share: 1 });
    expect(of({ loss_pct: 90 }).verdict).toBe('impossible');
  });
  it('is the same for the same batch, and none for a bowl in portions', () => {
    expect(of({ loss_pct: likely - 3 })).toEqual(of({ loss_pct: likely - 3 }));
    const shared = read('examples/one-bowl-three-ways.batch.json');
    expect(explain(shared, KITCHEN, AS_PLANNED, 10)).toEqual({ ok: true, value: null });
  });
});
