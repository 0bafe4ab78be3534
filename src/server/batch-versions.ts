import type { BatchVersions } from '@/contract/batch';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { maybeBatch, versionsOfBatch } from '@/db/batches';
import { withDatabase } from './with-database';

/** How a batch stood before each spell of work on it, the newest first. */
export const batchVersions = (id: string): Promise<Result<BatchVersions>> =>
  withDatabase('guest', async (db) => {
    if (!(await maybeBatch(db, id))) return fail('NOT_FOUND', SENTENCES.noSuchBatch);
    const rows = await versionsOfBatch(db, id);
    return succeed({
      versions: rows.map(({ saved_at, ...version }) => ({ ...version, saved_at: saved_at.toISOString() })),
    });
  });
