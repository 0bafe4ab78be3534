import type { Appliance } from '@/core/catalogue';
import type { KitchenCosts } from '@/core/outcomes';
import type { Places } from '@/core/calls';
import type { CupFill } from '@/core/quantities';
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
} & HabitsRow;
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

/** The kitchen of this installation; null before it was seeded. */
export async function maybeKitchen(db: Queryable): Promise<KitchenRow | null> {
  const { rows } = await db.query<KitchenRow>(
    `select id, name, altitude_m, room_c, room_rh_pct, currency, energy_per_kwh, costs, losses_used, losses_since,
       json_build_object('trays', trays, 'fridge', fridge_places, 'freezer', freezer_places) as places,
       measures, cup_fill, scale_step_g, cut_gaps_mm, time_zone
     from kitchen order by id limit 1`,
  );
  return rows[0] ?? null;
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
 * An id of another kitchen is left alone.
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
     where coalesce($7::integer, 0) = 0 or exists (select from appliance where id = $1::text)
     on conflict (id) do update set name = $3, kind = $4, thermostat_offset_c = $5, settings = $6,
       revision = appliance.revision + 1, updated_at = now()
     where appliance.kitchen_id = $2 and ($7::integer is null or appliance.revision = $7)
     returning revision, updated_at`,
    [id, kitchenId, name, kind ?? 'static-oven', thermostat_offset_c ?? 0, settings, overParameter(over)],
  );
  return rows[0] ?? null;
}

export async function removeAppliance(db: Queryable, kitchenId: string, id: string): Promise<boolean> {
  const { rowCount } = await db.query('delete from appliance where kitchen_id = $1 and id = $2', [kitchenId, id]);
  return rowCount === 1;
}

export async function setEnergyPrice(db: Queryable, kitchenId: string, energy_per_kwh: number | null): Promise<void> {
  await db.query('update kitchen set energy_per_kwh = $2 where id = $1', [kitchenId, energy_per_kwh]);
}

export async function setPlaces(db: Queryable, kitchenId: string, { trays, fridge, freezer }: Places): Promise<void> {
  await db.query('update kitchen set trays = $2, fridge_places = $3, freezer_places = $4 where id = $1', [
    kitchenId,
    trays,
    fridge,
    freezer,
  ]);
}

export async function setCosts(db: Queryable, kitchenId: string, costs: KitchenRow['costs']): Promise<void> {
  await db.query('update kitchen set costs = $2 where id = $1', [kitchenId, JSON.stringify(costs)]);
}

export async function setHabits(
  db: Queryable,
  kitchenId: string,
  { measures, cup_fill, scale_step_g, cut_gaps_mm }: HabitsRow,
): Promise<void> {
  await db.query('update kitchen set measures = $2, cup_fill = $3, scale_step_g = $4, cut_gaps_mm = $5 where id = $1', [
    kitchenId,
    measures,
    cup_fill,
    scale_step_g,
    cut_gaps_mm,
  ]);
}
