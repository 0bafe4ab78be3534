import type { WarmPoint } from './caution';

const WARM_FROM_C = 5;
const WARM_TO_C = 60;
const WET_FROM_AW = 0.85;

/**
 * Minutes that food spends warm and wet enough for germs to grow: 5-60 °C with aw above 0.85,
 * judged by the mean of each stretch between two points.
 *
 * @source two-hour and four-hour idea of the FDA Food Code
 */
export function warmAndWetMinutes(curve: readonly WarmPoint[]): number {
  let minutes = 0;
  for (let i = 1; i < curve.length; i++) {
    const [a, b] = [curve[i - 1], curve[i]];
    const temperature_c = (a.temperature_c + b.temperature_c) / 2;
    const wet = (a.aw + b.aw) / 2 > WET_FROM_AW;
    if (wet && temperature_c >= WARM_FROM_C && temperature_c <= WARM_TO_C) minutes += b.minute - a.minute;
  }
  return minutes;
}
