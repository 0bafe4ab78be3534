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
/** Oxidation speed against water activity, linear between: slowest near 0.3. Source: shape of Labuza 1971, Karel 1980. */
const SPEED_BY_AW: ReadonlyArray<readonly [number, number]> = [
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
/** Little fat hardly shows [share of solids, factor on days]. Source: ours. */
const LEAN = { below: 0.02, factor: 1.5 };

function speedAt(aw: number): number {
  const next = SPEED_BY_AW.findIndex(([end]) => aw <= end);
  if (next <= 0) return SPEED_BY_AW[next === 0 ? 0 : SPEED_BY_AW.length - 1][1];
  const [a0, s0] = SPEED_BY_AW[next - 1];
  const [a1, s1] = SPEED_BY_AW[next];
  return s0 + ((s1 - s0) * (aw - a0)) / (a1 - a0);
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
export function rancidDays(
  lines: readonly DoughLine[],
  composition: Composition,
  aw: number,
  temperature_c: number,
  packFactor: number,
): number {
  const lean = composition.solids_g > 0 && composition.fat_g / composition.solids_g < LEAN.below ? LEAN.factor : 1;
  return ((daysOfMix(lines) * Q10 ** ((20 - temperature_c) / 10)) / speedAt(aw)) * lean * packFactor;
}
