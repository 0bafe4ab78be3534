import type { Call } from '@/core/calls';
import type { Outlook } from '@/core/learning';
import type { PlannedList } from './batch';

/** A call as the page shows it; times of day in ISO. */
export type CallView = {
  readonly position: number;
  readonly call: Call;
  /** The kit's name of the appliance that trays are brought to or taken from; null for every other call, and where it is none of ours. */
  readonly appliance: string | null;
  readonly due_at: string;
  readonly done_at: string | null;
};

export type ReadingKind = 'tray_g' | 'core_c' | 'air_c' | 'room_rh_pct';
export type ReadingView = {
  readonly id: string;
  readonly at: string;
  readonly kind: ReadingKind;
  readonly value: number;
  readonly source: 'typed' | 'scale' | 'probe' | 'hygrometer' | 'file';
};

/** One batch at the oven. */
export type BakeView = {
  readonly batch: string;
  readonly name: string;
  readonly pieces: number;
  readonly day: string | null;
  readonly calls: readonly CallView[];
  /** Position of the call that is next; null when all are done. */
  readonly next: number | null;
  readonly ended_at: string | null;
  /** Where its trays are, or were last; where they go first while they are in nothing yet. */
  readonly stands: StandsView;
  /** The nominal course of the piece: minutes since the trays went in, with water [% wet basis] and heat. */
  readonly course: ReadonlyArray<{
    readonly minute: number;
    readonly water_pct: number;
    readonly core_moisture_pct: number;
    readonly core_c: number;
  }>;
  readonly readings: readonly ReadingView[];
};

/** A batch in one appliance of its programme. */
export type StandsView = {
  /** Which of the programme's appliances, counted from 0. */
  readonly stage: number;
  /** Its name in the kit; null when it is none of ours. */
  readonly appliance: string | null;
  readonly went_in: string | null;
  /** Minutes of the course before it went in here, and that the programme has it here. */
  readonly from_min: number;
  readonly planned_min: number;
  /** The tray that is weighed: empty, and with its pieces as it went in. */
  readonly tray_g: number | null;
  readonly before_g: number | null;
  /** When it will be as dry as it was planned to be here; null before the trays are in, after they are out, and where they lose nothing. */
  readonly outlook: Outlook | null;
};

export type OvenView = {
  readonly now: string;
  readonly bakes: readonly BakeView[];
  /** Planned batches that could begin. */
  readonly waiting: PlannedList;
};
