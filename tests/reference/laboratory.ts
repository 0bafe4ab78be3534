/**
 * The conditions under which the heat model's published check runs were made: their isotherm, their oven, their pieces.
 * The product's own sets differ on purpose (docs/model/heat.md); these keep the solver comparable with those runs.
 */
import { builtChamber } from './chambers';
import {
  materialOf,
  simulate,
  type FoodClass,
  type Frame,
  type Material,
  type Piece,
  type Simulation,
  type Stage,
  type Support,
} from '@/core/heat';
import { buildActivityTable, laboratoryIsotherm } from '@/core/sorption';

/**
 * Transport of the check runs' foods, as they had it; the product's own have moved on since.
 * Wet and dry diffusivity [m2/s], their energies [J/mol], pores and how open, air, rise, shrinkage of thickness and area,
 * conductivity factor, browning [1].
 */
const food = (columns: readonly number[]): FoodClass => {
  const [wet, dry, wetEnergy, dryEnergy, pores, open, air, rise, thickness, area, conductivity, browning] = columns;
  return {
    wetDiffusivity_m2_per_s: wet,
    dryDiffusivity_m2_per_s: dry,
    wetEnergy_J_per_mol: wetEnergy,
    dryEnergy_J_per_mol: dryEnergy,
    pores,
    poresOpenAtStart: open,
    airFraction: air,
    rise,
    shrinkThickness: thickness,
    shrinkArea: area,
    conductivityFactor: conductivity,
    browning,
    // Nothing of theirs held water back, and nothing was a foam.
    boundWater: 0,
    foam: 0,
  };
};
export const LAB_FOODS = {
  dough: food([6e-10, 2e-11, 30e3, 40e3, 0.05, 0.1, 0.08, 1.1, 0.2, 0.05, 0.75, 1]),
  meat: food([5e-10, 4e-11, 30e3, 35e3, 0.012, 0.1, 0.03, 1, 0.55, 0.35, 0.95, 0.8]),
  fruit: food([9e-10, 6e-11, 40e3, 45e3, 0.012, 0.3, 0.2, 1, 0.75, 0.25, 0.9, 0.7]),
  root: food([1.2e-9, 1e-10, 40e3, 40e3, 0.012, 0.1, 0.03, 1, 0.7, 0.3, 0.95, 0.7]),
  cake: food([8e-10, 5e-11, 30e3, 40e3, 0.25, 0.8, 0.25, 1.4, 0.1, 0, 0.6, 1]),
} as const;

const tray = (breathing: number, contact: number, capacity: number, emissivity: number): Support => ({
  breathing,
  heatFactor: 1,
  tray: { contact_W_per_m2_K: contact, capacity_J_per_m2_K: capacity, emissivity },
});
/** What carried their pieces: trays that give heat only where a piece lies. */
export const LAB_SUPPORTS = {
  'bare-tray': tray(0.05, 150, 3200, 0.85),
  'paper-on-tray': tray(0.15, 120, 3200, 0.85),
  'foil-on-tray': tray(0.02, 120, 3300, 0.85),
  'mat-on-tray': tray(0, 60, 3200, 0.85),
  'deep-pan': tray(0, 150, 4000, 0.6),
  'wire-rack': { breathing: 0.9, tray: null, heatFactor: 0.95 },
  mesh: { breathing: 0.75, tray: null, heatFactor: 0.85 },
  plates: { breathing: 1, tray: null, heatFactor: 1 },
} as const satisfies Record<string, Support>;

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
export const LAB_OVEN = {
  ...builtChamber('static-oven'),
  capacity_J_per_K: 10000,
  convectionTop_W_per_m2_K: 9,
  convectionBottom_W_per_m2_K: 9,
  walls: null,
};
/** Their dryer, of less wind than dryers of the house. */
export const LAB_DRYER = { ...builtChamber('dehydrator'), convectionTop_W_per_m2_K: 14, convectionBottom_W_per_m2_K: 12 };
export const USUAL = { cells: 16, rise_K: 2, drying: 0.03, longest_s: 60 };
export const FINE = { cells: 16, rise_K: 0.7, drying: 0.015, longest_s: 3 };

export function labMaterial(recipe: Recipe, food: FoodClass = LAB_FOODS.dough): Material {
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
  ...LAB_FOODS.dough,
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
  support: LAB_SUPPORTS['wire-rack'],
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
