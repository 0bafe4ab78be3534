import { type Material, type Simulation, type Stage, type Surroundings, COARSE } from '../heat';
import { normals, seededRandom } from '../quantities';
import { type PredictionRun, INPUTS, type Input } from '../prediction';
import { Known, thicknessSpread } from '../yield';

/**
 * Spreads of what nobody knows exactly; ln-standard deviations unless said.
 * Source: heat-transfer and diffusivity literature ranges, ours where marked in docs/model/heat.md.
 */
export const SPREAD = {
  convection: 0.2,
  diffusion: 0.35,
  pores: 0.5,
  load: 0.2,
  vent: 0.4,
  heater: 0.08,
  isotherm: 0.1,
  browning: 0.4,
  vacuum: 0.2,
  /** points of water, K of an unknown and of a measured thermostat, absolute exposure and humidity */
  water_pct: 2,
  thermostat_K: 8,
  measuredThermostat_K: 3,
  exposure: 0.15,
  humidity: 0.1,
  /** water activity at which crispness ends */
  crisping_aw: 0.04,
} as const;

/** Where the stream starts: the same for everyone, so that answers repeat. */
const SEED = 20261124;
/** Keeps the streams of neighbouring draws apart. */
const STRIDE = 0x9e3779b1;

/** How far each input lies from the middle in one draw, in standard deviations. */
export type Draw = Readonly<Record<Input, number>>;

/** As many as anybody makes again and again: an explanation's and as many to hold them against. Source: ours. */
const MOST_KEPT = 1000;
const drawn = new Known<Draw>(MOST_KEPT);

/** The draw of a number: the same wherever and in whatever order it is made, so that two workers can share the work. */
export function drawOf(index: number): Draw {
  const known = drawn.get(String(index));
  if (known) return known;
  const normal = normals(seededRandom((SEED + Math.imul(index + 1, STRIDE)) | 0));
  const draw = Object.fromEntries(INPUTS.map((input) => [input, normal()])) as Record<Input, number>;
  drawn.put(String(index), draw);
  return draw;
}

const log = (sd: number, deviations: number): number => Math.exp(sd * deviations);
const clamp = (value: number, low: number, high: number): number => Math.min(high, Math.max(low, value));

/** One plausible other world: every uncertain input moved within its spread. */
export function vary({ simulation, shape, heat }: Pick<PredictionRun, 'simulation' | 'shape' | 'heat'>, draw: Draw): Simulation {
  const { piece, room, stages, browning } = simulation;
  const exposure = piece.exposure === 0 ? 0 : clamp(piece.exposure + SPREAD.exposure * draw.exposure, 0.05, 1);
  return {
    ...simulation,
    fineness: COARSE,
    recordEvery_s: 0,
    material: varyMaterial(simulation.material, draw),
    isothermScale: log(SPREAD.isotherm, draw.isotherm),
    browning: { ...browning, at150_per_s: browning.at150_per_s * log(SPREAD.browning, draw.browning) },
    piece: {
      ...piece,
      exposure,
      heatExposure: piece.heatExposure === piece.exposure ? exposure : piece.heatExposure,
      thickness_m: Math.max(5e-4, piece.thickness_m * log(thicknessSpread(shape), draw.thickness)),
    },
    room: { ...room, relativeHumidity: clamp(room.relativeHumidity + SPREAD.humidity * draw.humidity, 0.05, 0.95) },
    surroundings: varySurroundings(simulation.surroundings, draw),
    stages: stages.map((stage, i) => varyStage(stage, thermostatOf(heat.applianceStages, i), draw)),
  };
}

/** How far from the usual water activity crispness ends in one draw [1]. */
export const criticalShift = (draw: Draw): number => SPREAD.crisping_aw * draw.crisping;

/** How far the thermostat of the appliance that a stage runs in may be off [K]. */
function thermostatOf(applianceStages: PredictionRun['heat']['applianceStages'], stage: number): number {
  const applianceStage = applianceStages.findLast(({ firstStage }) => firstStage <= stage) ?? applianceStages[0];
  return applianceStage.offsetKnown ? SPREAD.measuredThermostat_K : SPREAD.thermostat_K;
}

function varyStage(stage: Stage, sd_K: number, draw: Draw): Stage {
  const moved = typeof stage.set === 'number' ? { ...stage, set: stage.set + sd_K * draw.thermostat } : stage;
  return stage.into ? { ...moved, into: varySurroundings(stage.into, draw) } : moved;
}

function varySurroundings(surroundings: Surroundings, draw: Draw): Surroundings {
  if (surroundings.kind === 'steady') return surroundings;
  const load_kg = surroundings.load_kg * log(SPREAD.load, draw.load);
  const convection = log(SPREAD.convection, draw.convection);
  if (surroundings.kind === 'freezer')
    return { ...surroundings, load_kg, heat_W_per_m2_K: surroundings.heat_W_per_m2_K * convection };
  if (surroundings.kind === 'freeze-dryer')
    return { ...surroundings, load_kg, slowness: surroundings.slowness * log(SPREAD.vacuum, draw.vacuum) };
  const { chamber } = surroundings;
  return {
    kind: 'chamber',
    load_kg,
    chamber: {
      ...chamber,
      heater_W: chamber.heater_W * log(SPREAD.heater, draw.heater),
      vent_kg_per_s: chamber.vent_kg_per_s * log(SPREAD.vent, draw.vent),
      convectionTop_W_per_m2_K: chamber.convectionTop_W_per_m2_K * convection,
      convectionBottom_W_per_m2_K: chamber.convectionBottom_W_per_m2_K * convection,
      plates: chamber.plates && {
        ...chamber.plates,
        contact_W_per_m2_K: chamber.plates.contact_W_per_m2_K * convection,
      },
    },
  };
}

function varyMaterial(material: Material, draw: Draw): Material {
  const { food } = material;
  const diffusion = log(SPREAD.diffusion, draw.diffusion);
  const wet = material.moisture0 / (1 + material.moisture0);
  const water = clamp(wet + (SPREAD.water_pct * draw.water) / 100, 0.05, 0.95);
  const moisture0 = water / (1 - water);
  const raw_m3_per_kg = (material.solids_m3_per_kg + moisture0 / 997) / (1 - food.airFraction);
  return {
    ...material,
    moisture0,
    solids_kg_per_m3: 1 / raw_m3_per_kg,
    raw_kg_per_m3: (1 + moisture0) / raw_m3_per_kg,
    food: {
      ...food,
      wetDiffusivity_m2_per_s: food.wetDiffusivity_m2_per_s * diffusion,
      dryDiffusivity_m2_per_s: food.dryDiffusivity_m2_per_s * diffusion,
      pores: food.pores * diffusion * log(SPREAD.pores, draw.pores),
    },
  };
}
