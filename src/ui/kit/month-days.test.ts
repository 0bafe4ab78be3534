import { describe, expect, it } from 'vitest';
import { afterMonday, monthAfter, monthDays } from './month-days';

describe('a month', () => {
  it('begins its weeks where the reader does', () => {
    expect(afterMonday('2026-11-30')).toBe(0);
    expect(monthDays('2026-11-17', 0)[0]).toBe('2026-10-26');
    expect(monthDays('2026-11-17', 6)[0]).toBe('2026-11-01');
    expect(monthDays('2026-11-17', 5)[0]).toBe('2026-10-31');
    expect(monthDays('2024-02-10', 0)).toContain('2024-02-29');
  });
  it.each([
    ['2026-01-31', 1, '2026-02-28'],
    ['2024-01-31', 1, '2024-02-29'],
    ['2026-11-30', -1, '2026-10-30'],
    ['2026-12-05', 1, '2027-01-05'],
    ['2026-01-05', -1, '2025-12-05'],
  ])('%s, %d months on, is %s', (from, months, to) => expect(monthAfter(from, months)).toBe(to));
});
