import { describe, expect, it } from 'vitest';
import { fail } from '@/core/failure';
import { causeInWords, momentOf, noPlanInWords, reliefInWords, weekday } from './day-words';

const name = (id: string): string => ({ big: 'Big oven', hot: 'Oven (8 °C hot)' })[id] ?? id;

describe('a day in words', () => {
  it.each([
    ['2000-03-01', 'Wed'],
    ['2026-11-28', 'Sat'],
    ['1999-12-31', 'Fri'],
    ['2028-02-29', 'Tue'],
  ])('%s is a %s', (iso, day) => expect(weekday(iso)).toBe(day));
  it('clocks run on over midnight', () => {
    expect(momentOf('2026-11-28', 1500)).toBe('Sun 01:00');
  });
  it('says what was waited for and what would help', () => {
    expect(causeInWords({ waitedFor: { kind: 'machine', id: 'big' }, minutes: 95 }, name)).toBe('1 h 35 min for the big oven');
    expect(causeInWords({ waitedFor: { kind: 'machine', id: 'hot' }, minutes: 5 }, name)).toBe('5 min for the oven (8 °C hot)');
    expect(causeInWords({ waitedFor: { kind: 'store', id: 'trays' }, minutes: 12 }, name)).toBe('12 min for trays');
    expect(causeInWords({ waitedFor: { kind: 'store', id: 'fridge' }, minutes: 12 }, name)).toBe(
      '12 min for a place in the fridge',
    );
    expect(causeInWords({ waitedFor: { kind: 'night' }, minutes: 20 }, name)).toBe('20 min for somebody to wake');
    expect(reliefInWords({ relief: { kind: 'another', machine: 'big' }, minutes: 40 }, name, String)).toBe('another big oven');
    expect(reliefInWords({ relief: { kind: 'leave-out', b: 2 }, minutes: 40 }, name, (b) => `batch ${b}`)).toBe(
      'leaving batch 2 out',
    );
  });
  it('says what stands in the way of a plan, and of which batch', () => {
    const batch = (b: number): string => ['Rusks', 'Snaps'][b];
    expect(noPlanInWords(fail('OUTSIDE_MODEL', 'No room.', 'batches[1].steps[0]'), batch)).toBe('Snaps: No room.');
    expect(noPlanInWords(fail('OUTSIDE_MODEL', 'No room.'), batch)).toBe('No room.');
  });
});
