import { expect, it } from 'vitest';
import { batch, dayOf, work } from '../../../tests/reference/bakeday-cases';
import { plannedStarts } from './follow-plan';

// 2026-11-29: minutes from midnight were added as elapsed time, so that 07:00 came at 08:00 or at 06:00.
it.each([
  ['2026-03-28', 'put on', '2026-03-29T06:00:00.000Z'],
  ['2026-10-24', 'put back', '2026-10-25T07:00:00.000Z'],
])('a step planned for seven in the morning of the night after %s, when clocks are %s, begins at seven', (day, _, moment) => {
  const planned = dayOf([batch('a', [work('mix', 20), work('pack', 10)])]);
  const plan = [0, 1].map((j) => ({ b: 0, j, s: j === 0 ? 1200 : 1440 + 420, e: 1440 + 430, m: -1, att: [] }));
  const starts = plannedStarts({ day, zone: 'Europe/London' }, planned, plan, 'a');
  const [mix, pack] = planned.batches[0].steps.map(({ id }) => new Date(starts[id]).toISOString());
  expect(mix).toMatch(day === '2026-03-28' ? /T20:00/ : /T19:00/);
  expect(pack).toBe(moment);
});
