import { fail, succeed, type Result } from '@/core/failure';
import type { Queryable } from '@/db/client';
import { maybePractice, type PracticeRow } from '@/db/practice';
import type { OfPractice } from '../compute/jobs/practice-jobs';
import { loadPantry } from '../pantry';
import { nameOfAsking } from '../people/allowed';

/** A practice bake of whoever asks, and what it is computed from. */
export type Kept = { readonly row: PracticeRow; readonly of: OfPractice };

/** Another person's practice is nobody's business. */
export async function keptPractice(db: Queryable, id: string): Promise<Result<Kept>> {
  const row = await maybePractice(db, id);
  if (!row || row.baked_by !== nameOfAsking())
    return fail('NOT_FOUND', 'There is no such practice bake of yours. Begin one under Practise.');
  const { document, unknown, owned, truth, acts } = row;
  return succeed({ row, of: { document, pantry: await loadPantry(db), unknown, owned, truth, acts } });
}
