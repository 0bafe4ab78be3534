import { KELVIN_AT_0_C, R_J_PER_MOL_K, SEA_LEVEL_PA, WATER_J_PER_KG_K, WATER_KG_PER_M3 } from '../quantities';
import { lookUpLogAw } from '../sorption';
import { cellShares } from './grid';
import { WATER_W_PER_M_K, type Material } from './material';
import type { Piece, PieceEvent } from './programme';
import { activityFactor, activityFactorSlope, boundLatentHeat } from './sorption-heat';
import { LOG_SATURATION, TABLE_FIRST_C, TABLE_SIZE, VAPOUR_CONDUCTIVITY, tabulate } from './water-vapour';

/** Reference of the diffusivities, 60 °C [K]. Source: ours. */
const DIFFUSION_REFERENCE_K = 333.15;
/** Nothing dries further [kg/kg]. Source: ours. */
export const DRIEST = 1e-6;
/** Stefan drag is capped where vapour fills this share of the air [1]. Source: ours. */
const STEFAN_CAP = 0.8;
/** Rise of leavened pieces runs between these mean temperatures [°C, K]. Source: ours. */
const RISE_FROM_C = 45;
const RISE_SPAN_K = 40;
/** However scarce, water still creeps: least share of its mobility [1]. Source: ours. */
const LEAST_MOBILITY = 0.003;
/** Below this share of the monolayer there is no water left to hold: the pores of a dry crust let through what comes from within [1]. Source: ours. */
const BONE_DRY = 0.05;
/** A foam's bubbles open as it sets, from here over so much [°C, K]. Source: starch and egg set between 70 and 85 °C (Wagner, Lucas et al. 2007). */
const SETS_FROM_C = 70;
const SETS_SPAN_K = 15;
/** Conductivity of the air in a bubble [W/(m K)]. Source: air near 60 °C. */
const AIR_W_PER_M_K = 0.027;
/** More gas than this no dough holds [1]. Source: ours. */
const MOST_GAS = 0.8;

/** Properties of all cells at the old state, filled once per step; arrays are top to bottom. */
export class Slab {
  readonly count: number;
  /** State: temperature [°C], moisture [kg/kg], and latent heat still owed to the cell [J/m2]. */
  readonly temperature: Float64Array;
  readonly moisture: Float64Array;
  readonly owed: Float64Array;
  /** Dry solids of each cell [kg per m2 of initial area]: fixed, so shrinkage never breaks conservation. */
  readonly solids: Float64Array;
  readonly shares: Float64Array;
  readonly height: Float64Array;
  readonly diffusion: Float64Array;
  readonly conductivity: Float64Array;
  readonly vapourConductivity: Float64Array;
  readonly logAw: Float64Array;
  readonly logSaturation: Float64Array;
  readonly saturationSlope: Float64Array;
  readonly phi: Float64Array;
  readonly phiSlope: Float64Array;
  readonly vapour: Float64Array;
  readonly vapourPerMoisture: Float64Array;
  readonly vapourPerKelvin: Float64Array;
  readonly latent: Float64Array;
  /** Current area over initial area [1]. */
  areaFactor = 1;
  trayTemperature = 0;
  width_m: number;
  length_m: number;
  exposure: number;
  heatExposure: number;
  /** Hottest that each cell has been [°C]: what has set stays open. */
  readonly hottestCell: Float64Array;
  private hottestMean: number;
  private pores: number;
  private poresOpen: number;
  private stiff = false;
  private readonly activity = new Float64Array(2);
  private readonly wetArrhenius: Float64Array;
  private readonly dryArrhenius: Float64Array;

  // oxlint-disable-next-line max-params -- older than the rule
  constructor(
    readonly material: Material,
    readonly piece: Piece,
    cellCount: number,
    readonly pressure_pa: number,
    readonly inverseScale: number,
  ) {
    const array = (): Float64Array => new Float64Array(cellCount);
    this.count = cellCount;
    this.shares = cellShares(cellCount);
    this.temperature = array().fill(piece.start_c);
    this.moisture = array().fill(material.moisture0);
    this.owed = array();
    this.solids = this.shares.map((share) => share * material.solids_kg_per_m3 * piece.thickness_m);
    [this.height, this.diffusion, this.conductivity, this.vapourConductivity] = [array(), array(), array(), array()];
    [this.logAw, this.logSaturation, this.saturationSlope, this.phi, this.phiSlope] = [
      array(),
      array(),
      array(),
      array(),
      array(),
    ];
    [this.vapour, this.vapourPerMoisture, this.vapourPerKelvin, this.latent] = [array(), array(), array(), array()];
    this.width_m = piece.width_m;
    this.length_m = piece.length_m;
    this.exposure = piece.exposure;
    this.heatExposure = piece.heatExposure;
    this.hottestCell = array().fill(piece.start_c);
    this.hottestMean = piece.start_c;
    this.pores = material.food.pores;
    this.poresOpen = material.food.poresOpenAtStart;
    this.trayTemperature = piece.start_c;
    this.wetArrhenius = arrhenius(material.food.wetDiffusivity_m2_per_s, material.food.wetEnergy_J_per_mol);
    this.dryArrhenius = arrhenius(material.food.dryDiffusivity_m2_per_s, material.food.dryEnergy_J_per_mol);
  }

  mean(of: Float64Array): number {
    let sum = 0;
    for (let i = 0; i < this.count; i++) sum += this.shares[i] * of[i];
    return sum;
  }

  /** Temperature of the hottest cell. */
  hottest(): number {
    return largest(this.temperature);
  }

  /** Mean of the two middle cells. */
  centre(of: Float64Array): number {
    const half = this.count >> 1;
    return 0.5 * (of[half - 1] + of[half]);
  }

  /** Fills every property from the present temperature and moisture. The hottest loop of the solver: everything it reads is local. */
  refresh(): void {
    const { food, solids_m3_per_kg: vs, solids_W_per_m_K: ks, moisture0, activity, monolayer } = this.material;
    const { moisture, temperature, shares, height, diffusion, vapourConductivity, wetArrhenius, dryArrhenius } = this;
    const { logSaturation, saturationSlope, phi, phiSlope, vapour, vapourPerMoisture, vapourPerKelvin, latent, inverseScale } =
      this;
    const { count, pressure_pa, hottestCell, logAw: logAws, activity: aw } = this;
    const { shrinkThickness, foam } = food;
    // Ice leaves as vapour whatever holds the rest.
    const bound = this.stiff ? 0 : food.boundWater * monolayer;
    const boneDry = BONE_DRY * monolayer;
    const poresOpenAtStart = this.poresOpen;
    const rawVolume = vs + moisture0 / WATER_KG_PER_M3;
    const thickness = this.piece.thickness_m * this.riseFactor();
    const poresAtPressure = this.pores * (SEA_LEVEL_PA / pressure_pa);
    const mostVapour_pa = STEFAN_CAP * pressure_pa;
    if (!this.stiff) this.areaFactor = 1 - food.shrinkArea * (1 - (vs + this.mean(moisture) / WATER_KG_PER_M3) / rawVolume);
    for (let i = 0; i < count; i++) {
      const x = moisture[i];
      const t = temperature[i];
      const waterVolume = x / WATER_KG_PER_M3;
      const volume = vs + waterVolume;
      if (!this.stiff) height[i] = thickness * shares[i] * (1 - shrinkThickness * (1 - volume / rawVolume));
      const wet = waterVolume / volume;
      const mixture = ks + (WATER_W_PER_M_K - ks) * wet;
      if (t > hottestCell[i]) hottestCell[i] = t;

      const position = t - TABLE_FIRST_C;
      const inside = position <= 0 ? 0 : position >= TABLE_SIZE - 1.001 ? TABLE_SIZE - 1.001 : position;
      const node = inside | 0;
      const part = inside - node;
      const mobility = bound > 0 ? Math.max(LEAST_MOBILITY, Math.exp(-bound / x)) : 1;
      diffusion[i] = (mobility * (between(wetArrhenius, node, part) * x + between(dryArrhenius, node, part))) / (1 + x);
      const logHere = LOG_SATURATION[node];
      const slope = LOG_SATURATION[node + 1] - logHere;
      const logSat = logHere + part * slope;
      logSaturation[i] = logSat;
      saturationSlope[i] = slope;

      lookUpLogAw(activity, x * inverseScale, aw);
      const logAw = aw[0];
      const factor = activityFactor(t);
      const factorSlope = activityFactorSlope(t);
      logAws[i] = logAw;
      phi[i] = factor;
      phiSlope[i] = factorSlope;
      const p = Math.exp(factor * logAw + logSat);
      vapour[i] = p;
      vapourPerMoisture[i] = p * factor * aw[1] * inverseScale;
      vapourPerKelvin[i] = p * (slope + logAw * factorSlope);
      latent[i] = boundLatentHeat(t, logAw);

      const dried = x >= moisture0 ? 0 : 1 - x / moisture0;
      const drag = pressure_pa / (pressure_pa - (p < mostVapour_pa ? p : mostVapour_pa));
      const open = poresOpenAtStart + (1 - poresOpenAtStart) * dried;
      const free = between(VAPOUR_CONDUCTIVITY, node, part) * drag;
      const set = Math.min(1, Math.max(0, (hottestCell[i] - SETS_FROM_C) / SETS_SPAN_K));
      const opened = 1 - foam * (1 - Math.max(dried, set * set * (3 - 2 * set)));
      const bone = Math.max(0, 1 - x / boneDry);
      vapourConductivity[i] = poresAtPressure * open * free * opened * (mobility + (1 - mobility) * bone);
      this.conduct(i, mixture, free);
    }
  }

  /**
   * Conductivity of a cell of this mixture [W/(m K)]. In a foam water evaporates on the warm side of a bubble and condenses on
   * the cold one: heat passes, nothing leaves.
   *
   * @param free_kg_per_m_s_Pa - vapour conductivity of free air there, with its drag
   */
  private conduct(cell: number, mixture: number, free_kg_per_m_s_Pa: number): void {
    const { foam, conductivityFactor } = this.material.food;
    const plain = conductivityFactor * mixture;
    this.conductivity[cell] = plain;
    if (foam === 0) return;
    const volume = this.material.solids_m3_per_kg + this.moisture[cell] / WATER_KG_PER_M3;
    const gas = Math.min(MOST_GAS, Math.max(0, 1 - (this.solids[cell] * volume) / (this.height[cell] * this.areaFactor)));
    const carried = this.latent[cell] * free_kg_per_m_s_Pa * this.vapourPerKelvin[cell] * (SEA_LEVEL_PA / this.pressure_pa);
    this.conductivity[cell] += foam * (maxwell(mixture, AIR_W_PER_M_K + carried, gas) - plain);
  }

  /** Frozen stiff, and its ice leaves as vapour: from here on it keeps its shape, and its pores stand open by this share [1]. */
  freezeDry(pores: number): void {
    this.stiff = true;
    this.pores = pores;
    this.poresOpen = 1;
  }

  /** Heat capacity of a cell [J/(m2 K)]. */
  capacity(cell: number): number {
    return this.solids[cell] * (this.material.solids_J_per_kg_K + WATER_J_PER_KG_K * this.moisture[cell]);
  }

  /** Applies what the baker does to the piece between two stages. */
  apply(event: PieceEvent, room_c: number): void {
    if (event.do === 'turn' || event.do === 'stir')
      for (const array of [this.temperature, this.moisture, this.owed, this.hottestCell]) array.reverse();
    if (event.do === 'stir') this.exposure = this.heatExposure = 1;
    if (event.do === 'turn-out') this.exposure = this.heatExposure = event.exposure;
    if (event.do === 'new-tray') this.trayTemperature = room_c;
    if (event.do === 'score') this.score(event.width_m, event.length_m);
    if (event.do === 'snap-apart') {
      this.width_m = event.width_m;
      this.length_m = event.length_m;
      this.exposure = this.heatExposure = event.exposure;
    }
    if (event.do === 'brush') this.brush(event.water_kg_per_m2, room_c);
  }

  /** Cut into pieces that lie as they lay: what of the sides is open stays as much for each face, and is a smaller share. */
  private score(width_m: number, length_m: number): void {
    const sidesPerFace = (width: number, length: number): number => 1 / width + 1 / length;
    const share = Math.min(1, sidesPerFace(this.width_m, this.length_m) / sidesPerFace(width_m, length_m));
    this.exposure *= share;
    this.heatExposure *= share;
    [this.width_m, this.length_m] = [width_m, length_m];
  }

  /** Water on the top cell, mixed in at room temperature. */
  private brush(water_kg_per_m2: number, room_c: number): void {
    const before = this.capacity(0);
    const added = water_kg_per_m2 * WATER_J_PER_KG_K;
    this.temperature[0] = (before * this.temperature[0] + added * room_c) / (before + added);
    this.moisture[0] += water_kg_per_m2 / this.solids[0];
  }

  private riseFactor(): number {
    const { rise } = this.material.food;
    if (rise === 1) return 1;
    this.hottestMean = Math.max(this.hottestMean, this.mean(this.temperature));
    return 1 + (rise - 1) * Math.min(1, Math.max(0, (this.hottestMean - RISE_FROM_C) / RISE_SPAN_K));
  }
}

/** Largest of an array; a spread would make garbage on every step. */
export function largest(values: Float64Array): number {
  let most = -Infinity;
  for (let i = 0; i < values.length; i++) if (values[i] > most) most = values[i];
  return most;
}

/** Linear reading of a table between two nodes. */
function between(table: Float64Array, node: number, part: number): number {
  return table[node] + part * (table[node + 1] - table[node]);
}

/** Conductivity of a solid with bubbles in it [W/(m K)]. Source: Maxwell 1873. */
function maxwell(solid: number, bubble: number, gas: number): number {
  const difference = bubble - solid;
  return (solid * (bubble + 2 * solid + 2 * gas * difference)) / (bubble + 2 * solid - gas * difference);
}

function arrhenius(at60_m2_per_s: number, energy_J_per_mol: number): Float64Array {
  return tabulate((temperature_c) => {
    const kelvin = temperature_c + KELVIN_AT_0_C;
    return at60_m2_per_s * Math.exp((energy_J_per_mol / R_J_PER_MOL_K) * (1 / DIFFUSION_REFERENCE_K - 1 / kelvin));
  });
}
