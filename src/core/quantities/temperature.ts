/** 0 °C and one kelvin on the Fahrenheit scale. */
const F_AT_0_C = 32;
export const F_PER_K = 9 / 5;

/** @example fahrenheit(180) // 356 */
export const fahrenheit = (temperature_c: number): number => temperature_c * F_PER_K + F_AT_0_C;
/** @example celsius(350) // 176.7 */
export const celsius = (temperature_f: number): number => (temperature_f - F_AT_0_C) / F_PER_K;

/** Gas marks with the static oven heat they stand for [°C]. Source: the usual British table. */
const GAS_MARKS: ReadonlyArray<readonly [mark: string, static_c: number]> = [
  ['1/4', 110],
  ['1/2', 120],
  ['1', 140],
  ['2', 150],
  ['3', 165],
  ['4', 180],
  ['5', 190],
  ['6', 200],
  ['7', 220],
  ['8', 230],
  ['9', 240],
];
export const GAS_MARK_NAMES: readonly string[] = GAS_MARKS.map(([mark]) => mark);
/** Half the usual distance between marks: further below the lowest mark there is none [K]. */
const NEAR_A_MARK_K = 5;

/**
 * Heat of a gas mark in a static oven [°C]; null for what is no mark.
 *
 * @example gasMarkHeat('4') // 180
 */
export const gasMarkHeat = (mark: string): number | null => GAS_MARKS.find(([name]) => name === mark)?.[1] ?? null;

/**
 * The nearest gas mark; null where a gas oven cannot hold so low: below 1/4 there is no mark.
 *
 * @example gasMark(90) // null
 */
export function gasMark(static_c: number): string | null {
  if (static_c < GAS_MARKS[0][1] - NEAR_A_MARK_K) return null;
  return GAS_MARKS.reduce((best, mark) => (Math.abs(mark[1] - static_c) < Math.abs(best[1] - static_c) ? mark : best))[0];
}

/** Dials are marked in these steps [K]. */
const DIAL_STEP_K = 5;

/**
 * What a fan oven's dial should say for a static oven's heat [°C]: twenty less at 180, hardly less in low drying.
 *
 * @source ours; the book's "minus 20" is right at 180 °C and too much at 100
 * @example fanFromStatic(180) // 160
 */
export function fanFromStatic(static_c: number): number {
  const drop_K = Math.min(20, Math.max(5, 20 + (static_c - 180) / 6));
  return Math.round((static_c - drop_K) / DIAL_STEP_K) * DIAL_STEP_K;
}

/** The static heat [°C], in steps of the dial, that a fan oven's dial stands for. */
export function staticFromFan(fan_c: number): number {
  let static_c = Math.round(fan_c / DIAL_STEP_K) * DIAL_STEP_K;
  while (fanFromStatic(static_c) < fan_c) static_c += DIAL_STEP_K;
  return static_c;
}
