import { cellsFor } from './grid';
import type { Material } from './material';
import type { FreezerAir } from './programme';
import { Recorder } from './recorder';
import type { Simulation, SimulationResult } from './simulation';
import { Slab } from './slab';

/** Water's heat of fusion [J/kg], and how much of the solids' own mass keeps that water from freezing [1]. */
const FUSION_J_PER_KG = 334e3;
const BOUND_PER_SOLIDS = 0.35;
/** Freezing starts here [°C]; conductivity of the frozen piece [W/(m K)]. Source: usual 1.0-1.6. */
const FREEZES_C = -1;
const FROZEN_W_PER_M_K = 1.4;
/** Heat capacities of water, ice and dry solids [J/(kg K)]. */
const WATER_J_PER_KG_K = 4180;
const ICE_J_PER_KG_K = 2050;
/** A freezer's air when it is empty [W/(m2 K)], and how much slower a loaded household one is. Source: ours, 6-12 and 1.5-2. */
export const FREEZER_W_PER_M2_K = 9;
export const LOADED_FREEZER = 1.75;
/** Heat carried out over electricity drawn by a household freezer [1]. Source: ours. */
const PERFORMANCE = 1.2;

/** Heat that must be taken out for the water of a piece to freeze [J/kg of piece]. */
const fusionOf = (waterShare: number): number => FUSION_J_PER_KG * Math.max(0, waterShare - BOUND_PER_SOLIDS * (1 - waterShare));

/** Shape factors of the first and second term for a slab cooled from both faces and for a ball. */
export const PLANK_SHAPES = { slab: [1 / 2, 1 / 8], ball: [1 / 6, 1 / 24] } as const;

/**
 * Minutes that a piece at its freezing point takes to freeze through (Plank 1913), without cooling before and after.
 *
 * @param size_m - thickness of a slab, diameter of a ball
 */
export function plankMinutes(
  shape: keyof typeof PLANK_SHAPES,
  size_m: number,
  food: { readonly waterShare: number; readonly kg_per_m3: number; readonly conductivity_W_per_m_K?: number },
  air_c: number,
  heat_W_per_m2_K: number,
): number {
  const [first, second] = PLANK_SHAPES[shape];
  const k = food.conductivity_W_per_m_K ?? FROZEN_W_PER_M_K;
  const seconds =
    ((food.kg_per_m3 * fusionOf(food.waterShare)) / (FREEZES_C - air_c)) *
    ((first * size_m) / heat_W_per_m2_K + (second * size_m ** 2) / k);
  return seconds / 60;
}

/**
 * A piece in a freezer, as one temperature: it cools to its freezing point, stays there until Plank's time is over, and
 * cools on towards the air. Nothing leaves it.
 */
export function freeze(input: Simulation, { air_c, heat_W_per_m2_K, load_kg }: FreezerAir): SimulationResult {
  const { material, piece, stages, fineness, recordEvery_s, room } = input;
  const slab = new Slab(material, piece, cellsFor(piece.thickness_m, fineness.cells), room.pressure_pa, 1);
  slab.refresh();
  const recorder = new Recorder(slab, recordEvery_s);
  const cold = coldOf(material, piece.thickness_m, air_c, heat_W_per_m2_K, piece.start_c);
  const total_s = stages.reduce((sum, { duration_s }) => sum + duration_s, 0);
  const step_s = recordEvery_s > 0 ? recordEvery_s : total_s;
  for (let time_s = 0; ; time_s = Math.min(total_s, time_s + step_s)) {
    const here_c = cold.at(time_s);
    slab.temperature.fill(here_c);
    recorder.add({ ...NOTHING, time_s, air_c, surface_c: here_c, surfaceMoisture: material.moisture0, heater_J: 0 });
    if (time_s >= total_s) break;
  }
  return {
    frames: recorder.frames,
    end: recorder.last,
    profiles: recorder.profiles,
    shares: slab.shares,
    heater_J: (load_kg * cold.taken_J_per_kg(total_s)) / PERFORMANCE,
    steps: 0,
    waterError: 0,
    energyError: 0,
  };
}

const NOTHING = {
  air_pa: 0,
  browningTop: 0,
  browningBottom: 0,
  browningEdge: 0,
  kill: 0,
  screenedCentre: 0,
  screenedLeast: 0,
};

type Cold = { readonly at: (time_s: number) => number; readonly taken_J_per_kg: (time_s: number) => number };

function coldOf(material: Material, thickness_m: number, air_c: number, heat_W_per_m2_K: number, start_c: number): Cold {
  const waterShare = material.moisture0 / (1 + material.moisture0);
  const capacity = (water_J: number): number => waterShare * water_J + (1 - waterShare) * material.solids_J_per_kg_K;
  const [liquid, frozen] = [capacity(WATER_J_PER_KG_K), capacity(ICE_J_PER_KG_K)];
  /** Time constant of a slab cooled from both faces, half of its own resistance included [s]. */
  const slowness = (heat_J: number): number =>
    material.raw_kg_per_m3 * heat_J * ((0.5 * thickness_m) / heat_W_per_m2_K + thickness_m ** 2 / (8 * FROZEN_W_PER_M_K));
  const cooled_s = start_c > FREEZES_C ? slowness(liquid) * Math.log((start_c - air_c) / (FREEZES_C - air_c)) : 0;
  const food = { waterShare, kg_per_m3: material.raw_kg_per_m3 };
  const frozen_s = cooled_s + 60 * plankMinutes('slab', thickness_m, food, air_c, heat_W_per_m2_K);
  const at = (time_s: number): number => {
    if (time_s < cooled_s) return air_c + (start_c - air_c) * Math.exp(-time_s / slowness(liquid));
    if (time_s < frozen_s) return FREEZES_C;
    return air_c + (FREEZES_C - air_c) * Math.exp(-(time_s - frozen_s) / slowness(frozen));
  };
  const taken_J_per_kg = (time_s: number): number => {
    const share = Math.min(1, Math.max(0, (time_s - cooled_s) / Math.max(1, frozen_s - cooled_s)));
    return (
      liquid * (start_c - Math.max(FREEZES_C, at(time_s))) +
      share * fusionOf(waterShare) +
      frozen * (FREEZES_C - Math.min(FREEZES_C, at(time_s)))
    );
  };
  return { at, taken_J_per_kg };
}
