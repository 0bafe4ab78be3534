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

/** What a prediction worker answers. Everything crosses as plain data. */
export type PredictionService = {
  load(kitchen: KitchenGoods): void;
  likely(document: BatchDocument): Result<Likely>;
  /** Every swap of an ingredient line, each predicted to the jar. */
  swaps(document: BatchDocument, line: number): readonly TriedSwap[];
  /** The prediction with its bands, or null when a newer call took over. */
  banded(document: BatchDocument): Promise<Result<Prediction> | null>;
};
