import type { ApplianceKind } from '@/core/catalogue';
import type { CupFill, RoomAir, Season } from '@/core/quantities';
import type { Reader } from '@/core/said';

import type { Me, SharingView } from './people';
import type { Version } from './version';

/** A kitchen of this house, as one chooses it. */
export type KitchenChoice = {
  readonly id: string;
  readonly name: string;
  /** Made up, to look around in. */
  readonly is_demo: boolean;
};

/** A country, and what kitchens there usually have. */
export type Country = {
  /** Two letters (ISO 3166). */
  readonly code: string;
  readonly name: string;
  /** Three letters (ISO 4217). */
  readonly currency: string;
  readonly measures: 'us' | 'metric' | 'imperial';
};

/** The first page, as long as nobody has chosen a kitchen. */
export type WelcomeView = {
  readonly kitchens: readonly KitchenChoice[];
  readonly countries: readonly Country[];
};

/** What a new kitchen is asked; everything but its name may be left for later. */
export type NewKitchenRequest = {
  readonly name: string;
  readonly country: string | null;
  readonly altitude_m: number;
  readonly measures: Country['measures'];
  readonly appliances: ReadonlyArray<{ readonly kind: ApplianceKind; readonly name: string }>;
  readonly dog: { readonly name: string; readonly weight_kg: number } | null;
};

/** Who makes what is baked here, as a label says it. */
export type Identity = { readonly name: string; readonly address: string };

/** Where a kitchen stands, what its air is like, and what is paid with there. */
export type KitchenPlace = {
  readonly country: string | null;
  readonly currency: string;
  /** IANA name; null: as the machine's clock. */
  readonly time_zone: string | null;
  readonly altitude_m: number;
  readonly room_c: number;
  readonly room_rh_pct: number;
  /** The air in parts of the year where it differs from the rest. */
  readonly seasons: Partial<Readonly<Record<Season, RoomAir>>>;
};

/** How the bakers of a kitchen measure and cut; `cup_fill` is null until they were asked. */
export type KitchenHabits = {
  readonly measures: Country['measures'];
  readonly cup_fill: Exclude<CupFill, 'unknown'> | null;
  readonly scale_step_g: 1 | 5;
  /** Gaps that hands really left between cut-outs, the newest last [mm]. */
  readonly cut_gaps_mm: readonly number[];
};

/** What belongs to the kitchen as a whole. */
export type SettingsView = {
  readonly kitchen: KitchenChoice;
  readonly identity: Version<Identity>;
  readonly place: Version<KitchenPlace>;
  /** In what numbers are read. */
  readonly reads: Version<Reader>;
  readonly habits: Version<KitchenHabits>;
  readonly energy: Version<{ readonly energy_per_kwh: number | null }>;
  readonly kitchens: readonly KitchenChoice[];
  readonly countries: readonly Country[];
  readonly currencies: ReadonlyArray<{ readonly code: string; readonly name: string }>;
  readonly time_zones: readonly string[];
  /** The zone that the machine's clock is set to. */
  readonly machine_zone: string;
  /** The quarter of the year that it is. */
  readonly season: Season;
  /** When everything was copied last, as an ISO time; null where there is no copy. */
  readonly copied_at: string | null;
  /** No copy, or none for a week. */
  readonly copy_is_old: boolean;
  /** Who is signed in, and in what they read; null where nobody needs to be known. */
  readonly me: (Me & { readonly reads: Partial<Reader> }) | null;
  readonly sharing: SharingView;
  /** Recipes of a demo that are no part of it: written or changed here. */
  readonly own_recipes: number;
};
