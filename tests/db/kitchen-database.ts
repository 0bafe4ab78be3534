import pg from 'pg';
import type { Result } from '@/core/failure';
import { inKitchenOf } from '@/db/client';
import { closePools } from '@/server/kitchen-pools';
import { copyDatabase } from './template-database';

/** Where the demo's kitchen stands in every copy of it. */
const DEMO_KITCHEN = 'cairnhope';

/**
 * A database of a test file's own, with the use cases' pools pointed at it as the application's role. Call it before a use case is first
 * used. The connection that is handed out is the owner's: it sees every kitchen, and works for the demo's.
 */
export async function openKitchen(
  name: string,
  from: 'empty' | 'demo' = 'demo',
): Promise<{ db: pg.Client; url: string; close: () => Promise<void> }> {
  const copy = await copyDatabase(name, from);
  process.env.OVEN_DATABASE_URL = copy.appUrl;
  const db = new pg.Client({ connectionString: copy.url });
  await db.connect();
  await inKitchenOf(db, DEMO_KITCHEN);
  return {
    db,
    url: copy.url,
    close: async () => {
      await db.end();
      await closePools();
      await copy.drop();
    },
  };
}

/** The value of a result that must have worked. */
export const must = <T>(result: { ok: true; value: T } | { ok: false; message: string }): T => {
  if (!result.ok) throw new Error(result.message);
  return result.value;
};

/** Everything that comes in parts, as one list. */
export async function collected<T>(parts: AsyncIterable<T>): Promise<T[]> {
  const all: T[] = [];
  for await (const part of parts) all.push(part);
  return all;
}

type SavedOver = Result<{ readonly kind: 'saved' } | { readonly kind: 'stale'; readonly current: { readonly revision: number } }>;

/** Saves over whatever stands there. */
export async function saveOver<T extends SavedOver>(save: (body: unknown) => Promise<T>, document: unknown): Promise<T> {
  const first = await save({ revision: 0, document });
  return first.ok && first.value.kind === 'stale' ? save({ revision: first.value.current.revision, document }) : first;
}
