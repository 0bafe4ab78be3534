import type { LayoutLevel, OutlineName, PanShape } from '../shaping';

/** How a dough is shaped, as the document holds it; optional keys have defaults (docs/batch-file.md). */
export const SHAPE_METHODS = [
  'roll-and-cut',
  'score-slab',
  'drop',
  'ball',
  'log-slice',
  'mat',
  'cup',
  'cake',
  'slice',
  'cube',
  'frozen-mould',
] as const;
export type ShapeMethod = (typeof SHAPE_METHODS)[number];

export type Tray = { readonly width_mm?: number; readonly depth_mm?: number };

/** A cutter by its built-in outline, or by SVG path data of one's own. */
export type CutterChoice = {
  readonly outline?: OutlineName;
  readonly svg_path?: string;
  readonly length_mm?: number;
  readonly width_mm?: number;
};

/** What becomes of the last scraps: pieces pressed by hand, one round, or into the freezer. */
export const SCRAP_USES = ['press', 'round', 'freeze'] as const;
export type ScrapUse = (typeof SCRAP_USES)[number];

/** How the thickness is kept: between two guides, or by eye. */
export const THICKNESS_BY = ['guides', 'hand'] as const;

export type RollAndCut = {
  readonly method: 'roll-and-cut';
  readonly thickness_mm?: number;
  readonly thickness_by?: (typeof THICKNESS_BY)[number];
  readonly cutter?: CutterChoice;
  /** A smaller cutter for the scraps of the first roll. */
  readonly mini?: CutterChoice;
  readonly layout?: LayoutLevel;
  readonly gap_mm?: number;
  readonly edge_mm?: number;
  readonly sheet_width_mm?: number;
  readonly sheet_length_mm?: number;
  /** The width that the first roll is rolled to, where it is not left to the pin. */
  readonly roll_width_mm?: number;
  readonly rerolls_max?: number;
  readonly scraps?: ScrapUse;
  readonly tray?: Tray;
  readonly tray_gap_mm?: number;
};

export type ScoreSlab = {
  readonly method: 'score-slab';
  readonly thickness_mm?: number;
  readonly piece_width_mm?: number;
  readonly piece_length_mm?: number;
  readonly pan?: { readonly width_mm?: number; readonly depth_mm?: number };
  readonly trim_mm?: number;
};

/** Pieces that lie loose on a tray. */
type OnTray = { readonly tray?: Tray; readonly tray_gap_mm?: number };

export type Drop = OnTray & { readonly method: 'drop'; readonly piece_g?: number; readonly height_mm?: number };
export type Ball = OnTray & { readonly method: 'ball'; readonly diameter_mm?: number };

export type LogSlice = OnTray & {
  readonly method: 'log-slice';
  readonly log_diameter_mm?: number;
  readonly slice_mm?: number;
  /** Cut off either end, and pressed into a last log. */
  readonly end_mm?: number;
  readonly log_length_mm?: number;
  /** Thickness of the sheet that is rolled up into a spiral; without it the log is rolled by hand. */
  readonly roll_up_mm?: number;
};

/** Hollows that are filled: a cavity mat's, a mould's. `owned` is how many of them there are. */
type Hollows = {
  readonly cavity_ml?: number;
  readonly cavities?: number;
  readonly height_mm?: number;
  readonly fill_fraction?: number;
  readonly owned?: number;
};
export type Mat = Hollows & { readonly method: 'mat' };
export type FrozenMould = Hollows & { readonly method: 'frozen-mould' };

export type Cup = {
  readonly method: 'cup';
  readonly cup_ml?: number;
  readonly fill_fraction?: number;
  readonly height_mm?: number;
  /** Cups in one tin, and tins in the house. */
  readonly cups?: number;
  readonly owned?: number;
};

export type CakePan = {
  readonly shape?: PanShape;
  readonly width_mm?: number;
  readonly length_mm?: number;
  readonly depth_mm?: number;
  /** Middle of a ring. */
  readonly hole_mm?: number;
};

export type Cake = {
  readonly method: 'cake';
  readonly pan?: CakePan;
  readonly layers?: number;
  readonly layers_per_pan?: number;
  readonly trim_mm?: number;
  readonly level_mm?: number;
  readonly portions?: number;
  readonly frosting?: {
    readonly between_mm?: number;
    readonly crumb_mm?: number;
    readonly coat_mm?: number;
    readonly piping_g?: number;
    /** A tub or block of what the frosting is made of. */
    readonly tub_g?: number;
  };
  readonly border?: { readonly biscuit_mm?: number; readonly gap_mm?: number };
};

export type Slice = OnTray & {
  readonly method: 'slice';
  readonly thickness_mm?: number;
  readonly diameter_mm?: number;
  readonly core_mm?: number;
  readonly peel_mm?: number;
  readonly ends_pct?: number;
};
export type Cube = OnTray & { readonly method: 'cube'; readonly edge_mm?: number; readonly offcuts_pct?: number };

export type Shape = RollAndCut | ScoreSlab | Drop | Ball | LogSlice | Mat | FrozenMould | Cup | Cake | Slice | Cube;
