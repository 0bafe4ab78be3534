import type { ActivityTable } from '../sorption';
import type { Holding } from './juice';
import { WATER_KG_PER_M3 } from '../quantities';

/** Transport and shape behaviour of a kind of food. Units below; all [fit] within the literature windows of docs/model/heat.md. */
export type FoodClass = {
  /** Water diffusivity at 60 °C, wet and dry end [m2/s], and their activation energies [J/mol]. */
  readonly wetDiffusivity_m2_per_s: number;
  readonly dryDiffusivity_m2_per_s: number;
  readonly wetEnergy_J_per_mol: number;
  readonly dryEnergy_J_per_mol: number;
  /** Vapour pathway: share of free-air conductivity when dry, and how much of that is open from the start [1]. */
  readonly pores: number;
  readonly poresOpenAtStart: number;
  /** Air entrapped in the raw piece [1], and how much a leavened piece grows in thickness [1]. */
  readonly airFraction: number;
  readonly rise: number;
  /** Share of the lost volume taken from thickness and from area [1]. */
  readonly shrinkThickness: number;
  readonly shrinkArea: number;
  /** Conductivity of the porous piece over that of its solid mixture [1]. */
  readonly conductivityFactor: number;
  /** Browning speed relative to dough [1]. */
  readonly browning: number;
  /** How far water is slowed as it gets scarce, per monolayer [1]; 0 where nothing is. */
  readonly boundWater: number;
  /** Share of the piece that is a foam: closed bubbles until it sets, open crumb after [1]. */
  readonly foam: number;
};

export type FoodClassName = 'dough' | 'meat' | 'fruit' | 'root' | 'cake';

/**
 * The last water is held: diffusivity and vapour go with exp(-this * monolayer / moisture) [1].
 * Source: form of Xiong, Narsimhan & Okos 1991; window 1.5-3.
 */
const BOUND_WATER = 2.5;

/** One row of the table below, in the order of its head. */
function row(columns: readonly number[]): FoodClass {
  const [wet, dry, wetKJ, dryKJ, pores, open, air, rise, thickness, area, conductivity, browning, foam] = columns;
  return {
    wetDiffusivity_m2_per_s: wet,
    dryDiffusivity_m2_per_s: dry,
    wetEnergy_J_per_mol: wetKJ * 1000,
    dryEnergy_J_per_mol: dryKJ * 1000,
    pores,
    poresOpenAtStart: open,
    airFraction: air,
    rise,
    shrinkThickness: thickness,
    shrinkArea: area,
    conductivityFactor: conductivity,
    browning,
    boundWater: BOUND_WATER,
    foam,
  };
}

/** Source: two-term form of Maroulis & Saravacos 2001; values fit inside Zogzas et al. 1996, Waananen & Okos 1996, Trujillo 2007. */
export const FOOD_CLASSES: Record<FoodClassName, FoodClass> = {
  dough: row([6e-10, 2e-11, 30, 40, 0.05, 0.1, 0.08, 1.1, 0.2, 0.05, 0.75, 1, 1]),
  meat: row([7e-10, 4e-11, 30, 35, 0.012, 0.1, 0.03, 1, 0.55, 0.35, 0.95, 0.8, 0]),
  fruit: row([7e-10, 6e-11, 40, 45, 0.012, 0.3, 0.2, 1, 0.75, 0.25, 0.9, 0.7, 0]),
  root: row([1.2e-9, 1e-10, 40, 40, 0.012, 0.1, 0.03, 1, 0.7, 0.3, 0.95, 0.7, 0]),
  cake: row([8e-10, 5e-11, 30, 40, 0.25, 0.8, 0.25, 1.4, 0.1, 0, 0.6, 1, 1]),
};

const MIXED_BY_LOGARITHM: ReadonlySet<keyof FoodClass> = new Set(['wetDiffusivity_m2_per_s', 'dryDiffusivity_m2_per_s', 'pores']);

/** A class between two: diffusivities and pores by their logarithm, the rest linearly. `share` 0 gives the first. */
export function mixClasses(first: FoodClass, second: FoodClass, share: number): FoodClass {
  const mixed: { -readonly [K in keyof FoodClass]: number } = { ...first };
  for (const key of Object.keys(first) as Array<keyof FoodClass>)
    mixed[key] = MIXED_BY_LOGARITHM.has(key)
      ? Math.exp((1 - share) * Math.log(first[key]) + share * Math.log(second[key]))
      : (1 - share) * first[key] + share * second[key];
  return mixed;
}

/** Make-up of the raw piece by mass fraction (sum 1, else normalised). Fat counts as a dry solid. */
export type WetComposition = {
  readonly water: number;
  /** Starch, sugars and polyols together, and what of it is sugars and polyols. */
  readonly carbohydrate: number;
  readonly sugars?: number;
  readonly protein: number;
  readonly fat: number;
  readonly fibre: number;
  readonly ash: number;
};

/** What the solver needs to know about the raw piece; SI. */
export type Material = {
  readonly food: FoodClass;
  readonly activity: ActivityTable;
  /** Water per dry solids in the raw piece [kg/kg]. */
  readonly moisture0: number;
  /** Water that the solids hold in a single layer [kg/kg]. */
  readonly monolayer: number;
  /** What gives up juice when it is heated; left out where nothing does. */
  readonly holding?: Holding;
  /** Volume of the solids [m3/kg], their heat capacity [J/(kg K)] and conductivity [W/(m K)]. */
  readonly solids_m3_per_kg: number;
  readonly solids_J_per_kg_K: number;
  readonly solids_W_per_m_K: number;
  /** Dry solids per volume of raw piece, and density of the raw piece [kg/m3]. */
  readonly solids_kg_per_m3: number;
  readonly raw_kg_per_m3: number;
};

/** Density [kg/m3], conductivity [W/(m K)] and heat capacity [J/(kg K)] near 90 °C. Source: Choi & Okos 1986; error < 4 % over 20-150 °C. */
const SOLIDS = {
  carbohydrate: { rho: 1590, k: 0.23, c: 1720 },
  protein: { rho: 1320, k: 0.205, c: 2130 },
  fat: { rho: 920, k: 0.13, c: 2130 },
  fibre: { rho: 1304, k: 0.21, c: 2020 },
  ash: { rho: 2418, k: 0.36, c: 1280 },
} as const;
/** Water's conductivity in the mixture [W/(m K)]. Source: Choi & Okos 1986. */
export const WATER_W_PER_M_K = 0.64;

/** Density of a mix without any air in it [kg/m3]. Source: Choi & Okos 1986. */
export function solidDensity(composition: WetComposition): number {
  const parts = Object.keys(SOLIDS) as Array<keyof typeof SOLIDS>;
  const mass = parts.reduce((sum, part) => sum + composition[part], composition.water);
  const volume = parts.reduce((sum, part) => sum + composition[part] / SOLIDS[part].rho, composition.water / WATER_KG_PER_M3);
  return mass / volume;
}

/** Builds the material of a raw piece from what it is made of. */
export function materialOf(composition: WetComposition, food: FoodClass, activity: ActivityTable, holding?: Holding): Material {
  const parts = Object.keys(SOLIDS) as Array<keyof typeof SOLIDS>;
  const solids = parts.reduce((sum, part) => sum + composition[part], 0);
  let volume = 0;
  let heat = 0;
  let conduction = 0;
  for (const part of parts) {
    const fraction = composition[part] / solids;
    volume += fraction / SOLIDS[part].rho;
    heat += fraction * SOLIDS[part].c;
    conduction += (fraction / SOLIDS[part].rho) * SOLIDS[part].k;
  }
  const moisture0 = composition.water / solids;
  const raw_m3_per_kg = (volume + moisture0 / WATER_KG_PER_M3) / (1 - food.airFraction);
  return {
    food,
    activity,
    moisture0,
    monolayer: monolayerOf(composition, solids),
    ...(holding ? { holding } : {}),
    solids_m3_per_kg: volume,
    solids_J_per_kg_K: heat,
    solids_W_per_m_K: conduction / volume,
    solids_kg_per_m3: 1 / raw_m3_per_kg,
    raw_kg_per_m3: (1 + moisture0) / raw_m3_per_kg,
  };
}

/** Monolayers of the components [kg/kg]. Source: Iglesias & Chirife 1982, between raw and baked. */
const MONOLAYERS = { carbohydrate: 0.08, protein: 0.066, fat: 0, fibre: 0.064, ash: 0 } as const;
/** Dissolved sugars hold more than starch does [kg/kg]. Source: fit to Norrish 1966, as in the isotherm. */
const OF_SUGARS = 0.11;

const monolayerOf = (composition: WetComposition, solids: number): number =>
  (Object.keys(MONOLAYERS) as Array<keyof typeof MONOLAYERS>).reduce(
    (sum, part) => sum + (MONOLAYERS[part] * composition[part]) / solids,
    ((OF_SUGARS - MONOLAYERS.carbohydrate) * (composition.sugars ?? 0)) / solids,
  );
