import type { Result } from '../failure';
import {
  FREEZER_W_PER_M2_K,
  LOADED_FREEZER,
  SUPPORTS,
  USUAL,
  preheat,
  warmest,
  simulate,
  type BrowningRate,
  type Frame,
  type Piece,
  type Profiles,
  type Simulation,
  type SimulationResult,
  type Stage,
} from '../heat';
import type { HeatPlan } from './heat-plan';
import type { DoughMaterial } from './material';
import type { ShapeYield } from './shape/yield';

/** Browning of the product set. Source: fit to a 6.4 mm biscuit golden at 25-30 min of 177 °C and brown, not dark, after 4 h more at 120 °C. */
export const BROWNING: BrowningRate = { at150_per_s: 2.4e-3, energy_J_per_mol: 100000, whenDry: 0.08 };

/** Frames wanted over a programme: enough for a smooth picture. */
const FRAMES = 120;
const SHORTEST_FRAME_S = 10;
/** Cold enough to pack: this much above the room [K], waited for no longer than this on the rack [s]. */
const COLD_WITHIN_K = 5;
const RACK_WAIT_S = 90 * 60;
const J_PER_KWH = 3.6e6;
/** Share of a chamber's reach that counts as heated up [1]. */
const NEARLY = 0.97;

/** The simulated programme, split where it ends and the cooling on the rack begins. */
export type Bake = {
  readonly frames: readonly Frame[];
  readonly end: Frame;
  readonly profiles: Profiles;
  readonly shares: Float64Array;
  readonly cooling_minutes: number;
  readonly energy_kwh: number;
};

/** The simulation of one piece of the batch. */
export function simulationOf(heat: HeatPlan, dough: DoughMaterial, out: ShapeYield): Simulation {
  const total_s = heat.stages.reduce((sum, { duration_s }) => sum + duration_s, 0);
  return {
    material: dough.material,
    piece: pieceOf(out, heat.room.temperature_c),
    room: heat.room,
    surroundings: surroundingsOf(heat),
    stages: heat.stages,
    browning: BROWNING,
    fineness: USUAL,
    recordEvery_s: Math.max(SHORTEST_FRAME_S, total_s / FRAMES),
  };
}

function surroundingsOf({ chamber, freezer_c, load_g }: HeatPlan): Simulation['surroundings'] {
  const load_kg = load_g / 1000;
  return chamber
    ? { kind: 'chamber', chamber, load_kg }
    : { kind: 'freezer', air_c: freezer_c ?? 0, heat_W_per_m2_K: FREEZER_W_PER_M2_K / LOADED_FREEZER, load_kg };
}

function pieceOf({ body }: ShapeYield, start_c: number): Piece {
  return {
    thickness_m: body.thickness_mm / 1000,
    width_m: body.width_mm / 1000,
    length_m: body.length_mm / 1000,
    exposure: body.exposure,
    heatExposure: body.heatExposure,
    start_c,
  };
}

/** Runs the programme and then the rack, and splits the two. */
export function bake(heat: HeatPlan, simulation: Simulation): Result<Bake> {
  const rack: Stage = {
    duration_s: RACK_WAIT_S,
    set: 'room',
    door: 'shut',
    support: SUPPORTS['wire-rack'],
    preheated: false,
    events: [],
    endBelow_c: heat.room.temperature_c + COLD_WITHIN_K,
    unrecorded: true,
  };
  // What comes out of a freezer is kept cold: it sees no rack.
  const stages = heat.chamber ? [...simulation.stages, rack] : simulation.stages;
  const run = simulate({ ...simulation, stages });
  if (!run.ok) return run;
  const end_s = simulation.stages.reduce((sum, { duration_s }) => sum + duration_s, 0) + 1e-6;
  const frames = run.value.frames.filter(({ time_s }) => time_s <= end_s);
  const end = frames[frames.length - 1];
  return {
    ok: true,
    value: {
      frames,
      end,
      profiles: run.value.profiles,
      shares: run.value.shares,
      cooling_minutes: (run.value.end.time_s - end.time_s) / 60,
      energy_kwh: energyOf(heat, run.value),
    },
  };
}

/** Energy of all loads: heated up once, then the simulated heater for each [kWh]. */
function energyOf(heat: HeatPlan, run: SimulationResult): number {
  const room_c = heat.room.temperature_c;
  if (!heat.chamber) return (run.heater_J * heat.loads) / J_PER_KWH;
  // The last degrees before what a heater can hold take for ever; nobody waits for them.
  const most_c = room_c + NEARLY * (warmest(heat.chamber, room_c) - room_c);
  const warmUp_J = heat.preheated_c === null ? 0 : preheat(heat.chamber, Math.min(heat.preheated_c, most_c), room_c).energy_J;
  return (warmUp_J + (run.heater_J / heat.pace) * heat.loads) / J_PER_KWH;
}

/** Minute on the baker's clock of a simulated second: an appliance's pace stretches its stages, not the rack. */
export function clockMinute(heat: HeatPlan, time_s: number): number {
  let minute = 0;
  let left_s = time_s;
  for (const [index, { duration_s }] of heat.stages.entries()) {
    if (left_s <= duration_s || index === heat.stages.length - 1)
      return minute + (duration_s > 0 ? (left_s / duration_s) * (heat.stageMinutes[index] ?? 0) : 0);
    minute += heat.stageMinutes[index] ?? 0;
    left_s -= duration_s;
  }
  return minute;
}
