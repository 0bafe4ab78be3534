import { OFF_DRAUGHT, type Chamber } from './appliance';
import { AIR_J_PER_KG_K } from '../quantities';

/** What a baker reads off the empty appliance with a clock and a thermometer. */
export type ChamberReadings = {
  /** So long from the kitchen's temperature until it was so hot. */
  readonly heat_up?: { readonly to_c: number; readonly minutes: number };
  /** Switched off and shut, so warm after so long. */
  readonly cool_down?: { readonly from_c: number; readonly minutes: number; readonly to_c: number };
};

/** Readings that no oven gives are bent back to within these of what its kind was built with [1]. Source: ours. */
const WITHIN = 5;
/** The share of its final rise that the heat-up reading may not exceed, or it says nothing of the heater [1]. Source: ours. */
const MOST_OF_THE_WAY = 0.95;

/**
 * The chamber that fits two readings: the fall after switching off gives loss over capacity, the rise gives heater over
 * capacity. With the heater's watts known, both capacity and loss follow; the vent stays as it was built.
 *
 * @source the lumped heat balance of the chamber: C dT/dt = P - U (T - room)
 */
export function chamberFromReadings(
  built: Chamber,
  { heat_up: heatUp, cool_down: coolDown }: ChamberReadings,
  room_c: number,
): Chamber {
  if (!heatUp && !coolDown) return built;
  const ventOff = OFF_DRAUGHT * built.vent_kg_per_s * AIR_J_PER_KG_K;
  const builtFall = (built.loss_W_per_K + ventOff) / built.capacity_J_per_K;
  const fall = coolDown ? fallRate(coolDown, room_c, builtFall) : builtFall;
  // With its vent open while it heats, it loses a little more than when it is off: by the vent's other half.
  const capacity = heatUp ? capacityFrom(built, heatUp, fall, ventOff, room_c) : built.capacity_J_per_K;
  return { ...built, capacity_J_per_K: capacity, loss_W_per_K: Math.max(0.2, fall * capacity - ventOff) };
}

/** e-folds a second in which the dead chamber falls towards the room [1/s]. */
function fallRate({ from_c, minutes, to_c }: NonNullable<ChamberReadings['cool_down']>, room_c: number, built: number): number {
  const read = Math.log((from_c - room_c) / Math.max(1, to_c - room_c)) / (minutes * 60);
  return Math.min(built * WITHIN, Math.max(built / WITHIN, read));
}

/** Heat capacity at which the heater brings the chamber so hot in that time, found by halving: more capacity, slower [J/K]. */
function capacityFrom(
  built: Chamber,
  { to_c, minutes }: NonNullable<ChamberReadings['heat_up']>,
  fall: number,
  ventOff: number,
  room_c: number,
): number {
  let [low, high] = [built.capacity_J_per_K / WITHIN, built.capacity_J_per_K * WITHIN];
  for (let i = 0; i < 50; i++) {
    const middle = Math.sqrt(low * high);
    const loss = fall * middle - ventOff + built.vent_kg_per_s * AIR_J_PER_KG_K;
    const share = Math.min(MOST_OF_THE_WAY, (loss * (to_c - room_c)) / built.heater_W);
    const takes_s = (-middle / loss) * Math.log(1 - share);
    if (takes_s < minutes * 60) low = middle;
    else high = middle;
  }
  return Math.sqrt(low * high);
}
