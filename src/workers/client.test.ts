import { describe, expect, it } from 'vitest';
import { WorkerClient, WorkerFailed, type OpenLine } from './client';
import { GivenUp } from './given-up';
import { inProcessLine } from './in-process-line';

type Sums = {
  readonly learn: { readonly ask: number; readonly told: never; readonly answer: null };
  readonly add: { readonly ask: number; readonly told: number; readonly answer: number };
  readonly wait: { readonly ask: null; readonly told: never; readonly answer: string };
};

/** Adds to what it learned; breaks at nought. */
const sums = () => {
  let base = NaN;
  return {
    learn: (ask: number) => {
      base = ask;
      return null;
    },
    add: (ask: number, { tell }: { tell: (told: number) => void }) => {
      if (ask === 0) throw new Error('nought');
      tell(ask);
      return base + ask;
    },
    wait: (_: null, { signal }: { signal: AbortSignal }) =>
      new Promise<string>((resolve, reject) => {
        signal.addEventListener('abort', () => reject(new GivenUp()));
        setTimeout(() => resolve('waited'), 50);
      }),
  };
};
const client = (open: OpenLine = inProcessLine<Sums>(sums)): WorkerClient<Sums> =>
  new WorkerClient<Sums>(open, (self) => self.ask('learn', 100));

describe('a request to a worker', () => {
  it('is answered in the order of its own, with what is told on the way', async () => {
    const told: number[] = [];
    const asked = client();
    const both = await Promise.all([
      asked.ask('add', 1, { onTold: (one) => told.push(one) }),
      asked.ask('add', 2, { onTold: (one) => told.push(one) }),
    ]);
    expect([both, told]).toEqual([
      [101, 102],
      [1, 2],
    ]);
  });
  it('that throws is told, and the next one is answered', async () => {
    const asked = client();
    await expect(asked.ask('add', 0)).rejects.toThrow('nought');
    await expect(asked.ask('add', 0)).rejects.toBeInstanceOf(WorkerFailed);
    expect(await asked.ask('add', 5)).toBe(105);
  });
  it('is given up by its own signal only', async () => {
    const asked = client();
    const one = new AbortController();
    const [first, second] = [asked.ask('wait', null, { signal: one.signal }), asked.ask('wait', null)];
    one.abort();
    await expect(first).rejects.toBeInstanceOf(GivenUp);
    expect(await second).toBe('waited');
    await expect(asked.ask('wait', null, { signal: one.signal })).rejects.toBeInstanceOf(GivenUp);
  });
  it('to a worker that dies is told, and the next goes to a new one, which is greeted first', async () => {
    const deaths: Array<(why: string) => void> = [];
    const opened = inProcessLine<Sums>(sums);
    const asked = client((hear, died) => {
      deaths.push(died);
      return opened(hear, died);
    });
    const lost = asked.ask('wait', null);
    deaths[0]('out of memory');
    await expect(lost).rejects.toThrow('out of memory');
    expect(await asked.ask('add', 7)).toBe(107);
    expect(deaths).toHaveLength(2);
  });
  it('for what nobody answers is a bug, not a wait for ever', async () => {
    const asked = client() as unknown as WorkerClient<Record<string, { ask: null; told: never; answer: null }>>;
    for (const name of ['toString', 'constructor', 'gravel'])
      await expect(asked.ask(name, null)).rejects.toThrow(`nothing answers "${name}"`);
  });
  it('is given up once the client is closed under it', async () => {
    const asked = client();
    const open = asked.ask('wait', null);
    asked.close();
    await expect(open).rejects.toBeInstanceOf(GivenUp);
  });
});
