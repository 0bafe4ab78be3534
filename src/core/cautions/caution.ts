import type { DoughLine } from '../pantry';
import type { PackOption, Store } from '../keeping';

export type Severity = 'note' | 'mind' | 'stop';
export type CautionStep = 'mix' | 'shape' | 'heat' | 'pack' | 'keep' | 'feed';

/** One caution: what, why and what to do. It never says "safe". */
export type Caution = {
  readonly code: string;
  readonly severity: Severity;
  readonly step: CautionStep;
  readonly title: string;
  readonly why: string;
  readonly act: string;
  readonly source: string;
};

/** One moment of the piece's way through heat, for the warm-and-wet clock. */
export type WarmPoint = { readonly minute: number; readonly temperature_c: number; readonly aw: number };

/** What the rules look at. `null` where a thing is not known; rules then err on the careful side. */
export type CautionContext = {
  /** The recipe's own words: its name, notes on lines, and steps. */
  readonly words: readonly string[];
  /** Everything that is eaten, and of that what goes through the heat with the dough. */
  readonly lines: readonly DoughLine[];
  readonly baked: readonly DoughLine[];
  /** What lies on the pieces with something raw in it, and the heat that it gets; null: none. */
  readonly rawParts: ReadonlyArray<{
    readonly name: string;
    readonly ingredients: readonly string[];
    readonly needs_c: number;
    readonly hottest_c: number | null;
    readonly tissue: boolean;
  }>;
  /** Finished piece. */
  readonly fat_pctOfDry: number;
  readonly sodium_mgPer100gDry: number;
  readonly surfaceAw: number;
  readonly coreAw: number;
  readonly awSafe: number | null;
  /** Heat. */
  readonly dehydrator: boolean;
  /** Ten minutes at 135 °C or more after the drying. */
  readonly heatedAfter: boolean;
  /** In a freeze dryer: the middle when the vacuum starts, the warmest its ice gets [°C], sugars of the dry matter [%]; else null. */
  readonly freezeDry: { readonly start_c: number; readonly front_c: number; readonly sugars_pctOfDry: number } | null;
  /** Hottest air that is asked for, and the most this appliance can hold empty [°C]. */
  readonly asked_c: number;
  readonly warmest_c: number;
  readonly core_cMax: number | null;
  readonly kill_log10: number;
  readonly curve: readonly WarmPoint[];
  readonly atPacking_c: number;
  readonly room_c: number;
  /** How long one load takes, how many there are, and how long all take one after another [min]. */
  readonly loads: { readonly minutes: number; readonly count: number; readonly all_minutes: number };
  /** Juice that runs off: share of the raw mass [%], of all pieces [g], and its colour on the tray where it lies on one. */
  readonly drip: { readonly share_pct: number; readonly batch_g: number; readonly colour: string | null } | null;
  /** Piece: sides from longest to shortest, force to snap it. */
  readonly sides_mm: readonly [number, number, number];
  readonly force_N: number;
  readonly hard: boolean;
  /** How high a batter rises, and the rim of what it stands in [mm]; null where nothing rises in anything. */
  readonly rising: { readonly risen_mm: number; readonly rim_mm: number } | null;
  /** A cake: frosting that it is to have and none in the recipe is of [g], and biscuits round its side that are not in it or too few. */
  readonly cake: {
    readonly unnamedFrosting_g: number;
    readonly asked: boolean;
    readonly unnamedBiscuits: number;
    readonly missingBiscuits: number;
  } | null;
  /** Whole things are sliced. */
  readonly sliced: boolean;
  readonly packs: ReadonlyArray<{ readonly option: PackOption; readonly store: Store }>;
};
