import { shoppingList, type ShoppingItem } from '@/core/costing';
import type { BatchDocument } from '@/core/document';
import type { DoughLine } from '@/core/pantry';
import type { Pantry } from '@/core/pantry';
import { succeed, type Result } from '@/core/failure';
import { batchesBy, plannedNames } from '@/db/batches';
import { isId } from '@/db/ids';
import { lotsOf } from '@/db/pantry';
import { toShoppingCsv } from '@/formats/shopping-csv';
import { compute } from './compute/compute';
import { loadPantry, loadPrices } from './pantry';
import { Remembered, keyOfDocument } from './remembered';
import { kitchenOf } from './view-kitchen';
import { withDatabase } from './with-database';

export type ShoppingView = {
  readonly currency: string;
  /** Batches that are planned, and whether they are bought for. */
  readonly batches: ReadonlyArray<{ readonly id: string; readonly name: string; readonly chosen: boolean }>;
  /** How many are planned in all. */
  readonly planned: number;
  readonly items: readonly ShoppingItem[];
  /** Sum of what has a price, and names of what has none. */
  readonly total: number;
  readonly unpriced: readonly string[];
};

/** Planned batches that are bought for when none is named: those changed last. */
const MOST_LISTED = 60;
const REMEMBERED = 400;

/** What to buy for the chosen planned batches; for all of them, or the most that a list takes, when none is named. */
export const viewShopping = (chosen: readonly string[]): Promise<Result<ShoppingView>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { rows, total } = await plannedNames(db, kitchen.value.id, { find: '', limit: MOST_LISTED });
    const isChosen = (id: string): boolean => chosen.length === 0 || chosen.includes(id);
    const pantry = await loadPantry(db);
    const prices = await loadPrices(db, kitchen.value);
    // What is chosen is bought for, however long ago it was changed.
    const wanted = chosen.length === 0 ? rows.map(({ id }) => id) : chosen.filter(isId);
    const bought = await batchesBy(db, kitchen.value.id, wanted);
    const unlisted = bought.filter(({ id }) => !rows.some((row) => row.id === id));
    const lines = await linesOf(
      bought.map(({ document }) => document),
      pantry,
    );
    if (!lines.ok) return lines;
    const inHouse = new Map<string, number>();
    for (const { ingredient_id, left_g } of await lotsOf(db, kitchen.value.id))
      inHouse.set(ingredient_id, (inHouse.get(ingredient_id) ?? 0) + left_g);
    const items = shoppingList(lines.value, inHouse, prices);
    return succeed({
      currency: kitchen.value.currency,
      batches: [...rows, ...unlisted].map(({ id, name }) => ({ id, name, chosen: isChosen(id) })),
      planned: total,
      items,
      total: items.reduce((sum, { cost }) => sum + (cost ?? 0), 0),
      unpriced: items.filter(({ cost }) => cost === null).map(({ ingredient }) => ingredient.name),
    });
  });

/** What of documents was worked out, for as long as neither they nor their ingredients change. */
const known = new Remembered<readonly DoughLine[]>(REMEMBERED);

/** Everything that documents want weighed. */
async function linesOf(documents: readonly BatchDocument[], pantry: Pantry): Promise<Result<DoughLine[]>> {
  const keyed = documents.map((document) => ({ document, key: keyOfDocument(document, pantry) }));
  const unknown = keyed.filter(({ key }) => !known.get(key));
  if (unknown.length > 0) {
    const made = await compute('plannedLines', { documents: unknown.map(({ document }) => document), pantry });
    if (!made.ok) return made;
    for (const [i, { key }] of unknown.entries()) known.set(key, made.value[i]);
  }
  return succeed(keyed.flatMap(({ key }) => known.get(key) ?? []));
}

/** The same as a table for a spreadsheet. */
export async function shoppingTable(chosen: readonly string[]): Promise<Result<string>> {
  const view = await viewShopping(chosen);
  return view.ok ? succeed(toShoppingCsv(view.value.items, view.value.currency)) : view;
}
