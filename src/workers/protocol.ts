import type { BatchDocument, Drawing, Prediction, Swapped } from '@/core/batch';
import type { Result } from '@/core/failure';
import type { Ingredient, SwapIdea } from '@/core/pantry';

/** The single likely run: what a drag shows on every frame. */
export type Likely = { readonly prediction: Prediction; readonly drawing: Drawing };

/** What a kitchen brings, as it crosses to a worker: a map does, a function would not. */
export type KitchenGoods = {
  readonly pantry: readonly Ingredient[];
  readonly currency: string;
  readonly prices: ReadonlyArray<readonly [ingredient: string, price: { readonly pack_g: number; readonly price: number }]>;
};

/** A swap with what the whole batch becomes by it. */
export type TriedSwap = Swapped & { readonly idea: SwapIdea; readonly after: Prediction };

/**
 * The prediction with its bands, and what its search found, for another worker to remember: as text, since the page
 * between the two only hands it on, and text passes quicker than a thousand placements.
 */
export type Banded = { readonly prediction: Prediction; readonly found: string | null };

/** How far the search for a layout is [0..1]. */
export type OnSearch = (share: number) => void;

/** What a prediction worker answers. Everything crosses as plain data. */
export type PredictionService = {
  load(kitchen: KitchenGoods): void;
  /** Within a frame: a layout that takes long to search is laid by hand for now. */
  likely(document: BatchDocument): Result<Likely>;
  /** Every swap of an ingredient line, each predicted to the jar. */
  swaps(document: BatchDocument, line: number): readonly TriedSwap[];
  /** The prediction with its bands, or null when a newer call took over. A long search of a layout tells how far it is. */
  banded(document: BatchDocument, onSearch?: OnSearch): Promise<Result<Banded> | null>;
  /** The gap a hand must have left for so many pieces from the first roll [mm]. */
  gapFromCut(document: BatchDocument, cut: number): Result<number>;
  /** Takes over what another worker found. */
  remember(found: string): void;
};
