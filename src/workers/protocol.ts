import type { BatchDocument, Drawing, Prediction } from '@/core/batch';
import type { Result } from '@/core/failure';
import type { Ingredient } from '@/core/pantry';

/** The single likely run: what a drag shows on every frame. */
export type Likely = { readonly prediction: Prediction; readonly drawing: Drawing };

/** What a prediction worker answers. Everything crosses as plain data. */
export type PredictionService = {
  load(rows: readonly Ingredient[]): void;
  likely(document: BatchDocument): Result<Likely>;
  /** The prediction with its bands, or null when a newer call took over. */
  banded(document: BatchDocument): Promise<Result<Prediction> | null>;
};
