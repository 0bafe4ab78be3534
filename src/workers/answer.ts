import { SENTENCES, fail, succeed, type Failure, type Result } from '@/core/failure';
import { WorkerFailed } from './client';
import { GivenUp } from './given-up';

/**
 * A worker's answer as a page takes it: a failure where the worker broke; null where nobody waits for it any more, since the
 * request was given up or the page was left. Every other error is a bug of the page's own, and goes on.
 */
export async function answerOf<T>(asked: Promise<Result<T>>): Promise<Result<T> | null> {
  try {
    return await asked;
  } catch (error) {
    if (error instanceof GivenUp) return null;
    return brokenOr(error);
  }
}

/** The same of what is answered plainly, because it cannot be refused. */
export const plainAnswerOf = <T>(asked: Promise<T>): Promise<Result<T> | null> =>
  answerOf(asked.then((answer) => succeed(answer)));

/** What broke in a worker, as the page says it; every other error is a bug of the page's own. */
export function brokenOr(error: unknown): Failure {
  if (error instanceof WorkerFailed) return fail('WORKER_FAILED', SENTENCES.ownFault);
  throw error;
}
