import type { Result } from '../failure';
import {
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
import type { ApplianceStage } from './stages';
import type { DoughMaterial, ShapeYield } from '../yield';

/** Browning of the product set. Source: fit to a 6.4 mm biscuit golden at 25-30 min of 177 °C and brown, not dark, after 4 h more at 120 °C. [1/s, J/mol, 1] */
export const BROWNING: BrowningRate = { at150_per_s: 0.85e-3, energy_J_per_mol: 100000, whenDry: 0.08 };

/** Frames wanted over a programme: enough for a smooth picture. [1] Source: ours. */
const FRAMES = 120;
const SHORTEST_FRAME_S = 10;
/** Cold enough to pack: this much above the room [K], waited for no longer than this on the rack [s]. Source: ours. */
const COLD_WITHIN_K = 5;
const RACK_WAIT_S = 90 * 60;
/** By definition. */
const J_PER_KWH = 3.6e6;
/** Share of a chamber's reach that counts as heated up [1]. Source: ours. */
const NEARLY = 0.97;

/** The simulated programme, split where it ends and the cooling on the rack begins. */
export type Bake = {
  readonly frames: readonly Frame[];
  readonly end: Frame;
  readonly profiles: Profiles;
  readonly shares: Float64Array;
  readonly cooling_minutes: number;
  /** Of all loads, per leg of the programme. */
  readonly energies_kwh: readonly number[];
  readonly energy_kwh: number;
};

/** The simulation of one piece of the batch. */
export function simulationOf(heat: HeatPlan, dough: DoughMaterial, out: ShapeYield): Simulation {
  const total_s = heat.stages.reduce((sum, { duration_s }) => sum + duration_s, 0);
  return {
    material: dough.material,
    piece: pieceOf(out, heat.room.temperature_c),
    room: heat.room,
    surroundings: heat.surroundings,
    stages: heat.stages,
    browning: BROWNING,
    fineness: USUAL,
    recordEvery_s: Math.max(SHORTEST_FRAME_S, total_s / FRAMES),
  };
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
  const stages = heat.endsFrozen ? simulation.stages : [...simulation.stages, rack];
  const run = simulate({ ...simulation, stages });
  if (!run.ok) return run;
  const end_s = simulation.stages.reduce((sum, { duration_s }) => sum + duration_s, 0) + 1e-6;
  const frames = run.value.frames.filter(({ time_s }) => time_s <= end_s);
  const end = frames[frames.length - 1];
  const energies_kwh = energiesOf(heat, run.value);
  return {
    ok: true,
    value: {
      frames,
      end,
      profiles: run.value.profiles,
      shares: run.value.shares,
      cooling_minutes: (run.value.end.time_s - end.time_s) / 60,
      energies_kwh,
      energy_kwh: energies_kwh.reduce((sum, kwh) => sum + kwh, 0),
    },
  };
}

/** Energy of all loads: each appliance heated up once, then what the simulation drew for every load [kWh]. */
export const energiesOf = (heat: HeatPlan, { drawn_J }: Pick<SimulationResult, 'drawn_J'>): number[] =>
  heat.applianceStages.map(
    (applianceStage, i) =>
      (warmUp_J(applianceStage, heat.room.temperature_c) + (drawn_J[i] / applianceStage.pace) * applianceStage.loads) / J_PER_KWH,
  );

function warmUp_J({ surroundings, preheated_c }: ApplianceStage, room_c: number): number {
  if (preheated_c === null || surroundings?.kind !== 'chamber') return 0;
  const { chamber } = surroundings;
  // The last degrees before what a heater can hold take for ever; nobody waits for them.
  const most_c = room_c + NEARLY * (warmest(chamber, room_c) - room_c);
  return preheat(chamber, Math.min(preheated_c, most_c), room_c).energy_J;
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

/** The simulated second of a minute on the baker's clock. */
export function simulatedSecond({ stages, stageMinutes }: Pick<HeatPlan, 'stages' | 'stageMinutes'>, minute: number): number {
  let second = 0;
  let left = minute;
  for (const [index, { duration_s }] of stages.entries()) {
    const lasts = stageMinutes[index];
    if (left <= lasts || index === stages.length - 1) return second + (lasts > 0 ? (left / lasts) * duration_s : 0);
    second += duration_s;
    left -= lasts;
  }
  return second;
}
