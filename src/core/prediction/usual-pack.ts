import type { PackChoice } from '../catalogue';
import { finishingFrom, type Heat } from '../document';

const ON_THE_SHELF: PackChoice = { option: 'clip-jar', store: 'room' };
const IN_THE_FRIDGE: PackChoice = { option: 'zip-bag', store: 'fridge' };
const IN_THE_FREEZER: PackChoice = { option: 'zip-bag', store: 'freezer' };

/** Moist enough for germs [1]. Source: FDA, aw 0.85 (21 CFR 114). */
export const MOIST_FROM_AW = 0.85;

/**
 * How treats are packed where nothing is said: into a jar on the shelf, but what ends frozen into a bag in the freezer, where it is
 * already, and what may be moist enough for germs into the fridge. The likely run decides, and every draw is packed as it is.
 *
 * @param aw - water activity of their dampest part, on the safe side [1]; null where it cannot be told
 */
export function usualPack({ steps }: Heat, aw: number | null): PackChoice {
  // What is put on a frozen piece, and the minutes that it sets, do not take it out of the cold for good.
  const heat = steps.slice(0, finishingFrom(steps));
  if (heat.findLast((step) => 'minutes' in step)?.do === 'freeze') return IN_THE_FREEZER;
  return aw !== null && aw > MOIST_FROM_AW ? IN_THE_FRIDGE : ON_THE_SHELF;
}
