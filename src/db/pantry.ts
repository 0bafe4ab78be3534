import type { Ingredient } from '@/core/pantry';
import type { Queryable } from './client';
import { overParameter, type Over, type SavedRow } from './versions';

export type IngredientRow = { readonly facts: Ingredient; readonly own: boolean };

/** All ingredients that this kitchen knows, as the core reads them, with whether they are the baker's own. */
export async function ingredientRows(db: Queryable): Promise<IngredientRow[]> {
  const { rows } = await db.query<IngredientRow>(
    'select facts, own from ingredient where kitchen_id is null or kitchen_id = this_kitchen() order by id',
  );
  return rows;
}

/** All ingredients, as the core reads them. */
export const ingredients = async (db: Queryable): Promise<Ingredient[]> => (await ingredientRows(db)).map(({ facts }) => facts);

/**
 * Puts ingredients on the shelf, or brings those that are there up to date.
 *
 * @param kitchenId - whose own they are; null for what ships with the house, which an own one of the same id stands aside for
 */
export async function stockIngredients(db: Queryable, rows: readonly Ingredient[], kitchenId: string | null): Promise<void> {
  await db.query(
    `insert into ingredient (id, name, category, facts, kitchen_id)
     select given->>'id', given->>'name', given->>'category', given, $2::text from jsonb_array_elements($1::jsonb) as given
     where $2::text is null or not exists (select from ingredient i where i.id = given->>'id' and i.kitchen_id is null)
     on conflict (id, kitchen_id) do update set name = excluded.name, category = excluded.category, facts = excluded.facts`,
    [JSON.stringify(rows), kitchenId],
  );
}

export type PriceRow = { readonly ingredient_id: string; readonly revision: number } & PackPrice;

export async function pricesOf(db: Queryable, kitchenId: string): Promise<PriceRow[]> {
  const { rows } = await db.query<PriceRow>('select ingredient_id, pack_g, price, revision from price where kitchen_id = $1', [
    kitchenId,
  ]);
  return rows;
}

/** What a pack costs. */
export type PackPrice = { readonly pack_g: number; readonly price: number };

/** Sets what a pack costs; null takes the price away. Null when another revision stands there, or none where one should. */
export async function setPrice(
  db: Queryable,
  kitchenId: string,
  { ingredient, price }: { readonly ingredient: string; readonly price: PackPrice | null },
  over: Over,
): Promise<SavedRow | null> {
  if (!price) {
    const { rows } = await db.query<{ gone: boolean; stands: boolean }>(
      `with gone as (delete from price where kitchen_id = $1 and ingredient_id = $2 and ($3::integer is null or revision = $3) returning 1)
       select exists (select from gone) as gone, exists (select from price where kitchen_id = $1 and ingredient_id = $2) as stands`,
      [kitchenId, ingredient, overParameter(over)],
    );
    const [{ gone, stands }] = rows;
    return gone || (!stands && (over === 0 || over === 'any')) ? { revision: 0, updated_at: new Date() } : null;
  }
  const { rows } = await db.query<SavedRow>(
    `insert into price (kitchen_id, ingredient_id, pack_g, price)
     select $1::text, $2::text, $3::numeric, $4::numeric
     where coalesce($5::integer, 0) = 0 or exists (select from price where kitchen_id = $1 and ingredient_id = $2)
     on conflict (kitchen_id, ingredient_id) do update set pack_g = excluded.pack_g, price = excluded.price,
       revision = price.revision + 1, updated_at = now()
     where $5::integer is null or price.revision = $5
     returning revision, updated_at`,
    [kitchenId, ingredient, price.pack_g, price.price, overParameter(over)],
  );
  return rows[0] ?? null;
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
  readonly revision: number;
};

/** What is in the house, the first to go off first. */
export async function lotsOf(db: Queryable, kitchenId: string): Promise<LotRow[]> {
  const { rows } = await db.query<LotRow>(
    `select id, ingredient_id, left_g, got_on, best_before, water_pct, note, revision from lot where kitchen_id = $1 and left_g > 0
     order by best_before nulls last, got_on, id`,
    [kitchenId],
  );
  return rows;
}

export async function addLot(db: Queryable, kitchenId: string, lot: Omit<LotRow, 'id' | 'revision'>): Promise<string> {
  const { rows } = await db.query<{ id: string }>(
    `insert into lot (kitchen_id, ingredient_id, left_g, got_on, best_before, water_pct, note) values ($1, $2, $3, $4, $5, $6, $7) returning id`,
    [kitchenId, lot.ingredient_id, lot.left_g, lot.got_on, lot.best_before, lot.water_pct, lot.note],
  );
  return rows[0].id;
}

/** Writes what is left of a lot over a revision; null when another stands there, or there is no such lot. */
export async function setLotLeft(
  db: Queryable,
  kitchenId: string,
  { id, left_g }: Pick<LotRow, 'id' | 'left_g'>,
  over: Over,
): Promise<SavedRow | null> {
  const { rows } = await db.query<SavedRow>(
    `update lot set left_g = $3, revision = revision + 1, updated_at = now()
     where kitchen_id = $1 and id = $2 and ($4::integer is null or revision = $4) returning revision, updated_at`,
    [kitchenId, id, left_g, overParameter(over)],
  );
  return rows[0] ?? null;
}

/** What is left of a lot, with its revision; null where there is no such lot. */
export async function maybeLot(
  db: Queryable,
  kitchenId: string,
  id: string,
): Promise<(Pick<LotRow, 'left_g'> & SavedRow) | null> {
  const { rows } = await db.query<Pick<LotRow, 'left_g'> & SavedRow>(
    'select left_g, revision, updated_at from lot where kitchen_id = $1 and id = $2',
    [kitchenId, id],
  );
  return rows[0] ?? null;
}

/** Which state of the ingredients stands, and for which kitchen: another after every change, and never one that stood before. */
export async function pantryState(db: Queryable): Promise<{ readonly state: string; readonly kitchen: string }> {
  const { rows } = await db.query<{ state: string; kitchen: string }>(
    "select state, coalesce(this_kitchen(), '') as kitchen from pantry_state",
  );
  return rows[0];
}
