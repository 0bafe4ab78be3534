import { fail, succeed, type Result } from '../failure';
import { warmest } from './empty-chamber';
import { Browning, towards } from './browning';
import { ChamberAir } from './chamber-air';
import { Faces } from './faces';
import { FreezeDrying, PORES_LEFT } from './freeze-drying';
import { Freezing } from './freezing';
import { cellsFor, cellsForIce } from './grid';
import { KILL_CEILING, creditedKill, screeningKill } from './lethality';
import type { Stage, StillAir, Surroundings } from './programme';
import { Recorder } from './recorder';
import type { Simulation, SimulationResult } from './simulation';
import { Slab } from './slab';
import { SlabStepper } from './slab-step';
import { saturationPressure } from './water-vapour';

/** Steps of the first moments. Source: ours. */
const FIRST_STEP_S = 1;
/** A new stage starts gently. Source: ours. */
const STAGE_STEP_S = 2;
const SHORTEST_STEP_S = 0.5;
/** Crisps need finer steps [m, s]. Source: ours. */
const THIN_M = 0.0015;
const SHORTEST_THIN_STEP_S = 0.2;
/** A step that moves a cell by more than this is a runaway, not physics [K]. Source: ours. */
const RUNAWAY_K = 80;
/** Colour forms in this outer share of the thickness; its moisture sets the browning speed [1]. Source: ours. */
export const BROWNING_LAYER = 0.12;

/**
 * Simulates heat and water in one piece through a programme: a one-dimensional slab with two faces, edges as sinks, in a
 * chamber with a heater, a vent and a load; semi-implicit, adaptive steps. Freezing and freeze-drying have closed forms.
 *
 * @returns frames and the end state, or OUTSIDE_MODEL when the numbers run away
 */
export const simulate = (input: Simulation): Result<SimulationResult> => new Run(input).go();

/** A way of the piece that is known in closed form: its state and the power drawn after a time. */
type Course = { readonly fill: (slab: Slab, time_s: number) => void; readonly energy_J: (time_s: number) => number };

class Run {
  private readonly slab: Slab;
  private readonly stepper: SlabStepper;
  private readonly faces: Faces;
  private readonly browning: Browning;
  private readonly recorder: Recorder;
  private readonly shortest_s: number;
  private readonly startWater: number;
  private readonly solids_kg_per_m2: number;
  private readonly screened: Float64Array | null;
  private surroundings: Surroundings;
  private air: ChamberAir | null = null;
  private course: { readonly of: Course; readonly from_s: number } | null = null;
  private readonly drawn_J: number[] = [];
  private time_s = 0;
  private dt_s = FIRST_STEP_S;
  private steps = 0;
  private kill = 0;
  private brushed = 0;
  /** What left or came while no step was made: in closed forms [kg/m2]. */
  private leftInCourse = 0;
  private air_c: number;
  private air_pa = 0;
  private setpoint_c: number;
  private wasOutside = false;

  constructor(private readonly input: Simulation) {
    const { material, piece, surroundings, room, fineness } = input;
    this.slab = new Slab(
      material,
      piece,
      meetsVacuum(input) ? cellsForIce(fineness.cells) : cellsFor(piece.thickness_m, fineness.cells),
      room.pressure_pa,
      1 / (input.isothermScale ?? 1),
    );
    this.faces = new Faces(surroundings, room, input.place ?? 0);
    this.stepper = new SlabStepper(this.slab, this.faces);
    this.surroundings = surroundings;
    this.air_c = this.setpoint_c = room.temperature_c;
    this.browning = new Browning(input.browning, material.food.browning);
    this.recorder = new Recorder(this.slab, input.recordEvery_s);
    this.shortest_s = piece.thickness_m < THIN_M ? SHORTEST_THIN_STEP_S : SHORTEST_STEP_S;
    this.startWater = this.water();
    this.solids_kg_per_m2 = material.solids_kg_per_m3 * piece.thickness_m;
    this.screened = input.screening ? new Float64Array(this.slab.count) : null;
    this.stepper.topSurface_c = this.stepper.bottomSurface_c = piece.start_c;
    this.slab.trayTemperature = room.temperature_c;
    this.stand(surroundings);
  }

  go(): Result<SimulationResult> {
    for (const [index, stage] of this.input.stages.entries()) {
      this.enter(stage);
      if (index === 0) this.record(); // the door has just been shut: a preheated oven is hot already
      if (stage.duration_s <= 1e-9) this.record(); // what was done to the piece shows even when nothing follows
      else if (this.course && !isOutside(stage)) this.follow(this.course, stage);
      else if (!this.walk(stage)) return this.ranAway();
    }
    return succeed(this.result());
  }

  /** Steps through a stage; false when the numbers run away. */
  private walk(stage: Stage): boolean {
    let left_s = stage.duration_s;
    const from_c = this.setpoint_c;
    while (left_s > 1e-9) {
      const dt_s = left_s < 1.5 * this.dt_s ? Math.min(left_s, 1.5 * this.dt_s) : this.dt_s;
      left_s -= dt_s;
      if (typeof stage.set === 'number') {
        const done = stage.ramp ? 1 - left_s / stage.duration_s : 1;
        this.setpoint_c = from_c + (stage.set - from_c) * done;
      }
      if (!this.advance(stage, dt_s)) return false;
      if (stage.set === 'off') this.setpoint_c = this.air_c;
      if (stage.endBelow_c !== undefined && this.slab.hottest() < stage.endBelow_c) left_s = 0;
      if (left_s <= 1e-9 || (!stage.unrecorded && this.recorder.isDue(this.time_s))) this.record();
    }
    if (this.air) this.drawn_J[this.drawn_J.length - 1] = this.air.heater_J;
    return true;
  }

  /** Follows a closed form through a stage, from record to record. */
  private follow({ of, from_s }: NonNullable<Run['course']>, stage: Stage): void {
    const end_s = this.time_s + stage.duration_s;
    const every_s = this.input.recordEvery_s > 0 ? this.input.recordEvery_s : stage.duration_s;
    const before = this.water();
    while (this.time_s < end_s - 1e-9) {
      this.time_s = Math.min(end_s, every_s * (Math.floor(this.time_s / every_s + 1e-9) + 1));
      of.fill(this.slab, this.time_s - from_s);
      this.slab.refresh();
      const { temperature, moisture, count } = this.slab;
      [this.stepper.topSurface_c, this.stepper.bottomSurface_c] = [temperature[0], temperature[count - 1]];
      [this.stepper.top.moisture_kg_per_kg, this.stepper.bottom.moisture_kg_per_kg] = [moisture[0], moisture[count - 1]];
      this.record();
    }
    this.leftInCourse += before - this.water();
    this.drawn_J[this.drawn_J.length - 1] = of.energy_J(this.time_s - from_s);
  }

  /** From here on the piece stands in these surroundings. */
  private stand(surroundings: Surroundings): void {
    const { material, piece, room } = this.input;
    this.surroundings = this.faces.surroundings = surroundings;
    this.air = null;
    this.course = null;
    this.drawn_J.push(0);
    if (surroundings.kind === 'chamber') {
      const area_m2 = surroundings.load_kg / (material.raw_kg_per_m3 * piece.thickness_m);
      this.air = new ChamberAir(surroundings.chamber, room, area_m2);
      this.showAir();
    } else if (surroundings.kind === 'steady') {
      this.air_c = surroundings.air_c;
      this.air_pa = surroundings.vapour_pa;
    } else {
      this.slab.refresh();
      this.air_c = surroundings.kind === 'freezer' ? surroundings.air_c : surroundings.shelf_c;
      this.air_pa = surroundings.kind === 'freezer' ? 0 : surroundings.pressure_pa;
      if (surroundings.kind === 'freeze-dryer') this.slab.freezeDry(PORES_LEFT);
      const of =
        surroundings.kind === 'freezer'
          ? new Freezing(this.slab, material, surroundings)
          : new FreezeDrying(this.slab, material, surroundings);
      this.course = { of, from_s: this.time_s };
    }
  }

  private enter(stage: Stage): void {
    const { room } = this.input;
    if (stage.into) this.stand(stage.into);
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
      if (event.do === 'rotate-trays') this.faces.place = -this.faces.place;
      this.slab.apply(event, room.temperature_c);
    }
    if (isOutside(stage)) this.stepOutside(stage.set);
    else if (this.air && this.surroundings.kind === 'chamber') {
      if (typeof stage.set === 'number' && stage.preheated)
        this.air.reset(Math.min(stage.set, warmest(this.surroundings.chamber, room.temperature_c)));
      else if (this.wasOutside) this.air.reset(room.temperature_c);
      this.showAir();
      if (!stage.ramp || stage.into) this.setpoint_c = this.air.temperature_c;
    } else if (this.surroundings.kind === 'steady') {
      this.air_c = this.surroundings.air_c;
      this.air_pa = this.surroundings.vapour_pa;
    }
    this.wasOutside = isOutside(stage);
    this.slab.refresh();
  }

  /** Out of every appliance, into the still air of the room or of a fridge. */
  private stepOutside(set: Exclude<Stage['set'], number | 'off'>): void {
    const { room } = this.input;
    const still = set === 'room' ? { air_c: room.temperature_c, relativeHumidity: room.relativeHumidity } : set;
    if (this.surroundings.kind === 'steady') return;
    this.air_c = still.air_c;
    this.air_pa = still.relativeHumidity * saturationPressure(still.air_c);
  }

  private showAir(): void {
    this.air_c = this.air?.temperature_c ?? this.air_c;
    this.air_pa = this.air?.vapour_pa ?? this.air_pa;
  }

  private advance(stage: Stage, dt_s: number): boolean {
    const { slab, stepper } = this;
    const outside = isOutside(stage);
    if (this.air && !outside) {
      this.air.step(stage, stage.set === 'off' ? null : this.setpoint_c, dt_s, stepper.load);
      this.showAir();
    }
    this.faces.refresh(slab, stage.support, outside, this.air_c, stepper.topSurface_c, stepper.bottomSurface_c);
    const above_c = this.faces.above(this.air_c, outside);
    stepper.step(dt_s, { below_c: this.air_c, above_c, vapour_pa: this.air_pa }, stage.support);
    this.time_s += dt_s;
    this.steps++;
    slab.refresh();
    const layer = this.layerAw();
    const touches = this.touches(outside);
    this.browning.step(
      dt_s,
      above_c === this.air_c ? above_c : null,
      { surface_c: touches.top ? towards(stepper.topSurface_c, this.air_c) : stepper.topSurface_c, aw: layer.top },
      { surface_c: touches.bottom ? towards(stepper.bottomSurface_c, this.air_c) : stepper.bottomSurface_c, aw: layer.bottom },
    );
    if (stepper.dripped_kg_per_m2 > 0 && stage.support.tray) this.browning.stepFilm(dt_s, slab.trayTemperature);
    const centre_c = slab.centre(slab.temperature);
    // A centre that stays wet in warm air would earn credit for hours, which no authority gives: meat is heated first.
    if (!stage.dryingAir && this.kill < KILL_CEILING && centre_c > 50)
      this.kill += creditedKill(dt_s / 60, centre_c, Math.exp(slab.centre(slab.logAw)));
    if (this.screened)
      for (let i = 0; i < slab.count; i++) this.screened[i] += screeningKill(dt_s, slab.temperature[i], Math.exp(slab.logAw[i]));
    const { rise_K, drying, longest_s } = this.input.fineness;
    const wished = Math.min(rise_K / (stepper.largestRise_K + 1e-12), drying / (stepper.largestDrying + 1e-12));
    this.dt_s = Math.min(longest_s, Math.max(this.shortest_s, dt_s * Math.min(1.4, Math.max(0.4, wished))));
    return stepper.largestRise_K <= RUNAWAY_K && Number.isFinite(stepper.topSurface_c);
  }

  /** Which faces hot metal presses on. */
  private touches(outside: boolean): { top: boolean; bottom: boolean } {
    const plates = outside || this.surroundings.kind !== 'chamber' ? null : this.surroundings.chamber.plates;
    return { top: plates?.airAbove === null, bottom: plates !== null };
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
      browningFilm: this.browning.film,
      dripped: stepper.dripped_kg_per_m2 / this.solids_kg_per_m2,
      kill: Math.min(KILL_CEILING, this.kill),
      screenedCentre: this.screened ? Math.min(KILL_CEILING, this.slab.centre(this.screened)) : 0,
      screenedLeast: this.screened ? Math.min(KILL_CEILING, ...this.screened) : 0,
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
      drawn_J: this.drawn_J,
      steps: this.steps,
      waterError:
        Math.abs(water - stepper.evaporated_kg_per_m2 - stepper.dripped_kg_per_m2 - this.leftInCourse - this.water()) / water,
      energyError: Math.abs(residual) / Math.max(1, Math.abs(heat)),
    };
  }
}

const meetsVacuum = ({ surroundings, stages }: Simulation): boolean =>
  [surroundings, ...stages.map(({ into }) => into)].some((place) => place?.kind === 'freeze-dryer');

/** Out of every appliance: in the room, or in other still air. */
const isOutside = (stage: Stage): stage is Stage & { readonly set: 'room' | StillAir } =>
  stage.set === 'room' || typeof stage.set === 'object';
