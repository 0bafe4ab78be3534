/** A measured number beside what was predicted, and whether it lies inside the band. */
export type Beside = {
  readonly measured: number;
  readonly likely: number;
  readonly low: number;
  readonly high: number;
  readonly inside: boolean;
  /** Of what is worked out and was not read: how far it may be off by what it is worked out from. It gets no verdict. */
  readonly give_or_take?: number;
};

/** A batch as the log lists it. */
export type LogEntryView = {
  readonly id: string;
  readonly name: string;
  readonly recipe: string | null;
  /** The appliance of the kit that it was, or will be, baked in. */
  readonly oven: string | null;
  readonly baked_on: string | null;
  readonly changed_at: string;
  readonly forecast: {
    readonly pieces: number;
    readonly snap: number;
    readonly texture: string;
    readonly mass_loss_pct: number;
    readonly moisture_pct: number;
  };
  readonly measured: {
    readonly note: string;
    readonly colour: string | null;
    readonly minutes: number | null;
    readonly thickness_mm: number | null;
    readonly dogs: ReadonlyArray<{ readonly dog: string; readonly verdict: string }>;
  } | null;
  readonly comparison: Comparison | null;
};

/** Which batches are asked for, as an address says it; what is left empty lets all through. */
export type LogWishes = {
  readonly words: string;
  readonly recipe: string;
  readonly oven: string;
  readonly state: 'all' | 'planned' | 'baked' | 'outside';
};

/** A page of the log, and how it all did. */
export type LogView = {
  readonly wishes: LogWishes;
  readonly entries: readonly LogEntryView[];
  /** How many batches the wishes let through. */
  readonly total: number;
  /** Whether this is not the first page, and where the next one begins; null on the last. */
  readonly goesOn: boolean;
  readonly next: string | null;
  /**
   * Of all batches: how many were weighed and counted, how many of those were inside their band of weight and of pieces, and how far
   * off they were on average [points of raw mass].
   */
  readonly tally: {
    readonly batches: number;
    readonly weighed: number;
    readonly inside: number;
    readonly counted: number;
    readonly pieces_inside: number;
    readonly shift_pct: number | null;
  };
  /** Recipes that anything was made of, and what there is to bake in: by name, to choose from. */
  readonly recipes: readonly string[];
  readonly ovens: readonly string[];
};

export type Comparison = {
  readonly pieces: Beside | null;
  /** Share of the raw mass that left [%]. */
  readonly loss_pct: Beside | null;
  /** Water left, from the two weights: a mass balance, not a guess [% wet basis]. */
  readonly moisture_pct: Beside | null;
  readonly texture: { readonly measured: string; readonly predicted: string; readonly same: boolean } | null;
};

/** What was taken over from a table that was read back. */
export type ReadBack = {
  readonly entered: number;
};

/** What one appliance has taught, in the numbers that are shown. */
export type LearnedAppliance = {
  readonly id: string;
  readonly name: string;
  readonly used: boolean;
  /** Only batches from this day on count; null for all. */
  readonly since: string | null;
  readonly batches: number;
  /** How much faster than the model it works, with four of five between low and high. */
  readonly pace: number;
  readonly pace_low: number;
  readonly pace_high: number;
  /** What a thermometer found its air to be above the dial [K]; null where none was in it. */
  readonly offset_K: number | null;
  readonly tally: { readonly of: number; readonly inside: number };
  /** Its last weighed batches against what was predicted of each, the oldest first. */
  readonly misses: readonly Miss[];
};

/** By how many points of raw mass a batch lost more than was likely, and its 80 % band around that [% of raw mass]. */
export type Miss = {
  readonly name: string;
  readonly baked_on: string;
  readonly off_pct: number;
  readonly low_pct: number;
  readonly high_pct: number;
};
