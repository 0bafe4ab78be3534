import type { ApplianceKind } from '@/core/catalogue';
import type { PackOption, Store } from '@/core/keeping';
import type { Act, Asking, Handling, LessonName, Seen, OvenState, Verdict, Window } from '@/core/practice';

/** How one lesson stands. */
export type LessonView = {
  readonly lesson: LessonName;
  /** Of what it is baked. */
  readonly recipe: string;
  /** What was done of the best, bake by bake of the round that is on or was the last, the oldest first [0..1]. */
  readonly round: readonly number[];
  /** The mean of every whole round, the oldest first, and when it ended. */
  readonly rounds: ReadonlyArray<{ readonly share: number; readonly ended_at: string }>;
  /** A bake of it that is still in the oven. */
  readonly open: string | null;
};

/** The place where bakes are practised. */
export type PracticeListView = {
  readonly bakes_a_round: number;
  readonly lessons: readonly LessonView[];
  /** Batches of one's own that were practised, the newest first. */
  readonly own: ReadonlyArray<{
    readonly id: string;
    readonly name: string;
    readonly begun_at: string;
    readonly share: number | null;
  }>;
};

/** A practice bake before and while it is in the oven: nothing of what is hidden. */
export type PracticeView = {
  readonly id: string;
  readonly lesson: LessonName | null;
  /** The batch that is practised; null of a lesson, or where it is gone. */
  readonly batch_id: string | null;
  readonly name: string;
  /** Which bake of its round this is, counted from 1; null outside lessons. */
  readonly bake: number | null;
  readonly goal: Verdict['goal'];
  readonly brief: {
    readonly pieces: number;
    readonly raw_g: number;
    readonly thickness_mm: number;
    readonly width_mm: number;
    readonly appliance: ApplianceKind;
    readonly dryer: ApplianceKind;
    readonly pack: { readonly option: PackOption; readonly store: Store };
    readonly programme: ReadonlyArray<{
      readonly do: string;
      readonly minutes: number | null;
      readonly setpoint_c: number | null;
    }>;
  };
  readonly dial_c: readonly [number, number];
  readonly dryer_c: readonly [number, number];
  readonly may_move: boolean;
  readonly handlings: readonly Handling[];
  readonly askings: readonly Asking[];
  readonly acts: readonly Act[];
  /** The minute at which the last act is over, and how the appliance stands since. */
  readonly minute: number;
  readonly standing: OvenState & { readonly in_dryer: boolean };
  readonly seen: readonly Seen[];
  readonly window: Window;
  readonly verdict: Verdict | null;
};
