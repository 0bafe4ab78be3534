import { describe, expect, it } from 'vitest';
import { readingsFrom } from './readings';

const TAKEN = { dial_c: 175, hot_c: 167, minutes: 14, later_min: 30, cool_c: 112, late_min: 120, late_c: null };

describe('two readings of an oven', () => {
  it('give its dial error, its heat-up and its cool-down', () =>
    expect(readingsFrom(TAKEN)).toEqual({
      ok: true,
      value: {
        thermostat_offset_c: -8,
        heat_up: { to_c: 167, minutes: 14 },
        cool_down: { from_c: 167, minutes: 30, to_c: 112 },
      },
    }));
  it('a third reading goes with them', () =>
    expect(readingsFrom({ ...TAKEN, late_c: 58 })).toMatchObject({
      value: { cool_down: { to_c: 112, later: { minutes: 120, to_c: 58 } } },
    }));
  it.each([
    ['a thermometer in the wrong place', { hot_c: 60 }, /115 °C away/],
    ['a last reading warmer than the one before', { late_c: 120 }, /later and cooler/],
    ['an oven that warms when it is off', { cool_c: 170 }, /cooler than the first/],
  ])('%s is sent back', (_, wrong, told) => {
    const read = readingsFrom({ ...TAKEN, ...wrong });
    expect(read.ok ? '' : read.message).toMatch(told);
  });
});
