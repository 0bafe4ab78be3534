import { drawOf, type Draw } from '../bands';
import { INPUTS, type Input } from '../prediction';

/** Draws that are never a hidden truth, and draws that always may be: nobody is judged by a world that the judge looked up. */
const FIRST_TRUTH = 100_000;
/** How far from the middle an input lies that a lesson leaves alone, of what it may [1]. Source: ours. */
const BETTER_KNOWN = 0.4;

/** One world of a lesson: its unknown inputs anywhere within their bands, the others nearer to what the recipe says. */
export function worldOf(index: number, unknown: readonly Input[]): Draw {
  const draw = drawOf(index);
  return Object.fromEntries(
    INPUTS.map((input) => [input, unknown.includes(input) ? draw[input] : BETTER_KNOWN * draw[input]]),
  ) as Draw;
}

/** The hidden truth of a number. */
export const truthOf = (number: number, unknown: readonly Input[]): Draw => worldOf(FIRST_TRUTH + number, unknown);
