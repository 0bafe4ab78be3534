import { describe, expect, it } from 'vitest';
import { counted } from '.';

describe('a count with its noun', () => {
  it.each([
    [0, '0 pieces'],
    [1, '1 piece'],
    [2, '2 pieces'],
    [1.5, '1.5 pieces'],
  ])('%s is %s', (count, words) => expect(counted(count, 'piece')).toBe(words));
  it('takes a plural that is not made with an s', () =>
    expect([1, 2].map((n) => counted(n, 'loaf', 'loaves'))).toEqual(['1 loaf', '2 loaves']));
});
