import {
  USUAL_SEARCH,
  genomesOf,
  lateBatches,
  searchInSteps,
  whatWouldHelp,
  whyNoPlan,
  workOf,
  type Day,
  type Late,
  type Planned,
  type PlannedStep,
  type Saving,
} from '@/core/bakeday';
import { succeed, type Result } from '@/core/failure';
import { GivenUp } from './given-up';
import type { Service } from './protocol';
import type { Slicing } from './sliced';

/** A plan as it crosses to the page, with what is late in it, and how much of the search is done [0..1]. */
export type ShownPlan = Planned & { readonly late: readonly Late[]; readonly searched: number };

/** What a planning worker answers. */
export type PlannerExchanges = {
  /**
   * Plans a day by so many usual searches, telling every better plan; begins from the plan there is. Ends early where the machine is
   * too busy. Fails with what stands in the way when nothing fits.
   */
  readonly plan: {
    readonly ask: { readonly day: Day; readonly before: readonly PlannedStep[]; readonly searches: number };
    readonly told: ShownPlan;
    readonly answer: Result<ShownPlan>;
  };
  /** What would help the most. */
  readonly relief: {
    readonly ask: { readonly day: Day; readonly plan: readonly PlannedStep[] };
    readonly told: never;
    readonly answer: readonly Saving[];
  };
};

/** Slices of work between two looks at the mail [ms], and the most plans told a second. */
const SLICE_MS = 20;
/** However busy the machine, nobody waits longer [ms]. */
const MOST_MS = 20_000;
const TELL_EVERY_MS = 200;

/** Plans days. */
export function makePlannerService({ now, pause }: Slicing): Service<PlannerExchanges> {
  return {
    async plan({ day, before, searches }, { signal, tell }) {
      const began = now();
      const begin = before.length > 0 ? { init: genomesOf(day, before), keep: before } : { chains: USUAL_SEARCH.chains };
      const outOfTime = (): boolean => now() - began > MOST_MS;
      const search = searchInSteps(day, { seed: USUAL_SEARCH.seed, share: workOf(searches), outOfTime, ...begin });
      let best: ShownPlan | null = null;
      let told = -Infinity;
      let fresh = false;
      let searched = 0;
      let sliceEnds = now() + SLICE_MS;
      for (const { better, done } of search) {
        if (better) {
          best = { ...better, late: lateBatches(day, better.plan), searched: done };
          fresh = true;
        }
        searched = done;
        if (best && fresh && now() - told >= TELL_EVERY_MS) {
          tell(best);
          told = now();
          fresh = false;
        }
        if (now() < sliceEnds) continue;
        await pause();
        if (signal.aborted) throw new GivenUp();
        sliceEnds = now() + SLICE_MS;
      }
      return best ? succeed({ ...best, searched }) : whyNoPlan(day);
    },
    async relief({ day, plan }, { signal }) {
      const probes = whatWouldHelp(day, plan);
      for (;;) {
        const step = probes.next();
        if (step.done) return step.value;
        await pause();
        if (signal.aborted) throw new GivenUp();
      }
    },
  };
}
