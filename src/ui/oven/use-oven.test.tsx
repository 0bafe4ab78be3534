import { act, cleanup, render, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { OvenView } from '@/contract/oven';
import { useOven } from './use-oven';

const FIRST: OvenView = { now: '2026-11-28T09:00:00.000Z', bakes: [], waiting: { rows: [], total: 0 } };

/** The oven's clock as a page shows it. */
function Clock(): ReactNode {
  const { now } = useOven(FIRST);
  return <p>{now === null ? 'not yet' : new Date(now).toISOString()}</p>;
}
const shown = (): number => Date.parse(screen.getByText(/T\d\d:/).textContent);

beforeEach(() => {
  vi.useFakeTimers();
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
    render(<Clock />);
    act(() => void vi.advanceTimersByTime(2000));
    expect(Math.abs(shown() - Date.parse(FIRST.now) - 2000)).toBeLessThan(600);
    vi.setSystemTime(new Date('2026-11-28T09:00:05Z'));
    act(() => void vi.advanceTimersByTime(3000));
    expect(Math.abs(shown() - Date.parse(FIRST.now) - 5000)).toBeLessThan(600);
  });
});
