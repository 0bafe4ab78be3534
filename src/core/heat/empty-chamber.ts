import { AIR_J_PER_KG_K, risingThroughZero } from '../quantities';
import { OFF_DRAUGHT, type Chamber } from './appliance';
import { outerLoss } from './walls';

/** The longest that anyone waits for an oven [s]. Source: ours. */
const LONGEST_S = 6 * 3600;

const ventLoss = (chamber: Chamber, open: number): number => open * chamber.vent_kg_per_s * AIR_J_PER_KG_K;

/** Highest temperature that the empty chamber can hold, door shut: all its heater gives is then lost [°C]. */
export const warmest = (chamber: Chamber, room_c: number): number =>
  room_c + chamber.heater_W / (chamber.loss_W_per_K + ventLoss(chamber, 1));

/** Time and energy to heat the empty chamber from the room to a setpoint, and how warm its walls are then [s, J, °C]. */
export function preheat(
  chamber: Chamber,
  setpoint_c: number,
  room_c: number,
): { readonly time_s: number; readonly energy_J: number; readonly wall_c: number } {
  if (setpoint_c <= room_c) return { time_s: 0, energy_J: 0, wall_c: room_c };
  const most_K = warmest(chamber, room_c) - room_c;
  const wish_K = setpoint_c - room_c;
  // Heated steadily it ends at its most; what it is short of that fades as heat fades from an oven that is off.
  const short = { air: -most_K, wall: -most_K * wallShare(chamber) };
  const vent = ventLoss(chamber, 1);
  const airAt = (time_s: number): number => most_K + fading(chamber, vent, short, time_s).air;
  if (airAt(LONGEST_S) < wish_K) return { time_s: Infinity, energy_J: Infinity, wall_c: room_c + wish_K * wallShare(chamber) };
  const time_s = risingThroughZero((tried_s) => airAt(tried_s) - wish_K, 0, LONGEST_S);
  const wall_K = most_K * wallShare(chamber) + fading(chamber, vent, short, time_s).wall;
  return { time_s, energy_J: chamber.heater_W * time_s, wall_c: room_c + wall_K };
}

/** Air of the empty chamber that had long stood at a temperature, switched off with its door shut, after a time [°C]. */
export function cooledTo(chamber: Chamber, from_c: number, time_s: number, room_c: number): number {
  const above = { air: from_c - room_c, wall: (from_c - room_c) * wallShare(chamber) };
  return room_c + fading(chamber, ventLoss(chamber, OFF_DRAUGHT), above, time_s).air;
}

/** How far air and walls are from where they will end [K]. */
type Away = { readonly air: number; readonly wall: number };

/** Of a chamber long at a temperature: the walls' rise above the kitchen over the air's [1]. */
const wallShare = ({ walls, loss_W_per_K }: Chamber): number => (walls ? 1 - loss_W_per_K / walls.conductance_W_per_K : 1);

/** How far air and walls still are from their end after a time: two stores of heat that pass it on, solved exactly. */
function fading(chamber: Chamber, vent_W_per_K: number, { air, wall }: Away, time_s: number): Away {
  const { walls, loss_W_per_K, capacity_J_per_K } = chamber;
  if (!walls) {
    const left = air * Math.exp((-(loss_W_per_K + vent_W_per_K) * time_s) / capacity_J_per_K);
    return { air: left, wall: left };
  }
  const into = walls.conductance_W_per_K;
  const airLoses = (vent_W_per_K + into) / capacity_J_per_K;
  const airGets = into / capacity_J_per_K;
  const wallGets = into / walls.capacity_J_per_K;
  const wallLoses = (into + outerLoss(walls, loss_W_per_K)) / walls.capacity_J_per_K;
  const mean = (airLoses + wallLoses) / 2;
  const half = (airLoses - wallLoses) / 2;
  const apart = Math.sqrt(half * half + airGets * wallGets);
  const [slow, fast] = [Math.exp((apart - mean) * time_s), Math.exp((-apart - mean) * time_s)];
  const together = (slow + fast) / 2;
  const against = (slow - fast) / (2 * apart);
  return {
    air: together * air + against * (airGets * wall - half * air),
    wall: together * wall + against * (wallGets * air + half * wall),
  };
}
