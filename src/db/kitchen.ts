import type { Appliance } from '@/core/catalogue';
import type { KitchenCosts } from '@/core/outcomes';
import type { Places } from '@/core/calls';
import type { CupFill, RoomAir, Season } from '@/core/quantities';
import { METRIC_READER, type Reader } from '@/core/said';
import type { Queryable } from './client';
import { overParameter, type Over, type SavedRow } from './versions';

/** A kitchen's air and where it stands. */
export type KitchenRow = {
  readonly id: string;
  readonly name: string;
  readonly altitude_m: number;
  readonly room_c: number;
  readonly room_rh_pct: number;
  readonly currency: string;
  /** What a kilowatt hour costs; null until somebody has said. */
  readonly energy_per_kwh: number | null;
  /** What work, packs and wear cost. */
  readonly costs: Omit<KitchenCosts, 'energy_per_kwh' | 'lost'>;
  /** Whether costs use what this kitchen was found to lose, and from which day on that counts; null for all of it. */
  readonly losses_used: boolean;
  readonly losses_since: string | null;
  readonly places: Places;
  /** IANA name of where its clocks are set; null: as the machine's. */
  readonly time_zone: string | null;
  /** Made up, to look around in. */
  readonly is_demo: boolean;
  /** In what its numbers are read. */
  readonly reads: Reader;
  /** Of each part of its settings. */
  readonly revisions: SettingsRevisions;
} & HabitsRow &
  Pick<IdentityRow, 'address'> &
  Pick<PlaceRow, 'country' | 'seasons'>;
/** Who makes what is baked here, as a label says it. */
export type IdentityRow = { readonly name: string; readonly address: string };
/** Where it stands, what its air is like, and what is paid with there. */
export type PlaceRow = {
  /** Two letters (ISO 3166); null until somebody said. */
  readonly country: string | null;
  readonly currency: string;
  readonly time_zone: string | null;
  readonly altitude_m: number;
  readonly room_c: number;
  readonly room_rh_pct: number;
  /** The air in parts of the year where it differs from the rest. */
  readonly seasons: Partial<Readonly<Record<Season, RoomAir>>>;
};
/** How the bakers measure; `cup_fill` is null until they were asked. */
export type HabitsRow = {
  readonly measures: 'us' | 'metric' | 'imperial';
  readonly cup_fill: Exclude<CupFill, 'unknown'> | null;
  readonly scale_step_g: 1 | 5;
  /** Gaps that hands really left between cut-outs, the last few bakes. */
  readonly cut_gaps_mm: readonly number[];
};
export type ApplianceRow = {
  readonly id: string;
  readonly name: string;
  /** In the words of the batch file. */
  readonly appliance: Appliance;
};

export type StoredAppliance = ApplianceRow & SavedRow;

/** The kitchen that a connection is about; null where there is none yet. */
export async function maybeKitchen(db: Queryable): Promise<KitchenRow | null> {
  const { rows } = await db.query<KitchenRow>(
    `select id, name, altitude_m, room_c, room_rh_pct, currency, energy_per_kwh, costs, losses_used, losses_since,
       json_build_object('trays', trays, 'fridge', fridge_places, 'freezer', freezer_places) as places,
       measures, cup_fill, scale_step_g, cut_gaps_mm, time_zone, is_demo, address, country, seasons, reads,
       '{"reads": 0, "habits": 0, "places": 0, "costs": 0, "energy": 0, "identity": 0, "place": 0}'::jsonb || revisions as revisions
     from kitchen where id = this_kitchen()`,
  );
  return rows[0] ? { ...rows[0], reads: { ...METRIC_READER, ...rows[0].reads } } : null;
}

export async function appliancesOf(db: Queryable, kitchenId: string): Promise<StoredAppliance[]> {
  const { rows } = await db.query<StoredAppliance>(
    `select id, name, revision, updated_at, settings || jsonb_build_object('kind', kind, 'thermostat_offset_c', thermostat_offset_c) as appliance
     from appliance where kitchen_id = $1 order by name`,
    [kitchenId],
  );
  return rows;
}

/**
 * Puts an appliance there, or changes the one of this id; null when another revision stands there, or none where one should.
 */
export async function setAppliance(
  db: Queryable,
  kitchenId: string,
  { id, name, appliance }: ApplianceRow,
  over: Over,
): Promise<SavedRow | null> {
  const { kind, thermostat_offset_c, ...settings } = appliance;
  const { rows } = await db.query<SavedRow>(
    `insert into appliance (id, kitchen_id, name, kind, thermostat_offset_c, settings)
     select $1::text, $2::text, $3::text, $4::text, $5::numeric, $6::jsonb
     where coalesce($7::integer, 0) = 0 or exists (select from appliance where kitchen_id = $2::text and id = $1::text)
     on conflict (kitchen_id, id) do update set name = $3, kind = $4, thermostat_offset_c = $5, settings = $6,
       revision = appliance.revision + 1, updated_at = now()
     where $7::integer is null or appliance.revision = $7
     returning revision, updated_at`,
    [id, kitchenId, name, kind ?? 'static-oven', thermostat_offset_c ?? 0, settings, overParameter(over)],
  );
  return rows[0] ?? null;
}

/** What of a kitchen is changed together, and has a revision of its own: 0 until it was changed first. */
export type Settings = {
  readonly habits: HabitsRow;
  readonly places: Places;
  readonly costs: KitchenRow['costs'];
  readonly energy: { readonly energy_per_kwh: number | null };
  readonly identity: IdentityRow;
  readonly place: PlaceRow;
  readonly reads: Reader;
};
export type SettingsRevisions = { readonly [K in keyof Settings]: number };

/** Which columns hold each part, and what of it goes into each. */
const COLUMNS_OF: { readonly [K in keyof Settings]: (part: Settings[K]) => Readonly<Record<string, unknown>> } = {
  habits: ({ measures, cup_fill, scale_step_g, cut_gaps_mm }) => ({ measures, cup_fill, scale_step_g, cut_gaps_mm }),
  places: ({ trays, fridge, freezer }) => ({ trays, fridge_places: fridge, freezer_places: freezer }),
  costs: (costs) => ({ costs: JSON.stringify(costs) }),
  energy: ({ energy_per_kwh }) => ({ energy_per_kwh }),
  identity: ({ name, address }) => ({ name, address }),
  place: ({ country, currency, time_zone, altitude_m, room_c, room_rh_pct, seasons }) => ({
    ...{ country, currency, time_zone, altitude_m, room_c, room_rh_pct },
    seasons: JSON.stringify(seasons),
  }),
  reads: (reads) => ({ reads: JSON.stringify(reads) }),
};

/** Changes one part of a kitchen's settings; null when another revision of it stands there. */
export async function setSettings<K extends keyof Settings>(
  db: Queryable,
  kitchenId: string,
  { part, value }: { readonly part: K; readonly value: Settings[K] },
  over: Over,
): Promise<SavedRow | null> {
  const columns = Object.entries(COLUMNS_OF[part](value));
  const set = columns.map(([column], i) => `${column} = $${i + 4}`).join(', ');
  const stands = `coalesce((revisions ->> $2)::integer, 0)`;
  const { rows } = await db.query<SavedRow>(
    `update kitchen set ${set}, revisions = revisions || jsonb_build_object($2::text, ${stands} + 1)
     where id = $1 and ($3::integer is null or ${stands} = $3)
     returning (revisions ->> $2)::integer as revision, now() as updated_at`,
    [kitchenId, part, overParameter(over), ...columns.map(([, one]) => one)],
  );
  return rows[0] ?? null;
}
