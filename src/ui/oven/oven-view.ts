import type { Prompt } from '@/core/calls';
import type { Outlook } from '@/core/learning';

/** A call as it is shown; times of day in ISO. */
export type Call = {
  readonly position: number;
  readonly prompt: Prompt;
  /** What this kitchen calls the appliance that trays are brought to or taken from. */
  readonly appliance: string | null;
  readonly due_at: string;
  readonly done_at: string | null;
};

export type ReadingKind = 'tray_g' | 'core_c' | 'air_c' | 'room_rh_pct';
export type Reading = {
  readonly id: string;
  readonly at: string;
  readonly kind: ReadingKind;
  readonly value: number;
  readonly source: 'typed' | 'scale' | 'probe' | 'hygrometer' | 'file';
};

/** One batch at the oven. */
export type OvenBake = {
  readonly batch: string;
  readonly name: string;
  readonly pieces: number;
  readonly calls: readonly Call[];
  /** Position of the call that is next; null when all are done. */
  readonly next: number | null;
  readonly ended_at: string | null;
  readonly stands: Stands;
  readonly course: ReadonlyArray<{
    readonly minute: number;
    readonly water_pct: number;
    readonly heart_pct: number;
    readonly core_c: number;
  }>;
  readonly readings: readonly Reading[];
};

/** A batch in the appliance where its trays are, were last, or go first. */
export type Stands = {
  readonly leg: number;
  readonly appliance: string | null;
  readonly went_in: string | null;
  /** Minutes of the course before it went in here, and that the programme has it here. */
  readonly from_min: number;
  readonly planned_min: number;
  readonly tray_g: number | null;
  readonly before_g: number | null;
  readonly outlook: Outlook | null;
};

export type Oven = {
  readonly now: string;
  readonly bakes: readonly OvenBake[];
  readonly waiting: ReadonlyArray<{ readonly id: string; readonly name: string }>;
};

/** What hands do next: the call that is due first, over all batches. */
export function mostUrgent(bakes: readonly OvenBake[]): OvenBake | null {
  const due = ({ calls, next }: OvenBake): number => (next === null ? Infinity : Date.parse(calls[next].due_at));
  const going = bakes.filter(({ next }) => next !== null);
  return going.length === 0 ? null : going.reduce((first, bake) => (due(bake) < due(first) ? bake : first));
}

/** Every call to come, over all batches, in the order of the clock. */
export function toCome(bakes: readonly OvenBake[]): Array<{ readonly bake: OvenBake; readonly call: Call }> {
  return bakes
    .flatMap((bake) => bake.calls.filter(({ done_at }) => done_at === null).map((call) => ({ bake, call })))
    .sort((x, y) => Date.parse(x.call.due_at) - Date.parse(y.call.due_at));
}
