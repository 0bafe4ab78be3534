import { trayCourse, type BatchDocument, type TrayCourse } from '@/core/batch';
import type { Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';

const known = new Map<string, Result<TrayCourse>>();
const MOST = 60;

/** A batch's tray over time. Some thirty runs of the simulator, so it is kept while the batch stays as it is. */
export function courseOf(
  { id, revision, document }: { readonly id: string; readonly revision: number; readonly document: BatchDocument },
  pantry: Pantry,
): Result<TrayCourse> {
  const key = `${id} ${revision}`;
  const before = known.get(key);
  if (before) return before;
  const course = trayCourse(document, { pantry });
  if (known.size >= MOST) known.delete(known.keys().next().value ?? key);
  known.set(key, course);
  return course;
}
