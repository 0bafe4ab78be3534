import { describe, expect, it } from 'vitest';
import { perDay, reasonWords } from './verdict-words';

const nameOf = (id: string): string => ({ flour_rye: 'Rye flour, medium' })[id] ?? id;

describe('what a dog may have, in words', () => {
  it.each([
    [3, '3 a day'],
    [1, '1 a day'],
    [0.75, 'three quarters of one a day'],
    [0.5, 'half of one a day'],
    [0.25, 'a quarter of one a day'],
    [0, 'none'],
  ])('%d pieces: %s', (pieces, words) => expect(perDay({ pieces })).toBe(words));
  it('every reason says what is the matter with it', () => {
    const objections = [{ ingredient: 'flour_rye', allergen: 'rye', certain: true }];
    expect(reasonWords({ kind: 'reacts', objections }, nameOf)).toBe('Reacts to rye, in rye flour, medium.');
    expect(reasonWords({ kind: 'may-react', objections: [...objections, ...objections] }, nameOf)).toBe(
      'Might react to rye, in rye flour, medium.',
    );
    expect(reasonWords({ kind: 'too-hard', force_N: 131.4, most_N: 60 }, nameOf)).toContain('131 N');
    expect(reasonWords({ kind: 'throat', throat_mm: 17.5 }, nameOf)).toContain('18 mm');
    expect(reasonWords({ kind: 'limit', limit: 'liver' }, nameOf)).toBe('Liver runs out first.');
    expect(reasonWords({ kind: 'blocked', codes: ['core-low'] }, nameOf)).toContain('no dog');
  });
});
