import type { Prompt } from '@/core/batch';
import { succeed, type Result } from '@/core/failure';
import { NOTHING_LEARNED, outlook, type Outlook } from '@/core/learning';
import type { Pantry } from '@/core/pantry';
import { bakesOf, timersOf, type BakeRow, type TimerRow } from '@/db/bakes';
import { maybeBatch, plannedBatches, type BatchRow } from '@/db/batches';
import { appliancesOf, type ApplianceRow } from '@/db/kitchen';
import { learnedOf, type LearnedRow } from '@/db/learned';
import { readingsOf, type ReadingRow } from '@/db/readings';
import { loadPantry } from '../pantry';
import { kitchenOf } from '../view-kitchen';
import { withDatabase } from '../with-database';
import { callsOf, minuteOf, nextOf, wentIn } from './bake-state';
import { courseOf } from './course-of';
import { applianceOf, sharesOf } from './learn';

/** A call as the page shows it; times of day in ISO. */
export type CallView = {
  readonly position: number;
  readonly prompt: Prompt;
  readonly due_at: string;
  readonly done_at: string | null;
};

/** One batch at the oven. */
export type BakeView = {
  readonly batch: string;
  readonly name: string;
  readonly pieces: number;
  readonly appliance: string | null;
  readonly day: string | null;
  readonly calls: readonly CallView[];
  /** Position of the call that is next; null when all are done. */
  readonly next: number | null;
  readonly went_in: string | null;
  readonly ended_at: string | null;
  /** The likely course of the piece: minutes since the trays went in, with water [% wet basis] and heat. */
  readonly course: ReadonlyArray<{
    readonly minute: number;
    readonly water_pct: number;
    readonly heart_pct: number;
    readonly core_c: number;
  }>;
  readonly tray_g: number | null;
  readonly before_g: number | null;
  readonly readings: ReadonlyArray<Omit<ReadingRow, 'at'> & { readonly at: string }>;
  /** When it will be as dry as it was planned to be; null before the trays are in, and after they are out. */
  readonly outlook: Outlook | null;
  /** Minutes that the programme has it in its first appliance. */
  readonly planned_min: number | null;
};

export type OvenView = {
  readonly now: string;
  readonly bakes: readonly BakeView[];
  /** Planned batches that could begin. */
  readonly waiting: ReadonlyArray<{ readonly id: string; readonly name: string }>;
};

/** What ended stays on the page for so long. */
const SHOWN_AFTER_H = 3;
const COURSE_POINTS = 40;
const LISTED = 8;

/** Everything at the oven now. */
export const viewOven = (): Promise<Result<OvenView>> =>
  withDatabase(async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { id } = kitchen.value;
    const bakes = await bakesOf(db, id, SHOWN_AFTER_H);
    const ids = bakes.map(({ batch_id }) => batch_id);
    const [timers, readings, pantry, kit, learned] = [
      await timersOf(db, ids),
      await readingsOf(db, ids),
      await loadPantry(db),
      await appliancesOf(db, id),
      await learnedOf(db, id),
    ];
    const views: BakeView[] = [];
    for (const bake of bakes) {
      const batch = await maybeBatch(db, bake.batch_id);
      if (!batch) continue;
      const all = { timers: timers.get(batch.id) ?? [], readings: readings.get(batch.id) ?? [] };
      views.push(viewOf(batch, bake, all, { pantry, kit, learned }));
    }
    const waiting = (await plannedBatches(db, id, LISTED))
      .filter((one) => !ids.includes(one.id))
      .map(({ id: batch, name }) => ({ id: batch, name }));
    return succeed({ now: new Date().toISOString(), bakes: views, waiting });
  });

type House = {
  readonly pantry: Pantry;
  readonly kit: readonly ApplianceRow[];
  readonly learned: ReadonlyMap<string, LearnedRow>;
};

function viewOf(
  batch: BatchRow,
  bake: BakeRow,
  { timers, readings }: { readonly timers: readonly TimerRow[]; readonly readings: readonly ReadingRow[] },
  { pantry, kit, learned }: House,
): BakeView {
  const calls = callsOf(batch.document, pantry);
  const own = applianceOf(batch.document, kit);
  const began = wentIn(timers);
  const course = courseOf(batch, pantry);
  const out = timers.find(({ prompt }) => prompt.act.do === 'take-out');
  const isIn = began !== null && !out?.done_at;
  const known = own ? learned.get(own.id) : undefined;
  return {
    batch: batch.id,
    name: batch.name,
    pieces: calls.ok ? calls.value.prediction.yield.pieces : 0,
    appliance: own?.name ?? null,
    day: bake.day,
    calls: timers.map(({ position, prompt, due_at, done_at }) => ({
      position,
      prompt,
      due_at: due_at.toISOString(),
      done_at: done_at?.toISOString() ?? null,
    })),
    next: nextOf(timers),
    went_in: began?.toISOString() ?? null,
    ended_at: bake.ended_at?.toISOString() ?? null,
    course: calls.ok ? thinned(calls.value.prediction.heat.timeline) : [],
    tray_g: bake.tray_g,
    before_g: bake.before_g,
    readings: readings.map(({ at, ...reading }) => ({ ...reading, at: at.toISOString() })),
    outlook:
      isIn && course.ok
        ? outlook(
            { ...course.value, weighed: sharesOf(bake, began, readings) },
            minuteOf(Date.now()) - minuteOf(began),
            known?.used === false ? NOTHING_LEARNED : (known?.knowledge ?? NOTHING_LEARNED),
          )
        : null,
    planned_min: course.ok ? course.value.minutes : null,
  };
}

type Point = {
  readonly minute: number;
  readonly moisture_pct: number;
  readonly centre_moisture_pct: number;
  readonly core_c: number;
};

function thinned(timeline: readonly Point[]): BakeView['course'] {
  const every = Math.max(1, Math.floor(timeline.length / COURSE_POINTS));
  return timeline
    .filter((_, i) => i % every === 0 || i === timeline.length - 1)
    .map(({ minute, moisture_pct, centre_moisture_pct, core_c }) => ({
      minute,
      water_pct: moisture_pct,
      heart_pct: centre_moisture_pct,
      core_c,
    }));
}
