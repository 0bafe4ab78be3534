import type { OwnComposition } from '../pantry';
import type { SupportName, Door } from '../heat';
import type { PackOption, Store } from '../keeping';
import type { CupFill, Unit } from '../quantities';
import type { Method } from './methods';
import type { Shape } from './shapes';

/**
 * The batch document: what a baker edits, mails and keeps. The open format is described in docs/batch-file.md;
 * units stand in the key names. Optional keys have defaults, listed in the prediction as `assumed`.
 */
export type BatchDocument = {
  readonly format: 'upbeat-oven/batch';
  readonly version: 1;
  readonly name?: string;
  readonly kitchen?: KitchenAir;
  readonly recipe: Recipe;
  readonly scale?: Scale;
  readonly shape: Shape;
  readonly heat: Heat;
  readonly pack?: readonly PackChoice[];
  readonly target?: { readonly snap_min?: number; readonly keeps_days_min?: number };
};

/** The kitchen's air, and its bakers' hands: how they fill a cup and how close they cut. */
export type KitchenAir = {
  readonly altitude_m?: number;
  readonly room_c?: number;
  readonly room_rh_pct?: number;
  readonly cup_fill?: Exclude<CupFill, 'unknown'>;
  /** Gap between cut-outs that this kitchen's hands really leave. */
  readonly hand_gap_mm?: number;
};

export type Recipe = {
  readonly name?: string;
  readonly summary?: string;
  readonly method?: Method;
  readonly ingredients: readonly RecipeLine[];
  /** How long the dough stands before it is shaped. */
  readonly rest_minutes?: number;
  readonly steps?: readonly RecipeStep[];
};

/** One thing to do, in the baker's words. */
export type RecipeStep = { readonly text: string; readonly minutes?: number; readonly tool?: string };

export type RecipeLine = {
  readonly ingredient: string;
  readonly amount: number;
  readonly unit: Unit;
  /** Size of a counted thing, as the pantry row names it: "UK large". */
  readonly size?: string;
  readonly composition_per_100g?: OwnComposition;
  /** Its moisture as weighed before and after drying, where it differs from the table [% wet basis]. */
  readonly water_pct?: number;
  /** What really went into the bowl of this batch; the plan stays the amount times the scale. */
  readonly actual_g?: number;
  /** How it is prepared or what to mind, in the baker's words. */
  readonly note?: string;
};

/** So much of an ingredient is there, and all of it shall be used. */
export type FixedAmount = { readonly ingredient: string; readonly amount: number; readonly unit: Unit };

export type Scale =
  | { readonly by: 'factor'; readonly factor: number }
  | { readonly by: 'dough_mass'; readonly dough_g: number }
  | { readonly by: 'pieces'; readonly pieces: number }
  | { readonly by: 'trays'; readonly trays: number }
  | { readonly by: 'loads'; readonly loads: number }
  | ({ readonly by: 'ingredient' } & FixedAmount)
  /** Several things are fixed: the scarcest limits the batch. */
  | { readonly by: 'fixed'; readonly fixed: readonly FixedAmount[] };

export const APPLIANCE_KINDS = [
  'static-oven',
  'fan-oven',
  'small-oven',
  'dehydrator',
  'freeze-dryer',
  'freezer',
  'contact-grill',
  'air-fryer',
] as const;
export type ApplianceKind = (typeof APPLIANCE_KINDS)[number];

export type Appliance = {
  readonly kind?: ApplianceKind;
  /** What the air really is above the dial: negative when the dial reads hot. */
  readonly thermostat_offset_c?: number;
  /** How much faster this appliance works than the model, from weighed batches. */
  readonly pace?: number;
  readonly load_g?: number;
};

export type HeatStep =
  | {
      readonly do: 'hold';
      readonly setpoint_c: number;
      readonly minutes: number;
      readonly preheated?: boolean;
      readonly door?: Door;
    }
  | { readonly do: 'off'; readonly minutes: number; readonly door?: Door }
  | { readonly do: 'turn' }
  | { readonly do: 'stir' }
  | { readonly do: 'brush'; readonly grams: number }
  | { readonly do: 'snap-apart'; readonly width_mm?: number; readonly length_mm?: number }
  | { readonly do: 'cool'; readonly minutes: number }
  /** In a freezer; its air unless it is said is that of a household one. */
  | { readonly do: 'freeze'; readonly minutes: number; readonly freezer_c?: number };

export type Heat = { readonly appliance?: Appliance; readonly base?: SupportName; readonly steps: readonly HeatStep[] };

export type PackChoice = { readonly option: PackOption; readonly store?: Store; readonly volume_ml?: number };

/** No batch file is honestly larger than this [characters]. */
export const LARGEST_FILE = 1_000_000;
