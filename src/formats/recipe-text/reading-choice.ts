import type { ReadingHabits } from './measure';

/** How the baker measures, as far as the words of a recipe leave it open. */
export type ReadingChoice = {
  /** Whose cups, as the baker says; counts before any word of the recipe. */
  readonly measures?: ReadingHabits['measures'];
  /** The kitchen's own cups, for a recipe that says nothing. */
  readonly usual?: ReadingHabits['measures'];
  readonly sizes?: ReadingHabits['sizes'];
  readonly fill?: ReadingHabits['fill'];
};
