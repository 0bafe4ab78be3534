import { SENTENCES, fail, type Failure } from '@/core/failure';
import type { GivenUp } from '@/workers/given-up';
import type { WorkerFailed } from '@/workers/client';
import type { DeadlinePassed, QueueFull } from './pool';

type Ended = GivenUp | QueueFull | DeadlinePassed | WorkerFailed;

/**
 * Why a piece of work was not done, as its door answers it. Told by name, not by class: pages and doors are bundled apart and
 * share one pool, so an error may come from the other bundle's copy of its class.
 *
 * @param name - the job, for the server's own log
 * @throws what was none of these: a bug of ours
 */
export function failureOf(error: unknown, name: string): Failure {
  const ended = error as Ended;
  switch (error instanceof Error ? error.name : '') {
    case 'GivenUp':
      return fail('GIVEN_UP', SENTENCES.nothingWaits);
    case 'QueueFull':
      return tooBusy();
    case 'DeadlinePassed':
      return (ended as DeadlinePassed).started ? tooMuch() : tooBusy();
    case 'WorkerFailed':
      console.error(`${name}: ${ended.message}`);
      return fail('WORKER_FAILED', SENTENCES.ownFault);
    default:
      throw error;
  }
}

const tooBusy = (): Failure =>
  fail('TOO_BUSY', 'The kitchen is working out a lot just now. Nothing is lost; try again in half a minute.');

const tooMuch = (): Failure =>
  fail(
    'TOO_MUCH_WORK',
    'This would take too long to work out. Take fewer or larger pieces, a shorter programme or a coarser layout.',
  );
