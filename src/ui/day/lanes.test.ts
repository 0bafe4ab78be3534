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
    expect(lanes.map(({ name }) => name)).toEqual(['Hands', 'Big oven', 'Rest and cool']));
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
  it('number the visits of hands to a step, and of nothing else', () => {
    const [hands, ...others] = lanes;
    for (const { b, j, visit } of hands.blocks)
      expect(visit?.of).toBe(plan.find((rec) => rec.b === b && rec.j === j)?.att.length);
    expect(others.flatMap(({ blocks }) => blocks.map(({ visit }) => visit)).every((visit) => visit === null)).toBe(true);
  });
  it('show what lies on trays until the next step begins, as many rows as trays', () => {
    const trays = { id: 'trays', q: 2 };
    const held = dayOf(
      [
        batch('a', [work('shape', 20, { store: trays }), wait('stand', 30, { store: trays }), wait('cool', 30)]),
        batch('b', [work('shape', 20, { store: trays }), wait('cool', 30)]),
      ],
      { handsCap: 2, stores: [{ id: 'trays', cap: 3 }] },
    );
    const found = solve(held, { seed: 1, iterations: 50 })?.plan ?? [];
    const lane = lanesOf(held, found, []).find(({ kind }) => kind === 'store');
    expect(lane).toMatchObject({ id: 'trays', name: 'Trays' });
    expect(lane?.blocks.every(({ rows }) => rows === 2)).toBe(true);
    // Three trays hold one batch of two at a time.
    expect(lane?.rows).toBe(2);
    const spans = (lane?.blocks ?? []).filter(({ b }) => b === 0).map(({ s, e }) => e - s);
    expect(spans).toEqual([20, 30]);
  });
  it('tell how hot a machine is', () => expect(new Set(lanes[1].blocks.map(({ heat_c }) => heat_c))).toEqual(new Set([180])));
});
