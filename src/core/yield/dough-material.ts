import type { Heat } from '../document';
import {
  FOOD_CLASSES,
  materialOf,
  mixClasses,
  solidDensity,
  type FoodClass,
  type Holding,
  type Material,
  type WetComposition,
} from '../heat';
import { animalProtein, compose, isRawTissue, scaleComposition, type Composition, type DoughLine } from '../pantry';
import { buildActivityTable, isothermOf, type ActivityTable, type SorptionState } from '../sorption';
import { Known } from './known';

/** The raw piece as the solver sees it, with what the choice of class rests on. */
export type DoughMaterial = {
  readonly material: Material;
  readonly composition: Composition;
  readonly state: SorptionState;
  /** How meat-like it dries: 0 dough, 1 meat. */
  readonly meatLike: number;
  /** Meat and what grew turn leathery where a crumb turns soft. */
  readonly leathery: boolean;
  /** How far its crispness ends above or below the usual water activity [1]; left out for as usual. */
  readonly criticalShift?: number;
};

/** Protein from meat, fish or egg as a share of dry solids between which a dough turns meat-like. Source: ours. */
const MEATY = { from: 0.25, to: 0.45 };
/** Starch as a share of dry solids between which it stays dough whatever the protein. Source: ours. */
const STARCHY = { from: 0.25, to: 0.35 };
/** Starch bakes as a reaction does: e-folded after so long at a setpoint, tenfold faster every so many degrees [min, °C, K]. Source: ours, z near that of browning and starch conversion. */
const BAKES = { min: 15, at_c: 120, z_K: 15 } as const;
/** A share of the baking below this is not told apart: what is remembered of a dough stays good [1]. */
const FINEST_SHARE = 0.001;
/** Moist and poured, or moist, leavened and thick: between these a dough turns cake [wet basis, mm, share of the mix that is leavening]. Source: ours. */
const CAKE = { water: [0.38, 0.46], thickness_mm: [14, 26], leavening: [0, 0.008] } as const;
/** Every real food has some solutes; without them the isotherm would not reach aw 1 [g/g solids]. */
const LEAST_SALT = 0.002;
/** Sugar browns: share of the mix between which the speed rises, and by how much. Source: fit. */
const SUGARY = { from: 0.04, to: 0.12, factor: 1.5 };

const ramp = (value: number, from: number, to: number): number => Math.min(1, Math.max(0, (value - from) / (to - from)));

/** A dough is stiff enough to be handled, a batter fills its pan, and whole things are cut as they grew. */
export type Mixture = 'dough' | 'batter' | 'whole';

/** What kind of thing a piece is before it is heated. */
export type RawPiece = { readonly mixture: Mixture; readonly thickness_mm: number };

/**
 * How far a programme bakes starch and protein, by its setpoints and the minutes at each [0..1].
 */
export function bakedBy({ steps }: Pick<Heat, 'steps'>): number {
  const doses = steps.reduce(
    (sum, step) =>
      'setpoint_c' in step && 'minutes' in step ? sum + step.minutes * 10 ** ((step.setpoint_c - BAKES.at_c) / BAKES.z_K) : sum,
    0,
  );
  return Math.round((1 - Math.exp(-doses / BAKES.min)) / FINEST_SHARE) * FINEST_SHARE;
}

/**
 * Builds the material of a dough. Nothing in it depends on how much dough there is.
 *
 * @param bakedShare - how far the programme bakes it, from `bakedBy`
 */
export function doughMaterial(lines: readonly DoughLine[], piece: RawPiece, bakedShare: number): DoughMaterial {
  const composition = compose(lines);
  const solids_g = composition.solids_g;
  const meatLike =
    ramp(animalProtein(lines) / solids_g, MEATY.from, MEATY.to) *
    (1 - ramp(composition.starch_g / solids_g, STARCHY.from, STARCHY.to));
  const state = bakedShare * (1 - meatLike);
  const activity = activityOf(scaleComposition(composition, 1 / solids_g), state);
  const material = materialOf(wetShares(composition), foodClass(lines, composition, meatLike, piece), activity, {
    ...holdingOf(lines, composition),
    ground: piece.mixture !== 'whole',
  });
  return { material, composition, state, meatLike, leathery: meatLike > 0.5 || piece.mixture === 'whole' };
}

/** A composition by mass fraction, as the solver wants it. */
function wetShares(composition: Composition): WetComposition {
  const share = (mass_g: number): number => mass_g / composition.mass_g;
  return {
    water: share(composition.water_g),
    carbohydrate: share(composition.starch_g + composition.sugars_g + composition.polyol_g),
    sugars: share(composition.sugars_g + composition.polyol_g),
    protein: share(composition.protein_g),
    fat: share(composition.fat_g),
    fibre: share(composition.fibre_g + composition.otherCarb_g),
    ash: share(composition.ash_g),
  };
}

/** How much of the dry solids is lean tissue, and how much anything else that holds water. */
function holdingOf(lines: readonly DoughLine[], { solids_g, fat_g }: Composition): Omit<Holding, 'ground'> {
  const tissue_g = lines.reduce((sum, { ingredient, mass_g }) => {
    const lean = Math.max(0, 100 - ingredient.water - ingredient.fat);
    return isRawTissue(ingredient) ? sum + (mass_g * lean) / 100 : sum;
  }, 0);
  return { tissue: tissue_g / solids_g, other: Math.max(0, solids_g - fat_g - tissue_g) / solids_g };
}

/** The last tables made: while a baker drags the programme, the dough and what goes on it stay the same. */
const tables = new Known<ActivityTable>(8);

function activityOf(perGram: Composition, state: SorptionState): ActivityTable {
  const salted = { ...perGram, saltLike_g: Math.max(LEAST_SALT, perGram.saltLike_g) };
  const key = state + JSON.stringify(salted);
  const known = tables.get(key);
  if (known) return known;
  const table = buildActivityTable(isothermOf(salted, 25, state));
  tables.put(key, table);
  return table;
}

function foodClass(
  lines: readonly DoughLine[],
  composition: Composition,
  meatLike: number,
  { mixture, thickness_mm }: RawPiece,
): FoodClass {
  const moist = ramp(composition.water_g / composition.mass_g, ...CAKE.water);
  const risen = ramp(thickness_mm, ...CAKE.thickness_mm) * ramp(leavening_g(lines) / composition.mass_g, ...CAKE.leavening);
  const cake = moist * (mixture === 'batter' ? 1 : risen);
  const plain = mixture === 'whole' ? grownClass(lines) : mixClasses(FOOD_CLASSES.dough, FOOD_CLASSES.cake, cake);
  const base = mixClasses(plain, FOOD_CLASSES.meat, meatLike);
  const sugar = ramp(composition.sugars_g / composition.mass_g, SUGARY.from, SUGARY.to);
  // Fruit and roots have their own sugar in their class already.
  return mixture === 'whole' ? base : { ...base, browning: base.browning * (1 + (SUGARY.factor - 1) * sugar) };
}

const leavening_g = (lines: readonly DoughLine[]): number =>
  lines.reduce(
    (sum, { ingredient, mass_g }) =>
      ingredient.category === 'leavening' && ingredient.id !== 'gelatin_powder' ? sum + mass_g : sum,
    0,
  );

/** Between root and fruit, by how much there is of either. */
function grownClass(lines: readonly DoughLine[]): FoodClass {
  const of = (category: string): number =>
    lines.reduce((sum, { ingredient, mass_g }) => sum + (ingredient.category === category ? mass_g : 0), 0);
  const [fruit, root] = [of('fruit'), of('root/veg')];
  return mixClasses(FOOD_CLASSES.root, FOOD_CLASSES.fruit, root === 0 ? 1 : fruit / (fruit + root));
}

/** A film of a finish: it neither rises nor holds air, and gives up thickness as it dries. */
const FILM: FoodClass = {
  ...FOOD_CLASSES.dough,
  pores: 0.001,
  poresOpenAtStart: 0,
  airFraction: 0,
  rise: 1,
  shrinkThickness: 1,
  shrinkArea: 0,
  conductivityFactor: 1,
  foam: 0,
};

/** What is put on pieces as the solver sees it: raw, in a thin layer. */
export function filmMaterial(lines: readonly DoughLine[]): DoughMaterial {
  const made = doughMaterial(lines, { mixture: 'dough', thickness_mm: 1 }, 0);
  const { holding: _lets, ...material } = made.material;
  const raw_kg_per_m3 = solidDensity(wetShares(made.composition));
  const solids_kg_per_m3 = raw_kg_per_m3 / (1 + material.moisture0);
  return { ...made, material: { ...material, food: FILM, solids_kg_per_m3, raw_kg_per_m3 } };
}

/** Weight of what is put on pieces [g/mL]. */
export const filmDensity = (lines: readonly DoughLine[]): number => solidDensity(wetShares(compose(lines))) / 1000;
