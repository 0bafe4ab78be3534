import { activityFactor, boundLatentHeat } from './sorption-heat';
import type { Slab } from './slab';
import { logSaturation } from './water-vapour';
import { KELVIN_AT_0_C, WATER_J_PER_KG_K } from '../quantities';
import { lookUpLogAw } from '../sorption';

/** No kitchen stands where water boils below this [°C]. Source: ours, for the highest town. */
const NEVER_BOILS_BELOW_C = 85;
/** Slope of ln psat by Clausius-Clapeyron is this over T² [K]; only the step size depends on it. Source: latent heat at 100 °C over the gas constant of vapour. */
const LATENT_K = 4900;
/** Newton steps, and the change of moisture at which they end [1]. Source: ours. */
const ITERATIONS = 4;
/** Half the thickness of the walls between pores, which bound water must creep through before it can boil [m]. Source: window 0.05-0.3 mm, crumb and biscuit micrographs; ours within it. */
const WALL_M = 2e-4;
const CLOSE_ENOUGH = 1e-9;

/**
 * What boils off: a cell whose vapour pressure exceeds the air's loses water at constant enthalpy until it does not.
 * Steam is taken to leave the piece at once (permeable crumb). Equations: docs/model/heat.md.
 */
export class BoilingCap {
  /** Water that the last call boiled off, and the heat that it took, per m2 of initial area. */
  left_kg_per_m2 = 0;
  latent_J_per_m2 = 0;
  private readonly activity = new Float64Array(2);

  constructor(private readonly slab: Slab) {}

  apply(dt_s: number): void {
    const { slab } = this;
    const held = slab.material.food.boundWater > 0;
    const logPressure = Math.log(slab.pressure_pa);
    this.left_kg_per_m2 = 0;
    this.latent_J_per_m2 = 0;
    for (let i = 0; i < slab.count; i++) {
      if (slab.temperature[i] < NEVER_BOILS_BELOW_C) continue;
      const excess = this.logVapour(slab.temperature[i], slab.moisture[i]) - logPressure;
      if (excess > 0) this.boilCell(i, excess, logPressure, held ? shareFreed(dt_s, slab.diffusion[i]) : 1);
    }
  }

  /** Water that leaves a cell: of what would boil, the share that has crept out of its walls. */
  private boilCell(i: number, excess: number, logPressure: number, freed: number): void {
    const { slab, activity } = this;
    const { activity: table, solids_J_per_kg_K } = slab.material;
    const t = slab.temperature[i];
    const x = slab.moisture[i];
    lookUpLogAw(table, x * slab.inverseScale, activity);
    const latent = boundLatentHeat(t, activity[0]);
    const cooling = latent / (solids_J_per_kg_K + WATER_J_PER_KG_K * x);
    const dx = freed * this.driedTo(logPressure, i, cooling, excess);
    slab.temperature[i] = t - cooling * dx;
    slab.moisture[i] = x - dx;
    this.left_kg_per_m2 += dx * slab.solids[i];
    this.latent_J_per_m2 += latent * dx * slab.solids[i];
  }

  /** Moisture that a cell must lose, cooling as it does, until its vapour is at this pressure [kg/kg]; by Newton's method. */
  private driedTo(logPressure: number, i: number, cooling: number, firstExcess: number): number {
    const { slab, activity } = this;
    const [t, x] = [slab.temperature[i], slab.moisture[i]];
    const slopeT = LATENT_K / (t + KELVIN_AT_0_C) ** 2;
    let excess = firstExcess;
    let dx = 0;
    for (let iteration = 0; iteration < ITERATIONS; iteration++) {
      lookUpLogAw(slab.material.activity, (x - dx) * slab.inverseScale, activity);
      const slope = -activity[1] * slab.inverseScale - cooling * slopeT;
      dx = Math.min(x / 2, Math.max(0, dx - excess / slope));
      excess = this.logVapour(t - cooling * dx, x - dx) - logPressure;
      if (Math.abs(excess) < CLOSE_ENOUGH) break;
    }
    return dx;
  }

  private logVapour(temperature_c: number, moisture: number): number {
    const { slab, activity } = this;
    lookUpLogAw(slab.material.activity, moisture * slab.inverseScale, activity);
    return activityFactor(temperature_c) * activity[0] + logSaturation(temperature_c);
  }
}

/** Share of what would boil that a step frees from the pore walls: the slowest mode of diffusion through them (Crank 1975). */
const shareFreed = (dt_s: number, diffusion_m2_per_s: number): number =>
  1 - Math.exp((-dt_s * Math.PI * Math.PI * diffusion_m2_per_s) / (WALL_M * WALL_M));
