import type { ActTotal, JarView } from './jars';
import type { BakeView } from './oven';

/** The day at a glance: what is where, what to do next, what must be used, and when it is baked again. */
export type TodayView = {
  readonly today: string;
  readonly now: string;
  readonly bakes: readonly BakeView[];
  readonly appliances: ReadonlyArray<{ readonly id: string; readonly name: string }>;
  /** Packs to use within a week, as far as they are listed; and how many there are. */
  readonly jars: readonly JarView[];
  readonly jars_in_all: number;
  /** Of the pantry: what is past its date or will be within days. */
  readonly lots: ReadonlyArray<{ readonly name: string; readonly left_g: number; readonly best_before: string }>;
  readonly next: {
    readonly day: string;
    /** Minute after its midnight at which it begins. */
    readonly starts: number;
    readonly batches: ReadonlyArray<{ readonly id: string; readonly name: string; readonly due: number }>;
  } | null;
  /** Treats packed, and what became of treats, over so many days. */
  readonly month: { readonly days: number; readonly currency: string; readonly totals: readonly ActTotal[] };
  /** The batch to carry on with. */
  readonly open: { readonly id: string; readonly name: string } | null;
};
