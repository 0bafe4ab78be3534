import type { Kitchen } from '@/core/prediction';
import type { Ingredient, Pantry } from '@/core/pantry';
import type { Queryable } from '@/db/client';
import type { KitchenRow } from '@/db/kitchen';
import { ingredients, pricesOf } from '@/db/pantry';

/** The kitchen's ingredients by id, as the core wants them. */
export const pantryOf = (rows: readonly Ingredient[]): Pantry => new Map(rows.map((row) => [row.id, row]));

export const loadPantry = async (db: Queryable): Promise<Pantry> => pantryOf(await ingredients(db));

/** What a kitchen pays, as the core wants it. */
export async function loadPrices(
  db: Queryable,
  { id, currency, energy_per_kwh }: KitchenRow,
): Promise<NonNullable<Kitchen['prices']>> {
  const rows = await pricesOf(db, id);
  return {
    currency,
    prices: new Map(rows.map(({ ingredient_id, pack_g, price }) => [ingredient_id, { pack_g, price }])),
    ...(energy_per_kwh === null ? {} : { energy_per_kwh }),
  };
}
