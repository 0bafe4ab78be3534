import type { Support } from './appliance';
import { BoilingCap } from './boiling-cap';
import { CellFaces } from './cell-faces';
import type { LoadExchange } from './chamber-air';
import { heldWater, pressingRate } from './juice';
import type { Faces } from './faces';
import { SideExchange } from './side-exchange';
import { DRIEST, type Slab } from './slab';
import { stiffnessLimit } from './stiffness';
import { SurfaceFlux } from './surface-flux';
import { solveTridiagonal } from './tridiagonal';
import { WATER_J_PER_KG_K } from '../quantities';

/** What a piece sees: below it, above it and at its sides [°C], and the vapour in that air [Pa]. */
export type AroundPiece = { readonly below_c: number; readonly above_c: number; readonly vapour_pa: number };
/** How heat gets into the outer cells [W/(m2 K)], and how far their latent heat is limited. */
type Coupling = {
  readonly topHeat: number;
  readonly bottomHeat: number;
  readonly topLimit: number;
  readonly bottomLimit: number;
};

/**
 * One semi-implicit step of the slab: heat with moisture frozen, moisture with heat frozen, then what boils off.
 * The latent heat of a nearly dry cell is so stiff that it is limited in the heat solve and the difference is carried
 * over to the next step, so that energy closes. Equations: docs/model/heat.md.
 */
export class SlabStepper {
  readonly top: SurfaceFlux;
  readonly bottom: SurfaceFlux;
  readonly load: LoadExchange = {
    heat_W_per_m2: 0,
    conductance_W_per_m2_K: 0,
    evaporation_kg_per_m2_s: 0,
    transfer_kg_per_m2_s_Pa: 0,
  };
  /** Largest temperature and relative moisture change of the last step, for the step control. */
  largestRise_K = 0;
  largestDrying = 0;
  /** Sums since the start, per m2 of initial area: for the audits and the mass balance. */
  evaporated_kg_per_m2 = 0;
  dripped_kg_per_m2 = 0;
  heatIn_J_per_m2 = 0;
  sensible_J_per_m2 = 0;
  latent_J_per_m2 = 0;

  private readonly lower: Float64Array;
  private readonly diagonal: Float64Array;
  private readonly upper: Float64Array;
  private readonly rhs: Float64Array;
  private readonly between: CellFaces;
  private readonly sides: SideExchange;
  private readonly boiling: BoilingCap;
  private readonly cell = {
    moisture: 0,
    vapour_pa: 0,
    vapourPerMoisture: 0,
    vapourPerKelvin: 0,
    logSaturation: 0,
    saturationSlope: 0,
    phi: 0,
    phiSlope: 0,
  };

  constructor(
    private readonly slab: Slab,
    private readonly faces: Faces,
  ) {
    const size = slab.count + 1;
    const array = (): Float64Array => new Float64Array(size);
    [this.lower, this.diagonal, this.upper, this.rhs] = [array(), array(), array(), array()];
    this.between = new CellFaces(slab);
    this.sides = new SideExchange(slab, faces);
    this.boiling = new BoilingCap(slab);
    const { activity, moisture0 } = slab.material;
    this.top = new SurfaceFlux(activity, slab.inverseScale, moisture0);
    this.bottom = new SurfaceFlux(activity, slab.inverseScale, moisture0);
  }

  /** Turning swaps the faces' warm starts. */
  swapFaces(): void {
    const top = this.top.moisture_kg_per_kg;
    this.top.moisture_kg_per_kg = this.bottom.moisture_kg_per_kg;
    this.bottom.moisture_kg_per_kg = top;
  }

  /** Temperature just at the top and bottom face [°C]. */
  topSurface_c = 0;
  bottomSurface_c = 0;

  step(dt_s: number, air: AroundPiece, support: Support): void {
    const { slab, faces } = this;
    const { below_c: air_c, above_c, vapour_pa: air_pa } = air;
    const last = slab.count - 1;
    this.between.fill(dt_s);
    this.sides.fill(dt_s, air_pa);
    this.solveSurface(this.top, 0, faces.topMass, air_pa);
    this.solveSurface(this.bottom, last, faces.bottomMass, air_pa);
    const topLimit = stiffnessLimit(dt_s, (slab.areaFactor * this.top.fluxPerMoisture) / slab.solids[0]);
    const bottomLimit = stiffnessLimit(dt_s, (slab.areaFactor * this.bottom.fluxPerMoisture) / slab.solids[last]);

    const topConductance = 1 / (1 / faces.topHeat + slab.height[0] / (2 * slab.conductivity[0]));
    const bottomConductance = support.tray
      ? 1 / (1 / support.tray.contact_W_per_m2_K + slab.height[last] / (2 * slab.conductivity[last]))
      : 1 / (1 / faces.bottomHeat + slab.height[last] / (2 * slab.conductivity[last]));

    this.solveHeat(dt_s, air, support, {
      topHeat: topConductance * slab.areaFactor,
      bottomHeat: bottomConductance * slab.areaFactor,
      topLimit,
      bottomLimit,
    });
    const evaporated = this.solveMoisture(dt_s, topLimit, bottomLimit);
    const flashed = this.boilOff(dt_s);
    this.drip(dt_s);
    this.load.evaporation_kg_per_m2_s = (evaporated + flashed) / dt_s;
    this.load.transfer_kg_per_m2_s_Pa = faces.topMass + faces.bottomMass;
    this.evaporated_kg_per_m2 += evaporated + flashed;
    this.topSurface_c =
      slab.temperature[0] + (topConductance * (above_c - slab.temperature[0]) * slab.height[0]) / (2 * slab.conductivity[0]);
    const below_c = support.tray ? slab.trayTemperature : air_c;
    this.bottomSurface_c =
      slab.temperature[last] +
      (bottomConductance * (below_c - slab.temperature[last]) * slab.height[last]) / (2 * slab.conductivity[last]);
  }

  private solveSurface(face: SurfaceFlux, index: number, transfer: number, air_pa: number): void {
    const { slab, cell } = this;
    cell.moisture = slab.moisture[index];
    cell.vapour_pa = slab.vapour[index];
    cell.vapourPerMoisture = slab.vapourPerMoisture[index];
    cell.vapourPerKelvin = slab.vapourPerKelvin[index];
    cell.logSaturation = slab.logSaturation[index];
    cell.saturationSlope = slab.saturationSlope[index];
    cell.phi = slab.phi[index];
    cell.phiSlope = slab.phiSlope[index];
    const halfHeight = slab.height[index] / 2;
    const density = slab.solids[index] / slab.height[index];
    face.solve(
      cell,
      (density * slab.diffusion[index]) / halfHeight,
      slab.vapourConductivity[index] / halfHeight,
      transfer,
      air_pa,
      slab.pressure_pa,
    );
  }

  private solveHeat(dt_s: number, air: AroundPiece, support: Support, coupling: Coupling): void {
    const { below_c: air_c, above_c, vapour_pa: air_pa } = air;
    const { topHeat, bottomHeat, topLimit, bottomLimit } = coupling;
    const { slab, lower, diagonal, upper, rhs, top, bottom, between, sides } = this;
    const { areaFactor: area, temperature, vapour, vapourPerKelvin, latent, owed } = slab;
    const last = slab.count - 1;
    for (let i = 0; i <= last; i++) {
      const vapourLoss = sides.limit[i] * latent[i] * sides.mass[i];
      diagonal[i] = slab.capacity(i) / dt_s + sides.heat[i] + vapourLoss * vapourPerKelvin[i];
      rhs[i] = owed[i] / dt_s + sides.heat[i] * (above_c - temperature[i]) - vapourLoss * (vapour[i] - air_pa);
      lower[i] = upper[i] = 0;
    }
    for (let i = 0; i < last; i++) {
      const k = between.conduction[i];
      const g = between.limit[i] * area * between.vapour[i] * between.latent[i];
      const flow = k * (temperature[i] - temperature[i + 1]) + g * (vapour[i] - vapour[i + 1]);
      const out = k + g * vapourPerKelvin[i];
      const back = k + g * vapourPerKelvin[i + 1];
      diagonal[i] += out;
      upper[i] -= back;
      diagonal[i + 1] += back;
      lower[i + 1] -= out;
      rhs[i] -= flow;
      rhs[i + 1] += flow;
    }
    const topLatent = topLimit * area * slab.latent[0];
    diagonal[0] += topHeat + topLatent * top.fluxPerKelvin;
    rhs[0] += topHeat * (above_c - temperature[0]) - topLatent * top.flux;

    const bottomLatent = bottomLimit * area * slab.latent[last];
    diagonal[last] += bottomHeat + bottomLatent * bottom.fluxPerKelvin;
    rhs[last] -= bottomLatent * bottom.flux;
    let size = slab.count;
    if (support.tray) {
      const below = slab.trayTemperature;
      rhs[last] += bottomHeat * (below - temperature[last]);
      upper[last] = -bottomHeat;
      lower[size] = -bottomHeat;
      upper[size] = 0;
      diagonal[size] = support.tray.capacity_J_per_m2_K / dt_s + bottomHeat + this.faces.trayHeat;
      rhs[size] = this.faces.trayHeat * (air_c - below) + bottomHeat * (temperature[last] - below);
      size++;
    } else rhs[last] += bottomHeat * (air_c - temperature[last]);

    // Capacities before the update: the audit counts heat stored with the old moisture, as the balance does.
    for (let i = 0; i <= last; i++) slab.owed[i] = slab.capacity(i);
    solveTridiagonal(lower, diagonal, upper, rhs, size);
    this.afterHeat(dt_s, air, support, coupling);
  }

  /** Updates temperatures, the unlimited vapour fluxes at the new temperatures, and the load on the chamber. */
  private afterHeat(dt_s: number, air: AroundPiece, support: Support, { topHeat, bottomHeat }: Coupling): void {
    const { below_c: air_c, above_c, vapour_pa: air_pa } = air;
    const { slab, rhs, sides } = this;
    const { temperature, owed, vapour, vapourPerKelvin } = slab;
    const last = slab.count - 1;
    let largestRise_K = 0;
    let sensible = 0;
    let fromSides = 0;
    let sideConductance = 0;
    for (let i = 0; i <= last; i++) {
      const rise = rhs[i];
      temperature[i] += rise;
      largestRise_K = Math.max(largestRise_K, Math.abs(rise));
      sensible += owed[i] * rise;
      owed[i] = 0;
      fromSides += sides.heat[i] * (above_c - temperature[i]);
      sideConductance += sides.heat[i];
      sides.flux[i] = sides.mass[i] * (vapour[i] + vapourPerKelvin[i] * rise - air_pa);
    }
    this.largestRise_K = largestRise_K;
    this.sensible_J_per_m2 += sensible;
    this.between.setFlux(rhs);
    this.top.flux += this.top.fluxPerKelvin * rhs[0];
    this.bottom.flux += this.bottom.fluxPerKelvin * rhs[last];

    let fromBelow = bottomHeat * (air_c - temperature[last]);
    let belowConductance = bottomHeat;
    let intoPiece = fromBelow;
    if (support.tray) {
      slab.trayTemperature += rhs[slab.count];
      fromBelow = this.faces.trayHeat * (air_c - slab.trayTemperature);
      intoPiece = bottomHeat * (slab.trayTemperature - temperature[last]);
      belowConductance = this.faces.trayHeat;
    }
    const fromAbove = topHeat * (above_c - temperature[0]);
    this.heatIn_J_per_m2 += (fromAbove + intoPiece + fromSides) * dt_s;
    this.load.heat_W_per_m2 = fromAbove + fromBelow + fromSides;
    this.load.conductance_W_per_m2_K = topHeat + belowConductance + sideConductance;
  }

  /** Moisture with heat frozen; books the latent heat that the heat solve did not charge. Returns what left [kg/m2]. */
  private solveMoisture(dt_s: number, topLimit: number, bottomLimit: number): number {
    const { slab, lower, diagonal, upper, rhs, top, bottom, between, sides } = this;
    const { areaFactor: area, moisture, temperature, vapourPerMoisture, latent, solids, owed: owe } = slab;
    const last = slab.count - 1;
    for (let i = 0; i <= last; i++) {
      diagonal[i] = solids[i] / dt_s + sides.mass[i] * vapourPerMoisture[i];
      rhs[i] = -sides.flux[i];
      lower[i] = upper[i] = 0;
    }
    for (let i = 0; i < last; i++) {
      const liquid = area * between.liquid[i];
      const vapour = area * between.vapour[i];
      const flow = liquid * (moisture[i] - moisture[i + 1]) + area * between.flux[i];
      const out = liquid + vapour * vapourPerMoisture[i];
      const back = liquid + vapour * vapourPerMoisture[i + 1];
      diagonal[i] += out;
      upper[i] -= back;
      diagonal[i + 1] += back;
      lower[i + 1] -= out;
      rhs[i] -= flow;
      rhs[i + 1] += flow;
    }
    diagonal[0] += area * top.fluxPerMoisture;
    rhs[0] -= area * top.flux;
    diagonal[last] += area * bottom.fluxPerMoisture;
    rhs[last] -= area * bottom.flux;
    solveTridiagonal(lower, diagonal, upper, rhs, slab.count);

    // Carry-over: latent heat of the difference between the flux used here and the one charged in the heat solve.
    const topUsed = top.flux + top.fluxPerMoisture * rhs[0];
    const bottomUsed = bottom.flux + bottom.fluxPerMoisture * rhs[last];
    owe[0] -= latent[0] * (topUsed - topLimit * top.flux) * dt_s * area;
    owe[last] -= latent[last] * (bottomUsed - bottomLimit * bottom.flux) * dt_s * area;
    let left = (topUsed + bottomUsed) * area;
    let carried = 0;
    let latentOut = (topUsed * latent[0] + bottomUsed * latent[last]) * area;
    for (let i = 0; i <= last; i++) {
      const used = sides.flux[i] + sides.mass[i] * vapourPerMoisture[i] * rhs[i];
      owe[i] -= latent[i] * (used - sides.limit[i] * sides.flux[i]) * dt_s;
      left += used;
      latentOut += used * latent[i];
    }
    for (let i = 0; i < last; i++) {
      const charged = between.limit[i] * between.flux[i];
      const used = between.flux[i] + between.vapour[i] * (vapourPerMoisture[i] * rhs[i] - vapourPerMoisture[i + 1] * rhs[i + 1]);
      const shifted = between.latent[i] * (used - charged) * dt_s * area;
      owe[i] -= shifted;
      owe[i + 1] += shifted;
      const flow = area * (between.liquid[i] * (moisture[i] + rhs[i] - moisture[i + 1] - rhs[i + 1]) + used);
      const heat = WATER_J_PER_KG_K * flow * (temperature[i] - temperature[i + 1]) * dt_s;
      owe[flow > 0 ? i + 1 : i] += heat;
      carried += heat;
    }
    // Water changes cells at its own temperature: what it carries is stored heat, not heat from outside.
    this.sensible_J_per_m2 -= carried;
    this.latent_J_per_m2 += latentOut * dt_s;
    return this.applyDrying(left * dt_s);
  }

  private applyDrying(left_kg_per_m2: number): number {
    const { rhs } = this;
    const { count, moisture, solids } = this.slab;
    let floored = 0;
    let largest = 0;
    for (let i = 0; i < count; i++) {
      const wished = moisture[i] + rhs[i];
      const kept = Math.max(DRIEST, wished);
      moisture[i] = kept;
      floored += (kept - wished) * solids[i];
      largest = Math.max(largest, Math.abs(rhs[i]) / (kept + 0.1));
    }
    this.largestDrying = largest;
    return left_kg_per_m2 - floored;
  }

  /** Juice that heated tissue no longer holds runs off, at the temperature it has. */
  private drip(dt_s: number): void {
    const { slab } = this;
    const { holding } = slab.material;
    if (!holding || holding.tissue === 0) return;
    const share = 1 - Math.exp(-dt_s * pressingRate(holding, slab.piece.thickness_m));
    for (let i = 0; i < slab.count; i++) {
      const excess = slab.moisture[i] - heldWater(holding, slab.hottestCell[i], slab.material.moisture0);
      if (excess <= 0) continue;
      slab.moisture[i] -= share * excess;
      this.dripped_kg_per_m2 += share * excess * slab.solids[i];
    }
  }

  /** What boils off once heat and moisture are solved. Returns what left [kg/m2]. */
  private boilOff(dt_s: number): number {
    const { boiling } = this;
    boiling.apply(dt_s);
    this.latent_J_per_m2 += boiling.latent_J_per_m2;
    this.sensible_J_per_m2 -= boiling.latent_J_per_m2;
    return boiling.left_kg_per_m2;
  }
}
