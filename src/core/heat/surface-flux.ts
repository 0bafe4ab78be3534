import { lookUpLogAw, type ActivityTable } from '../sorption';
import { AIR_J_PER_KG_K, AIR_KG_PER_MOL, WATER_KG_PER_MOL } from '../quantities';

/** Lewis number of water vapour in air to the power 2/3 [1]. Source: psychrometry, Lewis 1922. */
const LEWIS = 0.895;
/** Beyond this share of the air pressure the high-rate law is continued by its tangent, so that it stays finite. [1] Source: ours. */
const NEAR_BOILING = 0.97;
const MAX_ITERATIONS = 12;

/** Mass transfer coefficient that goes with a convective heat transfer coefficient [kg/(m2 s Pa)]. Source: Lewis analogy. */
export const massTransfer = (convection_W_per_m2_K: number, pressure_pa: number): number =>
  (convection_W_per_m2_K * WATER_KG_PER_MOL) / (AIR_KG_PER_MOL * AIR_J_PER_KG_K * pressure_pa * LEWIS);

/** Evaporation from a surface at vapour pressure `surface_pa`, high-rate (Stefan) law [kg/(m2 s)]. */
export function evaporation(transfer: number, surface_pa: number, air_pa: number, pressure_pa: number): number {
  const limit = NEAR_BOILING * pressure_pa;
  if (surface_pa <= limit) return transfer * pressure_pa * Math.log((pressure_pa - air_pa) / (pressure_pa - surface_pa));
  const atLimit = transfer * pressure_pa * Math.log((pressure_pa - air_pa) / (pressure_pa - limit));
  return atLimit + ((transfer * pressure_pa) / (pressure_pa - limit)) * (surface_pa - limit);
}

/** What happens at one face of the piece; fields are overwritten every step. */
export class SurfaceFlux {
  /** Moisture just at the face [kg/kg], warm start of the next solve. */
  moisture_kg_per_kg: number;
  /** Evaporation [kg/(m2 s)] and its slopes with the outer cell's temperature and moisture. */
  flux = 0;
  fluxPerKelvin = 0;
  fluxPerMoisture = 0;
  private readonly activity = new Float64Array(2);

  constructor(
    private readonly table: ActivityTable,
    private readonly inverseScale: number,
    moisture0: number,
  ) {
    this.moisture_kg_per_kg = moisture0;
  }

  /**
   * Finds the surface moisture at which what arrives through the outer half cell leaves into the air,
   * by Newton's method held in a bracket (the balance falls strictly with the surface moisture).
   */
  // oxlint-disable-next-line max-params -- older than the rule
  solve(
    cell: {
      moisture: number;
      vapour_pa: number;
      vapourPerMoisture: number;
      vapourPerKelvin: number;
      logSaturation: number;
      saturationSlope: number;
      phi: number;
      phiSlope: number;
    },
    liquid: number,
    vapour: number,
    transfer: number,
    air_pa: number,
    pressure_pa: number,
  ): void {
    if (transfer === 0) {
      this.moisture_kg_per_kg = cell.moisture;
      this.flux = this.fluxPerKelvin = this.fluxPerMoisture = 0;
      return;
    }
    let low = 1e-7;
    let high = Math.max(1.5 * cell.moisture, 0.6);
    let x = Math.min(high, Math.max(low, this.moisture_kg_per_kg));
    let p = 0;
    let slope = 0;
    let fluxSlope = 0;
    let logAw = 0;
    for (let iteration = 0; iteration < MAX_ITERATIONS; iteration++) {
      lookUpLogAw(this.table, x * this.inverseScale, this.activity);
      logAw = this.activity[0];
      p = Math.exp(cell.phi * logAw + cell.logSaturation);
      slope = p * cell.phi * this.activity[1] * this.inverseScale;
      this.flux = evaporation(transfer, p, air_pa, pressure_pa);
      fluxSlope = (transfer * pressure_pa) / (pressure_pa - Math.min(p, NEAR_BOILING * pressure_pa));
      const balance = liquid * (cell.moisture - x) + vapour * (cell.vapour_pa - p) - this.flux;
      if (balance > 0) low = x;
      else high = x;
      let next = x + balance / (liquid + (vapour + fluxSlope) * slope);
      if (!(next > low && next < high)) next = (low + high) / 2;
      const moved = Math.abs(next - x);
      x = next;
      if (moved < 2e-5 * (x + 1e-3)) break;
    }
    const stiffness = liquid + (vapour + fluxSlope) * slope;
    const pPerKelvin = p * (cell.saturationSlope + logAw * cell.phiSlope);
    const xPerKelvin = (vapour * (cell.vapourPerKelvin - pPerKelvin) - fluxSlope * pPerKelvin) / stiffness;
    this.moisture_kg_per_kg = x;
    this.fluxPerMoisture = (fluxSlope * slope * (liquid + vapour * cell.vapourPerMoisture)) / stiffness;
    this.fluxPerKelvin = Math.max(0, fluxSlope * (pPerKelvin + slope * xPerKelvin));
  }
}
