import { isDeepStrictEqual } from 'node:util';
import type { BatchDocument } from '@/core/document';

/** Whether a batch differs from how it stood in nothing but what was weighed into the bowl: that is a helper's work, a recipe is not. */
export const onlyWeighed = (before: BatchDocument, after: BatchDocument): boolean =>
  isDeepStrictEqual(withoutWeights(before), withoutWeights(after));

const withoutWeights = (document: BatchDocument): BatchDocument => ({
  ...document,
  recipe: {
    ...document.recipe,
    ingredients: document.recipe.ingredients.map(({ actual_g: _weighed, water_pct: _dried, ...line }) => line),
  },
});
