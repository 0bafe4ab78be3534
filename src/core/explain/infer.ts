import { COUNT_SPREAD, SPREAD, drawOf, sampleAt, type Draw, type Sample } from '../bands';
import { browningMeant } from '../heat';
import { INPUTS, type PredictionRun } from '../prediction';
import { nominalThickness, thicknessSpread } from '../yield';
import { alike, type Clue } from './alike';
import { CAUSES } from './causes';
import { lossAt } from './loss-at';
import { EYE_SD, HAND_SD, LOSS_SD_PCT, THICKNESS_SD, snapMeant, type MeasuredBatch } from './measured';
import { regress } from './regression';

/** A cause that nobody measured, as the draws tell it: see Cause. */
type Inferred = {
  readonly cause: keyof typeof CAUSES;
  readonly points_pct: number;
  readonly amount: number | null;
  readonly measured: false;
};

/** All inputs in the middle of what they may be. */
const MIDDLE = Object.fromEntries(INPUTS.map((input) => [input, 0])) as Draw;
/** The number of a draw that was not drawn. */
const NO_DRAW = -1;

/** What nobody measured: how far each input lay, in the draws that are like the batch, and what that alone does to the loss. */
export function infer(made: PredictionRun, samples: readonly Sample[], measured: MeasuredBatch): Inferred[] {
  const inputs = samples.map(({ index }) => {
    const draw = drawOf(index);
    return INPUTS.map((input) => draw[input]);
  });
  const slopes = regress(
    inputs,
    samples.map(({ mass_loss_pct }) => mass_loss_pct),
    samples.map(() => 1),
    1,
  ).slice(1);
  const clues = cluesOf(made, samples, measured);
  const { weights } = alike(clues, samples.length);
  // Readings pull the draws that are only nearly alike to where the batch was; words have no such place.
  const readings = clues.filter(({ low, high }) => low === high);
  const rows = samples.map((_, i) => readings.map(({ ofDraw, low, sd }) => (ofDraw[i] - low) / sd));
  const means = INPUTS.map(
    (_, k) =>
      regress(
        rows,
        inputs.map((row) => row[k]),
        weights,
        1,
      )[0],
  );
  const meanOf = Object.fromEntries(INPUTS.map((input, k) => [input, means[k]])) as Draw;
  const slopeOf = Object.fromEntries(INPUTS.map((input, k) => [input, slopes[k]])) as Draw;
  const lossOf = (draw: Draw): number => sampleAt(made, NO_DRAW, draw)?.mass_loss_pct ?? NaN;
  const middle = lossOf(MIDDLE);
  return (Object.keys(CAUSES) as Array<keyof typeof CAUSES>).map((cause): Inferred => {
    // Each alone, all else as planned: run through the oven once more, since a small step and a large one do not go together evenly.
    const only = { ...MIDDLE, ...Object.fromEntries(CAUSES[cause].map((input) => [input, meanOf[input]])) };
    const alone_pct = lossOf(only) - middle;
    // What lies beyond the model says nothing.
    const points_pct = Number.isFinite(alone_pct) ? alone_pct : 0;
    return {
      cause,
      points_pct,
      amount: amountOf(cause, points_pct, made, { mean: meanOf, slope: slopeOf }),
      measured: false,
    };
  });
}

/** What was measured, as each draw would have shown it. */
function cluesOf(made: PredictionRun, samples: readonly Sample[], measured: MeasuredBatch): Clue[] {
  const reading = (value: number, sd: number, ofDraw: (sample: Sample, draw: Draw) => number): Clue => ({
    ofDraw: samples.map((sample) => ofDraw(sample, drawOf(sample.index))),
    low: value,
    high: value,
    sd,
  });
  const spread = thicknessSpread(made.shape);
  const { thickness_mm, pieces } = measured;
  const browning = browningMeant(measured.colour ?? '');
  const snap = snapMeant(measured.texture);
  const counted = pieces !== null && pieces > 0 ? Math.log(made.out.pieces / pieces) : null;
  return [
    reading(measured.loss_pct, LOSS_SD_PCT, ({ mass_loss_pct }) => mass_loss_pct),
    ...measured.onTheWay.map(({ minutes, loss_pct }) =>
      reading(loss_pct, LOSS_SD_PCT, (sample, draw) => lossAt(made, sample, draw, minutes)),
    ),
    ...(thickness_mm !== null
      ? [reading(Math.log(thickness_mm / nominalThickness(made.shape)), THICKNESS_SD, (_, draw) => spread * draw.thickness)]
      : counted !== null
        ? [reading(counted, COUNT_SPREAD, (_, draw) => spread * draw.thickness)]
        : []),
    ...(browning ? [{ ofDraw: samples.map((one) => one.browning), low: browning[0], high: browning[1], sd: EYE_SD }] : []),
    ...(snap ? [{ ofDraw: samples.map((one) => one.snap), low: snap[0], high: snap[1], sd: HAND_SD }] : []),
  ];
}

/** How far a cause was off, in what a baker could read off; of several inputs, as if the first alone had done it. */
function amountOf(
  cause: keyof typeof CAUSES,
  points_pct: number,
  { shape }: PredictionRun,
  { mean, slope }: Readonly<Record<'mean' | 'slope', Draw>>,
): number | null {
  const alone = (input: keyof Draw): number | null => (Math.abs(slope[input]) < 1e-3 ? null : points_pct / slope[input]);
  const factor = (sd: number, deviations: number | null): number | null =>
    deviations === null ? null : Math.exp(sd * deviations);
  switch (cause) {
    case 'thickness':
      return Math.exp(thicknessSpread(shape) * mean.thickness);
    case 'water':
      return SPREAD.water_pct * mean.water;
    case 'oven': {
      const deviations = alone('thermostat');
      return deviations === null ? null : SPREAD.thermostat_K * deviations;
    }
    case 'load':
      return factor(SPREAD.load, alone('load'));
    case 'dough':
      return factor(SPREAD.diffusion, alone('diffusion'));
    case 'room':
      return 100 * SPREAD.humidity * mean.humidity;
    case 'vacuum':
      return factor(SPREAD.vacuum, alone('vacuum'));
  }
}
