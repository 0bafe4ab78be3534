import type { Day } from './day';
import { searchInSteps, type Planned, type SearchSettings } from './search';

type SolveSettings = Omit<SearchSettings, 'share'> & { readonly iterations: number };

/** Runs a whole search of so many iterations; the same seed gives the same plan. Null when a step fits nowhere before the horizon. */
export function solve(day: Day, { iterations, ...settings }: SolveSettings): Planned | null {
  const steps = searchInSteps(day, { ...settings, share: (done) => done / iterations });
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
