import type { PantryItem } from '@/contract/pantry';
import { succeed, type Result } from '@/core/failure';
import { freshnessOf, preparationOf } from '@/core/pantry';
import { lotsOf, pricesOf } from '@/db/pantry';
import { loadIngredients } from './pantry';
import { kitchenOf, todayIn } from './view-kitchen';
import { withDatabase } from './with-database';

export type PantryView = { readonly today: string; readonly currency: string; readonly items: readonly PantryItem[] };

export const viewPantry = (): Promise<Result<PantryView>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const prices = new Map((await pricesOf(db, kitchen.value.id)).map(({ ingredient_id, ...price }) => [ingredient_id, price]));
    const lots = await lotsOf(db, kitchen.value.id);
    const rows = (await loadIngredients(db)).toSorted((a, b) => a.name.localeCompare(b.name, 'en'));
    const items = rows.map((row): PantryItem => ({
      row,
      price: prices.get(row.id) ?? null,
      lots: lots.filter(({ ingredient_id }) => ingredient_id === row.id),
      preparation: preparationOf(row),
      freshness: freshnessOf(row),
    }));
    return succeed({ today: todayIn(kitchen.value), currency: kitchen.value.currency, items });
  });

/** Names of ingredients by id. */
export const ingredientNames = (): Promise<Result<Readonly<Record<string, string>>>> =>
  withDatabase('guest', async (db) => succeed(Object.fromEntries((await loadIngredients(db)).map(({ id, name }) => [id, name]))));
