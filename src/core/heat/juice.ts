/** What of the dry solids holds water, and how [kg per kg of solids]. */
export type Holding = {
  /** Lean tissue of meat, fish and organs, without its fat: it lets go as it is heated. */
  readonly tissue: number;
  /** Everything else but fat: flour, egg, fibre. */
  readonly other: number;
  /** Minced or mashed: juice finds its way out between the bits. */
  readonly ground: boolean;
};

/** Water per gram of what is no tissue, as it swells in heat [kg/kg]. Source: ours, cooked starch and set egg. */
const OTHERS_HOLD = 2;
/**
 * Water in tissue that has been at a temperature [kg per kg of tissue]: what raw muscle holds, how much of it heat takes,
 * the temperature [°C] at which the change begins to tell, its steepness [1/K], and how late it comes after that [1].
 *
 * Source: van der Sman 2007 (form and shape); the amplitude so that stewed meat keeps half its weight in water,
 * below his 0.345.
 */
const RAW_SHARE = 0.745;
const TAKEN_BY_HEAT = 0.25;
const BEGINS_C = 52;
const STEEP_PER_K = 0.25;
const LATE = 30;
/** How fast juice is pressed through tissue, whole and ground [m2/s]. Source: window 1e-9 to 1e-8, van der Sman 2007. */
const PRESSED_M2_PER_S = { whole: 2e-9, ground: 1e-8 } as const;

/** Share of juice that is no water: protein, salts, gelatine [1]. Source: ours, window 3 to 8 %. */
const SOLVED = 0.05;

/** What went along, solved in so much water of juice, and both together [kg per kg of dry solids]. */
export const solvedInJuice = (water: number): number => (water * SOLVED) / (1 - SOLVED);

/**
 * Water that the solids hold once they have been so hot [kg/kg]. What was mixed in beyond what they hold raw stays between
 * them, as it stayed in the bowl: heat presses out only what tissue lets go of.
 *
 * @param moisture0 - of the raw mix [kg/kg]
 */
export function heldWater({ tissue, other }: Holding, hottest_c: number, moisture0: number): number {
  const share = RAW_SHARE - TAKEN_BY_HEAT / (1 + LATE * Math.exp(-STEEP_PER_K * (hottest_c - BEGINS_C)));
  const raw = (tissue * RAW_SHARE) / (1 - RAW_SHARE) + OTHERS_HOLD * other;
  return Math.max(0, moisture0 - raw) + (tissue * share) / (1 - share) + OTHERS_HOLD * other;
}

/** Rate at which excess juice finds its way out of a piece of this thickness [1/s]: the slowest mode of a slab open on both faces. */
export const pressingRate = ({ ground }: Holding, thickness_m: number): number =>
  (Math.PI ** 2 * PRESSED_M2_PER_S[ground ? 'ground' : 'whole']) / (thickness_m * thickness_m);
