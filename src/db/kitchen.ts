import type { Ingredient } from '@/core/pantry';
import type { Queryable } from './client';

/** A kitchen's air and where it stands. */
export type KitchenRow = {
  readonly id: string;
  readonly name: string;
  readonly altitude_m: number;
  readonly room_c: number;
  readonly room_rh_pct: number;
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
    'select id, name, altitude_m, room_c, room_rh_pct from kitchen order by id limit 1',
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

/** All ingredients, as the core reads them. */
export async function ingredients(db: Queryable): Promise<Ingredient[]> {
  const { rows } = await db.query<{ facts: Ingredient }>('select facts from ingredient order by id');
  return rows.map(({ facts }) => facts);
}
