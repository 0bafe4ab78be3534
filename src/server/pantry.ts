import type { Kitchen } from '@/core/prediction';
import type { Ingredient, Pantry } from '@/core/pantry';
import type { Queryable } from '@/db/client';
import type { KitchenRow } from '@/db/kitchen';
import { ingredients, pantryState, pricesOf } from '@/db/pantry';
import { Remembered } from './remembered';

/** The kitchen's ingredients by id, as the core wants them. */
export const pantryOf = (rows: readonly Ingredient[]): Pantry => new Map(rows.map((row) => [row.id, row]));

/** Kitchens whose ingredients are kept as they were last read. */
const MOST_KEPT = 16;
/** By kitchen: the ingredients, and the state that they were read in. */
const lastRead = new Remembered<{ readonly state: string; readonly pantry: Pantry }>(MOST_KEPT);

/** Everything the kitchen knows how to use; read again only once anything of it has changed. */
export async function loadPantry(db: Queryable): Promise<Pantry> {
  const { state, kitchen } = await pantryState(db);
  const kept = lastRead.get(kitchen);
  if (kept?.state === state) return kept.pantry;
  const pantry = pantryOf(await ingredients(db));
  // Changed between the two questions, it is read again next time.
  if ((await pantryState(db)).state === state) lastRead.set(kitchen, { state, pantry });
  return pantry;
}

/** The same as rows. */
export const loadIngredients = async (db: Queryable): Promise<readonly Ingredient[]> => [...(await loadPantry(db)).values()];

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
