import { simulate, type Fineness, type Room, type SimulationResult, type Stage, type Support } from '../heat';
import { BROWNING } from '../programme';
import type { DoughMaterial } from '../yield';

/** Still air that a coat dries in, for so long. */
export type DryingStage = { readonly air_c: number; readonly relativeHumidity: number; readonly minutes: number };

/** A coat of one thickness on a piece of another. */
export type Film = {
  readonly dough: DoughMaterial;
  readonly thickness_mm: number;
  /** Of the piece under it: it lends its warmth while the coat evaporates. */
  readonly under_mm: number;
};

/** Warmth that a biscuit stores, and how it comes up into the coat [J/(m3 K), W/(m2 K)]. Source: ours, a biscuit of 700 kg/m3. */
export const UNDER_J_PER_M3_K = 1.2e6;
const UNDER_W_PER_M2_K = 60;
/** No coat is computed thinner or thicker [mm]. */
const THINNEST_MM = 0.05;
const THICKEST_MM = 20;
/** Wide: a coat has no sides to speak of [m]. */
const WIDE_M = 1;
const RECORD_S = 600;
/** In still air nothing is quick: longer steps than in an oven do [1, K, s]. */
const IN_STILL_AIR: Fineness = { cells: 12, rise_K: 3, drying: 0.06, longest_s: 300 };

/**
 * Dries a coat in still air: the simulation of a piece, in a thin layer that is shut below. What seeps into the piece meanwhile
 * is left to the evening-out in the pack. Null where the numbers do not hold.
 */
export function dryFilm(film: Film, stages: readonly DryingStage[], room: Room): SimulationResult | null {
  const thickness_m = Math.min(THICKEST_MM, Math.max(THINNEST_MM, film.thickness_mm)) / 1000;
  const support: Support = {
    breathing: 0,
    heatFactor: 1,
    tray: {
      contact_W_per_m2_K: UNDER_W_PER_M2_K,
      capacity_J_per_m2_K: UNDER_J_PER_M3_K * (film.under_mm / 1000),
      emissivity: 0.9,
    },
  };
  const run = simulate({
    material: film.dough.material,
    piece: { thickness_m, width_m: WIDE_M, length_m: WIDE_M, exposure: 0, heatExposure: 0, start_c: room.temperature_c },
    // It never stands in it: every stage is outside.
    surroundings: { kind: 'freezer', air_c: room.temperature_c, heat_W_per_m2_K: 1, load_kg: 0.001 },
    room,
    stages: stages.map(({ air_c, relativeHumidity, minutes }): Stage => ({
      duration_s: minutes * 60,
      set: { air_c, relativeHumidity },
      door: 'shut',
      preheated: false,
      events: [],
      support,
    })),
    browning: BROWNING,
    fineness: IN_STILL_AIR,
    recordEvery_s: RECORD_S,
  });
  return run.ok ? run.value : null;
}
