/**
 * The conditions under which the heat model's published check runs were made: their isotherm, their oven, their pieces.
 * The product's own sets differ on purpose (docs/model/heat.md); these keep the solver comparable with those runs.
 */
import { builtChamber } from './chambers';
import {
  FOOD_CLASSES,
  SUPPORTS,
  materialOf,
  simulate,
  type FoodClass,
  type Frame,
  type Material,
  type Piece,
  type Simulation,
  type Stage,
} from '@/core/heat';
import { buildActivityTable, laboratoryIsotherm } from '@/core/sorption';

/** Wet composition by mass [%]: water, starch, protein, mono- and disaccharides, fibre, fat, ash. */
type Recipe = readonly [number, number, number, number, number, number, number, number];

export const GRAIN_DOUGH: Recipe = [45, 28, 10, 2, 1, 5, 8, 1];
export const PUREE_DOUGH: Recipe = [45, 37, 6.5, 5, 1.5, 3.5, 1, 0.5];
export const MEAT_SLAB: Recipe = [56, 12, 18, 0.5, 0.5, 1, 10, 1.5];
export const APPLE: Recipe = [85.5, 0.3, 0.3, 8.5, 2.2, 2.5, 0.2, 0.4];
export const ROOT: Recipe = [80, 10, 1.6, 1.5, 3, 3, 0.1, 1];
export const STIFF_DOUGH: Recipe = [30, 42, 9, 2, 1, 4, 11, 1];

export const SEA_LEVEL_PA = 101325;
export const LAB_BROWNING = { at150_per_s: 5e-4, energy_J_per_mol: 85000, whenDry: 1 };
export const LAB_ROOM = { temperature_c: 21, relativeHumidity: 0.5, pressure_pa: SEA_LEVEL_PA };
/** The check runs were made before the static oven's convection was raised. */
export const LAB_OVEN = { ...builtChamber('static-oven'), convectionTop_W_per_m2_K: 9, convectionBottom_W_per_m2_K: 9 };
export const USUAL = { cells: 16, rise_K: 2, drying: 0.03, longest_s: 60 };
export const FINE = { cells: 16, rise_K: 0.7, drying: 0.015, longest_s: 3 };

export function labMaterial(recipe: Recipe, food: FoodClass = FOOD_CLASSES.dough): Material {
  const [water, starch, protein, mono, di, fibre, fat, ash] = recipe.map((pct) => pct / 100);
  const dry = 1 - water;
  const activity = buildActivityTable(
    laboratoryIsotherm({
      starch: starch / dry,
      protein: protein / dry,
      fibre: fibre / dry,
      mono: mono / dry,
      di: di / dry,
      ash: ash / dry,
    }),
  );
  return materialOf({ water, carbohydrate: starch + mono + di, protein, fat, fibre, ash }, food, activity);
}

/** Food without pores, shrinkage or rise, of constant diffusivity: what analytic solutions assume. */
export const IDEAL: FoodClass = {
  ...FOOD_CLASSES.dough,
  pores: 0,
  airFraction: 0,
  rise: 1,
  shrinkThickness: 0,
  shrinkArea: 0,
  wetEnergy_J_per_mol: 0,
  dryEnergy_J_per_mol: 0,
  conductivityFactor: 1,
};

export const slab = (thickness_mm: number, start_c = 20): Piece => ({
  thickness_m: thickness_mm / 1000,
  width_m: 10,
  length_m: 10,
  exposure: 0,
  heatExposure: 0,
  start_c,
});

/** A square piece among others on a tray. */
export const pieceOf = (thickness_mm: number, side_mm: number, exposure: number): Piece => ({
  ...slab(thickness_mm),
  width_m: side_mm / 1000,
  length_m: side_mm / 1000,
  exposure,
  heatExposure: exposure,
});

export const stage = (minutes: number, set: Stage['set'], more: Partial<Stage> = {}): Stage => ({
  duration_s: minutes * 60,
  set,
  door: 'shut',
  support: SUPPORTS['wire-rack'],
  preheated: false,
  events: [],
  ...more,
});

/** One long stage cut at these minutes, so that a frame falls on each of them exactly. */
export function cutAt(minutes: readonly number[], set: Stage['set'], more: Partial<Stage> = {}): Stage[] {
  return minutes.map((minute, i) => stage(minute - (minutes[i - 1] ?? 0), set, i === 0 ? more : { ...more, preheated: false }));
}

export const steady = (air_c: number, vapour_pa: number, heat: number, mass: number): Simulation['surroundings'] => ({
  kind: 'steady',
  air_c,
  vapour_pa,
  heat_W_per_m2_K: heat,
  mass_kg_per_m2_s_Pa: mass,
});

type Setup = Pick<Simulation, 'material' | 'piece' | 'surroundings' | 'stages'> & Partial<Simulation>;

/** Runs and unwraps; a test that expects a run to fail calls simulate itself. */
export function run(setup: Setup): {
  frames: readonly Frame[];
  end: Frame;
  waterError: number;
  energyError: number;
  drawn_J: readonly number[];
} {
  const result = simulate({ room: LAB_ROOM, browning: LAB_BROWNING, fineness: USUAL, recordEvery_s: 30, ...setup });
  if (!result.ok) throw new Error(result.message);
  return result.value;
}

/** The recorded frame nearest to a minute. */
export const frameAt = (frames: readonly Frame[], minute: number): Frame =>
  frames.reduce((a, b) => (Math.abs(b.time_s - minute * 60) < Math.abs(a.time_s - minute * 60) ? b : a));
