import type { Ingredient } from '@/core/pantry';
import type { Queryable } from './client';

export type IngredientRow = { readonly facts: Ingredient; readonly own: boolean };

/** All ingredients, as the core reads them, with whether they are the baker's own. */
export async function ingredientRows(db: Queryable): Promise<IngredientRow[]> {
  const { rows } = await db.query<IngredientRow>('select facts, own from ingredient order by id');
  return rows;
}

/** All ingredients, as the core reads them. */
export const ingredients = async (db: Queryable): Promise<Ingredient[]> => (await ingredientRows(db)).map(({ facts }) => facts);

/** Puts ingredients on the shelf, or brings those that are there up to date; an own entry is never overwritten by a shipped one. */
export async function stockIngredients(db: Queryable, rows: readonly Ingredient[], own: boolean): Promise<void> {
  await db.query(
    `insert into ingredient (id, name, category, facts, own)
     select facts->>'id', facts->>'name', facts->>'category', facts, $2 from jsonb_array_elements($1::jsonb) as facts
     on conflict (id) do update set name = excluded.name, category = excluded.category, facts = excluded.facts
       where ingredient.own = excluded.own`,
    [JSON.stringify(rows), own],
  );
}

export type PriceRow = { readonly ingredient_id: string; readonly pack_g: number; readonly price: number };

export async function pricesOf(db: Queryable, kitchenId: string): Promise<PriceRow[]> {
  const { rows } = await db.query<PriceRow>('select ingredient_id, pack_g, price from price where kitchen_id = $1', [kitchenId]);
  return rows;
}

/** Sets what a pack costs; null takes the price away. */
export async function setPrice(
  db: Queryable,
  kitchenId: string,
  ingredientId: string,
  price: { readonly pack_g: number; readonly price: number } | null,
): Promise<void> {
  if (!price) await db.query('delete from price where kitchen_id = $1 and ingredient_id = $2', [kitchenId, ingredientId]);
  else
    await db.query(
      `insert into price (kitchen_id, ingredient_id, pack_g, price) values ($1, $2, $3, $4)
       on conflict (kitchen_id, ingredient_id) do update set pack_g = excluded.pack_g, price = excluded.price`,
      [kitchenId, ingredientId, price.pack_g, price.price],
    );
}

export type LotRow = {
  readonly id: string;
  readonly ingredient_id: string;
  readonly left_g: number;
  /** ISO dates. */
  readonly got_on: string;
  readonly best_before: string | null;
  readonly water_pct: number | null;
  readonly note: string;
};

/** What is in the house, the first to go off first. */
export async function lotsOf(db: Queryable, kitchenId: string): Promise<LotRow[]> {
  const { rows } = await db.query<LotRow>(
    `select id, ingredient_id, left_g, got_on, best_before, water_pct, note from lot where kitchen_id = $1 and left_g > 0
     order by best_before nulls last, got_on, id`,
    [kitchenId],
  );
  return rows;
}

export async function addLot(db: Queryable, kitchenId: string, lot: Omit<LotRow, 'id'>): Promise<string> {
  const { rows } = await db.query<{ id: string }>(
    `insert into lot (kitchen_id, ingredient_id, left_g, got_on, best_before, water_pct, note) values ($1, $2, $3, $4, $5, $6, $7) returning id`,
    [kitchenId, lot.ingredient_id, lot.left_g, lot.got_on, lot.best_before, lot.water_pct, lot.note],
  );
  return rows[0].id;
}

/** Writes what is left of a lot; false when there is no such lot. */
export async function setLotLeft(db: Queryable, id: string, left_g: number): Promise<boolean> {
  const { rowCount } = await db.query('update lot set left_g = $2 where id = $1', [id, left_g]);
  return rowCount === 1;
}
