/** Five hundred made-up days: no plan breaks a rule, whatever is asked; and what repeats, repeats. */
import { describe, expect, it } from 'vitest';
import { checkPossible, complaintsAbout, genomesOf, solve } from '@/core/bakeday';
import { randomDay } from './random-day';

describe('five hundred made-up days', () => {
  it('have plans without a fault', () => {
    for (let seed = 0; seed < 500; seed++) {
      const day = randomDay(seed);
      expect(checkPossible(day).ok).toBe(true);
      const found = solve(day, { seed, iterations: 25 });
      expect(found, `day ${seed}`).not.toBeNull();
      expect(complaintsAbout(day, found?.plan ?? []), `day ${seed}`).toEqual([]);
    }
  });
  it('are planned the same again with the same seed', () => {
    for (let seed = 0; seed < 20; seed++) {
      const day = randomDay(seed);
      expect(solve(day, { seed, iterations: 40 })).toEqual(solve(day, { seed, iterations: 40 }));
    }
  });
  it('never get worse for another oven or more hands, begun from the plan there is', () => {
    for (let seed = 40; seed < 60; seed++) {
      const day = randomDay(seed);
      const now = solve(day, { seed, iterations: 60 });
      if (!now) throw new Error('no plan');
      const richer = { ...day, handsCap: day.handsCap + 1 };
      const then = solve(richer, { seed, iterations: 60, init: genomesOf(day, now.plan), keep: now.plan });
      expect(then?.weight).toBeLessThanOrEqual(now.weight + 1e-9);
    }
  });
});

describe('the checker', () => {
  it('finds what is wrong with a plan that was tampered with', () => {
    let found = 0;
    for (let seed = 0; seed < 60; seed++) {
      const day = randomDay(seed);
      const plan = solve(day, { seed, iterations: 10 })?.plan ?? [];
      const at = seed % plan.length;
      const moved = plan.map((rec, i) => (i === at ? { ...rec, s: rec.s - 7, e: rec.e - 7 } : rec));
      if (complaintsAbout(day, moved).length > 0) found++;
    }
    expect(found).toBeGreaterThan(50);
  });
  it('misses no step that is left out', () => {
    const day = randomDay(3);
    const plan = solve(day, { seed: 1, iterations: 10 })?.plan ?? [];
    for (const gone of plan)
      expect(
        complaintsAbout(
          day,
          plan.filter((rec) => rec !== gone),
        ).length,
      ).toBeGreaterThan(0);
  });
});
