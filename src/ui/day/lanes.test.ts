import { describe, expect, it } from 'vitest';
import { solve } from '@/core/bakeday';
import { batch, dayOf, inMachine, oven, wait, work } from '../../../tests/reference/bakeday-cases';
import { lanesOf } from './lanes';

describe('lanes of a plan', () => {
  const bake = inMachine('bake', [{ res: 'oven1', T: 180, q: 1 }], 40);
  const day = dayOf(
    [
      batch('a', [work('mix', 20), bake, wait('cool', 30)]),
      batch('b', [work('mix', 20), { ...bake, id: 'b2' }, wait('cool', 30)]),
    ],
    { handsCap: 2 },
  );
  const plan = solve(day, { seed: 1, iterations: 50 })?.plan ?? [];
  const lanes = lanesOf(day, plan, [
    { ...oven(), name: 'Big oven' },
    { ...oven({ id: 'oven2' }), name: 'Unused' },
  ]);
  it('are hands, the machines that are used, and what only needs time', () =>
    expect(lanes.map(({ name }) => name)).toEqual(['Hands', 'Big oven', 'Standing and cooling']));
  it('show every step once, and none over another', () => {
    expect(lanes.flatMap(({ blocks }) => blocks.map(({ b, j }) => `${b}/${j}`)).sort()).toEqual([
      '0/0',
      '0/1',
      '0/2',
      '1/0',
      '1/1',
      '1/2',
    ]);
    for (const { blocks, rows } of lanes)
      for (const x of blocks) {
        expect(x.row + x.rows).toBeLessThanOrEqual(rows);
        for (const y of blocks)
          if (x !== y && x.s < y.e && y.s < x.e) expect(x.row + x.rows <= y.row || y.row + y.rows <= x.row).toBe(true);
      }
  });
  it('tell how hot a machine is', () => expect(new Set(lanes[1].blocks.map(({ heat_c }) => heat_c))).toEqual(new Set([180])));
});
