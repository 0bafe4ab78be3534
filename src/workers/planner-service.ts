import {
  USUAL_SEARCH,
  genomesOf,
  lateBatches,
  searchInSteps,
  whatWouldHelp,
  whyNoPlan,
  type Day,
  type Late,
  type Planned,
  type Rec,
  type Saving,
} from '@/core/bakeday';
import { succeed, type Result } from '@/core/failure';

/** A plan as it crosses to the page, with what is late in it. */
export type ShownPlan = Planned & { readonly late: readonly Late[] };
type OnPlan = (plan: ShownPlan) => void;

/** What a planning worker answers. */
export type PlannerService = {
  /**
   * Plans a day for so long, telling every better plan; begins from the plan there is. Fails with what stands in the way
   * when nothing fits; null when it was stopped.
   */
  plan(day: Day, before: readonly Rec[], ms: number, onPlan: OnPlan): Promise<Result<ShownPlan> | null>;
  /** What would help the most; null when it was stopped. */
  relief(day: Day, plan: readonly Rec[]): Promise<readonly Saving[] | null>;
  stop(): void;
};

/** Slices of work between two looks at the mail [ms], and the most plans told a second. */
const SLICE_MS = 20;
const TELL_EVERY_MS = 200;

/** Plans days. In a browser it lives in a worker; tests call it in their own process with a clock of their own. */
export function makePlannerService(now: () => number, pause: () => Promise<void>): PlannerService {
  let newest = 0;
  return {
    async plan(day, before, ms, onPlan) {
      const ticket = ++newest;
      const began = now();
      const begin = before.length > 0 ? { init: genomesOf(day, before), keep: before } : { chains: USUAL_SEARCH.chains };
      const search = searchInSteps(day, { seed: USUAL_SEARCH.seed, share: () => (now() - began) / ms, ...begin });
      let best: ShownPlan | null = null;
      let told = -Infinity;
      let fresh = false;
      let sliceEnds = now() + SLICE_MS;
      for (const { better } of search) {
        if (better) {
          best = { ...better, late: lateBatches(day, better.plan) };
          fresh = true;
        }
        if (best && fresh && now() - told >= TELL_EVERY_MS) {
          onPlan(best);
          told = now();
          fresh = false;
        }
        if (now() < sliceEnds) continue;
        await pause();
        if (ticket !== newest) return null;
        sliceEnds = now() + SLICE_MS;
      }
      return best ? succeed(best) : whyNoPlan(day);
    },
    async relief(day, plan) {
      const ticket = ++newest;
      const probes = whatWouldHelp(day, plan);
      for (;;) {
        const step = probes.next();
        if (step.done) return step.value;
        await pause();
        if (ticket !== newest) return null;
      }
    },
    stop(): void {
      newest++;
    },
  };
}
