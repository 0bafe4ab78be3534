/** A programme in words: no minute is lost where a bake is parted, and what is asked quotes the words it is about. */
import { expect, it } from 'vitest';
import { US_READER, sentenceIn } from '@/core/said';
import { readProgramme } from './read-programme';

it('a bake that is turned at its half lasts as long as it did', () => {
  for (const minutes of [25, 33, 34]) {
    const steps = readProgramme([`Bake ${minutes} minutes at 180 C, turning half way.`], 'C')?.steps ?? [];
    expect(steps.map((step) => step.do)).toEqual(['hold', 'turn', 'hold']);
    expect(steps.reduce((sum, step) => sum + ('minutes' in step ? step.minutes : 0), 0)).toBe(minutes);
  }
});

it('asks in the words it is about, and in the degrees they were written in', () => {
  const question = (text: string): string => sentenceIn(US_READER, readProgramme([text], 'F')?.question ?? '');
  expect(question('Bake 30 minutes at 325 to 350F.')).toContain('gives 325 to 350 °F; the middle is taken');
  expect(question('Bake 30 minutes at 350F, then 250F until crisp.')).toBe(
    '"250F until crisp" gives no time, and is left out. How long is it?',
  );
});
