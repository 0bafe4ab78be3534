import { describe, expect, it } from 'vitest';
import {
  METRIC_READER,
  US_READER,
  bodyMassIn,
  clockIn,
  clockTyped,
  dayIn,
  dayOfYearIn,
  fieldUnit,
  fineLengthIn,
  heatIn,
  lengthIn,
  massIn,
  readerOf,
  readerWord,
  sentenceIn,
  volumeIn,
  warmerIn,
  weekIn,
} from '.';

describe('a reader', () => {
  it('goes into one word and comes back', () => {
    for (const reader of [METRIC_READER, US_READER, { ...US_READER, heat: 'gas' } as const])
      expect(readerOf(readerWord(reader))).toEqual(reader);
  });
  it('of an unknown word reads as metric kitchens do', () => {
    expect(readerOf('')).toEqual(METRIC_READER);
    expect(readerOf('kelvin cubit')).toEqual(METRIC_READER);
  });
});

describe('what a US kitchen reads', () => {
  it.each([
    [6.35, '1/4 in'],
    [6, '1/4 in'],
    [6.9, '0.27 in'],
    [1, '0.04 in'],
    [25.4, '1 in'],
    [60.3, '2 3/8 in'],
    [300, '11 3/4 in'],
    [-6.35, '-1/4 in'],
  ])('%f mm is %s', (mm, words) => expect(lengthIn(US_READER, mm)).toBe(words));
  it.each([
    [9.3, '0.33 oz'],
    [28.35, '1 oz'],
    [70, '2.5 oz'],
    [453.6, '1 lb'],
    [780, '1 lb 11 1/2 oz'],
    [1474, '3 lb 4 oz'],
    [0, '0 oz'],
    [-780, '-1 lb 11 1/2 oz'],
  ])('%f g is %s', (g, words) => expect(massIn(US_READER, g)).toBe(words));
  it('the rest', () => {
    expect(bodyMassIn(US_READER, 12.4)).toBe('27 lb');
    expect(volumeIn(US_READER, 425)).toBe('14.4 fl oz');
    expect([heatIn(US_READER, 175), warmerIn(US_READER, 5)]).toEqual(['347 °F', '9 °F']);
    expect([fineLengthIn(US_READER, 6.4), fineLengthIn(METRIC_READER, 6.4)]).toEqual(['0.25 in', '6.4 mm']);
  });
});

describe('dates and clocks', () => {
  it.each([
    ['day-first', '14 Nov 2026', '14 Nov'],
    ['month-first', 'Nov 14, 2026', 'Nov 14'],
    ['year-first', '2026-11-14', 'Nov 14'],
  ] as const)('%s', (date, whole, short) => {
    const reader = { ...METRIC_READER, date };
    expect([dayIn(reader, '2026-11-14T09:00:00Z'), dayOfYearIn(reader, '2026-11-14')]).toEqual([whole, short]);
  });
  it.each([
    [0, '00:00', '12:00 am'],
    [725, '12:05', '12:05 pm'],
    [845, '14:05', '2:05 pm'],
    [1500, '01:00', '1:00 am'],
    [-5, '23:55', '11:55 pm'],
  ])('%d minutes after midnight', (minute, of24, of12) => {
    expect([clockIn(METRIC_READER, minute), clockIn(US_READER, minute)]).toEqual([of24, of12]);
    expect(clockTyped(of12)).toBe(clockTyped(of24));
  });
  it.each([
    ['7.30', 450],
    ['7 am', 420],
    ['12:00 am', 0],
    ['12 p.m.', 720],
    ['24:00', null],
    ['13:00 pm', null],
    ['7', null],
    ['7:60', null],
    ['soon', null],
  ])('"%s" typed is %s', (text, minute) => expect(clockTyped(text)).toBe(minute));
  it('weeks begin where the reader says', () => {
    expect(weekIn(METRIC_READER)).toEqual([0, 1, 2, 3, 4, 5, 6]);
    expect(weekIn(US_READER)).toEqual([6, 0, 1, 2, 3, 4, 5]);
  });
});

describe('sentences of the computation', () => {
  it.each([
    ['The middle reaches 71 °C.', 'The middle reaches 160 °F.'],
    ['between 5 and 60 °C while wet', 'between 41 and 140 °F while wet'],
    ['below 5 °C, frozen at -18 °C.', 'below 41 °F, frozen at 0 °F.'],
    ['8 K warmer than the dial', '14 °F warmer than the dial'],
    ['25 x 50 mm is a crumb for a 5 kg dog', '1 x 1.97 in is a crumb for a 11 lb dog'],
    ['about 340 g from all pieces', 'about 12 oz from all pieces'],
    ['1.5 g per 100 g, of 250 ml', '1.5 g per 100 g, of 8.5 fl oz'],
    ['20 min in all, 12 pieces, 40 %', '20 min in all, 12 pieces, 40 %'],
    ['3 g/m² a day, 2 kWh', '3 g/m² a day, 2 kWh'],
  ])('"%s"', (canonical, words) => expect(sentenceIn(US_READER, canonical)).toBe(words));
  it('stand as they are for who reads so, but for differences', () => {
    expect(sentenceIn(METRIC_READER, 'at 71 °C, 6 mm, 40 g, 2 kg, 30 ml; 8 K off')).toBe(
      'at 71 °C, 6 mm, 40 g, 2 kg, 30 ml; 8 °C off',
    );
    expect(sentenceIn(METRIC_READER, '20 min more at 162.8 °C')).toBe('20 min more at 163 °C');
  });
  it('leave what they quote as it was written', () => {
    expect(sentenceIn(US_READER, '"at 160 °C to 180 °C" gives 160 to 180 °C.')).toBe(
      '"at 160 °C to 180 °C" gives 320 to 356 °F.',
    );
  });
  it('read each kind by its own choice', () => {
    expect(sentenceIn({ ...METRIC_READER, length: 'in' }, '71 °C, 12.7 mm, 40 g')).toBe('71 °C, 1/2 in, 40 g');
  });
});

describe('a field', () => {
  it.each([
    ['mm', 6.35, '1/4', 'in'],
    ['mm wide', 25.4, '1', 'in wide'],
    ['°C', 176.7, '350', '°F'],
    ['g', 100, '3.53', 'oz'],
    ['kg', 12.4, '27.3', 'lb'],
    ['ml', 250, '8.5', 'fl oz'],
    ['m', 320, '1050', 'ft'],
    ['K', 8, '14', '°F'],
    ['min', 25, '25', 'min'],
    ['% humid', 50, '50', '% humid'],
  ])('of %s shows %f as %s %s', (unit, value, text, behind) => {
    const as = fieldUnit(US_READER, unit);
    expect([as.text(as.shown(value)), as.unit]).toEqual([text, behind]);
  });
  it('takes back what it showed, as finely as anybody measures', () => {
    for (const [unit, value, off] of [
      ['mm', 6.35, 0.01],
      ['°C', 175, 0.06],
      ['g', 137, 0.01],
      ['kg', 12.4, 0.001],
      ['ml', 330, 0.06],
    ] as const) {
      const as = fieldUnit(US_READER, unit);
      expect(Math.abs(as.canonical(as.shown(value)) - value)).toBeLessThan(off);
      expect(fieldUnit(METRIC_READER, unit).canonical(value)).toBe(value);
    }
  });
});
