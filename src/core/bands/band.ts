import { quantile, runOut } from '../quantities';
import { type MomentBand, type Prediction, type ProgrammeBand, otherPieces, type PredictionRun } from '../prediction';
import { varianceShares } from './variance-shares';
import { livesOver } from './lives';
import { USUAL_DRAWS } from './usual-draws';
import { CURVES, bandMinutes, sampleOf, type Curve, type Sample } from './sample';

/** A band holds four of five batches. */
const LOW = 0.1;
const HIGH = 0.9;
const SDS_IN_80_PCT = 1.2816;
/** Piece counts: how evenly a whole sheet is rolled, and how well the dough's density is known; ln-sd. Source: ours. */
export const COUNT_SPREAD = Math.hypot(0.05, 0.03);

/** How many of the draws are done, told between them so that a worker can report and be stopped. */
type Progress = { readonly done: number; readonly of: number };

/** The likely run's prediction with honest bands on everything that is uncertain. */
export function addBand(worked: PredictionRun, draws = USUAL_DRAWS): Prediction {
  return bandFrom(worked, runOut(samplesInSteps(worked, 0, draws)));
}

/** Works out the draws from one number to another, one at a time. */
export function* samplesInSteps(worked: PredictionRun, from: number, to: number): Generator<Progress, Sample[]> {
  const samples: Sample[] = [];
  for (let index = from; index < to; index++) {
    const sample = sampleOf(worked, index);
    if (sample) samples.push(sample);
    yield { done: index + 1 - from, of: to - from };
  }
  return samples;
}

/** The prediction with the bands that these draws give. */
export function bandFrom(worked: PredictionRun, samples: readonly Sample[]): Prediction {
  const { prediction, out, heat } = worked;
  const moisture = bandOf(
    samples.map(({ moisture_pct }) => moisture_pct),
    prediction.outcome.moisture_pct,
  );
  const snap = bandOf(
    samples.map((sample) => sample.snap),
    prediction.outcome.snap,
  );
  // A wetter dough loses more and may end no drier: the loss has a band of its own.
  const loss = bandOf(
    samples.map(({ mass_loss_pct }) => mass_loss_pct),
    prediction.outcome.mass_loss_pct,
  );
  const lives = samples.length > 0 ? livesOver(worked, samples, worked.wanted_days) : null;
  // A cake is cut into as many portions as are wished.
  const count = worked.shape.method === 'cake' ? 1 : Math.exp(SDS_IN_80_PCT * COUNT_SPREAD);
  return {
    ...prediction,
    yield: {
      ...prediction.yield,
      pieces_low: Math.max(1, Math.min(out.pieces - out.pressed, Math.floor(out.pieces / count))),
      pieces_high: Math.ceil(out.pieces * count),
    },
    heat: {
      ...prediction.heat,
      reached: prediction.heat.reached.map((moment, i) => ({ ...moment, ...momentBand(samples, i, moment.minute) })),
      band: programmeBand(samples, heat.minutes),
    },
    outcome: {
      ...prediction.outcome,
      moisture_pct_low: moisture.low,
      moisture_pct_high: moisture.high,
      mass_loss_pct_low: loss.low,
      mass_loss_pct_high: loss.high,
      snap_low: snap.low,
      snap_high: snap.high,
      draws: samples.length,
      variance_shares: varianceShares(samples),
      others: otherPieces(worked),
    },
    keeps: lives ? prediction.keeps.map((keeps, i) => ({ ...keeps, ...lives[i] })) : prediction.keeps,
  };
}

const ascending = (values: number[]): number[] => values.sort((a, b) => a - b);

function bandOf(values: number[], likely: number): { low: number; high: number } {
  if (values.length === 0) return { low: likely, high: likely };
  const sorted = ascending(values);
  return { low: Math.min(likely, quantile(sorted, LOW)), high: Math.max(likely, quantile(sorted, HIGH)) };
}

/** When one thing is reached, and by how many of the draws; one that is not reached counts as later than the end. */
function momentBand(samples: readonly Sample[], which: number, likely: number | null): MomentBand {
  const minutes = ascending(samples.map(({ reached }) => reached[which] ?? Infinity));
  const at = (share: number): number | null => {
    const value = minutes[Math.round(share * (minutes.length - 1))];
    return value === undefined || value === Infinity ? null : value;
  };
  const [low, high] = [at(LOW), at(HIGH)];
  // The likely run lies inside its own band, as with everything else that is told.
  return {
    minute_low: low === null || likely === null ? low : Math.min(low, likely),
    minute_high: high === null || likely === null ? high : Math.max(high, likely),
    share: samples.length === 0 ? null : minutes.filter(Number.isFinite).length / samples.length,
  };
}

/** The bands of the curves over the programme. */
function programmeBand(samples: readonly Sample[], total_min: number): ProgrammeBand | null {
  if (samples.length === 0) return null;
  const minutes = bandMinutes(total_min);
  const edges = (curve: Curve): { low: number[]; high: number[] } => {
    const columns = minutes.map((_, i) => ascending(samples.map(({ curves }) => curves[curve][i])));
    return { low: columns.map((column) => quantile(column, LOW)), high: columns.map((column) => quantile(column, HIGH)) };
  };
  const [moisture_pct, core_c, snap, browning] = CURVES.map(edges);
  return { minutes, moisture_pct, core_c, snap, browning };
}
