import type { Pool } from 'pg';
import type { Result } from '@/core/failure';
import type { Queryable } from '@/db/client';
import { config } from './config';

/** What is worked out from a change once the change stands, such as what an oven taught. */
export type FollowUp = {
  /** What it is about: of two that wait under one name, the later sees all that the earlier would have, and is enough. */
  readonly about: string;
  readonly work: (db: Queryable) => Promise<Result<unknown>>;
};

/** Whoever changed something waits so long for what follows from it, and then no longer [ms]. */
const WAITED_FOR_MS = 1000;

/** What waits in a kitchen, by its name there, and the end of its line. */
type Line = { readonly waiting: Set<string>; end: Promise<void> };
const lines = new WeakMap<Pool, Line>();

/**
 * Does what follows from a change, one after the other for each kitchen. It is waited for while it is quick, so that the next look sees it;
 * what takes longer goes on by itself. What fails is said in the log: the change stands either way.
 */
export async function follow(pool: Pool, followUps: readonly FollowUp[]): Promise<void> {
  if (followUps.length === 0) return;
  const line = lines.get(pool) ?? { waiting: new Set(), end: Promise.resolve() };
  lines.set(pool, line);
  for (const followUp of followUps) {
    if (line.waiting.has(followUp.about)) continue;
    line.waiting.add(followUp.about);
    line.end = line.end.then(() => {
      line.waiting.delete(followUp.about);
      return done(pool, followUp);
    });
  }
  // Without workers it is done in this process anyway, and nothing is gained by not waiting for it.
  if (config().computeWorker === null) return line.end;
  let waited: NodeJS.Timeout | undefined;
  await Promise.race([line.end, new Promise((enough) => (waited = setTimeout(enough, WAITED_FOR_MS)))]);
  clearTimeout(waited);
}

async function done(pool: Pool, { about, work }: FollowUp): Promise<void> {
  try {
    const result = await work(pool);
    if (!result.ok) console.error(`${about}: ${result.message}`);
  } catch (error) {
    console.error(`${about}: ${String(error)}`);
  }
}
