import { begunSteps, dueTimes, nextCall, staysOf, type Begun, type Progress, type Prompt, type Stay } from '@/core/calls';
import type { Prediction } from '@/core/prediction';
import { type BatchDocument } from '@/core/document';
import type { Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import { setTimers, type BakeRow, type TimerRow } from '@/db/bakes';
import type { Queryable } from '@/db/client';
import { minuteSince, now, type TimeZone } from '../clock';
import { computeResult } from '../compute/compute';

const MS = 60_000;
/** Times of day as minutes since 1970, in which the core counts. */
export const minuteOf = (at: Date | number): number => Number(at) / MS;
export const dateOf = (minute: number): Date => new Date(Math.round(minute * MS));

/** The nominal prediction of a batch, and its calls. */
export const callsOf = (
  document: BatchDocument,
  pantry: Pantry,
): Promise<Result<{ readonly prompts: readonly Prompt[]; readonly prediction: Prediction }>> =>
  computeResult('calls', { document, pantry });

/** How far a bake has come, in the minutes that the core counts. */
export const progressOf = ({ starts_at, planned }: BakeRow, timers: readonly TimerRow[]): Progress => ({
  done: timers.map(({ done_at }) => (done_at ? minuteOf(done_at) : null)),
  added: timers.map(({ added_minutes }) => added_minutes),
  starts: minuteOf(starts_at),
  planned: Object.fromEntries(Object.entries(planned).map(([step, ms]) => [step, minuteOf(ms)])),
});

/** Writes a bake's calls with the times they are now due. */
export async function writeTimers(
  db: Queryable,
  bake: BakeRow,
  prompts: readonly Prompt[],
  timers: readonly TimerRow[],
): Promise<void> {
  // The calls stay the same while only the programme's times change; what was done and put on top is found again by id.
  const rows = prompts.map((prompt, position): TimerRow => {
    const before = timers.find((one) => one.prompt.id === prompt.id);
    return {
      position,
      prompt,
      added_minutes: before?.added_minutes ?? 0,
      due_at: bake.starts_at,
      done_at: before?.done_at ?? null,
    };
  });
  const due = dueTimes(prompts, progressOf(bake, rows));
  await setTimers(
    db,
    bake.batch_id,
    rows.map((row, i) => ({ ...row, due_at: dateOf(due[i]) })),
  );
}

/** Which call is next; null when all are done. */
export const nextOf = (timers: readonly TimerRow[]): number | null => nextCall(timers.map(({ done_at }) => done_at));

/** Where a batch's trays stood and when, appliance after appliance, in the minutes that the core counts. */
export const staysIn = (timers: readonly TimerRow[]): Stay[] =>
  staysOf(
    timers.map(({ prompt }) => prompt),
    timers.map(({ done_at }) => (done_at ? minuteOf(done_at) : null)),
  );

/** A bake day on the clocks of a zone. */
export type DayThere = { readonly day: string; readonly zone: TimeZone };

/** The steps of a bake that have begun, in minutes of a day. */
export function begunOn({ day, zone }: DayThere, bake: BakeRow, timers: readonly TimerRow[]): Begun[] {
  const minute = (since1970: number): number => minuteSince(day, since1970 * MS, zone);
  return begunSteps(
    bake.batch_id,
    timers.map(({ prompt }) => prompt),
    progressOf(bake, timers),
    minuteOf(now()),
  ).map((one) => ({ ...one, from: minute(one.from), to: one.to === null ? null : minute(one.to) }));
}
