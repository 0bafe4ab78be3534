import { act, cleanup, render, screen } from '@testing-library/react';
import { useEffect, type ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { BakeView, CallView, OvenView } from '@/contract/oven';
import { useOven, type OvenState } from './use-oven';

const NOW = '2026-11-28T09:00:00.000Z';
const FIRST: OvenView = { now: NOW, bakes: [], waiting: { rows: [], total: 0 } };

/** The oven's clock, and which call is next, as a page shows them. */
let oven: OvenState;
function Shown({ first = FIRST }: { readonly first?: OvenView }): ReactNode {
  const state = useOven(first);
  useEffect(() => {
    oven = state;
  });
  const { now } = state;
  return <p>{now === null ? 'not yet' : new Date(now).toISOString()}</p>;
}
const shown = (): number => Date.parse(screen.getByText(/T\d\d:/).textContent);

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
  // Nobody speaks on this page's stream.
  vi.stubGlobal(
    'EventSource',
    class extends EventTarget {
      close = (): void => undefined;
    },
  );
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('the oven’s clock', () => {
  it('goes on evenly when this device’s clock is wrong, or is put right meanwhile', () => {
    vi.setSystemTime(new Date('2031-01-01T00:00:00Z'));
    render(<Shown />);
    act(() => void vi.advanceTimersByTime(2000));
    expect(Math.abs(shown() - Date.parse(NOW) - 2000)).toBeLessThan(600);
    vi.setSystemTime(new Date('2026-11-28T09:00:05Z'));
    act(() => void vi.advanceTimersByTime(3000));
    expect(Math.abs(shown() - Date.parse(NOW) - 5000)).toBeLessThan(600);
  });
});

describe('an answer', () => {
  const call = (position: number, done: boolean): CallView =>
    ({ position, due_at: NOW, done_at: done ? NOW : null, call: {}, appliance: null }) as unknown as CallView;
  const at = (next: number): OvenView => ({
    ...FIRST,
    bakes: [
      { batch: 'a', next, calls: [0, 1, 2].map((n) => call(n, n < next)), readings: [], ended_at: null } as unknown as BakeView,
    ],
  });
  /** Requests that the kitchen has not answered yet, in the order in which they came. */
  let open: Array<{ readonly what: 'look' | 'send'; readonly answer: (body: unknown) => void }>;
  const answered = (which: number, body: unknown): Promise<void> =>
    act(async () => {
      open[which].answer(body);
      await vi.advanceTimersByTimeAsync(1);
    });
  beforeEach(() => {
    open = [];
    vi.stubGlobal(
      'fetch',
      (_: string, { method }: RequestInit) =>
        new Promise((done) =>
          open.push({ what: method === 'POST' ? 'send' : 'look', answer: (body) => done(Response.json(body)) }),
        ),
    );
  });

  it('shows at once, and never comes up again by a look that began before it', async () => {
    render(<Shown first={at(0)} />);
    act(() => void document.dispatchEvent(new Event('visibilitychange')));
    await act(() => vi.advanceTimersByTimeAsync(100));
    expect(open.map(({ what }) => what)).toEqual(['look']);
    act(() => void oven.send('/api/oven/a', { do: 'done', position: 0 }));
    expect(oven.oven.bakes[0].next).toBe(1);
    // The kitchen has heard of it; the old look arrives only now.
    await answered(1, { next: 1 });
    await answered(0, at(0));
    expect(oven.oven.bakes[0].next).toBe(1);
    await answered(2, at(1));
    expect(oven.oven.bakes[0].next).toBe(1);
    expect(oven.trouble).toBeNull();
  });
  it('stays while the next is given, though the kitchen has heard of it and this page has not looked since', async () => {
    render(<Shown first={at(0)} />);
    act(() => void oven.send('/api/oven/a', { do: 'done', position: 0 }));
    await answered(0, { next: 1 });
    expect(open.map(({ what }) => what)).toEqual(['send', 'look']);
    act(() => void oven.send('/api/oven/a', { do: 'done', position: 1 }));
    expect(oven.oven.bakes[0].next).toBe(2);
    // The look that began before the second answer tells nothing any more.
    await answered(1, at(1));
    expect(oven.oven.bakes[0].next).toBe(2);
    await answered(2, { next: 2 });
    await answered(3, at(2));
    expect(oven.oven.bakes[0].next).toBe(2);
  });
  it('is not taken twice where a look tells of it before its own answer comes', async () => {
    render(<Shown first={at(2)} />);
    act(() => void oven.send('/api/oven/a', { do: 'undo' }));
    expect(oven.oven.bakes[0].next).toBe(1);
    act(() => void document.dispatchEvent(new Event('visibilitychange')));
    await act(() => vi.advanceTimersByTimeAsync(100));
    for (const [which, { what }] of open.entries()) if (what === 'look') await answered(which, at(1));
    expect(oven.oven.bakes[0].next).toBe(1);
  });
});
