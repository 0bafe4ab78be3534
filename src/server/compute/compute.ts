import { availableParallelism } from 'node:os';
import { succeed, type Result } from '@/core/failure';
import { config } from '../config';
import { failureOf } from './failure-of';
import type { Jobs } from './jobs';
import { LIMITS } from './limits';
import { ComputePool } from './pool';
import { withSharedPantry } from './shared-pantry';
import { threadLine } from './thread-line';

/**
 * The jobs, for whoever has no worker. The built house always has: left out there, the core and all formats are not in each of its fifty
 * routes, to be built, and read by the first who comes.
 */
const jobsHere =
  process.env.NEXT_RUNTIME && process.env.NODE_ENV === 'production' ? null : async () => (await import('./jobs')).JOBS;

/** One pool per process, also across reloads of a development build. */
const shared = globalThis as { ovenCompute?: ComputePool<Jobs> };

/** Three at least: two for what somebody waits for while another is busy with a search. */
const FEWEST = 3;
const MOST = 6;

function pool(file: string): ComputePool<Jobs> {
  const size = Math.min(MOST, Math.max(FEWEST, availableParallelism() - 1));
  return (shared.ovenCompute ??= new ComputePool<Jobs>(threadLine(file), size));
}

/** What a job answers when it is answered, and the failures that any work can end in. */
type Answer<Name extends keyof Jobs> = Jobs[Name]['answer'];

/**
 * Works something out beside the event loop. Without a built worker, as in tests and scripts, in the caller's own process.
 *
 * @param signal - aborted when nobody waits any more
 * @returns the job's answer, or why it was not done: too much of it, too many at once, a bug
 */
export async function compute<Name extends keyof Jobs>(
  name: Name,
  ask: Jobs[Name]['ask'],
  signal?: AbortSignal,
): Promise<Result<Answer<Name>>> {
  const { computeWorker } = config();
  try {
    if (computeWorker !== null)
      return succeed(
        await pool(computeWorker).run(name, typeof ask === 'object' ? withSharedPantry(ask) : ask, { ...LIMITS[name], signal }),
      );
    if (!jobsHere) throw new Error('OVEN_COMPUTE_WORKER names no worker, and the built house works nothing out itself.');
    const jobs = await jobsHere();
    return succeed(await jobs[name](ask, { signal: signal ?? new AbortController().signal, tell: () => undefined }));
  } catch (error) {
    return failureOf(error, name);
  }
}

/** The same for a job whose answer can be a failure by itself. */
export async function computeResult<Name extends keyof Jobs>(
  name: Name,
  ask: Jobs[Name]['ask'],
  signal?: AbortSignal,
): Promise<Answer<Name> extends Result<infer T> ? Result<T> : never> {
  const done = await compute(name, ask, signal);
  return (done.ok ? done.value : done) as Answer<Name> extends Result<infer T> ? Result<T> : never;
}
