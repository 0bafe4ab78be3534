/** The expectations of finishes, written down before the model knows of finishes: each has a range and where it comes from. */
import { describe, expect, it } from 'vitest';
import { FINISHES, FINISH_DIRECTIONS } from './finishes';

describe('what goes on the treat', () => {
  it('is expected by ranges that have a reason', () => {
    expect(new Set(FINISHES.map(({ id }) => id)).size).toBe(FINISHES.length);
    for (const { id, expects } of FINISHES)
      for (const { path, because } of expects) expect(because.length, `${id}: ${path}`).toBeGreaterThan(15);
    expect(FINISH_DIRECTIONS.length).toBeGreaterThan(3);
  });
});
