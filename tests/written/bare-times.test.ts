/** Times without a unit, moments by the clock, and one way or another: read as bakers mean them, or asked about. */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readProgramme } from '@/formats/recipe-text/programme/read-programme';

const LINES = readFileSync(`${import.meta.dirname}/bare-times.txt`, 'utf8')
  .split('\n')
  .filter((line) => line !== '' && !line.startsWith('#'))
  .map((line) => line.split(' => '));

/** Lines that are read as written down and asked about all the same, with the reason. */
const ASKED: Readonly<Record<string, string>> = {
  'Dry 3 hours at 60 C, flip, then another 2 to 3.': 'a range as wide as that is asked about with its unit as well',
  'Bake 20-25 min at 180C, then 5-10 more until brown.': 'a range as wide as that is asked about with its unit as well',
  'Bake 20 minutes at 180 C. Oven off, door closed, till morning.':
    'a night is eight to twelve hours long, and asked about as "overnight" is',
};

const heatOf = (sentence: string): string =>
  (readProgramme([sentence], 'C')?.steps ?? [])
    .flatMap((step) => {
      if (step.do === 'hold') return [`${Math.round(step.setpoint_c)}/${step.minutes}`];
      return step.do === 'off' ? [`off/${step.minutes}`] : [];
    })
    .join(' ');

describe('times and ways as bakers write them', () => {
  it.each(LINES)('%s', (sentence, means) => {
    const asks = readProgramme([sentence], 'C')?.question ?? null;
    if (means === 'asks') expect(asks).not.toBeNull();
    else expect({ heat: heatOf(sentence), asks: asks !== null }).toEqual({ heat: means, asks: sentence in ASKED });
  });
});
