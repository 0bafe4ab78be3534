import { describe, expect, it } from 'vitest';
import type { OpenLine } from '@/workers/client';
import { GivenUp } from '@/workers/given-up';
import { inProcessLine } from '@/workers/in-process-line';
import { ComputePool, DeadlinePassed, QueueFull } from './pool';

type Work = { readonly take: { readonly ask: number; readonly told: never; readonly answer: number } };
const take = (ms: number): Promise<number> => new Promise((resolve) => setTimeout(() => resolve(ms), ms));

/** A pool in this process that counts the workers it opened. */
function poolOf(size: number): { pool: ComputePool<Work>; opened: () => number } {
  let opened = 0;
  const line = inProcessLine<Work>(() => ({ take }));
  const open: OpenLine = (hear, died) => {
    opened++;
    return line(hear, died);
  };
  return { pool: new ComputePool<Work>(() => open, size), opened: () => opened };
}
const SHORT = { priority: 'short', deadline_ms: 2000 } as const;
const LONG = { priority: 'long', deadline_ms: 2000 } as const;

describe('a pool of workers', () => {
  it('lets nothing long into the worker that is kept for short work', async () => {
    const { pool } = poolOf(2);
    const order: string[] = [];
    const told = (name: string) => () => order.push(name);
    await Promise.all([
      pool.run('take', 60, LONG).then(told('first search')),
      pool.run('take', 60, LONG).then(told('second search')),
      pool.run('take', 5, SHORT).then(told('a drag')),
    ]);
    expect(order).toEqual(['a drag', 'first search', 'second search']);
  });
  it('does short work before long that waited already', async () => {
    const { pool } = poolOf(1);
    const order: string[] = [];
    await Promise.all([
      pool.run('take', 20, LONG).then(() => order.push('under way')),
      pool.run('take', 5, LONG).then(() => order.push('long')),
      pool.run('take', 5, SHORT).then(() => order.push('short')),
    ]);
    expect(order).toEqual(['under way', 'short', 'long']);
  });
  it('ends what is not done by its deadline with its worker, and goes on with a new one', async () => {
    const { pool, opened } = poolOf(1);
    const late = pool.run('take', 5000, { ...LONG, deadline_ms: 40 });
    await expect(late).rejects.toMatchObject({ name: 'DeadlinePassed', started: true });
    expect(await pool.run('take', 5, SHORT)).toBe(5);
    expect(opened()).toBe(2);
  });
  it('says of what was never begun that it was not', async () => {
    const { pool } = poolOf(1);
    const busy = pool.run('take', 100, LONG);
    const waited = pool.run('take', 5, { ...LONG, deadline_ms: 30 });
    await expect(waited).rejects.toBeInstanceOf(DeadlinePassed);
    await expect(waited).rejects.toMatchObject({ started: false });
    expect(await busy).toBe(100);
  });
  it('ends what nobody waits for any more, waiting or begun', async () => {
    const { pool, opened } = poolOf(1);
    const [left, gone] = [new AbortController(), new AbortController()];
    const begun = pool.run('take', 5000, { ...LONG, signal: left.signal });
    const waiting = pool.run('take', 5000, { ...LONG, signal: gone.signal });
    gone.abort();
    await expect(waiting).rejects.toBeInstanceOf(GivenUp);
    left.abort();
    await expect(begun).rejects.toBeInstanceOf(GivenUp);
    expect(await pool.run('take', 5, SHORT)).toBe(5);
    expect(opened()).toBe(2);
    await expect(pool.run('take', 5, { ...LONG, signal: left.signal })).rejects.toBeInstanceOf(GivenUp);
  });
  it('takes no more than will be done in time', async () => {
    const { pool } = poolOf(1);
    const all = Array.from({ length: 260 }, () => pool.run('take', 1, SHORT).catch((error: unknown) => error));
    expect((await Promise.all(all)).filter((one) => one instanceof QueueFull)).toHaveLength(59);
  });
});
