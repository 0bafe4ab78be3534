/** Sizes that oxygen absorbers are sold in [cc]. Source: ours, what shops offer. */
export const ABSORBERS_CC = [20, 30, 50, 100, 200, 300, 500, 1000, 2000] as const;

/** Oxygen in air [1], in the pores of the food [cc/g], and what creeps in [cc per month]. Source: ours. */
const OXYGEN_SHARE = 0.209;
const IN_FOOD = 0.02;
const CREEPS_IN = 0.06;
const MARGIN = 1.5;

/** What an absorber must take up, and the size to buy; null where none is large enough. */
export type Absorber = { readonly needed_cc: number; readonly buy_cc: number | null };

/** @param density_g_per_ml - of the pieces themselves, without the air between them */
export function absorberFor(pouch_ml: number, food_g: number, density_g_per_ml: number, months: number): Absorber {
  const air_ml = Math.max(0, pouch_ml - food_g / density_g_per_ml);
  const needed_cc = MARGIN * (OXYGEN_SHARE * air_ml + IN_FOOD * food_g + CREEPS_IN * months);
  return { needed_cc, buy_cc: ABSORBERS_CC.find((size) => size >= needed_cc) ?? null };
}
