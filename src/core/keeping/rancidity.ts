import type { Composition, DoughLine, Ingredient, OilClass } from '../pantry';

/** Days until a ground, baked fat tastes old, in air at 20 °C. Source: ours, set to trade best-before dates. */
const DAYS_AT_20_C: Record<Exclude<OilClass, 'none'>, number> = {
  sat: 540,
  mono: 300,
  butter: 240,
  cereal: 240,
  nut: 210,
  animal: 180,
  mixed: 180,
  pufa_oil: 130,
  organ: 120,
  pufa: 60,
  marine: 35,
};
type Points = ReadonlyArray<readonly [number, number]>;
/** Oxidation speed against water activity, linear between: slowest near 0.3. Source: shape of Labuza 1971, Karel 1980. */
const SPEED_BY_AW: Points = [
  [0, 1.9],
  [0.1, 1.35],
  [0.2, 1.08],
  [0.3, 1],
  [0.4, 1.1],
  [0.5, 1.3],
  [0.6, 1.5],
  [0.7, 1.6],
  [0.8, 1.4],
  [1, 1],
];
/** Speeds up by this per 10 K. Source: Labuza 1982. [1] */
const Q10 = 2.2;
/**
 * The same oxidation smells sooner where more fat takes part: factor on the days by the fat's share of the solids [1], linear between.
 * Source: ours; the nose goes by the amount of volatiles, not by the state of the fat (Frankel 2005).
 */
const DAYS_BY_SHARE: Points = [
  [0, 1.5],
  [0.02, 1.5],
  [0.05, 1],
  [0.2, 1],
  [0.4, 0.7],
];

/** Value of a broken line; level beyond its ends. */
function between(points: Points, at: number): number {
  const next = points.findIndex(([end]) => at <= end);
  if (next <= 0) return points[next === 0 ? 0 : points.length - 1][1];
  const [x0, y0] = points[next - 1];
  const [x1, y1] = points[next];
  return y0 + ((y1 - y0) * (at - x0)) / (x1 - x0);
}

/** Days until an ingredient's own fat turns at 20 °C; infinity without fat. */
export const turnsIn = ({ oilClass }: Ingredient): number => (oilClass === 'none' ? Infinity : DAYS_AT_20_C[oilClass]);

/** Days until the mix of fats in a recipe turns, at 20 °C in air, or Infinity without fat: rates add up by share of the fat. */
function daysOfMix(lines: readonly DoughLine[]): number {
  let fat_g = 0;
  let rate = 0;
  for (const { ingredient, mass_g } of lines) {
    if (ingredient.oilClass === 'none') continue;
    const here_g = (ingredient.fat * mass_g) / 100;
    fat_g += here_g;
    rate += here_g / DAYS_AT_20_C[ingredient.oilClass];
  }
  return rate > 0 ? fat_g / rate : Infinity;
}

/**
 * Days until rancid.
 *
 * @param packFactor - what the pack does to the time [1]: open 0.8, barrier 1.3, absorber 8
 */
// oxlint-disable-next-line max-params -- older than the rule
export function rancidDays(
  lines: readonly DoughLine[],
  composition: Composition,
  aw: number,
  temperature_c: number,
  packFactor: number,
): number {
  const byShare = between(DAYS_BY_SHARE, composition.solids_g > 0 ? composition.fat_g / composition.solids_g : 0);
  return ((daysOfMix(lines) * Q10 ** ((20 - temperature_c) / 10)) / between(SPEED_BY_AW, aw)) * byShare * packFactor;
}

/** Below this water activity fat turns the sooner the drier it is [1]: no water is left to shield it. */
export const DRIER_IS_SOONER = SPEED_BY_AW[3][0];
