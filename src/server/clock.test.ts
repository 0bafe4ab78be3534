import { describe, expect, it } from 'vitest';
import { DAY_FIELD, isoDay, midnightOf } from './kitchen-clock';

describe('the day in the kitchen', () => {
  it.each([
    ['Pacific/Auckland', '2026-11-25T20:00:00Z', '2026-11-26'],
    ['America/Los_Angeles', '2026-11-25T04:00:00Z', '2026-11-24'],
    ['UTC', '2026-11-25T23:59:59Z', '2026-11-25'],
  ])('in %s at %s is %s', (tz, at, day) => {
    expect(isoDay(new Date(at), tz)).toBe(day);
  });
  it('begins at its midnight, wherever the server stands', () => {
    expect(isoDay(new Date(midnightOf('2026-11-26')))).toBe('2026-11-26');
    expect(isoDay(new Date(midnightOf('2026-11-26') - 1))).toBe('2026-11-25');
  });
  it('is one of the calendar', () => {
    expect(DAY_FIELD.validate('2028-02-29').error).toBeUndefined();
    for (const day of ['2026-02-30', '2026-99-99', '2026-1-1', '2026-11-25T10:00', 'soon', ''])
      expect(DAY_FIELD.validate(day).error, day).toBeDefined();
  });
});
