import type { PracticeView } from '@/contract/practice';
import { succeed, type Result } from '@/core/failure';
import { BAKES_A_ROUND } from '@/core/practice';
import { practisedBy, type PracticeRow } from '@/db/practice';
import { computeResult } from '../compute/compute';
import type { Practised } from '../compute/jobs/practice-jobs';
import { withDatabase } from '../with-database';
import { keptPractice } from './of-practice';

/** A practice bake as whoever bakes it sees it. */
export async function viewPractice(id: string): Promise<Result<PracticeView>> {
  const known = await withDatabase('guest', async (db) => {
    const kept = await keptPractice(db, id);
    if (!kept.ok) return kept;
    const { row } = kept.value;
    const before = row.lesson === null ? null : await bakesBefore(db, row);
    return succeed({ ...kept.value, before });
  });
  if (!known.ok) return known;
  const { row, of, before } = known.value;
  const shown = await computeResult('practise', { ...of, act: null });
  return shown.ok ? succeed(viewOf(row, shown.value, before)) : shown;
}

/** Bakes of the same lesson that were begun earlier in its round. */
async function bakesBefore(
  db: Parameters<typeof practisedBy>[0],
  { id, lesson, kitchen_id, baked_by }: PracticeRow,
): Promise<number> {
  const all = (await practisedBy(db, kitchen_id, baked_by)).filter((one) => one.lesson === lesson).reverse();
  return all.findIndex((one) => one.id === id) % BAKES_A_ROUND;
}

export const viewOf = (
  { id, lesson, batch_id, name, acts, verdict }: PracticeRow,
  shown: Practised,
  before: number | null,
): PracticeView => ({ ...shown, id, lesson, batch_id, name, acts, verdict, bake: before === null ? null : before + 1 });
