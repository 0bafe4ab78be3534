import type { Freshness, Ingredient, Preparation } from '@/core/pantry';

/** A purchase that is in the house. */
export type LotView = {
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

/** One ingredient with what it costs, what is in the house and how it is prepared. */
export type PantryItem = {
  readonly row: Ingredient;
  readonly price: { readonly pack_g: number; readonly price: number; readonly revision: number } | null;
  readonly lots: readonly LotView[];
  readonly preparation: Preparation | null;
  readonly freshness: Freshness;
};
