import type { Material } from './material';
import type { FreezerAir } from './programme';
import type { Slab } from './slab';

/** Water's heat of fusion [J/kg], and how much of the solids' own mass keeps that water from freezing [1]. Source: steam tables of ice (IAPWS 2006); bound water ours. */
const FUSION_J_PER_KG = 334e3;
export const BOUND_PER_SOLIDS = 0.35;
/** Freezing starts here [°C]; conductivity of the frozen piece [W/(m K)]. Source: usual 1.0-1.6. */
const FREEZES_C = -1;
const FROZEN_W_PER_M_K = 1.4;
/** Heat capacities of water, ice and dry solids [J/(kg K)]. Source: Choi & Okos 1986. */
const WATER_J_PER_KG_K = 4180;
const ICE_J_PER_KG_K = 2050;
/** A freezer's air when it is empty [W/(m2 K)], and how much slower a household one gets as this mass is laid in it [1, kg]. Source: ours, 6-12 and 1.5-2. */
const FREEZER_W_PER_M2_K = 9;
const LOADED = 0.75;
const LOAD_KG = 1;

/** Heat transfer in a freezer with so much to freeze [W/(m2 K)]. */
export const freezerTransfer = (load_kg: number): number =>
  FREEZER_W_PER_M2_K / (1 + LOADED * (1 - Math.exp(-load_kg / LOAD_KG)));
/** Heat carried out over electricity drawn by a household freezer [1]. Source: ours. */
const PERFORMANCE = 1.2;

/** Heat that must be taken out for the water of a piece to freeze [J/kg of piece]. */
const fusionOf = (waterShare: number): number => FUSION_J_PER_KG * Math.max(0, waterShare - BOUND_PER_SOLIDS * (1 - waterShare));

/** Shape factors of the first and second term for a slab cooled from both faces and for a ball. [1] Source: Plank 1913. */
export const PLANK_SHAPES = { slab: [1 / 2, 1 / 8], ball: [1 / 6, 1 / 24] } as const;

/**
 * Minutes that a piece at its freezing point takes to freeze through (Plank 1913), without cooling before and after.
 *
 * @param size_m - thickness of a slab, diameter of a ball
 */
// oxlint-disable-next-line max-params -- older than the rule
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

/** A piece in a freezer, as one temperature; it loses nothing. */
export class Freezing {
  private readonly cold: Cold;

  constructor(
    slab: Slab,
    material: Material,
    private readonly freezer: FreezerAir,
  ) {
    const thickness_m = slab.height.reduce((sum, height) => sum + height, 0);
    this.cold = coldOf(material, slab, thickness_m, freezer);
  }

  /** Puts the piece into the state that it has after a time in the freezer. */
  fill(slab: Slab, time_s: number): void {
    slab.temperature.fill(this.cold.at(time_s));
  }

  /** Electricity drawn for it and for what freezes with it [J]. */
  energy_J = (time_s: number): number => (this.freezer.load_kg * this.cold.taken_J_per_kg(time_s)) / PERFORMANCE;
}

type Cold = { readonly at: (time_s: number) => number; readonly taken_J_per_kg: (time_s: number) => number };

/**
 * It cools to its freezing point, stays there until Plank's time is over, and cools on towards the air. Warmer than the
 * kitchen or dried already, it is taken as it comes.
 */
function coldOf(material: Material, slab: Slab, thickness_m: number, { air_c, heat_W_per_m2_K }: FreezerAir): Cold {
  const start_c = slab.mean(slab.temperature);
  const moisture = slab.mean(slab.moisture);
  const waterShare = moisture / (1 + moisture);
  const solids_kg_per_m2 = slab.solids.reduce((sum, mass) => sum + mass, 0);
  const kg_per_m3 = (solids_kg_per_m2 * (1 + moisture)) / (thickness_m * slab.areaFactor);
  // Little resistance inside: what cools it is its surface, so open sides count as so much more of it.
  const { width_m, length_m, heatExposure } = slab;
  const surface = 1 + heatExposure * thickness_m * (1 / width_m + 1 / length_m);
  const capacity = (water_J: number): number => waterShare * water_J + (1 - waterShare) * material.solids_J_per_kg_K;
  const [liquid, frozen] = [capacity(WATER_J_PER_KG_K), capacity(ICE_J_PER_KG_K)];
  /** Time constant of a slab cooled from both faces, half of its own resistance included [s]. */
  const slowness = (heat_J: number): number =>
    (kg_per_m3 * heat_J * ((0.5 * thickness_m) / heat_W_per_m2_K + thickness_m ** 2 / (8 * FROZEN_W_PER_M_K))) / surface;
  const cooled_s = start_c > FREEZES_C ? slowness(liquid) * Math.log((start_c - air_c) / (FREEZES_C - air_c)) : 0;
  const food = { waterShare, kg_per_m3 };
  const frozen_s = cooled_s + (60 * plankMinutes('slab', thickness_m, food, air_c, heat_W_per_m2_K)) / surface;
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
