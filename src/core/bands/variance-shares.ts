import { INPUTS, type VarianceShare } from '../prediction';
import type { Sample } from './sample';
import { drawOf } from './vary';

/** An input that explains less than this is not worth a word [1]. */
const WORTH_A_WORD = 0.04;

/**
 * Which inputs the width of the water's band comes from: squared rank correlation of every input with the outcome over the
 * draws. Ranks, since a small change in water can follow a large one in heat once a piece is dry.
 *
 * @source Spearman 1904; Helton & Davis 2003 on sampling-based sensitivity
 */
export function varianceShares(samples: readonly Sample[]): VarianceShare[] {
  if (samples.length < 20) return [];
  const outcome = ranksOf(samples.map(({ moisture_pct }) => moisture_pct));
  const draws = samples.map(({ index }) => drawOf(index));
  // Chance alone gives one over the number of draws.
  const chance = 1 / (samples.length - 1);
  return INPUTS.map((input) => {
    const r = correlation(ranksOf(draws.map((draw) => draw[input])), outcome);
    const share = Math.max(0, (r * r - chance) / (1 - chance));
    return { input, share, leaves: Math.sqrt(1 - share) };
  })
    .filter(({ share }) => share >= WORTH_A_WORD)
    .sort((a, b) => b.share - a.share);
}

/** Place of every value among all, from 0; equal values share the mean of their places. */
function ranksOf(values: readonly number[]): number[] {
  const order = values.map((value, index) => ({ value, index })).sort((a, b) => a.value - b.value);
  const ranks = new Array<number>(values.length);
  for (let from = 0; from < order.length;) {
    let to = from;
    while (to + 1 < order.length && order[to + 1].value === order[from].value) to++;
    for (let i = from; i <= to; i++) ranks[order[i].index] = (from + to) / 2;
    from = to + 1;
  }
  return ranks;
}

function correlation(a: readonly number[], b: readonly number[]): number {
  const mean = (a.length - 1) / 2;
  let [ab, aa, bb] = [0, 0, 0];
  for (let i = 0; i < a.length; i++) {
    ab += (a[i] - mean) * (b[i] - mean);
    aa += (a[i] - mean) ** 2;
    bb += (b[i] - mean) ** 2;
  }
  return aa > 0 && bb > 0 ? ab / Math.sqrt(aa * bb) : 0;
}
