import { SALT_PER_SODIUM } from './check-ingredient';
import type { Ingredient, SorptionClass } from './ingredient';

/** One ingredient of a dough with its mass; `waterPct` when the baker measured its moisture [% wet basis]. */
export type DoughLine = {
  readonly ingredient: Ingredient;
  readonly mass_g: number;
  readonly waterPct?: number;
  /** Relative standard deviation of the measuring; 0.03 when weighed. */
  readonly relSd?: number;
};

/** What a dough is made of [g], with sodium [mg], energy [kcal] and preformed vitamin A [IU]. */
export type Composition = {
  readonly mass_g: number;
  readonly water_g: number;
  readonly protein_g: number;
  readonly fat_g: number;
  readonly carb_g: number;
  readonly sugars_g: number;
  readonly starch_g: number;
  readonly fibre_g: number;
  /** Carbohydrate that is none of the named ones: acids, gums. */
  readonly otherCarb_g: number;
  readonly ash_g: number;
  readonly salt_g: number;
  /** Salt plus the share of the other minerals that acts on water like salt. */
  readonly saltLike_g: number;
  readonly polyol_g: number;
  readonly ethanol_g: number;
  readonly sodium_mg: number;
  readonly kcal: number;
  readonly retinol_iu: number;
  readonly solids_g: number;
  readonly nonFatSolids_g: number;
};

/** Share of the non-salt minerals that holds water like salt does, by class [1]. Source: fit (see docs/model/sorption.md). */
const MINERAL_SHARE: Record<SorptionClass, number> = {
  cereal: 0.05,
  meat: 0.3,
  fish: 0.3,
  egg: 0.3,
  dairy: 0.3,
  nutseed: 0.05,
  spice: 0.15,
  fruit: 0.4,
  veg: 0.35,
  sugar: 0.5,
  fat: 0,
  polyol: 0,
  none: 0,
  salt: 0,
};
/** Baking salts are mostly salt-like whatever their sodium says [1]. Source: fit. */
const LEAVENING_SALT_SHARE = 0.8;

const KEYS = [
  'mass_g',
  'water_g',
  'protein_g',
  'fat_g',
  'carb_g',
  'sugars_g',
  'starch_g',
  'fibre_g',
  'otherCarb_g',
  'ash_g',
  'salt_g',
  'saltLike_g',
  'polyol_g',
  'ethanol_g',
  'sodium_mg',
  'kcal',
  'retinol_iu',
  'solids_g',
  'nonFatSolids_g',
] as const satisfies ReadonlyArray<keyof Composition>;

type Sums = { -readonly [K in keyof Composition]: number };

const emptySums = (): Sums => Object.fromEntries(KEYS.map((key) => [key, 0])) as Sums;

/**
 * Adds up what the lines of a dough contain.
 * A measured moisture scales every solid of that line so that the line still weighs what it weighs.
 *
 * @throws {RangeError} on a negative or non-finite mass: the doors check those before
 */
export function compose(lines: readonly DoughLine[]): Composition {
  const sums = emptySums();
  for (const line of lines) addLine(sums, line);
  return sums;
}

/** The same composition, `factor` times as much of it. */
export function scaleComposition(composition: Composition, factor: number): Composition {
  const sums = emptySums();
  for (const key of KEYS) sums[key] = composition[key] * factor;
  return sums;
}

function addLine(sums: Sums, { ingredient: row, mass_g, waterPct }: DoughLine): void {
  if (!(mass_g >= 0) || !Number.isFinite(mass_g)) throw new RangeError(`mass_g: expected >= 0, got ${mass_g}`);
  const hundreds = mass_g / 100;
  const solidsScale = waterPct === undefined || row.water >= 100 ? 1 : (100 - waterPct) / (100 - row.water);
  const solid = (per100g: number): number => per100g * hundreds * solidsScale;
  const water_g = (waterPct ?? row.water) * hundreds;
  const ethanol_g = row.ethanol * hundreds;
  const salt = Math.min(row.ash, (row.sodium_mg * SALT_PER_SODIUM) / 1000);
  const saltLike =
    row.sorptionClass === 'salt' ? LEAVENING_SALT_SHARE * row.ash : salt + (row.ash - salt) * MINERAL_SHARE[row.sorptionClass];
  const otherCarb = Math.max(0, row.carb - row.sugars - row.starch - row.fibre - row.polyol);
  const solids_g = mass_g - water_g - ethanol_g;
  const parts: Composition = {
    mass_g,
    water_g,
    ethanol_g,
    solids_g,
    protein_g: solid(row.protein),
    fat_g: solid(row.fat),
    carb_g: solid(row.carb),
    sugars_g: solid(row.sugars),
    starch_g: solid(row.starch),
    fibre_g: solid(row.fibre),
    otherCarb_g: solid(otherCarb),
    ash_g: solid(row.ash),
    salt_g: solid(salt),
    saltLike_g: solid(saltLike),
    polyol_g: solid(row.polyol),
    sodium_mg: solid(row.sodium_mg),
    kcal: solid(row.kcal),
    retinol_iu: solid(row.retinol_iu),
    nonFatSolids_g: solids_g - solid(row.fat),
  };
  for (const key of KEYS) sums[key] += parts[key];
}
