import type { Faces } from './faces';
import type { Slab } from './slab';
import { stiffnessLimit } from './stiffness';
import { activityFactor } from './sorption-heat';
import { logSaturation } from './water-vapour';
import { waterAtAw } from '../sorption';

/** Linear driving force inside a piece towards its sides: 3 per half-width squared (Glueckauf 1955), both directions. [1] */
const SIDE_RESISTANCE = 12;
/** Lateral faces are left out beyond this size [m]. Stefan drag as in the slab [1]. Source: ours. */
const WIDE_M = 0.5;
const STEFAN_CAP = 0.8;

/** Heat and vapour through the sides of a piece, for each of its cells. Equations: docs/model/heat.md. */
export class SideExchange {
  /** Vapour conductance [kg/(m2 s Pa)] and heat conductance [W/(m2 K)], per m2 of initial area. */
  readonly mass: Float64Array;
  readonly heat: Float64Array;
  /** Share of a cell's latent heat that one step may charge [0..1]. */
  readonly limit: Float64Array;
  /** Vapour flux of the step under way [kg/(m2 s)]. */
  readonly flux: Float64Array;

  constructor(
    private readonly slab: Slab,
    private readonly faces: Faces,
  ) {
    const array = (): Float64Array => new Float64Array(slab.count + 1);
    [this.mass, this.heat, this.limit, this.flux] = [array(), array(), array(), array()];
  }

  /** Conductances at the old state. */
  fill(dt_s: number, air_pa: number): void {
    const { slab, faces } = this;
    const { width_m, length_m, exposure, heatExposure } = slab;
    const open = (exposure > 0 || heatExposure > 0) && Math.min(width_m, length_m) <= WIDE_M;
    if (!open) {
      this.mass.fill(0);
      this.heat.fill(0);
      this.limit.fill(1);
      return;
    }
    const sidePerVolume = 2 / width_m + 2 / length_m;
    const q = SIDE_RESISTANCE * (1 / (width_m * width_m) + 1 / (length_m * length_m));
    const { areaFactor, height, conductivity } = slab;
    for (let i = 0; i < slab.count; i++) {
      const sideArea = sidePerVolume * height[i] * areaFactor;
      this.heat[i] = (heatExposure * sideArea) / (1 / faces.sideHeat + sidePerVolume / (conductivity[i] * q));
    }
    if (exposure > 0 && faces.sideMass > 0) this.fillMass(dt_s, air_pa, sidePerVolume, q);
    else {
      this.mass.fill(0);
      this.limit.fill(1);
    }
  }

  private fillMass(dt_s: number, air_pa: number, sidePerVolume: number, q: number): void {
    const { slab, faces, mass, limit } = this;
    const { areaFactor, height, solids, diffusion, vapourConductivity, vapour, vapourPerMoisture, moisture, pressure_pa } = slab;
    const xEquilibrium = this.equilibrium(air_pa);
    for (let i = 0; i < slab.count; i++) {
      const sideArea = sidePerVolume * height[i] * areaFactor;
      const p = vapour[i];
      const stefan = pressure_pa / (pressure_pa - Math.min(p, STEFAN_CAP * pressure_pa));
      const away = moisture[i] - xEquilibrium;
      const chord = Math.abs(away) < 1e-4 ? Math.max(vapourPerMoisture[i], 1) : Math.max((p - air_pa) / away, 1);
      const inner = (solids[i] / height[i]) * (diffusion[i] / chord) + vapourConductivity[i];
      mass[i] = (slab.exposure * sideArea) / (1 / (faces.sideMass * stefan) + sidePerVolume / (inner * q));
      limit[i] = stiffnessLimit(dt_s, (mass[i] * vapourPerMoisture[i]) / solids[i]);
    }
  }

  /** Moisture in equilibrium with the air at the piece's mean temperature. */
  private equilibrium(air_pa: number): number {
    const { slab } = this;
    const mean_c = slab.mean(slab.temperature);
    const relative = Math.min(0.999, Math.max(1e-9, air_pa / Math.exp(logSaturation(mean_c))));
    return waterAtAw(slab.material.activity, Math.log(relative) / activityFactor(mean_c)) / slab.inverseScale;
  }
}
