import { OFF_DRAUGHT, type Chamber } from './appliance';
import { preheat } from './empty-chamber';
import type { Room, Stage } from './programme';
import { wallStep } from './walls';
import { humidityRatio, logSaturation, saturationPressure, vapourPressure, vapourPressureSlope } from './water-vapour';
import { AIR_J_PER_KG_K } from '../quantities';

/** A wide-open door exchanges this many times the air of one ajar [1]. Source: ours. */
const OPEN_DRAUGHT = 3;
/** Vapour in the chamber is held below this share of the air pressure, and of saturation at the air's temperature. [1] Source: ours. */
const AT_MOST_OF_PRESSURE = 0.9;
const AT_MOST_OF_SATURATION = 0.95;
/** Sides evaporate too: how much the face area is raised for the implicit vapour balance [1]. Source: ours. */
const SIDES_ALLOWANCE = 1.2;

/** What the load took and gave in the last step, per m2 of piece: drives the next chamber step. */
export type LoadExchange = {
  heat_W_per_m2: number;
  conductance_W_per_m2_K: number;
  evaporation_kg_per_m2_s: number;
  transfer_kg_per_m2_s_Pa: number;
};

/** Lumped air of an oven or dehydrator: one temperature, one humidity, one heater, and the walls of an oven behind it. */
export class ChamberAir {
  temperature_c: number;
  vapour_pa: number;
  heater_J = 0;
  private wall_c: number;
  private ratio: number;
  private readonly roomRatio: number;

  constructor(
    private readonly chamber: Chamber,
    private readonly room: Room,
    /** Area of all pieces in the chamber [m2]. */
    private readonly area_m2: number,
  ) {
    this.temperature_c = this.wall_c = room.temperature_c;
    this.vapour_pa = room.relativeHumidity * saturationPressure(room.temperature_c);
    this.roomRatio = humidityRatio(this.vapour_pa, room.pressure_pa);
    this.ratio = this.roomRatio;
  }

  /** Puts the air to the setpoint as soon as the empty chamber has reached it, or back to the room's state. */
  reset(temperature_c: number): void {
    this.temperature_c = temperature_c;
    this.wall_c = this.chamber.walls ? preheat(this.chamber, temperature_c, this.room.temperature_c).wall_c : temperature_c;
    this.ratio = this.roomRatio;
    this.vapour_pa = vapourPressure(this.ratio, this.room.pressure_pa);
  }

  /**
   * One implicit step of the heat and vapour balances; the heater gives what reaches the setpoint, within its power.
   *
   * @param setpoint_c - what is asked for at the end of the step; null when switched off
   */
  step(stage: Pick<Stage, 'door'>, setpoint_c: number | null, dt_s: number, load: LoadExchange): void {
    const { chamber, room } = this;
    const { vent, extraLoss } = this.airing(stage.door, setpoint_c === null);
    const exchange_W_per_K = this.area_m2 * load.conductance_W_per_m2_K;
    const seen_c =
      exchange_W_per_K > 0 ? this.temperature_c - (this.area_m2 * load.heat_W_per_m2) / exchange_W_per_K : this.temperature_c;
    const aired = extraLoss + vent * AIR_J_PER_KG_K;
    const { walls: store, loss_W_per_K } = chamber;
    const walls = store && wallStep({ walls: store, loss_W_per_K }, this.wall_c, room.temperature_c, dt_s);
    const loss = aired + (walls ? walls.conductance_W_per_K : chamber.loss_W_per_K);
    const given_W = aired * room.temperature_c + (walls ? walls.source_W : chamber.loss_W_per_K * room.temperature_c);
    const stored = chamber.capacity_J_per_K / dt_s;
    let heater_W = 0;
    if (setpoint_c !== null) {
      const wanted =
        stored * (setpoint_c - this.temperature_c) + loss * setpoint_c - given_W + exchange_W_per_K * (setpoint_c - seen_c);
      heater_W = Math.min(chamber.heater_W, Math.max(0, wanted));
    }
    this.heater_J += heater_W * dt_s;
    this.temperature_c =
      (stored * this.temperature_c + heater_W + given_W + exchange_W_per_K * seen_c) / (stored + loss + exchange_W_per_K);
    if (walls) this.wall_c = walls.wallAt(this.temperature_c);
    this.stepVapour(vent, dt_s, load, heater_W * chamber.steam_kg_per_J);
  }

  private stepVapour(vent_kg_per_s: number, dt_s: number, load: LoadExchange, steam_kg_per_s: number): void {
    const { chamber, room } = this;
    const feedback =
      SIDES_ALLOWANCE * this.area_m2 * load.transfer_kg_per_m2_s_Pa * vapourPressureSlope(this.ratio, room.pressure_pa);
    const stored = chamber.air_kg / dt_s;
    this.ratio =
      (stored * this.ratio +
        this.area_m2 * load.evaporation_kg_per_m2_s +
        steam_kg_per_s +
        feedback * this.ratio +
        vent_kg_per_s * this.roomRatio) /
      (stored + vent_kg_per_s + feedback);
    const ceiling = Math.min(
      AT_MOST_OF_PRESSURE * room.pressure_pa,
      AT_MOST_OF_SATURATION * Math.exp(logSaturation(this.temperature_c)),
    );
    this.vapour_pa = vapourPressure(Math.max(0, this.ratio), room.pressure_pa);
    if (this.vapour_pa > ceiling) {
      this.vapour_pa = ceiling;
      this.ratio = humidityRatio(ceiling, room.pressure_pa);
    }
  }

  private airing(door: Stage['door'], off: boolean): { vent: number; extraLoss: number } {
    const { chamber } = this;
    if (door === 'ajar') return { vent: chamber.ventAjar_kg_per_s, extraLoss: chamber.lossAjar_W_per_K };
    if (door === 'open') return { vent: OPEN_DRAUGHT * chamber.ventAjar_kg_per_s, extraLoss: chamber.lossOpen_W_per_K };
    return { vent: chamber.vent_kg_per_s * (off ? OFF_DRAUGHT : 1), extraLoss: 0 };
  }
}
