import { fail, succeed, type Result } from '../failure';
import { warmest } from './appliance';
import { Browning } from './browning';
import { ChamberAir } from './chamber-air';
import { Faces } from './faces';
import { freeze } from './freezing';
import { cellsFor } from './grid';
import { KILL_CEILING, creditedKill, screeningKill } from './lethality';
import type { Stage } from './programme';
import { Recorder } from './recorder';
import type { Simulation, SimulationResult } from './simulation';
import { Slab } from './slab';
import { SlabStepper } from './slab-step';

const FIRST_STEP_S = 1;
/** A new stage starts gently. */
const STAGE_STEP_S = 2;
const SHORTEST_STEP_S = 0.5;
/** Crisps need finer steps [m, s]. */
const THIN_M = 0.0015;
const SHORTEST_THIN_STEP_S = 0.2;
/** A step that moves a cell by more than this is a runaway, not physics [K]. */
const RUNAWAY_K = 80;
/** Colour forms in this outer share of the thickness; its moisture sets the browning speed [1]. Source: ours. */
export const BROWNING_LAYER = 0.12;

/**
 * Simulates heat and water in one piece through a programme: a one-dimensional slab with two faces, edges as sinks,
 * in a chamber with a heater, a vent and a load; semi-implicit, adaptive steps. A freezer has its closed form.
 *
 * @returns frames and the end state, or OUTSIDE_MODEL when the numbers run away
 */
export function simulate(input: Simulation): Result<SimulationResult> {
  return input.surroundings.kind === 'freezer' ? succeed(freeze(input, input.surroundings)) : new Run(input).go();
}

class Run {
  private readonly slab: Slab;
  private readonly stepper: SlabStepper;
  private readonly faces: Faces;
  private readonly air: ChamberAir | null;
  private readonly browning: Browning;
  private readonly recorder: Recorder;
  private readonly shortest_s: number;
  private readonly startWater: number;
  private time_s = 0;
  private dt_s = FIRST_STEP_S;
  private steps = 0;
  private kill = 0;
  private brushed = 0;
  private air_c: number;
  private air_pa: number;
  private wasInRoom = false;
  private readonly screened: Float64Array | null;

  constructor(private readonly input: Simulation) {
    const { material, piece, surroundings, room, fineness } = input;
    this.slab = new Slab(
      material,
      piece,
      cellsFor(piece.thickness_m, fineness.cells),
      room.pressure_pa,
      1 / (input.isothermScale ?? 1),
    );
    this.faces = new Faces(surroundings, room.pressure_pa);
    this.stepper = new SlabStepper(this.slab, this.faces);
    if (surroundings.kind === 'chamber') {
      this.air = new ChamberAir(surroundings.chamber, room, surroundings.load_kg / (material.raw_kg_per_m3 * piece.thickness_m));
      this.air_c = this.air.temperature_c;
      this.air_pa = this.air.vapour_pa;
    } else {
      this.air = null;
      this.air_c = surroundings.air_c;
      this.air_pa = surroundings.kind === 'steady' ? surroundings.vapour_pa : 0;
    }
    this.browning = new Browning(input.browning, material.food.browning);
    this.recorder = new Recorder(this.slab, input.recordEvery_s);
    this.shortest_s = piece.thickness_m < THIN_M ? SHORTEST_THIN_STEP_S : SHORTEST_STEP_S;
    this.startWater = this.water();
    this.screened = input.screening ? new Float64Array(this.slab.count) : null;
    this.stepper.topSurface_c = this.stepper.bottomSurface_c = piece.start_c;
    this.slab.trayTemperature = room.temperature_c;
  }

  go(): Result<SimulationResult> {
    for (const [index, stage] of this.input.stages.entries()) {
      this.enter(stage);
      if (index === 0) this.record(); // the door has just been shut: a preheated oven is hot already
      let left_s = stage.duration_s;
      if (left_s <= 1e-9) this.record(); // what was done to the piece shows even when nothing follows
      while (left_s > 1e-9) {
        const dt_s = left_s < 1.5 * this.dt_s ? Math.min(left_s, 1.5 * this.dt_s) : this.dt_s;
        if (!this.advance(stage, dt_s)) return this.ranAway();
        left_s -= dt_s;
        if (stage.endBelow_c !== undefined && this.slab.hottest() < stage.endBelow_c) left_s = 0;
        if (left_s <= 1e-9 || (!stage.unrecorded && this.recorder.isDue(this.time_s))) this.record();
      }
    }
    return succeed(this.result());
  }

  private enter(stage: Stage): void {
    const { room, surroundings } = this.input;
    this.dt_s = Math.min(this.dt_s, STAGE_STEP_S);
    for (const event of stage.events) {
      if (event.do === 'brush') {
        this.brushed += event.water_kg_per_m2;
        this.browning.topFactor = 1.5; // egg or milk on the face browns faster; fit
      }
      if (event.do === 'turn' || event.do === 'stir') {
        this.browning.turn();
        this.stepper.swapFaces();
        this.screened?.reverse();
      }
      this.slab.apply(event, room.temperature_c);
    }
    if (this.air && surroundings.kind === 'chamber') {
      if (typeof stage.set === 'number' && stage.preheated)
        this.air.reset(Math.min(stage.set, warmest(surroundings.chamber, room.temperature_c)));
      else if (stage.set === 'room' || this.wasInRoom) this.air.reset(room.temperature_c);
      this.air_c = this.air.temperature_c;
      this.air_pa = this.air.vapour_pa;
    }
    this.wasInRoom = stage.set === 'room';
    this.slab.refresh();
  }

  private advance(stage: Stage, dt_s: number): boolean {
    const { slab, stepper } = this;
    const inRoom = stage.set === 'room';
    if (this.air && !inRoom) {
      this.air.step(stage, dt_s, stepper.load);
      this.air_c = this.air.temperature_c;
      this.air_pa = this.air.vapour_pa;
    }
    this.faces.refresh(slab, stage.support, inRoom, this.air_c, stepper.topSurface_c, stepper.bottomSurface_c);
    stepper.step(dt_s, this.air_c, this.air_pa, stage.support);
    this.time_s += dt_s;
    this.steps++;
    slab.refresh();
    const layer = this.layerAw();
    this.browning.step(dt_s, this.air_c, stepper.topSurface_c, stepper.bottomSurface_c, layer.top, layer.bottom);
    const centre_c = slab.centre(slab.temperature);
    if (this.kill < KILL_CEILING && centre_c > 50)
      this.kill += creditedKill(dt_s / 60, centre_c, Math.exp(slab.centre(slab.logAw)));
    if (this.screened)
      for (let i = 0; i < slab.count; i++) this.screened[i] += screeningKill(dt_s, slab.temperature[i], Math.exp(slab.logAw[i]));
    const { rise_K, drying, longest_s } = this.input.fineness;
    const wished = Math.min(rise_K / (stepper.largestRise_K + 1e-12), drying / (stepper.largestDrying + 1e-12));
    this.dt_s = Math.min(longest_s, Math.max(this.shortest_s, dt_s * Math.min(1.4, Math.max(0.4, wished))));
    return stepper.largestRise_K <= RUNAWAY_K && Number.isFinite(stepper.topSurface_c);
  }

  /** Water activity of the outer layers in which colour forms. */
  private layerAw(): { top: number; bottom: number } {
    const { shares, logAw, count } = this.slab;
    let top = 0;
    let bottom = 0;
    let depth = 0;
    for (let i = 0; i < count >> 1 && depth < BROWNING_LAYER; i++) {
      const share = Math.min(shares[i], BROWNING_LAYER - depth);
      top += share * logAw[i];
      bottom += share * logAw[count - 1 - i];
      depth += share;
    }
    return { top: Math.exp(top / depth), bottom: Math.exp(bottom / depth) };
  }

  private record(): void {
    const { stepper } = this;
    this.recorder.add({
      time_s: this.time_s,
      air_c: this.air_c,
      air_pa: this.air_pa,
      surface_c: stepper.topSurface_c,
      surfaceMoisture: stepper.top.moisture_kg_per_kg,
      browningTop: this.browning.top,
      browningBottom: this.browning.bottom,
      browningEdge: this.browning.edge,
      kill: Math.min(KILL_CEILING, this.kill),
      screenedCentre: this.screened ? Math.min(KILL_CEILING, this.slab.centre(this.screened)) : 0,
      screenedLeast: this.screened ? Math.min(KILL_CEILING, ...this.screened) : 0,
      heater_J: this.air?.heater_J ?? 0,
    });
  }

  private water(): number {
    let sum = 0;
    for (let i = 0; i < this.slab.count; i++) sum += this.slab.solids[i] * this.slab.moisture[i];
    return sum;
  }

  private ranAway(): Result<SimulationResult> {
    return fail(
      'OUTSIDE_MODEL',
      `The simulation does not hold for this piece and programme (it broke off at ${(this.time_s / 60).toFixed(1)} min). Try a thicker piece or a lower setpoint.`,
      'heat.steps',
    );
  }

  private result(): SimulationResult {
    const { stepper, slab, recorder } = this;
    const water = this.startWater + this.brushed;
    const owed = slab.owed.reduce((sum, value) => sum + value, 0);
    const heat = stepper.heatIn_J_per_m2;
    const residual = heat - stepper.sensible_J_per_m2 - stepper.latent_J_per_m2 - owed;
    return {
      frames: recorder.frames,
      end: recorder.last,
      profiles: recorder.profiles,
      shares: slab.shares,
      heater_J: this.air?.heater_J ?? 0,
      steps: this.steps,
      waterError: Math.abs(water - stepper.evaporated_kg_per_m2 - this.water()) / water,
      energyError: Math.abs(residual) / Math.max(1, Math.abs(heat)),
    };
  }
}
