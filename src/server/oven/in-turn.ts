import { succeed, type Result } from '@/core/failure';
import { maybeBake } from '@/db/bakes';
import { withDatabase } from '../with-database';

/** The last in line of each day, or of each batch that is baked by itself. */
const lines = new Map<string, Promise<unknown>>();

/**
 * Does what moves a bake after all that came before it and moves the same: its day's batches follow each other. Who waits here holds no
 * connection, of which there are few; hands on another machine wait for the rows themselves.
 */
export async function inTurn<T>(batchId: string, work: () => Promise<Result<T>>): Promise<Result<T>> {
  const bake = await withDatabase('helper', async (db) => succeed(await maybeBake(db, batchId)));
  if (!bake.ok) return bake;
  const line = bake.value?.day ?? batchId;
  const mine = (lines.get(line) ?? Promise.resolve()).then(work, work);
  lines.set(line, mine);
  try {
    return await mine;
  } finally {
    if (lines.get(line) === mine) lines.delete(line);
  }
}
