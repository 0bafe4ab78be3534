import { freshnessOf, preparationOf, type Ingredient } from '@/core/pantry';
import type { LotView, PantryItem } from '@/contract/pantry';

/** What is in the house of it [g]. */
export const inHouse_g = ({ lots }: PantryItem): number => lots.reduce((sum, { left_g }) => sum + left_g, 0);

/** The lot to use first: what goes off first. */
export const firstToGo = ({ lots }: PantryItem): LotView | null =>
  lots.reduce<LotView | null>(
    (first, lot) => (first && (first.best_before ?? '9999') <= (lot.best_before ?? '9999') ? first : lot),
    null,
  );

/** Every ingredient with what it costs, what is in the house and how it is prepared. */
export const itemsOf = (
  rows: readonly Ingredient[],
  prices: ReadonlyMap<string, NonNullable<PantryItem['price']>>,
  lots: readonly PantryItem['lots'][number][],
): PantryItem[] => {
  return rows.map((row) => ({
    row,
    price: prices.get(row.id) ?? null,
    lots: lots.filter(({ ingredient_id }) => ingredient_id === row.id),
    preparation: preparationOf(row),
    freshness: freshnessOf(row),
  }));
};
