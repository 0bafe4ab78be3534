import type { Keeps, Prediction } from '@/core/prediction';

/**
 * How long each pack keeps, as every place of the page tells it: half of the drawn batches, as soon as they are drawn for what is
 * shown; until then the likely run's.
 */
export const shownKeeps = (nominal: Prediction, banded: Prediction | null, old: boolean): readonly Keeps[] =>
  banded && !old ? banded.keeps : nominal.keeps;

/** Which of the packs that hold anything ends first, by what can be counted on; the first where none does. */
export function firstToEnd(keeps: readonly Keeps[]): number {
  const filled = keeps.flatMap(({ pieces }, i) => (pieces > 0 ? [i] : []));
  return filled.reduce((least, i) => (keeps[i].days_low < keeps[least].days_low ? i : least), filled[0] ?? 0);
}

/** Packs that hold anything. */
export const filledKeeps = (keeps: readonly Keeps[]): readonly Keeps[] => keeps.filter(({ pieces }) => pieces > 0);
