/** A day with any one value spoilt: it is refused with what to do, told why it has no plan, or planned without a fault. */
import { expect, it } from 'vitest';
import { complaintsAbout, lateBatches, solve, whyNoPlan } from '@/core/bakeday';
import { checkDay } from '@/formats/read-day';
import { pathsOf, withValue } from '../docs/spoil';
import { x2 } from './bakeday-cases';
import { workMs } from '../work-ms';

it('never plans it wrong, and never for long', () => {
  const seen = { refused: 0, planned: 0, none: 0 };
  for (const path of pathsOf(x2()).filter(({ length }) => length > 0))
    for (const value of [undefined, null, 'wrong', -1, 0, 3, 5000, 1e300, [], [[10, 5]]]) {
      if (value === undefined && typeof path[path.length - 1] === 'number') continue;
      const where = `${path.join('.')} = ${JSON.stringify(value)}`;
      const day = checkDay(withValue(x2(), path, value));
      if (!day.ok) {
        expect(day.message, where).toMatch(/^[^ ].{10,}\.$/);
        seen.refused++;
        continue;
      }
      const began = workMs();
      const planned = solve(day.value, { seed: 1, iterations: 10 });
      expect(workMs() - began, where).toBeLessThan(3000);
      if (planned) {
        expect(complaintsAbout(day.value, planned.plan), where).toEqual([]);
        expect(lateBatches(day.value, planned.plan).length, where).toBeLessThanOrEqual(day.value.batches.length);
        seen.planned++;
      } else {
        expect(whyNoPlan(day.value), where).toMatchObject({ ok: false, path: expect.stringMatching(/^batches\[/) as string });
        seen.none++;
      }
    }
  expect(seen.refused + seen.none).toBeGreaterThan(1500);
  expect(seen.planned).toBeGreaterThan(200);
});
