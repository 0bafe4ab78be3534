import { SPREAD, samplesInSteps, type Sample } from '../bands';
import { succeed, type Result } from '../failure';
import type { BatchDocument } from '../document';
import type { Kitchen } from '../prediction';
import { runOut } from '../quantities';
import { asItWas, lossOf } from './as-it-was';
import type { CauseName } from './causes';
import { infer } from './infer';
import { LOSS_SD_PCT, type MeasuredBatch } from './measured';

/** Something that was otherwise, and how much of the difference goes with it. */
export type Cause = {
  readonly cause: CauseName;
  /** Points of raw mass that it made the batch lose more; less where negative. */
  readonly points_pct: number;
  /** The same as a share of the whole difference; negative where it worked against it [1]. */
  readonly share: number;
  /**
   * How far it was off: thickness as measured [mm] or as a share of the planned [1], time [min], water [points of the dough], oven as if
   * it were so much hotter [K], load and dough as a factor [1], room as humidity [points]; null where there is no such number.
   */
  readonly amount: number | null;
  /** It was measured; the others follow from what was. */
  readonly measured: boolean;
};

export type Explanation = {
  /**
   * `as-forecast`: nothing to explain, the scale may be off by as much. `explained`: by the causes. `beyond`: no draw comes near it.
   * `impossible`: more left than there was, or water came in.
   */
  readonly verdict: 'as-forecast' | 'explained' | 'beyond' | 'impossible';
  /** Measured less likely, of the batch as planned [points of raw mass]. */
  readonly off_pct: number;
  /** Largest first. */
  readonly causes: readonly Cause[];
  /** What no cause explains: weighing, and what the model does not know; all shares and this make one. */
  readonly rest_share: number;
  readonly draws: number;
};

/** Draws that an explanation is made from. */
export const EXPLAINING_DRAWS = 400;
/** A difference of so many deviations of the weighing is none. */
const NOTICED = 2;
/** A loss so many spreads of the draws away is no draw's. */
const FAR = 3.2;

/**
 * Why a batch lost more or less than was forecast: what was measured to be otherwise is put in, and the rest is shared out among what
 * nobody knows by looking at which draws are like the batch.
 *
 * @returns null where the bowl was shared out among shapes, whose trays were not weighed one by one
 */
export function explain(
  document: BatchDocument,
  kitchen: Kitchen,
  measured: MeasuredBatch,
  draws = EXPLAINING_DRAWS,
): Result<Explanation | null> {
  if ((document.portions ?? []).length > 0) return succeed(null);
  const was = asItWas(document, kitchen, measured);
  if (!was.ok) return was;
  const { planned, made, known } = was.value;
  const off_pct = measured.loss_pct - lossOf(planned);
  const nothing = { off_pct, causes: [], rest_share: 1, draws };
  if (measured.loss_pct < -LOSS_SD_PCT || measured.loss_pct > planned.prediction.dough.water_pct + NOTICED * SPREAD.water_pct)
    return succeed({ ...nothing, verdict: 'impossible' });
  const samples = runOut(samplesInSteps(made, 0, draws));
  const causes = [
    ...known.map(({ cause, points_pct, amount }) => ({ cause, points_pct, amount, measured: true })),
    ...noMoreThan(measured.loss_pct - lossOf(made), infer(made, samples, measured)),
  ]
    .map((one): Cause => ({ ...one, share: off_pct === 0 ? 0 : one.points_pct / off_pct }))
    .sort((one, other) => other.share - one.share);
  return succeed({
    verdict: verdictOf(off_pct, measured.loss_pct - lossOf(made), samples),
    off_pct,
    causes,
    rest_share: 1 - causes.reduce((sum, { share }) => sum + share, 0),
    draws: samples.length,
  });
}

/** Each alone may do what all of them did together: then each has its part of that. */
function noMoreThan<T extends { readonly points_pct: number }>(left_pct: number, causes: readonly T[]): readonly T[] {
  const all_pct = causes.reduce((sum, { points_pct }) => sum + points_pct, 0);
  if (all_pct * left_pct <= 0 || Math.abs(all_pct) <= Math.abs(left_pct)) return causes;
  return causes.map((one) => ({ ...one, points_pct: (one.points_pct * left_pct) / all_pct }));
}

function verdictOf(off_pct: number, left_pct: number, samples: readonly Sample[]): Explanation['verdict'] {
  if (Math.abs(off_pct) <= NOTICED * LOSS_SD_PCT) return 'as-forecast';
  const mean = samples.reduce((sum, { mass_loss_pct }) => sum + mass_loss_pct, 0) / samples.length;
  const spread = Math.sqrt(samples.reduce((sum, { mass_loss_pct }) => sum + (mass_loss_pct - mean) ** 2, 0) / samples.length);
  return Math.abs(left_pct) > FAR * Math.hypot(spread, LOSS_SD_PCT) ? 'beyond' : 'explained';
}
