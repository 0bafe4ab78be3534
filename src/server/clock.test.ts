import { afterEach, describe, expect, it } from 'vitest';
import { at, isoDay, minuteSince, now, setClock, today } from './clock';
import { DAY_FIELD } from './day-field';

const iso = (moment: number): string => new Date(moment).toISOString();

describe('the day in the kitchen', () => {
  afterEach(() => setClock());

  it.each([
    ['Pacific/Auckland', '2026-11-25T20:00:00Z', '2026-11-26'],
    ['America/Los_Angeles', '2026-11-25T04:00:00Z', '2026-11-24'],
    ['UTC', '2026-11-25T23:59:59Z', '2026-11-25'],
  ])('in %s at %s is %s', (zone, moment, day) => {
    expect(isoDay(new Date(moment), zone)).toBe(day);
    setClock(() => Date.parse(moment));
    expect(today(zone)).toBe(day);
  });
  it('begins at its midnight, wherever the server stands', () => {
    for (const zone of ['Pacific/Auckland', 'Europe/London', undefined]) {
      expect(isoDay(at('2026-11-26', 0, zone), zone)).toBe('2026-11-26');
      expect(isoDay(at('2026-11-26', 0, zone) - 1, zone)).toBe('2026-11-25');
    }
  });
  it('is one of the calendar', () => {
    expect(DAY_FIELD.validate('2028-02-29').error).toBeUndefined();
    for (const day of ['2026-02-30', '2026-99-99', '2026-1-1', '2026-11-25T10:00', 'soon', ''])
      expect(DAY_FIELD.validate(day).error, day).toBeDefined();
  });
  it('goes on by itself unless a test stops it', () => {
    setClock(() => 5);
    expect(now()).toBe(5);
    setClock();
    expect(Math.abs(now() - Date.now())).toBeLessThan(1000);
  });
});

// 2026-11-29: a call planned for 07:00 came at 08:00 or at 06:00 on the mornings after clocks were changed.
describe('a time of a day', () => {
  it.each([
    ['as on any other day', 'Europe/London', '2026-11-25', 420, '2026-11-25T07:00:00.000Z'],
    ['after clocks were put on', 'Europe/London', '2026-03-29', 420, '2026-03-29T06:00:00.000Z'],
    ['after they were put back', 'Europe/London', '2026-10-25', 420, '2026-10-25T07:00:00.000Z'],
    ['planned the evening before they are put on', 'Europe/London', '2026-03-28', 1440 + 420, '2026-03-29T06:00:00.000Z'],
    ['planned the evening before they are put back', 'Europe/London', '2026-10-24', 1440 + 420, '2026-10-25T07:00:00.000Z'],
    ['where clocks are put on in autumn', 'Pacific/Auckland', '2026-09-27', 420, '2026-09-26T18:00:00.000Z'],
    ['and back in spring', 'Pacific/Auckland', '2026-04-05', 420, '2026-04-04T19:00:00.000Z'],
    ['half an hour ahead', 'Australia/Lord_Howe', '2026-10-04', 420, '2026-10-03T20:00:00.000Z'],
    ['across an ocean', 'America/New_York', '2026-03-08', 420, '2026-03-08T11:00:00.000Z'],
  ])('is the same on the clock %s', (_, zone, day, minute, moment) => {
    expect(iso(at(day, minute, zone))).toBe(moment);
    expect(minuteSince(day, Date.parse(moment), zone)).toBe(minute);
  });
  it('that comes twice is the first; one that is left out is as much later', () => {
    expect(iso(at('2026-10-25', 90, 'Europe/London'))).toBe('2026-10-25T00:30:00.000Z');
    expect(iso(at('2026-03-29', 90, 'Europe/London'))).toBe('2026-03-29T01:30:00.000Z');
  });
  it('is read back for every half hour of both nights, in either half of the world', () => {
    for (const [zone, day] of [
      ['Europe/London', '2026-10-24'],
      ['Europe/London', '2026-03-28'],
      ['Pacific/Auckland', '2026-04-04'],
    ] as const)
      for (let minute = 0; minute < 2 * 1440; minute += 30) {
        const read = minuteSince(day, at(day, minute, zone), zone);
        // Only what no clock ever shows is read otherwise.
        expect(read === minute || read === minute + 60, `${zone} ${minute}`).toBe(true);
      }
  });
});
