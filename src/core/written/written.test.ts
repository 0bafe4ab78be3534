import { describe, expect, it } from 'vitest';
import { findDurations, findLengths, findTemperatures, middle, numberOf, temperatureOf } from '.';

describe('numbers', () => {
  it.each([
    ['12', 12],
    ['0,75', 0.75],
    ['1,000', 1000],
    ['1 1/2', 1.5],
    ['1-1/2', 1.5],
    ['2½', 2.5],
    ['¾', 0.75],
    ['half an', 0.5],
    ['.5', 0.5],
  ])('%s', (written, value) => expect(numberOf(written)).toBeCloseTo(value, 9));
  it('nothing else is one', () => expect(numberOf('')).toBeNaN());
});

describe('times', () => {
  it.each([
    ['25 minutes', 25, 25],
    ['30-35 min', 30, 35],
    ['25–30 min', 25, 30],
    ['1 1/2 hours', 90, 90],
    ['2½ to 3 hours', 150, 180],
    ['half an hour', 30, 30],
    ['an hour and a half', 90, 90],
    ['1 h 30', 90, 90],
    ['5 h 30', 330, 330],
    ['2 hours 30 minutes', 150, 150],
    ['2 hours and 15 min', 135, 135],
    ['overnight', 480, 720],
    ['three quarters of an hour', 45, 45],
    ['10 more minutes', 10, 10],
    ['2 weeks', 20160, 20160],
    ['a month', 43200, 43200],
    ['4-5h', 240, 300],
    ['40 mins', 40, 40],
    ['a couple of hours', 120, 120],
  ])('%s', (text, low, high) => {
    const spans = findDurations(`Bake ${text}`);
    expect(spans.map((span) => [span.low, span.high])).toEqual([[low, high]]);
    expect(`Bake ${text}`.slice(spans[0].start, spans[0].end)).toBe(text);
  });
  it('a temperature behind hours is no minutes of theirs', () =>
    expect(findDurations('bake 2 h 110 C').map(middle)).toEqual([120]));
  it('a bare number after hours counts only at the end of a statement', () =>
    expect(findDurations('1 hour 2 eggs').map(middle)).toEqual([60]));
});

describe('temperatures', () => {
  const found = (text: string): unknown[] =>
    findTemperatures(text, 'C').map(({ low, scale, fan }) => [Math.round(low), scale, fan]);
  it.each([
    ['bake at 350°F', [[177, 'F', false]]],
    ['at 350 degrees F', [[177, 'F', false]]],
    [
      '180C/160C fan/gas 4',
      [
        [180, 'C', false],
        [160, 'C', true],
        [180, 'gas', false],
      ],
    ],
    [
      '180C (fan 160)',
      [
        [180, 'C', false],
        [160, null, true],
      ],
    ],
    ['gas mark 1/2', [[120, 'gas', false]]],
    ['Oven 350. Roll', [[177, null, false]]],
    ['at 190', [[190, null, false]]],
    ['75-80°C', [[75, 'C', false]]],
    ['@ 375 for 18', [[191, null, false]]],
    ['170 °C Umluft', [[170, 'C', true]]],
    ['250 g at 2 cm', []],
    ['cut to 25 x 90 mm', []],
    ['freeze at -25 °C', [[-25, 'C', false]]],
  ])('%s', (text, expected) => expect(found(text)).toEqual(expected));
  it.each([
    ['350 F', 176.7],
    ['gas 4', 180],
    ['165', 165],
    ['82.5 °C', 82.5],
    ['-18', -18],
    ['warm', null],
    ['350 F 20', null],
  ])('in a field: %s', (text, value) =>
    value === null ? expect(temperatureOf(text, 'C')).toBeNull() : expect(temperatureOf(text, 'C')).toBeCloseTo(value, 1),
  );
});

describe('lengths', () => {
  it.each([
    ['roll out 6 mm thick', [[6]]],
    ['1/4 inch', [[6.35]]],
    ['1/4" thick', [[6.35]]],
    ['½-inch', [[12.7]]],
    ['half an inch thick', [[12.7]]],
    ['9 x 13 inch pan', [[228.6, 330.2]]],
    ['3 x ½ inch', [[76.2, 12.7]]],
    ['2 x 7 cm', [[20, 70]]],
    ['25mm x 90mm', [[25, 90]]],
    ['0,5 cm', [[5]]],
    ['20 minutes', []],
    ['2 in the bowl', []],
    ['1/4 in. thick', [[6.35]]],
  ])('%s', (text, expected) =>
    expect(findLengths(text).map(({ by }) => by.map((side) => Math.round(side * 100) / 100))).toEqual(expected),
  );
  it('a range keeps its ends', () => expect(findLengths('5-7 mm')).toMatchObject([{ low: 5, high: 7 }]));
});
