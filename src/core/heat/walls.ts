/** The slow store of an oven: liner, insulation and body behind the air and the element, which are quick. */
export type Walls = {
  readonly capacity_J_per_K: number;
  /** From the air into them; what they lose to the kitchen follows from the chamber's steady loss [W/K]. */
  readonly conductance_W_per_K: number;
};

/** What passes into the walls must exceed what the whole chamber loses, by so much [1]. Source: ours; else they would have to be colder than the kitchen. */
export const LEAST_OVER_LOSS = 1.05;

/**
 * Loss of the walls themselves to the kitchen [W/K]: in series with the way into them it gives the chamber's steady loss.
 *
 * @param loss_W_per_K - steady loss of the chamber, air to kitchen
 */
export const outerLoss = ({ conductance_W_per_K: into }: Walls, loss_W_per_K: number): number =>
  (loss_W_per_K * into) / (into - loss_W_per_K);

/** The walls of an oven's step, made implicit: how the air feels them [W/K, W], and how warm they end. */
export type WallStep = {
  /** The air loses this much per degree, and gets this much whatever it is. */
  readonly conductance_W_per_K: number;
  readonly source_W: number;
  readonly wallAt: (air_c: number) => number;
};

/** One implicit step of the walls beside air that is still to be found. */
export function wallStep(
  { walls, loss_W_per_K }: { readonly walls: Walls; readonly loss_W_per_K: number },
  wall_c: number,
  room_c: number,
  dt_s: number,
): WallStep {
  const into = walls.conductance_W_per_K;
  const out = outerLoss(walls, loss_W_per_K);
  const stored = walls.capacity_J_per_K / dt_s;
  const sum = stored + into + out;
  const known = (stored * wall_c + out * room_c) / sum;
  const share = into / sum;
  return { conductance_W_per_K: into * (1 - share), source_W: into * known, wallAt: (air_c) => known + share * air_c };
}
