import type { ExplanationView } from '@/contract/explanation';
import type { MeasuredBatch } from '@/core/explain';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { callRowsOf } from '@/db/bakes';
import { maybeBatch } from '@/db/batches';
import type { Queryable } from '@/db/client';
import { maybeMeasurement, type MeasurementRow } from '@/db/measurements';
import { readingsOf } from '@/db/readings';
import { traysOf } from '@/db/trays';
import { measuredLoss } from './compare-measured';
import { computeResult } from './compute/compute';
import { stageTimesIn } from './oven/bake-state';
import { sharesOf } from './oven/learn';
import { loadPantry } from './pantry';
import { keyOfDocument } from './remembered';
import { withDatabase } from './with-database';
import { workedOnce } from './worked-once';

/** Batches that were asked about lately. */
const MOST = 64;
const once = workedOnce<ExplanationView>(MOST);

/** Why a weighed batch came out as it did. Takes a second or two: worked out beside the event loop, once for the same batch. */
export const explainBatch = async (id: string): Promise<Result<ExplanationView>> => {
  const known = await withDatabase('guest', async (db) => {
    const batch = await maybeBatch(db, id);
    if (!batch) return fail('NOT_FOUND', SENTENCES.noSuchBatch);
    const row = await maybeMeasurement(db, id);
    const measured = row && (await measuredOf(db, id, row));
    if (!measured)
      return fail(
        'BAD_VALUE',
        'This batch was not weighed before and after. Enter both weights of one tray, and ask again.',
        'after_g',
      );
    return succeed({ document: batch.document, pantry: await loadPantry(db), measured });
  });
  if (!known.ok) return known;
  const { document, pantry, measured } = known.value;
  return once(keyOfDocument(document, pantry, measured), async () => {
    const done = await computeResult('explain', { document, pantry, measured });
    return done.ok ? succeed({ explanation: done.value }) : done;
  });
};

/** What was measured of a batch, with what its trays weighed on the way; null where it was not weighed before and after. */
async function measuredOf(db: Queryable, id: string, row: MeasurementRow): Promise<MeasuredBatch | null> {
  const { thickness_mm, minutes, pieces, colour, texture } = row;
  const loss_pct = measuredLoss(row);
  if (loss_pct === null) return null;
  const [first] = stageTimesIn((await callRowsOf(db, [id])).get(id) ?? []);
  const tray = (await traysOf(db, [id])).get(id)?.find(({ stage }) => stage === 0);
  const readings = (await readingsOf(db, [id])).get(id) ?? [];
  return {
    loss_pct,
    onTheWay: sharesOf(tray, first, readings).map(({ minutes: at, share }) => ({ minutes: at, loss_pct: 100 * (1 - share) })),
    thickness_mm,
    minutes,
    pieces,
    colour,
    texture,
  };
}
