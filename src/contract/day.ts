import type { Machine, PlannedStep } from '@/core/bakeday';
import type { DaySettings, KitchenBatch, Places, UnderWay } from '@/core/calls';
import type { PlannedList } from './batch';
import type { Version } from './version';

/** What was decided for a day, and the plan made of it. */
export type DayPlanned = { readonly settings: DaySettings; readonly plan: readonly PlannedStep[] };

/** A batch of a day with its steps worked out. */
export type WorkedBatch = KitchenBatch & { readonly name: string; readonly pieces: number };

/** A bake day opened: what was decided, what could be baked, and on what. */
export type BakeDayView = {
  /** ISO date; minutes count from its midnight on the kitchen's clock. */
  readonly day: string;
  /** At revision 0 nothing was kept for it yet. */
  readonly saved: Version<DayPlanned>;
  readonly batches: readonly WorkedBatch[];
  /** Planned batches that could be picked, the one changed last first, and how many there are. */
  readonly offers: PlannedList;
  readonly machines: ReadonlyArray<Machine & { readonly name: string }>;
  readonly places: Places;
  /** Batches that cannot be worked out, and why. */
  readonly stuck: ReadonlyArray<{ readonly name: string; readonly why: string }>;
  /** What of it goes on already; null before it has begun. */
  readonly underWay: UnderWay | null;
};
