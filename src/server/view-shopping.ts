import type { BatchDocument } from '@/core/document';
import { shoppingList, type ShoppingItem } from '@/core/costing';
import { succeed, type Result } from '@/core/failure';
import { batchesOf, maybeBatch } from '@/db/batches';
import { lotsOf } from '@/db/pantry';
import { toShoppingCsv } from '@/formats/shopping-csv';
import { compute } from './compute/compute';
import { loadPantry, loadPrices } from './pantry';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

export type ShoppingView = {
  readonly currency: string;
  /** Batches that are planned, and whether they are bought for. */
  readonly batches: ReadonlyArray<{ readonly id: string; readonly name: string; readonly chosen: boolean }>;
  readonly items: readonly ShoppingItem[];
  /** Sum of what has a price, and names of what has none. */
  readonly total: number;
  readonly unpriced: readonly string[];
};

/** What to buy for the chosen planned batches; for all of them when none is named. */
export const viewShopping = (chosen: readonly string[]): Promise<Result<ShoppingView>> =>
  withDatabase(async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const planned = (await batchesOf(db, kitchen.value.id)).filter(({ baked_on }) => baked_on === null);
    const isChosen = (id: string): boolean => chosen.length === 0 || chosen.includes(id);
    const pantry = await loadPantry(db);
    const prices = await loadPrices(db, kitchen.value);
    const documents: BatchDocument[] = [];
    for (const { id } of planned.filter((batch) => isChosen(batch.id))) {
      const batch = await maybeBatch(db, id);
      if (batch) documents.push(batch.document);
    }
    const lines = await compute('plannedLines', { documents, pantry });
    if (!lines.ok) return lines;
    const inHouse = new Map<string, number>();
    for (const { ingredient_id, left_g } of await lotsOf(db, kitchen.value.id))
      inHouse.set(ingredient_id, (inHouse.get(ingredient_id) ?? 0) + left_g);
    const items = shoppingList(lines.value, inHouse, prices);
    return succeed({
      currency: kitchen.value.currency,
      batches: planned.map(({ id, name }) => ({ id, name, chosen: isChosen(id) })),
      items,
      total: items.reduce((sum, { cost }) => sum + (cost ?? 0), 0),
      unpriced: items.filter(({ cost }) => cost === null).map(({ ingredient }) => ingredient.name),
    });
  });

/** The same as a table for a spreadsheet. */
export async function shoppingTable(chosen: readonly string[]): Promise<Result<string>> {
  const view = await viewShopping(chosen);
  return view.ok ? succeed(toShoppingCsv(view.value.items, view.value.currency)) : view;
}
