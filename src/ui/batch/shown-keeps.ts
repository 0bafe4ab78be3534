import type { Keeps, Prediction } from '@/core/prediction';

/**
 * How long each pack keeps, as every place of the page tells it: half of the drawn batches, as soon as they are drawn for what is
 * shown; until then the likely run's.
 */
export const shownKeeps = (nominal: Prediction, banded: Prediction | null, old: boolean): readonly Keeps[] =>
  banded && !old ? banded.keeps : nominal.keeps;
