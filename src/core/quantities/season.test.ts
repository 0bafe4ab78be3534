import { describe, expect, it } from 'vitest';
import { airOn, seasonOf } from './season';

describe('the quarter of the year', () => {
  it.each([
    ['2026-12-01', 'dec-feb'],
    ['2027-02-28', 'dec-feb'],
    ['2026-03-01', 'mar-may'],
    ['2026-08-31', 'jun-aug'],
    ['2026-09-01', 'sep-nov'],
    ['2026-11-30', 'sep-nov'],
  ] as const)('of %s is %s', (day, season) => expect(seasonOf(day)).toBe(season));

  it('gives a room its own air where it has one, and the usual elsewhere', () => {
    const room = { room_c: 19, room_rh_pct: 50, seasons: { 'jun-aug': { room_c: 27, room_rh_pct: 70 } } };
    expect(airOn('2026-07-14', room)).toEqual({ room_c: 27, room_rh_pct: 70 });
    expect(airOn('2026-01-14', room)).toEqual({ room_c: 19, room_rh_pct: 50 });
  });
});
