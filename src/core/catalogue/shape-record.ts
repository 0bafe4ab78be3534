import type { Feel } from '../dough';
import type { Fields } from '../fields';
import type { SupportName } from '../heat';

/** What a mixture is made into: dough, batter that pours, or whole fruit, root or meat. */
export type Mixture = 'dough' | 'batter' | 'whole';

/** Everything the house knows of one way of shaping; how it is laid out stands in `yield`, a file a way. */
export type ShapeRecord = {
  readonly method: string;
  /** Its keys in a document besides `method`. */
  readonly fields: Fields;
  readonly mixture: Mixture;
  /** Feels that the hands or the mould can work with, the best first; empty where any will do. Source: ours. */
  readonly handles: readonly Feel[];
  /** Pieces lie loose on a tray, so that the appliance's own tray holds them where the shape says nothing. */
  readonly looseOnTray: boolean;
  /** What pieces stand on unless it is said; null: as the appliance has it. */
  readonly base: SupportName | null;
  /** Hands on one piece: rolling, cutting, scooping and laying out [s]. Source: ours, unhurried hands. */
  readonly seconds_per_piece: number;
  /** How unevenly a piece's thickness comes out; ln-standard deviation [1]. Source: ours. */
  readonly thicknessSpread: number;
};
