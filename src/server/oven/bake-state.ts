import { begunSteps, dueTimes, nextCall, stageTimes, type Begun, type Progress, type Call, type StageTimes } from '@/core/calls';
import { type BatchDocument } from '@/core/document';
import type { Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import { setCallRows, type BakeRow, type CallRow } from '@/db/bakes';
import type { Queryable } from '@/db/client';
import { minuteSince, now, type TimeZone } from '../clock';
import { computeResult } from '../compute/compute';
import type { PlannedCalls } from '../compute/jobs/oven-jobs';

const MS = 60_000;
/** Times of day as minutes since 1970, in which the core counts. */
export const minuteOf = (at: Date | number): number => Number(at) / MS;
export const dateOf = (minute: number): Date => new Date(Math.round(minute * MS));

/** The calls of a batch, and what its trays go through. */
export const predictCalls = (document: BatchDocument, pantry: Pantry): Promise<Result<PlannedCalls>> =>
  computeResult('calls', { document, pantry });

/** How far a bake has come, in the minutes that the core counts. */
export const progressOf = ({ starts_at, planned }: BakeRow, callRows: readonly CallRow[]): Progress => ({
  done: callRows.map(({ done_at }) => (done_at ? minuteOf(done_at) : null)),
  added: callRows.map(({ added_minutes }) => added_minutes),
  starts: minuteOf(starts_at),
  planned: Object.fromEntries(Object.entries(planned).map(([step, ms]) => [step, minuteOf(ms)])),
});

/** Writes a bake's calls with the times they are now due. */
export async function writeCalls(
  db: Queryable,
  bake: BakeRow,
  calls: readonly Call[],
  callRows: readonly CallRow[],
): Promise<void> {
  // The calls stay the same while only the programme's times change; what was done and put on top is found again by id.
  const rows = calls.map((call, position): CallRow => {
    const before = callRows.find((one) => one.call.id === call.id);
    return {
      position,
      call,
      added_minutes: before?.added_minutes ?? 0,
      due_at: bake.starts_at,
      done_at: before?.done_at ?? null,
    };
  });
  const due = dueTimes(calls, progressOf(bake, rows));
  await setCallRows(
    db,
    bake.batch_id,
    rows.map((row, i) => ({ ...row, due_at: dateOf(due[i]) })),
  );
}

/** Which call is next; null when all are done. */
export const nextOf = (callRows: readonly CallRow[]): number | null => nextCall(callRows.map(({ done_at }) => done_at));

/** Where a batch's trays stood and when, appliance after appliance, in the minutes that the core counts. */
export const stageTimesIn = (callRows: readonly CallRow[]): StageTimes[] =>
  stageTimes(
    callRows.map(({ call }) => call),
    callRows.map(({ done_at }) => (done_at ? minuteOf(done_at) : null)),
  );

/** A bake day on the clocks of a zone. */
export type DayThere = { readonly day: string; readonly zone: TimeZone };

/** The steps of a bake that have begun, in minutes of a day. */
export function begunOn({ day, zone }: DayThere, bake: BakeRow, callRows: readonly CallRow[]): Begun[] {
  const minute = (since1970: number): number => minuteSince(day, since1970 * MS, zone);
  return begunSteps(
    bake.batch_id,
    callRows.map(({ call }) => call),
    progressOf(bake, callRows),
    minuteOf(now()),
  ).map((one) => ({ ...one, from: minute(one.from), to: one.to === null ? null : minute(one.to) }));
}
