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
  it('clock times over two nights, and counts of more than a day, as a dryer takes them', () => {
    expect(read('time,temp\n20:00,60\n08:00,61\n20:00,62\n08:00,62').map(([minutes]) => minutes)).toEqual([0, 720, 1440, 2160]);
    expect(read('minutes,temp\n10,60\n1500,61\n2900,62').map(([minutes]) => minutes)).toEqual([0, 1490, 2890]);
    expect(read('elapsed,temp\n0:00,60\n36:10,61').map(([minutes]) => minutes)).toEqual([0, 2170]);
  });
  it('degrees Fahrenheit beside each reading', () =>
    expect(read('0,212 F\n5,347 °F\n9,90 C').map(([, c]) => c)).toEqual([100, 175, 90]));
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
    ['minutes,temp\n5,20\n3,21', /Line 3 lies before the one above it/],
  ])('says what is wrong with %j', (text, sentence) => {
    const logged = readLoggerCsv(text);
    expect(logged.ok ? '' : logged.message).toMatch(sentence);
  });
});
