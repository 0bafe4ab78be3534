import type { Caution } from '../cautions';
import type { PartRole, PartTime } from '../catalogue';
import type { Setting } from '../finishing';
import type { Feel } from '../dough';
import type { LeftOverUses, RollSize } from '../shaping';
import type { VarianceShare } from './uncertain-inputs';
import type { ApplianceKind } from '../catalogue';
import type { Drip, RawPart, Reached } from '../programme';
import type { LifeMode, PackOption, Store } from '../keeping';

/** One moment of the programme. */
export type TimelinePoint = {
  readonly minute: number;
  readonly air_c: number;
  readonly core_c: number;
  readonly surface_c: number;
  readonly moisture_pct: number;
  readonly centre_moisture_pct: number;
  readonly aw_mean: number;
  readonly aw_centre: number;
  readonly browning: number;
  /** Snap if it were taken out now and judged cold. */
  readonly snap: number;
};

/** Low and high end of one curve, at the minutes of its band. */
type CurveBand = { readonly low: readonly number[]; readonly high: readonly number[] };

/** Between what four of five batches run. */
export type ProgrammeBand = {
  readonly minutes: readonly number[];
  readonly moisture_pct: CurveBand;
  readonly core_c: CurveBand;
  readonly snap: CurveBand;
  readonly browning: CurveBand;
};

/** When four of five batches reach a thing (null: not within the programme), and the share of all that do (null: no draws). */
export type MomentBand = {
  readonly minute_low: number | null;
  readonly minute_high: number | null;
  readonly share: number | null;
};

/** How a piece that is not the usual one ends. */
export type OtherPiece = {
  readonly which: 'thickest' | 'thinnest' | 'mini' | 'best-tray' | 'worst-tray';
  readonly thickness_mm: number;
  readonly moisture_pct: number;
  readonly centre_moisture_pct: number;
  readonly snap: number;
  readonly browning: number;
};

/** How long one pack keeps, with the reason. */
export type Keeps = {
  /** Which portion of the bowl is packed so; null where the bowl is not shared out. */
  readonly portion: string | null;
  readonly option: PackOption;
  readonly store: Store;
  readonly days: number;
  readonly days_low: number;
  readonly days_high: number;
  /** Until mould, germs or rancid fat end it, half of the batches and nine in ten of them. */
  readonly fit_days: number;
  readonly fit_days_low: number;
  /** Until half of its crispness is gone; null for what is packed soft, or never softens. */
  readonly crisp_days: number | null;
  /** Share of the batches that keep the days that are wanted [%]; null where none are, or nothing was drawn. */
  readonly share_fit_pct: number | null;
  /** What ends it first. When the home limit rules, what would come next. */
  readonly limit: Exclude<LifeMode, 'cap'> | 'microbial';
  /** The estimate stops at the longest a home estimate goes. */
  readonly capped: boolean;
  readonly pieces_per_pack: number;
  readonly packs: number;
  /** Of all pieces of the batch, those that are packed so. */
  readonly pieces: number;
  /** Pieces in a last pack that does not get full. */
  readonly left_over: number;
  /** Of a full pack: net weight [g], and how far it could still be filled [%]. */
  readonly net_g: number;
  readonly headspace_pct: number;
  /** Of what is sealed: days in a zip bag once it is open; null for what is opened all the time. */
  readonly opened_days: number | null;
  /** Oxygen absorber to buy for one pack [cc]; null where none belongs in it, or none is large enough. */
  readonly absorber_cc: number | null;
  readonly why: string;
};

/** A change that would make the low end of a band useful, and what it would bring. */
export type Advice = {
  readonly code: 'heat-longer' | 'better-pack' | 'fridge' | 'freezer';
  /** Ready to be read: what is so now, the change, what is so then. */
  readonly text: string;
  /** The value to put at a path of the document. */
  readonly change: { readonly path: string; readonly to: number | string };
  readonly days_gained: number;
  /** Null where the change does not touch it. */
  readonly snap_gained: number | null;
};

/** The result document of a prediction, version 1 (docs/batch-file.md). */
export type Prediction = {
  readonly format: 'upbeat-oven/prediction';
  readonly version: 1;
  readonly name: string;
  readonly dough: {
    readonly mass_g: number;
    readonly water_g: number;
    readonly water_pct: number;
    readonly factor: number;
    readonly feel_index: number;
    readonly feel_index_low: number;
    readonly feel_index_high: number;
    /** How it handles; null for what is cut as it grew, and for a mixture without flour, whose feel nobody can tell from its softness. */
    readonly feel: Feel | null;
    /** What is in the bowl, what is to be weighed of it for the bowl and for what goes on, and what of it ends on the treats. */
    readonly ingredients: ReadonlyArray<{
      readonly ingredient: string;
      readonly mass_g: number;
      readonly planned_g: number;
      readonly eaten_g: number;
    }>;
    /** Of the things that were to be used up: how much is left, and which limits the batch. */
    readonly left_over: ReadonlyArray<{ readonly ingredient: string; readonly mass_g: number; readonly limits: boolean }>;
    readonly hold_back: { readonly ingredient: string; readonly mass_g: number } | null;
  };
  /** What each part of the treat weighs and brings; none where the recipe has only its dough. */
  readonly parts: ReadonlyArray<{
    readonly name: string;
    readonly role: PartRole;
    /** When it comes to the pieces; null for a dough. */
    readonly when: PartTime | null;
    /** As it is made, what of it ends on or in all pieces, and what is left over [g]. */
    readonly mass_g: number;
    readonly on_treat_g: number;
    readonly left_g: number;
    /** On one piece: as it is put on, and as it is packed [g]. */
    readonly per_piece_g: number;
    readonly final_per_piece_g: number;
    /** How thick it lies [mm]; null for what is inside. */
    readonly thickness_mm: number | null;
    readonly kcal_per_piece: number;
    readonly allergens: readonly string[];
    /** When it is dry to the touch and may be stacked; null for what is dry, or put on before the heat ends. */
    readonly sets: Setting | null;
    /** Water activity as it is packed, and once the pack has evened out; null for what is not put on after the heat. */
    readonly aw: number | null;
    readonly aw_evened: number | null;
    /** Heat that it gets, and that something raw in it calls for [°C]; null: none. */
    readonly hottest_c: number | null;
    readonly needs_c: number | null;
  }>;
  readonly yield: {
    readonly pieces: number;
    readonly pieces_low: number;
    readonly pieces_high: number;
    /** Of those, kept from the packs. */
    readonly set_aside: number;
    readonly piece_raw_g: number;
    readonly piece_final_g: number;
    /** Of a finished one. */
    readonly piece_ml: number;
    /** As thick as a piece goes in: a batter as deep as it stands. */
    readonly piece_thickness_mm: number;
    /** Sides of a piece, the longest first. */
    readonly piece_sides_mm: readonly [number, number, number];
    readonly trays: number;
    readonly per_tray: number;
    /** How often the mats, tins or moulds that there are must be filled. */
    readonly rounds: number;
    readonly rerolls: number;
    /** Of rolled dough: what is cut before any scrap is rolled again, and the sheet it is cut from. */
    readonly first_roll: {
      readonly pieces: number;
      readonly pieces_low: number;
      readonly pieces_high: number;
      readonly width_mm: number;
      readonly length_mm: number;
      readonly sheets: number;
    } | null;
    readonly rerolled: number;
    readonly pressed: number;
    readonly minis: { readonly pieces: number; readonly piece_raw_g: number } | null;
    readonly bench_flour_g: number;
    readonly lost_g: number;
    readonly scrap_g: number;
    /** What the scraps can still become; null where nothing is left. */
    readonly scrap_uses: LeftOverUses | null;
    /** Of a slab: pans that all of the dough would fill so thick; null for everything else. */
    readonly pan_fill: number | null;
    /** A sheet that gives more from the first roll; null when there is none. */
    readonly roll_to: RollSize | null;
    /** Laid by hand for now: the wished layout is still being searched. */
    readonly provisional: boolean;
  };
  readonly cake: {
    readonly pans: number;
    readonly batter_depth_mm: number;
    readonly layer_mm: number;
    readonly height_mm: number;
    readonly trimmed_g: number;
    readonly frosting_g: number;
    readonly between_g: number;
    readonly crumb_g: number;
    readonly coat_g: number;
    readonly piping_g: number;
    readonly tubs: number;
    readonly border_biscuits: number | null;
    readonly border_gap_mm: number | null;
    readonly chill_after_crumb_minutes: number;
    readonly chill_after_coat_minutes: number;
    readonly chill_before_cutting_minutes: number;
  } | null;
  readonly heat: {
    readonly minutes: number;
    /** How often the appliance that takes least must be filled, and the minutes until the last load is done. */
    readonly loads: number;
    readonly all_loads_minutes: number;
    /** Every appliance of the programme in turn. */
    readonly stages: ReadonlyArray<{
      readonly kind: ApplianceKind;
      readonly minutes: number;
      readonly loads: number;
      readonly load_g: number;
      readonly energy_kwh: number;
    }>;
    readonly core_c_max: number;
    readonly salmonella_log10: number;
    readonly browning: number;
    readonly colour: string;
    /** Of a batter: minutes from the start, through all that is held, until a pick comes out clean; null when it never does. */
    readonly clean_minutes: number | null;
    readonly energy_kwh: number;
    /** Minutes on a rack after the programme until the piece is cold enough to pack. */
    readonly cooling_minutes: number;
    /** Minutes that what is put on after the heat stands until it is packed. */
    readonly finish_minutes: number;
    /** Juice that runs off meat in the heat; null where there is none to speak of. */
    readonly drip: Drip | null;
    readonly timeline: readonly TimelinePoint[];
    /** When each thing worth knowing is reached in the likely run (null: not within the programme). */
    readonly reached: ReadonlyArray<Reached & MomentBand>;
    /** What raw meat, fish or egg calls for and gets; null where none is in it. */
    readonly raw: RawPart | null;
    /** Null before any draw. */
    readonly band: ProgrammeBand | null;
  };
  readonly outcome: {
    readonly moisture_pct: number;
    readonly moisture_pct_low: number;
    readonly moisture_pct_high: number;
    readonly centre_moisture_pct: number;
    /** Of the outer layers and the middle as it leaves the heat; the second is `centre_moisture_pct` by its newer name. */
    readonly shell_moisture_pct: number;
    readonly core_moisture_pct: number;
    readonly aw: number;
    readonly aw_centre: number;
    /** Of the piece after a day in a closed pack, when its water has evened out. */
    readonly snap: number;
    readonly snap_low: number;
    readonly snap_high: number;
    /** As it comes off the rack. */
    readonly snap_fresh: number;
    readonly texture: string;
    readonly soft_while_hot: boolean;
    /** Force that snaps a bar of it, good to a factor of two [N]; and whether it is crisp enough for that to count. */
    readonly snap_force_n: number;
    readonly hard: boolean;
    readonly mass_loss_pct: number;
    readonly mass_loss_pct_low: number;
    readonly mass_loss_pct_high: number;
    /** Draws that the bands rest on; 0 before any. */
    readonly draws: number;
    /** What the width of the band comes from, the most first; empty before any draw. */
    readonly variance_shares: readonly VarianceShare[];
    /** Other pieces of the same batch; empty before any draw. */
    readonly others: readonly OtherPiece[];
  };
  readonly keeps: readonly Keeps[];
  /** What would make the low end useful, the smallest change first; empty where it is, and before any draw. */
  readonly advice: readonly Advice[];
  readonly feeding: { readonly kcal_per_piece: number; readonly kcal_per_kg: number };
  /** Typical analysis of the finished treat [%]. */
  readonly analysis: {
    readonly protein_pct: number;
    readonly fat_pct: number;
    readonly crude_fibre_pct: number;
    readonly moisture_pct: number;
    readonly ash_pct: number;
    readonly nitrogen_free_pct: number;
  };
  /** What the ingredients cost; null where no prices are known. Those of `missing` are not in the sums. */
  readonly cost: {
    readonly currency: string;
    readonly ingredients: number;
    readonly per_piece: number;
    /** Of the finished treat, and of the dough. */
    readonly per_100g: number;
    readonly dough_per_100g: number;
    readonly missing: readonly string[];
  } | null;
  /** Every portion of a bowl that is shared out; empty where it is not. */
  readonly portions: readonly Portioned[];
  readonly cautions: ReadonlyArray<Pick<Caution, 'code' | 'severity' | 'step'> & { readonly message: string }>;
  /** Codes of the stop cautions: while there are any, nothing is labelled and nothing is fed. Saving is never blocked. */
  readonly blocked_by: readonly string[];
  readonly assumed: readonly string[];
};

/** One portion of a bowl: the same as of a whole batch, without what is only drawn. */
export type Portioned = Pick<
  Prediction,
  'yield' | 'cake' | 'outcome' | 'keeps' | 'feeding' | 'analysis' | 'parts' | 'cautions' | 'blocked_by'
> & {
  readonly name: string;
  readonly share_pct: number;
  readonly dough_g: number;
  readonly heat: Omit<Prediction['heat'], 'timeline' | 'band'>;
};
