import type {
  Border,
  CakeYield,
  Cutter,
  Frosting,
  Layout,
  LeftOverUses,
  LogYield,
  Pan,
  RollOutYield,
  RollSize,
  RollUp,
  SlabYield,
  SlicingYield,
} from '../shaping';

/** One piece as the solver sees it: a box with two faces, and how open its sides are. */
export type Body = {
  readonly thickness_mm: number;
  readonly width_mm: number;
  readonly length_mm: number;
  /** Share of the sides open to drying, and to heat [1]. */
  readonly exposure: number;
  readonly heatExposure: number;
  /** Touching its support only at a point, the underside breathes at least so much [1]. */
  readonly leastBreathing?: number;
};

/** How the pieces came about: what only one way of shaping has to tell, and what is drawn of it. */
export type Shaped =
  | {
      readonly kind: 'rolled';
      readonly rollOut: RollOutYield;
      readonly cutter: Cutter;
      readonly mini: Cutter | null;
      /** How many pieces nine and one in ten sheets give, over the usual one [1]; null where nobody has asked. */
      readonly scatter: { readonly low: number; readonly high: number } | null;
      readonly advice: RollSize | null;
    }
  | { readonly kind: 'slab'; readonly slab: SlabYield }
  | { readonly kind: 'loose' }
  | { readonly kind: 'log'; readonly log: LogYield; readonly rollUp: RollUp | null }
  | { readonly kind: 'whole'; readonly slicing: SlicingYield | null }
  | { readonly kind: 'hollows'; readonly cavities: number; readonly filled: number; readonly depth_mm: number }
  | {
      readonly kind: 'cake';
      readonly pan: Pan;
      readonly cake: CakeYield;
      readonly layers: number;
      readonly frosting: Frosting;
      readonly border: Border | null;
    };

/** Loose pieces on one tray, as they are drawn. */
export type TrayPicture = {
  readonly outline: ReadonlyArray<readonly [number, number]>;
  readonly hole_mm: number;
  readonly layout: Layout;
  readonly width_mm: number;
  readonly depth_mm: number;
  /** Share of it under pieces that lie as close as they are laid [1]. */
  readonly covered: number;
};

/** What comes out of an amount of dough. */
export type ShapeYield = {
  readonly pieces: number;
  readonly piece_g: number;
  /** Trays, pans, mats or tins that the pieces fill, and pieces on a full one. */
  readonly trays: number;
  readonly perTray: number;
  /** How many of them there are; null when there are always enough. */
  readonly traysOwned: number | null;
  /** Small pans stand two on a shelf. */
  readonly perShelf: number;
  readonly rerolls: number;
  readonly scrap_g: number;
  /** Pieces pressed by hand from the last scraps: the first to be missing. */
  readonly pressed: number;
  readonly minis: { readonly pieces: number; readonly piece_g: number } | null;
  readonly flour_g: number;
  readonly loss_g: number;
  /** Sides of a piece as it lies, longer first. */
  readonly sides_mm: readonly [number, number];
  /** Plan area of one piece: its volume over its thickness. */
  readonly area_mm2: number;
  readonly body: Body;
  /** What is left over can still become this; null when nothing worth a word is left. */
  readonly uses: LeftOverUses | null;
  readonly shaped: Shaped;
  readonly tray: TrayPicture | null;
  /** Laid by hand for now; the wished layout is still being searched. */
  readonly provisional: boolean;
};

/** What most ways of shaping leave out. */
export const PLAIN = {
  traysOwned: null,
  perShelf: 1,
  rerolls: 0,
  pressed: 0,
  minis: null,
  flour_g: 0,
  loss_g: 0,
  tray: null,
  provisional: false,
} as const;
