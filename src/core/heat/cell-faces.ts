import type { Slab } from './slab';
import { stiffnessLimit } from './stiffness';

/** What passes between each cell of a slab and the one below it. Equations: docs/model/heat.md. */
export class CellFaces {
  /** Heat [W/(m2 K)], over the area as it has shrunk. */
  readonly conduction: Float64Array;
  /** Liquid, per moisture [kg/(m2 s)]; vapour, per pressure [kg/(m2 s Pa)]: none where either cell has no open pores. */
  readonly liquid: Float64Array;
  readonly vapour: Float64Array;
  /** Latent heat that the vapour carries [J/kg], and the share of it that one step may charge [0..1]. */
  readonly latent: Float64Array;
  readonly limit: Float64Array;
  /** Vapour flux of the step under way [kg/(m2 s)]. */
  readonly flux: Float64Array;

  constructor(private readonly slab: Slab) {
    const array = (): Float64Array => new Float64Array(slab.count + 1);
    [this.conduction, this.liquid, this.vapour] = [array(), array(), array()];
    [this.latent, this.limit, this.flux] = [array(), array(), array()];
  }

  /** Conductances at the old state. */
  fill(dt_s: number): void {
    const { areaFactor, count, height, conductivity, solids, diffusion, vapourConductivity, latent, vapourPerMoisture } =
      this.slab;
    for (let i = 0; i < count - 1; i++) {
      const h0 = height[i] / 2;
      const h1 = height[i + 1] / 2;
      const [pores0, pores1] = [vapourConductivity[i], vapourConductivity[i + 1]];
      this.conduction[i] = areaFactor / (h0 / conductivity[i] + h1 / conductivity[i + 1]);
      const liquid0 = (solids[i] / height[i]) * diffusion[i];
      const liquid1 = (solids[i + 1] / height[i + 1]) * diffusion[i + 1];
      this.liquid[i] = (0.5 * (liquid0 + liquid1)) / (h0 + h1);
      const open = pores0 > 0 && pores1 > 0 ? 1 / (h0 / pores0 + h1 / pores1) : 0;
      this.vapour[i] = open;
      this.latent[i] = 0.5 * (latent[i] + latent[i + 1]);
      const stiffness = areaFactor * open * (vapourPerMoisture[i] / solids[i] + vapourPerMoisture[i + 1] / solids[i + 1]);
      this.limit[i] = stiffnessLimit(dt_s, stiffness);
    }
  }

  /**
   * Vapour fluxes once the heat is solved, with moisture as it was.
   *
   * @param rise - how much each cell got warmer [K]
   */
  setFlux(rise: Float64Array): void {
    const { count, vapour, vapourPerKelvin } = this.slab;
    for (let i = 0; i < count - 1; i++)
      this.flux[i] =
        this.vapour[i] * (vapour[i] + vapourPerKelvin[i] * rise[i] - vapour[i + 1] - vapourPerKelvin[i + 1] * rise[i + 1]);
  }
}
