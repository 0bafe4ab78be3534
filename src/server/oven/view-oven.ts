import type { BakeView, OvenView, StandsView } from '@/contract/oven';
import { stageOfCalls, stageNow, stagesInTurn, type StageTimes } from '@/core/calls';
import { stayIn, type WrittenStage } from '@/core/programme';
import { succeed, type Result } from '@/core/failure';
import { NOTHING_LEARNED } from '@/core/learning';
import type { Pantry } from '@/core/pantry';
import { bakesOf, callRowsOf, type BakeRow, type CallRow } from '@/db/bakes';
import { maybeBatch, plannedNames, type BatchRow } from '@/db/batches';
import { appliancesOf, type ApplianceRow } from '@/db/kitchen';
import { learnedOf, type LearnedRow } from '@/db/learned';
import { readingsOf, type ReadingRow } from '@/db/readings';
import { traysOf, type TrayRow } from '@/db/trays';
import { now } from '../clock';
import { compute } from '../compute/compute';
import { loadPantry } from '../pantry';
import { OFFERED } from '../planned-list';
import { kitchenOf } from '../view-kitchen';
import { withDatabase } from '../with-database';
import { predictCalls, dateOf, minuteOf, nextOf, stageTimesIn } from './bake-state';
import { coursesOf } from './courses-of';
import { inTheKit, sharesOf } from './learn';

/** What ended stays on the page for so long. */
const SHOWN_AFTER_H = 3;
const COURSE_POINTS = 40;

/** Everything at the oven now. */
export const viewOven = (): Promise<Result<OvenView>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { id } = kitchen.value;
    const bakes = await bakesOf(db, id, SHOWN_AFTER_H);
    const ids = bakes.map(({ batch_id }) => batch_id);
    const [callRows, readings, trays, pantry, kit, learned] = [
      await callRowsOf(db, ids),
      await readingsOf(db, ids),
      await traysOf(db, ids),
      await loadPantry(db),
      await appliancesOf(db, id),
      await learnedOf(db, id),
    ];
    const views: BakeView[] = [];
    for (const bake of bakes) {
      const batch = await maybeBatch(db, bake.batch_id);
      if (!batch) continue;
      const all = {
        callRows: callRows.get(batch.id) ?? [],
        readings: readings.get(batch.id) ?? [],
        trays: trays.get(batch.id) ?? [],
      };
      views.push(await viewOf(batch, bake, all, { pantry, kit, learned }));
    }
    const planned = await plannedNames(db, id, { find: '', limit: OFFERED });
    // What stands on the page already is not offered a second time.
    const rows = planned.rows.filter((one) => !ids.includes(one.id));
    const waiting = { rows, total: planned.total - (planned.rows.length - rows.length) };
    return succeed({ now: new Date(now()).toISOString(), bakes: views, waiting });
  });

type House = {
  readonly pantry: Pantry;
  readonly kit: readonly ApplianceRow[];
  readonly learned: ReadonlyMap<string, LearnedRow>;
};

type Noted = {
  readonly callRows: readonly CallRow[];
  readonly readings: readonly ReadingRow[];
  readonly trays: readonly TrayRow[];
};

async function viewOf(batch: BatchRow, bake: BakeRow, noted: Noted, house: House): Promise<BakeView> {
  const { callRows, readings } = noted;
  const predictedCalls = await predictCalls(batch.document, house.pantry);
  const inTurn = stagesInTurn(batch.document);
  const names = inTurn.map(({ stage }) => ownOf(stage, house.kit)?.name ?? null);
  const stands = await standsOf(batch, noted, house);
  const stages = stageOfCalls(callRows.map(({ call }) => call));
  return {
    batch: batch.id,
    name: batch.name,
    pieces: predictedCalls.ok ? predictedCalls.value.pieces : 0,
    day: bake.day,
    calls: callRows.map(({ position, call, due_at, done_at }, i) => ({
      position,
      call,
      appliance: names[stages[i] ?? -1] ?? null,
      due_at: due_at.toISOString(),
      done_at: done_at?.toISOString() ?? null,
    })),
    next: nextOf(callRows),
    ended_at: bake.ended_at?.toISOString() ?? null,
    stands,
    course: predictedCalls.ok ? thinned(predictedCalls.value.courses[inTurn[stands.stage]?.turn ?? 0] ?? []) : [],
    readings: readings.map(({ at, ...reading }) => ({ ...reading, at: at.toISOString() })),
  };
}

const ownOf = ({ appliance, kind }: WrittenStage, kit: readonly ApplianceRow[]): ApplianceRow | null =>
  inTheKit(appliance ?? { kind }, kit);

const BEFORE_ANY: StageTimes = { stage: 0, in: null, out: null };

async function standsOf(
  batch: BatchRow,
  { callRows, readings, trays }: Noted,
  { pantry, kit, learned }: House,
): Promise<StandsView> {
  const stay = stageNow(stageTimesIn(callRows)) ?? BEFORE_ANY;
  const here = stagesInTurn(batch.document).at(stay.stage);
  const own = here ? ownOf(here.stage, kit) : null;
  const tray = trays.find(({ stage }) => stage === stay.stage);
  // The course of the trays is a quarter of a second's work: only of what stands in an appliance now.
  const courses = stay.in !== null && stay.out === null ? await coursesOf(batch.document, pantry) : null;
  const course = courses?.ok ? courses.value.find(({ stage }) => stage === stay.stage) : undefined;
  const row = own ? learned.get(own.id) : undefined;
  const known = row?.used === false ? NOTHING_LEARNED : (row?.knowledge ?? NOTHING_LEARNED);
  const { from_min, to_min } = here ? stayIn(here.heat, here.at) : { from_min: 0, to_min: 0 };
  const told =
    stay.in !== null && course
      ? await compute('outlook', {
          tray: {
            table: course.table,
            lossSpread: course.lossSpread,
            target: course.target,
            weighed: sharesOf(tray, stay, readings),
          },
          now_min: minuteOf(now()) - stay.in,
          known,
        })
      : null;
  return {
    stage: stay.stage,
    appliance: own?.name ?? null,
    went_in: stay.in === null ? null : dateOf(stay.in).toISOString(),
    from_min,
    planned_min: to_min - from_min,
    tray_g: tray?.tray_g ?? null,
    before_g: tray?.before_g ?? null,
    outlook: told?.ok ? told.value : null,
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
      core_moisture_pct: centre_moisture_pct,
      core_c,
    }));
}
