import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, dayNumber, isDay } from '.';

const DAY_MS = 86_400_000;

describe('the calendar', () => {
  it('agrees with the machine’s own on every day of four centuries', () =>
    fc.assert(
      fc.property(fc.integer({ min: -73_000, max: 73_000 }), fc.integer({ min: -40_000, max: 40_000 }), (start, days) => {
        const iso = new Date(start * DAY_MS).toISOString().slice(0, 10);
        expect(addDays(iso, days)).toBe(new Date((start + days) * DAY_MS).toISOString().slice(0, 10));
      }),
      { seed: 12, numRuns: 2000 },
    ));
  it('knows its days from what only looks like one', () => {
    for (const day of ['2028-02-29', '2000-02-29', '2026-12-31']) expect(isDay(day), day).toBe(true);
    for (const day of ['2026-02-29', '2100-02-29', '2026-11-31', '2026-13-01', '2026-00-10', '26-11-01', '2026-11-01T00:00'])
      expect(isDay(day), day).toBe(false);
  });
  it('knows leap days and the turn of years', () => {
    expect(addDays('2028-02-28', 1)).toBe('2028-02-29');
    expect(addDays('2100-02-28', 1)).toBe('2100-03-01');
    expect(addDays('2026-12-31', 1)).toBe('2027-01-01');
    expect(dayNumber('2026-03-01') - dayNumber('2025-03-01')).toBe(365);
  });
});
