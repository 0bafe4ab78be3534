import { afterEach, describe, expect, it, vi } from 'vitest';
import type * as Given from '@/workers/given-up';
import { failureOf } from './failure-of';
import type * as Pool from './pool';
import { DeadlinePassed, QueueFull } from './pool';

/** The same classes as another bundle has them: equal in everything but identity. */
async function otherCopy(): Promise<typeof Pool & typeof Given> {
  const again = (path: string): Promise<unknown> => import(`${path}?again`);
  return { ...((await again('./pool')) as typeof Pool), ...((await again('@/workers/given-up')) as typeof Given) };
}

afterEach(() => vi.restoreAllMocks());

describe('why work was not done', () => {
  it('is told of an error from another bundle as of our own', async () => {
    const other = await otherCopy();
    expect(new other.DeadlinePassed(true)).not.toBeInstanceOf(DeadlinePassed);
    for (const own of [new DeadlinePassed(true), new other.DeadlinePassed(true)])
      expect(failureOf(own, 'findFile').code).toBe('TOO_MUCH_WORK');
    for (const own of [new DeadlinePassed(false), new QueueFull(), new other.DeadlinePassed(false), new other.QueueFull()])
      expect(failureOf(own, 'findFile').code).toBe('TOO_BUSY');
    expect(failureOf(new other.GivenUp(), 'findFile').code).toBe('GIVEN_UP');
  });
  it('goes on as a bug when it is none of these', () => {
    const bug = new TypeError('x is undefined');
    expect(() => failureOf(bug, 'findFile')).toThrow(bug);
    expect(() => failureOf('a word', 'findFile')).toThrow('a word');
  });
  it('is logged when a worker broke, and not told to the baker', async () => {
    const log = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const { WorkerFailed } = await import('@/workers/client');
    const failure = failureOf(new WorkerFailed('out of memory'), 'findFile');
    expect(failure.code).toBe('WORKER_FAILED');
    expect(failure.message).not.toContain('memory');
    expect(log).toHaveBeenCalledWith('findFile: out of memory');
  });
});
