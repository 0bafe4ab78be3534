import type { PackChoice } from '../catalogue';
import type { Heat } from '../document';

const ON_THE_SHELF: PackChoice = { option: 'clip-jar', store: 'room' };
const IN_THE_FREEZER: PackChoice = { option: 'zip-bag', store: 'freezer' };

/**
 * How treats are packed where nothing is said: into a jar on the shelf, but what ends frozen into a bag in the freezer, where it is
 * already. Only the programme decides, not what comes of it, so that every draw is packed alike.
 */
export function usualPack({ steps }: Heat): PackChoice {
  return steps.findLast((step) => 'minutes' in step)?.do === 'freeze' ? IN_THE_FREEZER : ON_THE_SHELF;
}
