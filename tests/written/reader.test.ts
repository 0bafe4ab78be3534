/** The reader of recipes on whole recipes: how many of their facts it has right, asks about, misses, or gets wrong in silence. */
import { describe, expect, it } from 'vitest';
import { MISSES } from './misses';
import { scoreSet, shares, writtenRecipes } from './score';

const SETS = ['first-set.txt', 'second-set.txt', 'third-set.txt'] as const;
const SCORED = new Map(SETS.map((file) => [file, scoreSet(file)]));
const scoredOf = (file: (typeof SETS)[number]): ReturnType<typeof scoreSet> => SCORED.get(file) ?? [];

describe.each(SETS)('%s', (file) => {
  it('has at least 95 % of its facts right or asked about, and at most 0.5 % wrong in silence', () => {
    const { good_pct, wrong_pct } = shares(scoredOf(file));
    expect(good_pct).toBeGreaterThanOrEqual(95);
    expect(wrong_pct).toBeLessThanOrEqual(0.5);
  });
  it('gets wrong in silence only what is listed with its reason', () => {
    const wrong = scoredOf(file).filter(({ verdict }) => verdict === 'wrong');
    expect(wrong.map(({ recipe, fact }) => `${recipe} ${fact}`).filter((miss) => !(miss in MISSES))).toEqual([]);
  });
});

it('what is asked is asked sparingly: a tenth of the facts at most', () => {
  for (const file of SETS) {
    const scored = scoredOf(file);
    expect(scored.filter(({ verdict }) => verdict === 'asked').length).toBeLessThan(scored.length / 10);
  }
});

it('the sets written blind are within three points of the first', () => {
  const [first, ...blind] = SETS.map((file) => shares(scoredOf(file)).good_pct);
  for (const good_pct of blind) expect(Math.abs(first - good_pct)).toBeLessThanOrEqual(3);
});

it('no miss is listed that is none', () => {
  const wrong = new Set(
    SETS.flatMap(scoredOf).flatMap(({ recipe, fact, verdict }) => (verdict === 'wrong' ? [`${recipe} ${fact}`] : [])),
  );
  expect(Object.keys(MISSES).filter((miss) => !wrong.has(miss))).toEqual([]);
  expect(SETS.flatMap(writtenRecipes).length).toBeGreaterThanOrEqual(160);
});
