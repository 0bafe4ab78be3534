import type { DoughLine, Ingredient } from '../pantry';

/** How long the dough has stood, and how warm the kitchen is. */
export type BowlState = { readonly standing_min: number; readonly kitchen_c: number };

/** A bowl of which nothing is said [min, °C]. Source: ours. */
export const USUAL_BOWL: BowlState = { standing_min: 10, kitchen_c: 20 };

/**
 * Liquid-equivalents of fat by its state [g/g]: an oil loosens nearly half as much as water, a hard fat hardly.
 * Source: fit to the calibration doughs of docs/model/dough.md.
 */
const FAT_LOOSENS = { liquid: 0.45, soft: 0.22, firm: 0.08 } as const;
/** Melting points of fats that set in a kitchen [°C]; the rest are oils. Source: usual values of coconut oil, milk fat, lard and tallow. */
const MELTS_AT_C: Partial<Record<Ingredient['oilClass'], number>> = { sat: 24, butter: 32, animal: 30 };
/** Below its melting point a fat is soft over this span, then firm [K]. Source: fit, with the fats above. */
const SOFT_SPAN_K = 14;

/** The same of fat inside nut butters, of emulsions, and of fat that stays in its cells [g/g]. Source: fit to the same doughs. */
const NUT_BUTTER_FAT_LOOSENS = 0.32;
const EMULSION_FAT_LOOSENS = 0.2;
const BOUND_FAT_LOOSENS = 0.1;
/** Dissolving sugar and polyols loosen a dough [g/g]. Source: fit. */
const SUGAR_LOOSENS = 0.3;
const POLYOL_LOOSENS = 0.6;

const LOOSENED_BY_SUGAR = new Set(['sweetener', 'fruit puree', 'dairy']);
const EMULSIONS = new Set(['egg', 'dairy', 'liquid']);

/** Time in which standing goods take up 63 % of their extra water [min]. Source: fit. */
const SOAKS_IN_MIN = 12;
const SEEDS_SOAK_IN_MIN = 8;

/**
 * Free liquid that a gram of the ingredient brings to the dough [g/g].
 * When its moisture was measured, its solids keep the share of water that they bind.
 */
export function freeLiquid(line: DoughLine, kitchen_c: number): number {
  const row = line.ingredient;
  const listed = row.water / 100;
  let wets = row.mobileWaterFraction * listed;
  if (line.waterPct !== undefined && listed < 1) {
    const measured = line.waterPct / 100;
    wets = Math.max(0, measured - ((1 - row.mobileWaterFraction) * listed * (1 - measured)) / (1 - listed));
  }
  const sugar = LOOSENED_BY_SUGAR.has(row.category) ? SUGAR_LOOSENS * row.sugars : 0;
  return wets + (fatLoosens(row, kitchen_c) * row.fat + sugar + POLYOL_LOOSENS * row.polyol) / 100;
}

function fatLoosens(row: Ingredient, kitchen_c: number): number {
  if (row.category === 'fat/oil') {
    const melts_c = MELTS_AT_C[row.oilClass];
    if (melts_c === undefined || kitchen_c >= melts_c) return FAT_LOOSENS.liquid;
    return kitchen_c >= melts_c - SOFT_SPAN_K ? FAT_LOOSENS.soft : FAT_LOOSENS.firm;
  }
  if (row.category === 'nut/seed butter') return NUT_BUTTER_FAT_LOOSENS;
  if (!EMULSIONS.has(row.category)) return 0;
  return row.mobileWaterFraction === 0 ? BOUND_FAT_LOOSENS : EMULSION_FAT_LOOSENS;
}

/** Water that a gram of the ingredient binds after standing, as in a standard dough [g/g]. */
export function boundWater(row: Ingredient, standing_min: number): number {
  const soaks_min = row.category === 'seed' ? SEEDS_SOAK_IN_MIN : SOAKS_IN_MIN;
  return row.bindsNow_g_per_g + (row.bindsRested_g_per_g - row.bindsNow_g_per_g) * (1 - Math.exp(-standing_min / soaks_min));
}

/** Free liquid and water-binding of a whole dough [g], and what their ratio says. */
export type Softness = {
  /** Free liquid over bindable liquid; 1 is bread dough, Infinity when nothing binds. */
  readonly index: number;
  /** Standard deviation of the index, from measuring and from the model itself. */
  readonly sd: number;
  readonly freeLiquid_g: number;
  readonly binding_g: number;
};

/** Scatter of weighing and of the listed composition, relative [1]. Source: ours. */
const WEIGHED_REL_SD = 0.03;
/** The model's own scatter, relative to the index. Source: fit, residual of the calibration doughs. [1] */
const MODEL_REL_SD = 0.08;

/**
 * Softness index of a dough: free liquid over what its dry goods bind.
 *
 * @source ours; flour absorption after farinograph ranges (AACC 54-21), meat after Huff-Lonergan & Lonergan 2005
 */
export function softness(lines: readonly DoughLine[], bowl: BowlState = USUAL_BOWL): Softness {
  let freeLiquid_g = 0;
  let binding_g = 0;
  let variance = 0;
  for (const line of lines) {
    const relSd = line.relSd ?? WEIGHED_REL_SD;
    const liquid_g = line.mass_g * freeLiquid(line, bowl.kitchen_c);
    const bound_g = line.mass_g * boundWater(line.ingredient, bowl.standing_min);
    freeLiquid_g += liquid_g;
    binding_g += bound_g;
    variance += (liquid_g * relSd) ** 2 + (bound_g * relSd) ** 2;
  }
  const index = binding_g > 0 ? freeLiquid_g / binding_g : Infinity;
  const measuring = binding_g > 0 ? Math.sqrt(variance) / binding_g : 0;
  const sd = Number.isFinite(index) ? Math.hypot(measuring, MODEL_REL_SD * index) : 0;
  return { index, sd, freeLiquid_g, binding_g };
}
