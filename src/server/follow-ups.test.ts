import { setTimeout as pause } from 'node:timers/promises';
import type { Pool } from 'pg';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { fail, succeed } from '@/core/failure';
import { follow, type FollowUp } from './follow-ups';

const kitchen = (): Pool => ({}) as Pool;
/** Something that takes so long, and says when it begins and when it is done. */
const taking = (ms: number, about: string, said: string[]): FollowUp => ({
  about,
  work: async () => {
    said.push(`${about} begins`);
    await pause(ms);
    said.push(`${about} is done`);
    return succeed(null);
  },
});

beforeEach(() => vi.stubEnv('OVEN_COMPUTE_WORKER', 'a worker'));
afterEach(() => {
  vi.unstubAllEnvs();
  vi.restoreAllMocks();
});

describe('what follows from a change', () => {
  it('is waited for while it is quick', async () => {
    const said: string[] = [];
    await follow(kitchen(), [taking(20, 'a', said)]);
    expect(said).toEqual(['a begins', 'a is done']);
  });
  it('holds nobody up for long, and is done all the same', async () => {
    const said: string[] = [];
    await follow(kitchen(), [taking(3000, 'a', said)]);
    expect(said).toEqual(['a begins']);
    await vi.waitFor(() => expect(said).toEqual(['a begins', 'a is done']), { timeout: 30_000 });
  });
  it('is done one after the other in a kitchen, and beside what follows in another', async () => {
    const said: string[] = [];
    const one = kitchen();
    await Promise.all([
      follow(one, [taking(60, 'a', said)]),
      follow(one, [taking(5, 'b', said)]),
      follow(kitchen(), [taking(5, 'c', said)]),
    ]);
    expect(said).toEqual(['a begins', 'c begins', 'c is done', 'a is done', 'b begins', 'b is done']);
  });
  it('is done once for all who changed the same before it began, and anew for who comes after', async () => {
    const said: string[] = [];
    const one = kitchen();
    const first = follow(one, [taking(60, 'a', said)]);
    await pause(10);
    await Promise.all([first, follow(one, [taking(5, 'a', said)]), follow(one, [taking(5, 'a', said)])]);
    expect(said).toEqual(['a begins', 'a is done', 'a begins', 'a is done']);
  });
  it('that fails is told in the log, and what comes after it is done', async () => {
    const log = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const said: string[] = [];
    await follow(kitchen(), [
      { about: 'a', work: () => Promise.resolve(fail('TOO_BUSY', 'Too much to do.')) },
      { about: 'b', work: () => Promise.reject(new Error('broken')) },
      taking(1, 'c', said),
    ]);
    expect(log.mock.calls).toEqual([['a: Too much to do.'], ['b: Error: broken']]);
    expect(said).toEqual(['c begins', 'c is done']);
  });
  it('is waited for to its end where there are no workers', async () => {
    vi.stubEnv('OVEN_COMPUTE_WORKER', undefined);
    const said: string[] = [];
    await follow(kitchen(), [taking(1300, 'a', said)]);
    expect(said).toEqual(['a begins', 'a is done']);
  });
});
