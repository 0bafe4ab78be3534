import type { Chamber } from './appliance';
import { cooledTo, preheat } from './empty-chamber';
import { LEAST_OVER_LOSS } from './walls';

/** What a baker reads off the empty appliance with a clock and a thermometer. */
export type ChamberReadings = {
  /** So long from the kitchen's temperature until it was so hot. */
  readonly heat_up?: { readonly to_c: number; readonly minutes: number };
  /** Switched off and shut, so warm after so long; and, where it was read twice, later on. */
  readonly cool_down?: {
    readonly from_c: number;
    readonly minutes: number;
    readonly to_c: number;
    readonly later?: { readonly minutes: number; readonly to_c: number };
  };
};

/** A thermometer and a clock are read about so well: degrees, and share of the minutes [K, 1]. Source: ours. */
const READ_K = 1;
const READ_SHARE = 0.03;
/** An oven differs from its kind by about this factor; readings that no oven gives are bent back towards it [ln]. Source: ours. */
const KIND_SD = Math.log(2.5);
/** No oven is further from its kind than this [1]. Source: ours. */
const WITHIN = 5;
/** The search: first and last step of the logarithm of a factor [1]. Source: ours. */
const FIRST_STEP = 0.4;
const LAST_STEP = 0.01;
const S_PER_MIN = 60;

/** How far an oven differs from what its kind was built with, as logarithms [1]: its stores of heat, its loss, and the way into its walls. */
type Factors = readonly [stores: number, loss: number, into: number];

/**
 * The chamber that fits the readings best, an oven of its kind being likelier than an odd one. The rise gives the stores of
 * heat against the heater's power; switched off, the first half hour tells how fast the air passes its heat on, an hour and
 * more how fast the whole is lost. The vent stays as it was built.
 *
 * @source heat balances of air and walls, see ./chamber-air; least squares with a prior
 */
export function chamberFromReadings(built: Chamber, readings: ChamberReadings, room_c: number): Chamber {
  if (!readings.heat_up && !readings.cool_down) return built;
  const key = JSON.stringify([built, readings.heat_up, readings.cool_down, room_c]);
  const chamber = fittedBefore.get(key) ?? fitted(built, readings, room_c);
  if (fittedBefore.size > OVENS_KEPT) fittedBefore.clear();
  fittedBefore.set(key, chamber);
  return chamber;
}

/** Chambers fitted before, and how many are kept [1]: a kitchen's ovens stay the same while a baker works on a batch. Source: ours. */
const OVENS_KEPT = 50;
const fittedBefore = new Map<string, Chamber>();

/** Compass search: along one factor after another, ever finer. */
function fitted(built: Chamber, readings: ChamberReadings, room_c: number): Chamber {
  const missedBy = (factors: Factors): number => missed(chamberWith(built, factors), factors, readings, room_c);
  let best: Factors = [0, 0, 0];
  let least = missedBy(best);
  for (let step = FIRST_STEP; step > LAST_STEP; step /= 2)
    for (let moved = true; moved;) {
      moved = false;
      for (const way of DIRECTIONS) {
        const tried = best.map((value, i) => value + step * way[i]) as unknown as Factors;
        const by = tried.some((value) => Math.abs(value) > Math.log(WITHIN)) ? Infinity : missedBy(tried);
        if (by < least - 1e-9) [best, least, moved] = [tried, by, true];
      }
    }
  return chamberWith(built, best);
}

/** Along each factor, and along pairs that readings cannot tell apart at first. */
const DIRECTIONS: ReadonlyArray<Factors> = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
  [0, 1, 1],
  [1, 1, 0],
  [1, -1, 0],
  [0, 1, -1],
].flatMap(([a, b, c]): Factors[] => [
  [a, b, c],
  [-a, -b, -c],
]);

/** Squares of what the readings are missed by, and of how odd the oven is, each over its standard deviation [1]. */
function missed(chamber: Chamber, factors: Factors, { heat_up, cool_down }: ChamberReadings, room_c: number): number {
  let sum = factors.reduce((all, value) => all + (value / KIND_SD) ** 2, 0);
  if (heat_up) {
    const takes_min = preheat(chamber, heat_up.to_c, room_c).time_s / S_PER_MIN;
    // A chamber that never gets there misses by far, not by infinity: the search must find its way.
    const far = Number.isFinite(takes_min) ? Math.log(takes_min / heat_up.minutes) : 5;
    sum += (far / READ_SHARE) ** 2;
  }
  if (!cool_down) return sum;
  const { from_c, minutes, to_c, later } = cool_down;
  const off = (after_min: number, read_c: number): number =>
    ((read_c - cooledTo(chamber, from_c, after_min * S_PER_MIN, room_c)) / READ_K) ** 2;
  sum += off(minutes, to_c);
  return later ? sum + off(later.minutes, later.to_c) : sum;
}

/** The chamber with its stores, its loss and the way into its walls so many times what was built; the loss stays below that way. */
function chamberWith(built: Chamber, [stores, loss, into]: Factors): Chamber {
  const { walls } = built;
  const conductance_W_per_K = walls ? walls.conductance_W_per_K * Math.exp(into) : Infinity;
  return {
    ...built,
    capacity_J_per_K: built.capacity_J_per_K * Math.exp(stores),
    loss_W_per_K: Math.min(built.loss_W_per_K * Math.exp(loss), conductance_W_per_K / LEAST_OVER_LOSS),
    walls: walls && { capacity_J_per_K: walls.capacity_J_per_K * Math.exp(stores), conductance_W_per_K },
  };
}
