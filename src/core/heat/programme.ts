import type { Chamber, Support } from './appliance';

/** Something done to the piece, or to the tray it lies on, at the start of a stage. */
export type PieceEvent =
  | { readonly do: 'turn' }
  | { readonly do: 'stir' }
  | { readonly do: 'brush'; readonly water_kg_per_m2: number }
  /** Cut through and left lying: no side opens that was shut. */
  | { readonly do: 'score'; readonly width_m: number; readonly length_m: number }
  | { readonly do: 'snap-apart'; readonly width_m: number; readonly length_m: number; readonly exposure: number }
  /** Out of its pan or cup: the sides are free from here on. */
  | { readonly do: 'turn-out'; readonly exposure: number }
  /** On to a tray that stood in the kitchen. */
  | { readonly do: 'new-tray' }
  /** The trays change places: the one that dried slowest now dries fastest. */
  | { readonly do: 'rotate-trays' };

export type Door = 'shut' | 'ajar' | 'open';

/** Still air outside every chamber: a rack on a humid night, a fridge. */
export type StillAir = { readonly air_c: number; readonly relativeHumidity: number };

/** One stretch of a heat programme during which nothing is changed from outside. */
export type Stage = {
  readonly duration_s: number;
  /** Air temperature asked for [°C]; switched off; out in the room; or out in other still air. */
  readonly set: number | 'off' | 'room' | StillAir;
  /** The setpoint moves evenly to `set` over the stage, from where it last stood. */
  readonly ramp?: boolean;
  /** From here on the piece stands in other surroundings. */
  readonly into?: Surroundings;
  readonly door: Door;
  readonly support: Support;
  /** Warm drying air: what it does to germs while it dries is not counted on. */
  readonly dryingAir?: boolean;
  /** The chamber already stands at the setpoint when the stage begins. */
  readonly preheated: boolean;
  readonly events: readonly PieceEvent[];
  /** The stage ends early once no cell is hotter than this [°C]. */
  readonly endBelow_c?: number;
  /** Only its end is recorded. */
  readonly unrecorded?: boolean;
};

/** The kitchen around the oven. */
export type Room = { readonly temperature_c: number; readonly relativeHumidity: number; readonly pressure_pa: number };

/** Steady air of given temperature and vapour pressure, for checks against published solutions. */
export type SteadyAir = {
  readonly air_c: number;
  readonly vapour_pa: number;
  /** Total heat transfer coefficient of each face [W/(m2 K)] and mass transfer coefficient [kg/(m2 s Pa)]. */
  readonly heat_W_per_m2_K: number;
  readonly mass_kg_per_m2_s_Pa: number;
};

/** The raw piece as it goes in: a slab seen from the side. */
export type Piece = {
  readonly thickness_m: number;
  readonly width_m: number;
  readonly length_m: number;
  /** Share of the side faces open to drying, and to heat [0..1]. */
  readonly exposure: number;
  readonly heatExposure: number;
  readonly start_c: number;
};

/** Freezing air, and what stands in it at once. */
export type FreezerAir = { readonly air_c: number; readonly heat_W_per_m2_K: number; readonly load_kg: number };

/** A freeze dryer at work. */
export type Vacuum = {
  readonly shelf_c: number;
  readonly pressure_pa: number;
  /** Faces that ice leaves by: two on a mesh, one on a solid tray. */
  readonly faces: 1 | 2;
  /** How much slower a household machine is than its physics [1]: slow vacuum, cold trays, a loaded condenser. */
  readonly slowness: number;
  readonly power_W: number;
  readonly load_kg: number;
};

/** Where the piece stands: a chamber with a load in it, a freezer, a freeze dryer, or steady air. */
export type Surroundings =
  | { readonly kind: 'chamber'; readonly chamber: Chamber; readonly load_kg: number }
  | ({ readonly kind: 'freezer' } & FreezerAir)
  | ({ readonly kind: 'freeze-dryer' } & Vacuum)
  | ({ readonly kind: 'steady' } & SteadyAir);
