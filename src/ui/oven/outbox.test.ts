import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Outbox } from './outbox';

/** A kitchen that answers as it is told to, and what it was sent. */
const sent: Array<{ readonly address: string; readonly key: string; readonly ago: string | null; readonly body: unknown }> = [];
let line: 'up' | 'cut' | { readonly status: number; readonly code: string };
const store = (): Storage => {
  const kept = new Map<string, string>();
  return {
    getItem: (name: string) => kept.get(name) ?? null,
    setItem: (name: string, value: string) => kept.set(name, value),
  } as unknown as Storage;
};
const make = (kept: Pick<Storage, 'getItem' | 'setItem'> | null = store()): Outbox => new Outbox('outbox', kept);
const done = (position: number) => ({ address: '/api/oven/a', body: { do: 'done', position }, oven_ms: 0 });

beforeEach(() => {
  vi.useFakeTimers();
  line = 'up';
  sent.length = 0;
  vi.stubGlobal('fetch', (address: string, { headers, body }: { headers: Record<string, string>; body: string }) => {
    if (line === 'cut') return Promise.reject(new TypeError('no line'));
    sent.push({
      address,
      key: headers['idempotency-key'],
      ago: headers['x-given-ago'] ?? null,
      body: JSON.parse(body) as unknown,
    });
    if (line === 'up') return Promise.resolve(Response.json({ next: 1 }));
    const { status, code } = line;
    return Promise.resolve(Response.json({ error: { code, message: 'Something else comes first.', path: '' } }, { status }));
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('answers without a line', () => {
  it('wait, and are sent in order once it is back, with how long ago they were given', async () => {
    line = 'cut';
    const outbox = make();
    outbox.add(done(0));
    expect(await outbox.send()).toEqual({ wrong: null, waits: true });
    vi.advanceTimersByTime(90_000);
    outbox.add(done(1));
    await outbox.send();
    vi.advanceTimersByTime(30_000);
    line = 'up';
    expect(await outbox.send()).toEqual({ wrong: null, waits: false });
    expect(sent.map(({ body, ago }) => [body, ago])).toEqual([
      [{ do: 'done', position: 0 }, '120'],
      [{ do: 'done', position: 1 }, '30'],
    ]);
    expect(outbox.all()).toEqual([]);
  });
  it('wait over a reload, under the same key', async () => {
    const kept = store();
    line = 'cut';
    const before = make(kept);
    before.add(done(0));
    await before.send();
    const [{ key }] = before.all();
    line = 'up';
    await make(kept).send();
    expect(sent.map((one) => one.key)).toEqual([key]);
  });
  it.each(['DATABASE_AWAY', 'NOT_SIGNED_IN', 'TOO_BUSY'])('wait while the kitchen says %s', async (code) => {
    line = { status: 503, code };
    const outbox = make();
    outbox.add(done(0));
    expect(await outbox.send()).toEqual({ wrong: null, waits: true });
    expect(outbox.all()).toHaveLength(1);
  });
  it('that the kitchen refuses are told and let go, and hold up nothing behind them', async () => {
    line = 'cut';
    const outbox = make();
    outbox.add(done(3));
    await outbox.send();
    line = { status: 409, code: 'CHANGED_ELSEWHERE' };
    expect(await outbox.send()).toEqual({ wrong: 'Something else comes first.', waits: false });
    expect(outbox.all()).toEqual([]);
  });
  it('are sent once when two ask at the same time', async () => {
    const outbox = make();
    outbox.add(done(0));
    await Promise.all([outbox.send(), outbox.send()]);
    expect(sent).toHaveLength(1);
  });
  it('wait as long as the page is open where the browser’s store is shut', async () => {
    line = 'cut';
    const outbox = make(null);
    outbox.add(done(0));
    await outbox.send();
    line = 'up';
    await outbox.send();
    expect(sent).toHaveLength(1);
  });
});
