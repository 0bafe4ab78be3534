import { FEEL_TARGETS, feelOf, type Feel } from './feel';

/** Where a dough is steered to, and why. */
export type Aim = {
  /** Softness to reach [1]. */
  readonly index: number;
  /** As it was written, or what the way of shaping needs because the dough as written cannot be worked so. */
  readonly from: 'written' | 'method';
  /** The dough as written would fall apart. */
  readonly fallsApart: boolean;
};

/**
 * The softness to steer towards: as written where hands or mould can work with that, else the best feel for the way of shaping.
 *
 * @param written - softness of the dough as the recipe has it [1]
 * @param edge - its crumble edge [1]
 * @param handles - feels that the way of shaping can work with, the best first; empty where any will do
 */
export function aimFor(written: number, edge: number, handles: readonly Feel[]): Aim {
  const feel = feelOf(written, edge);
  const fallsApart = feel === 'crumbly';
  const [best] = handles.filter((one) => one !== 'crumbly');
  if (best === undefined || handles.includes(feel)) return { index: written, from: 'written', fallsApart };
  return { index: FEEL_TARGETS[best], from: 'method', fallsApart };
}
