import type { CupFill } from '@/core/quantities';
import type { Queryable } from './client';

/** A kitchen's air and where it stands. */
export type KitchenRow = {
  readonly id: string;
  readonly name: string;
  readonly altitude_m: number;
  readonly room_c: number;
  readonly room_rh_pct: number;
  readonly currency: string;
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
  readonly kind: string;
  readonly thermostat_offset_c: number;
};

/** The kitchen of this installation; null before it was seeded. */
export async function maybeKitchen(db: Queryable): Promise<KitchenRow | null> {
  const { rows } = await db.query<KitchenRow>(
    'select id, name, altitude_m, room_c, room_rh_pct, currency, measures, cup_fill, scale_step_g, cut_gaps_mm from kitchen order by id limit 1',
  );
  return rows[0] ?? null;
}

export async function appliancesOf(db: Queryable, kitchenId: string): Promise<ApplianceRow[]> {
  const { rows } = await db.query<ApplianceRow>(
    'select id, name, kind, thermostat_offset_c from appliance where kitchen_id = $1 order by name',
    [kitchenId],
  );
  return rows;
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
