import { opened, startFrom, type DoughLine } from '../pantry';

/** What the kitchen pays for a pack of an ingredient, as bought. */
export type Price = { readonly pack_g: number; readonly price: number };
/** Prices by ingredient id, and of a kilowatt hour where it is known, in one currency. */
export type PriceList = {
  readonly currency: string;
  readonly prices: ReadonlyMap<string, Price>;
  readonly energy_per_kwh?: number;
};

/** Cost of one line; null where no price is known. */
export type LineCost = { readonly ingredient: string; readonly cost: number | null };

/** What the ingredients of a dough cost, and which are not in the sum. */
export type IngredientCost = {
  readonly currency: string;
  readonly total: number;
  readonly lines: readonly LineCost[];
  /** Ids without a price: the true cost is higher. */
  readonly missing: readonly string[];
};

/** Things that cost nothing worth adding up. */
const FREE = new Set(['water']);

/**
 * Adds up what the ingredients cost. Peel, cores and drained water are paid for too: a line costs what one starts from.
 */
export function ingredientCost(lines: readonly DoughLine[], { currency, prices }: PriceList): IngredientCost {
  // What was baked elsewhere and has no price of its own costs what went into it.
  const paid = lines.flatMap((line) => (prices.has(line.ingredient.id) ? [line] : opened([line])));
  const costs = paid.map(({ ingredient, mass_g }): LineCost => {
    const price = prices.get(ingredient.id);
    const cost =
      FREE.has(ingredient.id) || mass_g === 0 ? 0 : price ? (startFrom(ingredient, mass_g) * price.price) / price.pack_g : null;
    return { ingredient: ingredient.id, cost };
  });
  return {
    currency,
    total: costs.reduce((sum, { cost }) => sum + (cost ?? 0), 0),
    lines: costs,
    missing: [...new Set(costs.filter(({ cost }) => cost === null).map(({ ingredient }) => ingredient))],
  };
}
