import { KELVIN_AT_0_C, risingThroughZero } from '../quantities';
import { BOUND_PER_SOLIDS } from './freezing';
import type { Material } from './material';
import type { Vacuum } from './programme';
import type { Slab } from './slab';

/** Heat that turns ice into vapour [J/kg]. Source: steam tables of ice (IAPWS 2006). */
const SUBLIMATION_J_PER_KG = 2.84e6;
/** Shelf to piece by radiation and thin gas [W/(m2 K)]; through the dried layer [W/(m K)]. Source: ours, 0.03-0.06 in the literature. */
const SHELF_W_PER_M2_K = 15;
const DRIED_W_PER_M_K = 0.04;
/** Resistance of the way out without any dried layer [Pa m2 s/kg], and how well the dried layer lets vapour through [kg/(m s Pa)]. Layers of the front [1]. Source: ours. */
const RESISTANCE_PA_M2_S_PER_KG = 5e4;
const PERMEANCE_KG_PER_M_S_PA = 2.5e-8;
const LAYERS = 100;
/** What stays in the dried layer in the end [kg/kg], and the share of the primary time in which bound water falls e-fold [1]. Source: ours, end 0.02-0.04 after 0.15-0.25 of it. */
const ENDS_AT = 0.03;
const SECONDARY_SHARE = 0.09;
/** Ice leaves about this share of open ways behind, over those of free air [1]. Source: ours. */
export const PORES_LEFT = 0.4;

/** Vapour pressure over ice [Pa]. */
export const icePressure = (temperature_c: number): number => Math.exp(28.9074 - 6143.7 / (temperature_c + KELVIN_AT_0_C));

/** How the ice front moves into a face: depth, when it is there, and how cold it is. */
export type IceFront = { readonly depth_m: Float64Array; readonly time_s: Float64Array; readonly front_c: Float64Array };

/**
 * Primary drying of one face, quasi-steady: the heat that comes through the dried layer sublimes the ice at its front.
 *
 * @param depth_m - how far the ice goes: half the thickness with two faces, all of it with one
 * @param ice_kg_per_m3 - frozen water per volume of piece
 * @source the standard moving-front balance of freeze-drying; constants above
 */
export function sublime(depth_m: number, ice_kg_per_m3: number, shelf_c: number, pressure_pa: number): IceFront {
  const depth = new Float64Array(LAYERS + 1);
  const time = new Float64Array(LAYERS + 1);
  const front = new Float64Array(LAYERS + 1);
  const step_m = depth_m / LAYERS;
  for (let i = 0; i < LAYERS; i++) {
    const dried_m = (i + 0.5) * step_m;
    front[i] = frontTemperature(dried_m, shelf_c, pressure_pa);
    const flux = (shelf_c - front[i]) / (1 / SHELF_W_PER_M2_K + dried_m / DRIED_W_PER_M_K) / SUBLIMATION_J_PER_KG;
    depth[i + 1] = depth[i] + step_m;
    time[i + 1] = time[i] + (ice_kg_per_m3 * step_m) / flux;
  }
  front[LAYERS] = front[LAYERS - 1];
  return { depth_m: depth, time_s: time, front_c: front };
}

/** Where heat in and vapour out agree: heat falls and vapour rises with the front's temperature. */
function frontTemperature(dried_m: number, shelf_c: number, pressure_pa: number): number {
  const conductance = 1 / (1 / SHELF_W_PER_M2_K + dried_m / DRIED_W_PER_M_K);
  const resistance = RESISTANCE_PA_M2_S_PER_KG + dried_m / PERMEANCE_KG_PER_M_S_PA;
  const missing = (front_c: number): number =>
    (SUBLIMATION_J_PER_KG * (icePressure(front_c) - pressure_pa)) / resistance - conductance * (shelf_c - front_c);
  return risingThroughZero(missing, -80, shelf_c);
}

/** How far the last ice lies from the faces it leaves by, sides included: 1/l² adds up over the directions; the estimate for slow inner diffusion. */
function reachOf({ width_m, length_m, exposure }: Slab, faces_m: number): number {
  const sides = exposure * (4 / (width_m * width_m) + 4 / (length_m * length_m));
  return 1 / Math.sqrt(1 / (faces_m * faces_m) + sides);
}

/**
 * A frozen piece under vacuum: an ice front that draws back from the faces, bound water that leaves the dried layers
 * behind it, and the shelf's warmth that follows. Reads the piece as it went in, and tells it at any time.
 */
export class FreezeDrying {
  private readonly front: IceFront;
  private readonly startMoisture: Float64Array;
  private readonly startTemperature: Float64Array;
  /** Distance of every cell's middle to the nearest drying face, and of that face to the last ice [m]. */
  private readonly depth_m: Float64Array;
  private readonly reach_m: number;
  private readonly shortened: number;
  readonly primary_s: number;

  constructor(
    slab: Slab,
    material: Material,
    private readonly vacuum: Vacuum,
  ) {
    const thickness_m = slab.height.reduce((sum, height) => sum + height, 0);
    const faces_m = vacuum.faces === 2 ? thickness_m / 2 : thickness_m;
    this.reach_m = reachOf(slab, faces_m);
    this.shortened = this.reach_m / faces_m;
    this.startMoisture = slab.moisture.slice();
    this.startTemperature = slab.temperature.slice();
    this.depth_m = new Float64Array(slab.count);
    let above = 0;
    for (let i = 0; i < slab.count; i++) {
      const middle = above + slab.height[i] / 2;
      // Ice also leaves by the sides: the way through the thickness is as much shorter as that makes it quicker.
      const depth_m = vacuum.faces === 2 ? Math.min(middle, thickness_m - middle) : middle;
      this.depth_m[i] = depth_m * this.shortened;
      above += slab.height[i];
    }
    const solids_kg_per_m3 = (material.solids_kg_per_m3 * slab.piece.thickness_m) / (thickness_m * slab.areaFactor);
    const ice = Math.max(1e-6, slab.mean(slab.moisture) - BOUND_PER_SOLIDS) * solids_kg_per_m3;
    this.front = sublime(this.reach_m, ice, vacuum.shelf_c, vacuum.pressure_pa);
    this.primary_s = this.front.time_s[LAYERS] * vacuum.slowness;
  }

  /** Puts the piece into the state that it has after a time under vacuum. */
  fill(slab: Slab, time_s: number): void {
    const { vacuum, depth_m, startMoisture } = this;
    const dried_m = this.read(this.front.time_s, this.front.depth_m, time_s / vacuum.slowness);
    const front_c = this.read(this.front.time_s, this.front.front_c, time_s / vacuum.slowness);
    const fall_s = SECONDARY_SHARE * this.primary_s;
    for (let i = 0; i < slab.count; i++) {
      const half_m = (slab.height[i] / 2) * this.shortened;
      const share = Math.min(1, Math.max(0, (dried_m - (depth_m[i] - half_m)) / (2 * half_m)));
      const passed_s = this.read(this.front.depth_m, this.front.time_s, Math.min(depth_m[i], this.reach_m)) * vacuum.slowness;
      const bound = Math.min(startMoisture[i], BOUND_PER_SOLIDS);
      const end = Math.min(bound, ENDS_AT);
      const dry = end + (bound - end) * Math.exp(-Math.max(0, time_s - passed_s) / fall_s);
      slab.moisture[i] = (1 - share) * startMoisture[i] + share * dry;
      slab.temperature[i] = this.temperatureAt(i, dried_m, front_c, time_s, fall_s);
    }
  }

  /** Heat and pumping since the vacuum was drawn [J]. */
  energy_J = (time_s: number): number => this.vacuum.power_W * time_s;

  /** Ice at the temperature of its front; dried layers between it and the shelf; everything warms once the ice is gone. */
  // oxlint-disable-next-line max-params -- older than the rule
  private temperatureAt(cell: number, dried_m: number, front_c: number, time_s: number, fall_s: number): number {
    const { shelf_c } = this.vacuum;
    const drawnDown = Math.exp(-time_s / (0.05 * this.primary_s + 60));
    const ice_c = front_c + (this.startTemperature[cell] - front_c) * drawnDown;
    if (this.depth_m[cell] >= dried_m && time_s < this.primary_s) return ice_c;
    const outside = 1 / SHELF_W_PER_M2_K;
    const cold = (outside + Math.min(dried_m, this.depth_m[cell]) / DRIED_W_PER_M_K) / (outside + dried_m / DRIED_W_PER_M_K);
    const warmed = Math.exp(-Math.max(0, time_s - this.primary_s) / fall_s);
    return shelf_c + (ice_c - shelf_c) * cold * warmed;
  }

  /** Linear reading of `to` where `from` has this value. */
  private read(from: Float64Array, to: Float64Array, value: number): number {
    if (value >= from[LAYERS]) return to[LAYERS];
    let [low, high] = [0, LAYERS];
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (from[middle] <= value) low = middle;
      else high = middle;
    }
    return to[low] + ((to[high] - to[low]) * (value - from[low])) / (from[high] - from[low]);
  }
}
