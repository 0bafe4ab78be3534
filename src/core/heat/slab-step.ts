import type { Support } from './appliance';
import type { LoadExchange } from './chamber-air';
import type { Faces } from './faces';
import { DRIEST, type Slab } from './slab';
import { SurfaceFlux } from './surface-flux';
import { solveTridiagonal } from './tridiagonal';
import { waterAtAw, lookUpLogAw } from '../sorption';
import { activityFactor, boundLatentHeat } from './sorption-heat';
import { WATER_J_PER_KG_K, logSaturation } from './water-vapour';
import { KELVIN_AT_0_C } from '../quantities';

/** Latent heat is limited as if a cell could give this share of its stiff moisture in one step [1]; the rest is owed. */
const STIFFNESS_SHARE = 0.5;
/** Linear driving force inside a piece towards its sides: 3 per half-width squared (Glueckauf 1955), both directions. */
const SIDE_RESISTANCE = 12;
/** Lateral faces are left out beyond this size [m]. */
const WIDE_M = 0.5;
const STEFAN_CAP = 0.8;
const FLASH_ITERATIONS = 4;

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
  heatIn_J_per_m2 = 0;
  sensible_J_per_m2 = 0;
  latent_J_per_m2 = 0;

  private readonly lower: Float64Array;
  private readonly diagonal: Float64Array;
  private readonly upper: Float64Array;
  private readonly rhs: Float64Array;
  private readonly conduction: Float64Array;
  private readonly liquidFace: Float64Array;
  private readonly vapourFace: Float64Array;
  private readonly faceLatent: Float64Array;
  private readonly faceLimit: Float64Array;
  private readonly faceVapour: Float64Array;
  private readonly sideMass: Float64Array;
  private readonly sideHeat: Float64Array;
  private readonly sideLimit: Float64Array;
  private readonly sideFlux: Float64Array;
  private readonly activity = new Float64Array(2);
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
    [this.conduction, this.liquidFace, this.vapourFace, this.faceLatent] = [array(), array(), array(), array()];
    [this.faceLimit, this.faceVapour, this.sideMass, this.sideHeat] = [array(), array(), array(), array()];
    [this.sideLimit, this.sideFlux] = [array(), array()];
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

  step(dt_s: number, air_c: number, air_pa: number, support: Support): void {
    const { slab, faces } = this;
    const last = slab.count - 1;
    this.fillFaces(dt_s, air_pa);
    this.solveSurface(this.top, 0, faces.topMass, air_pa);
    this.solveSurface(this.bottom, last, faces.bottomMass, air_pa);
    const topLimit = this.limit(dt_s, slab.areaFactor * this.top.fluxPerMoisture, slab.solids[0]);
    const bottomLimit = this.limit(dt_s, slab.areaFactor * this.bottom.fluxPerMoisture, slab.solids[last]);

    const topConductance = 1 / (1 / faces.topHeat + slab.height[0] / (2 * slab.conductivity[0]));
    const bottomConductance = support.tray
      ? 1 / (1 / support.tray.contact_W_per_m2_K + slab.height[last] / (2 * slab.conductivity[last]))
      : 1 / (1 / faces.bottomHeat + slab.height[last] / (2 * slab.conductivity[last]));

    this.solveHeat(dt_s, air_c, air_pa, support, topConductance, bottomConductance, topLimit, bottomLimit);
    const evaporated = this.solveMoisture(dt_s, topLimit, bottomLimit);
    const flashed = this.flash();
    this.load.evaporation_kg_per_m2_s = (evaporated + flashed) / dt_s;
    this.load.transfer_kg_per_m2_s_Pa = faces.topMass + faces.bottomMass;
    this.evaporated_kg_per_m2 += evaporated + flashed;
    this.topSurface_c =
      slab.temperature[0] + (topConductance * (air_c - slab.temperature[0]) * slab.height[0]) / (2 * slab.conductivity[0]);
    const below_c = support.tray ? slab.trayTemperature : air_c;
    this.bottomSurface_c =
      slab.temperature[last] +
      (bottomConductance * (below_c - slab.temperature[last]) * slab.height[last]) / (2 * slab.conductivity[last]);
  }

  private limit(dt_s: number, fluxPerMoisture: number, solids: number): number {
    return 1 / Math.max(1, (STIFFNESS_SHARE * dt_s * fluxPerMoisture) / solids);
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

  /** Conductances between cells and towards the sides, at the old state. */
  private fillFaces(dt_s: number, air_pa: number): void {
    const { slab, conduction, liquidFace, vapourFace, faceLatent, faceLimit } = this;
    const { areaFactor, height, conductivity, solids, diffusion, vapourConductivity, latent, vapourPerMoisture } = slab;
    const last = slab.count - 1;
    for (let i = 0; i < last; i++) {
      const h0 = height[i] / 2;
      const h1 = height[i + 1] / 2;
      const [pores0, pores1] = [vapourConductivity[i], vapourConductivity[i + 1]];
      conduction[i] = areaFactor / (h0 / conductivity[i] + h1 / conductivity[i + 1]);
      const liquid0 = (solids[i] / height[i]) * diffusion[i];
      const liquid1 = (solids[i + 1] / height[i + 1]) * diffusion[i + 1];
      liquidFace[i] = (0.5 * (liquid0 + liquid1)) / (h0 + h1);
      const open = pores0 > 0 && pores1 > 0 ? 1 / (h0 / pores0 + h1 / pores1) : 0;
      vapourFace[i] = open;
      faceLatent[i] = 0.5 * (latent[i] + latent[i + 1]);
      const stiffness = areaFactor * open * (vapourPerMoisture[i] / solids[i] + vapourPerMoisture[i + 1] / solids[i + 1]);
      faceLimit[i] = 1 / Math.max(1, STIFFNESS_SHARE * dt_s * stiffness);
    }
    this.fillSides(dt_s, air_pa);
  }

  private fillSides(dt_s: number, air_pa: number): void {
    const { slab, faces } = this;
    const { width_m, length_m, exposure, heatExposure } = slab;
    const open = (exposure > 0 || heatExposure > 0) && Math.min(width_m, length_m) <= WIDE_M;
    if (!open) {
      this.sideMass.fill(0);
      this.sideHeat.fill(0);
      this.sideLimit.fill(1);
      return;
    }
    const sidePerVolume = 2 / width_m + 2 / length_m;
    const q = SIDE_RESISTANCE * (1 / (width_m * width_m) + 1 / (length_m * length_m));
    const xEquilibrium = exposure > 0 && faces.sideMass > 0 ? this.equilibrium(air_pa) : 0;
    const { sideMass: mass, sideHeat: heat, sideLimit } = this;
    const {
      areaFactor,
      height,
      conductivity,
      solids,
      diffusion,
      vapourConductivity,
      vapour,
      vapourPerMoisture,
      moisture,
      pressure_pa,
    } = slab;
    const evaporates = exposure > 0 && faces.sideMass > 0;
    for (let i = 0; i < slab.count; i++) {
      const sideArea = sidePerVolume * height[i] * areaFactor;
      heat[i] = (heatExposure * sideArea) / (1 / faces.sideHeat + sidePerVolume / (conductivity[i] * q));
      if (!evaporates) {
        mass[i] = 0;
        sideLimit[i] = 1;
        continue;
      }
      const p = vapour[i];
      const stefan = pressure_pa / (pressure_pa - Math.min(p, STEFAN_CAP * pressure_pa));
      const away = moisture[i] - xEquilibrium;
      const chord = Math.abs(away) < 1e-4 ? Math.max(vapourPerMoisture[i], 1) : Math.max((p - air_pa) / away, 1);
      const inner = (solids[i] / height[i]) * (diffusion[i] / chord) + vapourConductivity[i];
      const conductance = (exposure * sideArea) / (1 / (faces.sideMass * stefan) + sidePerVolume / (inner * q));
      mass[i] = conductance;
      sideLimit[i] = this.limit(dt_s, conductance * vapourPerMoisture[i], solids[i]);
    }
  }

  /** Moisture in equilibrium with the air at the piece's mean temperature. */
  private equilibrium(air_pa: number): number {
    const { slab } = this;
    const mean_c = slab.mean(slab.temperature);
    const relative = Math.min(0.999, Math.max(1e-9, air_pa / Math.exp(logSaturation(mean_c))));
    return waterAtAw(slab.material.activity, Math.log(relative) / activityFactor(mean_c)) / slab.inverseScale;
  }

  private solveHeat(
    dt_s: number,
    air_c: number,
    air_pa: number,
    support: Support,
    topConductance: number,
    bottomConductance: number,
    topLimit: number,
    bottomLimit: number,
  ): void {
    const { slab, lower, diagonal, upper, rhs, top, bottom, conduction, faceLimit, vapourFace, faceLatent } = this;
    const { sideLimit, sideMass, sideHeat } = this;
    const { areaFactor: area, temperature, vapour, vapourPerKelvin, latent, owed } = slab;
    const last = slab.count - 1;
    for (let i = 0; i <= last; i++) {
      const vapourLoss = sideLimit[i] * latent[i] * sideMass[i];
      diagonal[i] = slab.capacity(i) / dt_s + sideHeat[i] + vapourLoss * vapourPerKelvin[i];
      rhs[i] = owed[i] / dt_s + sideHeat[i] * (air_c - temperature[i]) - vapourLoss * (vapour[i] - air_pa);
      lower[i] = upper[i] = 0;
    }
    for (let i = 0; i < last; i++) {
      const k = conduction[i];
      const g = faceLimit[i] * area * vapourFace[i] * faceLatent[i];
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
    const topHeat = topConductance * area;
    const topLatent = topLimit * area * slab.latent[0];
    diagonal[0] += topHeat + topLatent * top.fluxPerKelvin;
    rhs[0] += topHeat * (air_c - temperature[0]) - topLatent * top.flux;

    const bottomHeat = bottomConductance * area;
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
    this.afterHeat(dt_s, air_c, air_pa, support, topHeat, bottomHeat);
  }

  /** Updates temperatures, the unlimited vapour fluxes at the new temperatures, and the load on the chamber. */
  private afterHeat(dt_s: number, air_c: number, air_pa: number, support: Support, topHeat: number, bottomHeat: number): void {
    const { slab, rhs, sideHeat, sideMass, sideFlux } = this;
    const { temperature, owed, vapour, vapourPerKelvin } = slab;
    const last = slab.count - 1;
    let largestRise_K = 0;
    let sensible = 0;
    let sides = 0;
    let sideConductance = 0;
    for (let i = 0; i <= last; i++) {
      const rise = rhs[i];
      temperature[i] += rise;
      largestRise_K = Math.max(largestRise_K, Math.abs(rise));
      sensible += owed[i] * rise;
      owed[i] = 0;
      sides += sideHeat[i] * (air_c - temperature[i]);
      sideConductance += sideHeat[i];
      sideFlux[i] = sideMass[i] * (vapour[i] + vapourPerKelvin[i] * rise - air_pa);
    }
    this.largestRise_K = largestRise_K;
    this.sensible_J_per_m2 += sensible;
    for (let i = 0; i < last; i++)
      this.faceVapour[i] =
        this.vapourFace[i] *
        (slab.vapour[i] + slab.vapourPerKelvin[i] * rhs[i] - slab.vapour[i + 1] - slab.vapourPerKelvin[i + 1] * rhs[i + 1]);
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
    const fromAbove = topHeat * (air_c - temperature[0]);
    this.heatIn_J_per_m2 += (fromAbove + intoPiece + sides) * dt_s;
    this.load.heat_W_per_m2 = fromAbove + fromBelow + sides;
    this.load.conductance_W_per_m2_K = topHeat + belowConductance + sideConductance;
  }

  /** Moisture with heat frozen; books the latent heat that the heat solve did not charge. Returns what left [kg/m2]. */
  private solveMoisture(dt_s: number, topLimit: number, bottomLimit: number): number {
    const {
      slab,
      lower,
      diagonal,
      upper,
      rhs,
      top,
      bottom,
      sideMass,
      sideFlux,
      sideLimit,
      liquidFace,
      vapourFace,
      faceVapour,
      faceLimit,
      faceLatent,
    } = this;
    const { areaFactor: area, moisture, temperature, vapourPerMoisture, latent, solids, owed: owe } = slab;
    const last = slab.count - 1;
    for (let i = 0; i <= last; i++) {
      diagonal[i] = solids[i] / dt_s + sideMass[i] * vapourPerMoisture[i];
      rhs[i] = -sideFlux[i];
      lower[i] = upper[i] = 0;
    }
    for (let i = 0; i < last; i++) {
      const liquid = area * liquidFace[i];
      const vapour = area * vapourFace[i];
      const flow = liquid * (moisture[i] - moisture[i + 1]) + area * faceVapour[i];
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
      const used = sideFlux[i] + sideMass[i] * vapourPerMoisture[i] * rhs[i];
      owe[i] -= latent[i] * (used - sideLimit[i] * sideFlux[i]) * dt_s;
      left += used;
      latentOut += used * latent[i];
    }
    for (let i = 0; i < last; i++) {
      const charged = faceLimit[i] * faceVapour[i];
      const used = faceVapour[i] + vapourFace[i] * (vapourPerMoisture[i] * rhs[i] - vapourPerMoisture[i + 1] * rhs[i + 1]);
      const shifted = faceLatent[i] * (used - charged) * dt_s * area;
      owe[i] -= shifted;
      owe[i + 1] += shifted;
      const flow = area * (liquidFace[i] * (moisture[i] + rhs[i] - moisture[i + 1] - rhs[i + 1]) + used);
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

  /**
   * The boiling cap: a cell whose vapour pressure exceeds the air's loses water at constant enthalpy until it does not.
   * Steam is taken to leave the piece at once (permeable crumb).
   */
  private flash(): number {
    const { slab, activity } = this;
    const logPressure = Math.log(slab.pressure_pa);
    const { activity: table, solids_J_per_kg_K: cs } = slab.material;
    let flashed = 0;
    for (let i = 0; i < slab.count; i++) {
      const t = slab.temperature[i];
      const x = slab.moisture[i];
      if (t < 85) continue; // no kitchen stands where water boils below this
      let excess = this.logVapour(t, x) - logPressure;
      if (excess <= 0) continue;
      const kelvin = t + KELVIN_AT_0_C;
      lookUpLogAw(table, x * slab.inverseScale, activity);
      const latent = boundLatentHeat(t, activity[0]);
      const cooling = latent / (cs + WATER_J_PER_KG_K * x);
      let dx = 0;
      for (let iteration = 0; iteration < FLASH_ITERATIONS; iteration++) {
        const slopeT = 4900 / (kelvin * kelvin); // Clausius-Clapeyron slope of ln psat; only the step size depends on it
        lookUpLogAw(table, (x - dx) * slab.inverseScale, activity);
        const slope = -activity[1] * slab.inverseScale - cooling * slopeT;
        dx = Math.min(x / 2, Math.max(0, dx - excess / slope));
        excess = this.logVapour(t - cooling * dx, x - dx) - logPressure;
        if (Math.abs(excess) < 1e-9) break;
      }
      slab.temperature[i] = t - cooling * dx;
      slab.moisture[i] = x - dx;
      flashed += dx * slab.solids[i];
      this.latent_J_per_m2 += latent * dx * slab.solids[i];
      this.sensible_J_per_m2 -= latent * dx * slab.solids[i];
    }
    return flashed;
  }

  private logVapour(temperature_c: number, moisture: number): number {
    const { slab, activity } = this;
    lookUpLogAw(slab.material.activity, moisture * slab.inverseScale, activity);
    return activityFactor(temperature_c) * activity[0] + logSaturation(temperature_c);
  }
}
