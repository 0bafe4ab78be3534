import { COARSE, simulate, type Material, type Simulation } from '../heat';
import { normals, quantile, runOut, seededRandom } from '../quantities';
import { finishOf, type Finish } from './finish';
import { keepsOf, productOf } from './keep';
import type { Worked } from './predict';
import { thicknessSpread } from './shape/plan';
import type { Prediction } from './prediction';

/** Draws that a door makes, and where the stream starts: the same for everyone, so that answers repeat. */
export const USUAL_DRAWS = 100;
const SEED = 20261124;
/** A band holds four of five batches. */
const LOW = 0.1;
const HIGH = 0.9;
const SDS_IN_80_PCT = 1.2816;

/**
 * Spreads of what nobody knows exactly; ln-standard deviations unless said.
 * Source: heat-transfer and diffusivity literature ranges, ours where marked in docs/model/heat.md.
 */
const SPREAD = {
  convection: 0.2,
  diffusion: 0.35,
  pores: 0.5,
  load: 0.2,
  vent: 0.4,
  heater: 0.08,
  isotherm: 0.1,
  /** points of water, K of an unknown and of a measured thermostat, absolute exposure and humidity */
  water_pct: 2,
  thermostat_K: 8,
  measuredThermostat_K: 3,
  exposure: 0.15,
  humidity: 0.1,
} as const;
/** Piece counts: how evenly a whole sheet is rolled, and how well the dough's density is known; ln-sd. Source: ours. */
const COUNT_SPREAD = Math.hypot(0.05, 0.03);

/** How many of the draws are done, told between them so that a worker can report and be stopped. */
type Progress = { readonly done: number; readonly of: number };

/** The likely run's prediction with honest bands on moisture, Snap, Keeps and pieces. */
export function addBand(worked: Worked, draws = USUAL_DRAWS): Prediction {
  return runOut(bandInSteps(worked, draws));
}

/** The same, one draw at a time: yields progress, returns the prediction with its bands. */
export function* bandInSteps(worked: Worked, draws = USUAL_DRAWS): Generator<Progress, Prediction> {
  const normal = normals(seededRandom(SEED));
  const moistures: number[] = [];
  const snaps: number[] = [];
  for (let draw = 0; draw < draws; draw++) {
    const finish = drawOnce(worked, normal);
    if (finish) {
      moistures.push(finish.moisture_pct);
      snaps.push(finish.snap);
    }
    yield { done: draw + 1, of: draws };
  }
  const ascending = (a: number, b: number): number => a - b;
  const thickest = thickestOf(worked);
  return withBand(worked, moistures.sort(ascending), snaps.sort(ascending), thickest);
}

/** How one plausible other world would have ended; null when it lies beyond the model and so says nothing. */
function drawOnce(worked: Worked, normal: () => number): Finish | null {
  const varied = vary(worked, normal);
  const run = simulate(varied);
  if (!run.ok) return null;
  const { end, profiles, shares } = run.value;
  const dough = { ...worked.dough, material: varied.material };
  return finishOf(end, profiles.at(end.row), shares, dough, worked.out, varied.isothermScale);
}

/** Of ten pieces the thickest lies so many standard deviations above the middle (expected maximum of ten normals). */
const THICKEST_OF_TEN = 1.539;

/** How the thickest of ten pieces ends, everything else as likely; null when it lies beyond the model. */
function thickestOf({ simulation, shape, dough, out }: Worked): Prediction['outcome']['thickest'] {
  const thickness_m = simulation.piece.thickness_m * Math.exp(THICKEST_OF_TEN * thicknessSpread(shape));
  const run = simulate({ ...simulation, piece: { ...simulation.piece, thickness_m }, recordEvery_s: 0 });
  if (!run.ok) return null;
  const { end, profiles, shares } = run.value;
  const finish = finishOf(end, profiles.at(end.row), shares, dough, out);
  return {
    thickness_mm: thickness_m * 1000,
    moisture_pct: finish.moisture_pct,
    centre_moisture_pct: finish.centreMoisture_pct,
  };
}

function withBand(
  worked: Worked,
  moistures: readonly number[],
  snaps: readonly number[],
  thickest: Prediction['outcome']['thickest'],
): Prediction {
  const { prediction, out, heat } = worked;
  const band = (sorted: readonly number[], likely: number): { low: number; high: number } =>
    sorted.length === 0
      ? { low: likely, high: likely }
      : { low: Math.min(likely, quantile(sorted, LOW)), high: Math.max(likely, quantile(sorted, HIGH)) };
  const moisture = band(moistures, prediction.outcome.moisture_pct);
  const snap = band(snaps, prediction.outcome.snap);
  const room = { temperature_c: heat.room.temperature_c, relativeHumidity: heat.room_rh };
  // A wetter piece than likely keeps shorter, a drier one longer; each pack's own scatter comes on top.
  const at = (moisture_pct: number): Prediction['keeps'] => {
    const shift = moisture_pct - worked.finish.moisture_pct;
    const finish = {
      ...worked.finish,
      moisture_pct,
      wettestMoisture_pct: Math.max(moisture_pct, worked.finish.wettestMoisture_pct + shift),
    };
    const product = {
      ...productOf(worked.lines, worked.dough, worked.finish, worked.out.body.thickness_mm),
      moisture_pct,
      coreMoisture_pct: finish.wettestMoisture_pct,
    };
    return worked.packs.map((choice) => keepsOf(choice, product, finish, out, room));
  };
  const [wet, dry] = [at(moisture.high), at(moisture.low)];
  // A cake is cut into as many portions as are wished.
  const count = worked.shape.method === 'cake' ? 1 : Math.exp(SDS_IN_80_PCT * COUNT_SPREAD);
  return {
    ...prediction,
    yield: {
      ...prediction.yield,
      pieces_low: Math.max(1, Math.min(out.pieces - out.pressed, Math.floor(out.pieces / count))),
      pieces_high: Math.ceil(out.pieces * count),
    },
    outcome: {
      ...prediction.outcome,
      moisture_pct_low: moisture.low,
      moisture_pct_high: moisture.high,
      snap_low: snap.low,
      snap_high: snap.high,
      thickest,
    },
    keeps: prediction.keeps.map((keeps, i) => ({
      ...keeps,
      days_low: Math.min(keeps.days_low, wet[i].days_low),
      days_high: Math.max(keeps.days_high, dry[i].days_high),
    })),
  };
}

/** One plausible other world: every uncertain input moved within its spread. */
function vary({ simulation, shape, heat }: Worked, normal: () => number): Simulation {
  const log = (sd: number): number => Math.exp(sd * normal());
  const clamp = (value: number, low: number, high: number): number => Math.min(high, Math.max(low, value));
  const { surroundings, piece, room } = simulation;
  if (surroundings.kind !== 'chamber')
    return {
      ...simulation,
      material: varyMaterial(simulation.material, SPREAD.water_pct * normal(), 1, 1),
      piece: { ...piece, thickness_m: piece.thickness_m * log(thicknessSpread(shape)) },
    };
  const convection = log(SPREAD.convection);
  const thermostat_K = (heat.offsetKnown ? SPREAD.measuredThermostat_K : SPREAD.thermostat_K) * normal();
  const exposure = piece.exposure === 0 ? 0 : clamp(piece.exposure + SPREAD.exposure * normal(), 0.05, 1);
  const { chamber } = surroundings;
  return {
    ...simulation,
    fineness: COARSE,
    recordEvery_s: 0,
    material: varyMaterial(simulation.material, SPREAD.water_pct * normal(), log(SPREAD.diffusion), log(SPREAD.pores)),
    isothermScale: log(SPREAD.isotherm),
    piece: {
      ...piece,
      exposure,
      heatExposure: piece.heatExposure === piece.exposure ? exposure : piece.heatExposure,
      thickness_m: Math.max(5e-4, piece.thickness_m * log(thicknessSpread(shape))),
    },
    room: { ...room, relativeHumidity: clamp(room.relativeHumidity + SPREAD.humidity * normal(), 0.05, 0.95) },
    surroundings: {
      kind: 'chamber',
      load_kg: surroundings.load_kg * log(SPREAD.load),
      chamber: {
        ...chamber,
        heater_W: chamber.heater_W * log(SPREAD.heater),
        vent_kg_per_s: chamber.vent_kg_per_s * log(SPREAD.vent),
        convectionTop_W_per_m2_K: chamber.convectionTop_W_per_m2_K * convection,
        convectionBottom_W_per_m2_K: chamber.convectionBottom_W_per_m2_K * convection,
      },
    },
    stages: simulation.stages.map((stage) =>
      typeof stage.set === 'number' ? { ...stage, set: stage.set + thermostat_K } : stage,
    ),
  };
}

function varyMaterial(material: Material, water_pct: number, diffusion: number, pores: number): Material {
  const { food } = material;
  const wet = material.moisture0 / (1 + material.moisture0);
  const water = Math.min(0.95, Math.max(0.05, wet + water_pct / 100));
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
      pores: food.pores * diffusion * pores,
    },
  };
}
