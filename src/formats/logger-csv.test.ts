import { describe, expect, it } from 'vitest';
import { readLoggerCsv } from './logger-csv';

function read(text: string) {
  const logged = readLoggerCsv(text);
  if (!logged.ok) throw new Error(logged.message);
  return logged.value.map(({ at_ms, temperature_c, dated }) => [at_ms / 60_000, Math.round(temperature_c * 10) / 10, dated]);
}

describe('what a temperature logger wrote', () => {
  it('minutes since it began, with or without names', () => {
    expect(read('minutes,temp\n0,20\n5,84.5')).toEqual([
      [0, 20, false],
      [5, 84.5, false],
    ]);
    expect(read('0;20,5\n10;84,5')).toEqual([
      [0, 20.5, false],
      [10, 84.5, false],
    ]);
  });
  it('seconds and Fahrenheit, by the names of their columns', () => {
    expect(read('elapsed seconds,Air (F)\n0,212\n120,347')).toEqual([
      [0, 100, false],
      [2, 175, false],
    ]);
  });
  it('clock times, also over midnight', () =>
    expect(read('time\ttemperature\n23:58\t90 °C\n00:03\t88 °C')).toEqual([
      [0, 90, false],
      [5, 88, false],
    ]));
  it('dates stay dates', () => {
    const [[first, , dated], [second]] = read('Date,Temperature\n2026-11-28T08:00:00Z,100\n2026-11-28T08:10:00Z,110');
    expect(dated).toBe(true);
    expect(Number(second) - Number(first)).toBe(10);
  });
  it.each([
    ['', /nothing/],
    ['name,colour\na,b', /column with times/],
    ['time,temp\n0,20\n5,warm', /Line 3 has no time or no temperature/],
    ['time,temp\n0,20\n5,4000', /Line 3 reads 4000/],
    ['time,temp', /no readings/],
  ])('says what is wrong with %j', (text, sentence) => {
    const logged = readLoggerCsv(text);
    expect(logged.ok ? '' : logged.message).toMatch(sentence);
  });
});
