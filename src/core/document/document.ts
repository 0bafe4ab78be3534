import type { OwnComposition } from '../pantry';
import type { SupportName, Door } from '../heat';
import type { OwnPack, PackOption, Store } from '../keeping';
import type { LabelText } from '../labelling';
import type { CupFill, Unit } from '../quantities';
import type { Method } from './methods';
import type { Shape, Tray } from './shapes';

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
  readonly label?: LabelWishes;
  readonly worth?: Worth;
  readonly target?: Target;
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
  'gas-oven',
  'dehydrator',
  'freeze-dryer',
  'freezer',
  'contact-grill',
  'air-fryer',
] as const;
export type ApplianceKind = (typeof APPLIANCE_KINDS)[number];

export type Appliance = {
  /** Which of the kitchen's own it is, so that it stays the same one when it is measured anew. */
  readonly id?: string;
  readonly kind?: ApplianceKind;
  /** What the air really is above the dial: negative when the dial reads hot. */
  readonly thermostat_offset_c?: number;
  /** How much faster this appliance works than the model, from weighed batches. */
  readonly pace?: number;
  readonly load_g?: number;
  /** Trays that stand in it at once, and how large they are: pieces lie on these unless the shape says otherwise. */
  readonly shelves?: number;
  readonly tray?: Tray;
  readonly heater_w?: number;
  /** How far its vent is open; 100 as it was built. */
  readonly vent_pct?: number;
  /** Empty, from the kitchen's temperature: so long until it was so hot. */
  readonly heat_up?: { readonly to_c: number; readonly minutes: number };
  /** Empty, switched off and shut: so warm after so long. */
  readonly cool_down?: { readonly from_c: number; readonly minutes: number; readonly to_c: number };
  /** Of a freeze dryer: raw mass that one tray takes, and how long it thaws between two rounds. */
  readonly tray_g?: number;
  readonly defrost_minutes?: number;
};

/** Stretches of time in a programme. */
type TimedHeatStep =
  | {
      readonly do: 'hold';
      readonly setpoint_c: number;
      readonly minutes: number;
      readonly preheated?: boolean;
      readonly door?: Door;
    }
  /** The dial is turned evenly to another setpoint. */
  | { readonly do: 'ramp'; readonly setpoint_c: number; readonly minutes: number; readonly door?: Door }
  | { readonly do: 'off'; readonly minutes: number; readonly door?: Door }
  /** In the kitchen, on a rack unless it stays on its tray; on a night as humid as it is said. */
  | { readonly do: 'cool'; readonly minutes: number; readonly on?: 'rack' | 'tray'; readonly room_rh_pct?: number }
  | { readonly do: 'chill'; readonly minutes: number; readonly fridge_c?: number }
  /** In a freezer; its air unless it is said is that of a household one. */
  | { readonly do: 'freeze'; readonly minutes: number; readonly freezer_c?: number }
  | {
      readonly do: 'freeze-dry';
      readonly minutes: number;
      readonly shelf_c?: number;
      readonly pressure_pa?: number;
      /** Ice leaves by both faces on a mesh, by one on a solid tray. */
      readonly faces?: 'one' | 'both';
    };

/** Things done at a moment of a programme. */
type HeatEvent =
  | { readonly do: 'turn' }
  | { readonly do: 'stir' }
  | { readonly do: 'brush'; readonly grams: number }
  | { readonly do: 'snap-apart'; readonly width_mm?: number; readonly length_mm?: number }
  /** Out of the pan or cup, and on to this. */
  | { readonly do: 'turn-out'; readonly base?: SupportName }
  | { readonly do: 'rotate-trays' }
  /** The door stands open for a look. */
  | { readonly do: 'check'; readonly seconds?: number }
  /** Into another appliance, or on to another tray, or both. */
  | { readonly do: 'move'; readonly appliance?: Appliance; readonly base?: SupportName };

export type HeatStep = TimedHeatStep | HeatEvent;

export type Heat = { readonly appliance?: Appliance; readonly base?: SupportName; readonly steps: readonly HeatStep[] };

export const PREFERENCES = ['fastest', 'least-energy', 'gentlest', 'least-attention'] as const;
export type Preference = (typeof PREFERENCES)[number];

/** What a programme shall reach, within what it must stay, and what matters most; for find-a-programme. */
export type Target = {
  readonly snap_min?: number;
  /** Moist on purpose: it shall bend, not snap. */
  readonly snap_max?: number;
  /** In the first pack. */
  readonly keeps_days_min?: number;
  /** Of the edge, as the prediction tells it. */
  readonly browning_max?: number;
  /** Of a hundred batches at least so many shall reach the Snap and the colour; without it, the likely one is enough. */
  readonly sure_pct?: number;
  /** A pick shall come out clean. */
  readonly pick_clean?: boolean;
  readonly finish_within_minutes?: number;
  /** The first appliance shall be free again. */
  readonly oven_within_minutes?: number;
  /** What its dial can be set to. */
  readonly setpoint_min_c?: number;
  readonly setpoint_max_c?: number;
  /** Nobody is at hand between these minutes. */
  readonly asleep?: { readonly from_minutes: number; readonly to_minutes: number };
  readonly prefer?: Preference;
  /** Other appliances of the kitchen that the pieces may be moved into. */
  readonly also?: readonly Appliance[];
};

/** A way to pack the batch. Those without `packs` are alternatives for what is not spoken for. */
export type PackChoice = {
  readonly option: PackOption;
  readonly store?: Store;
  readonly volume_ml?: number;
  /** Pieces in each; without it as many as fit. */
  readonly pieces?: number;
  /** So many of these are filled before anything else. */
  readonly packs?: number;
  readonly openings_per_day?: number;
  /** What is known better of this pack than of its kind. */
  readonly own?: OwnPack;
};

/** What the baker makes of the batch besides eating it. */
type Worth = {
  /** Minutes that hands were busy; without it they are estimated. */
  readonly minutes?: number;
  /** What such treats cost in a shop. */
  readonly bought_per_100g?: number;
  /** Share of the price that shall be left. */
  readonly margin_pct?: number;
};

/** Parts of a label that the baker writes otherwise, and its size. */
export type LabelWishes = {
  readonly width_mm?: number;
  readonly height_mm?: number;
  /** Which of the packs it is for, counted from 0. */
  readonly pack?: number;
  /** Letter of this batch among the day's. */
  readonly letter?: string;
  readonly text?: Partial<LabelText>;
};

/** No batch file is honestly larger than this [characters]. */
export const LARGEST_FILE = 1_000_000;
