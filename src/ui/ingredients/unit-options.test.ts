import { describe, expect, it } from 'vitest';
import { PANTRY, ingredient } from '../../../tests/reference/shipped';
import { inUnit, optionOf, unitName, unitOptions, type UnitOption } from './unit-options';

const option = (id: string, value: string): UnitOption => {
  const found = unitOptions(ingredient(id)).find((one) => one.value === value);
  if (!found) throw new Error(`${id} has no ${value}`);
  return found;
};

describe('units of an ingredient', () => {
  it('pieces and packs only where one has a weight', () => {
    const values = (id: string): string[] => unitOptions(ingredient(id)).map(({ value }) => value);
    expect(values('egg_whole')).toEqual(expect.arrayContaining(['each', 'each|UK large', 'g']));
    expect(values('pumpkin_puree')).toContain('pack');
    expect(values('hemp_seed')).not.toContain('each');
    expect(values('hemp_seed')).toContain('cup-us');
  });
  it('read as a baker says them', () => {
    expect(unitName({ unit: 'each', size: 'UK large' })).toBe('× UK large');
    expect(unitName({ unit: 'cup-us' })).toBe('US cups');
    expect(optionOf({ unit: 'each', size: 'UK large' })).toBe('each|UK large');
  });
  it('changing the unit keeps the mass', () => {
    const line = { ingredient: 'egg_whole', amount: 2, unit: 'each' } as const;
    expect(inUnit(line, ingredient('egg_whole'), option('egg_whole', 'g'), 'unknown')).toMatchObject({ amount: 100, unit: 'g' });
    const large = inUnit(line, ingredient('egg_whole'), option('egg_whole', 'each|UK large'), 'unknown');
    expect(large).toMatchObject({ amount: 1.69, unit: 'each', size: 'UK large' });
    expect(inUnit(large, ingredient('egg_whole'), option('egg_whole', 'g'), 'unknown')).not.toHaveProperty('size');
  });
  it('there and back is the same within what the digits hold', () => {
    for (const row of PANTRY.values())
      for (const to of unitOptions(row)) {
        const there = inUnit({ ingredient: row.id, amount: 240, unit: 'g' }, row, to, 'spooned');
        const back = inUnit(there, row, option(row.id, 'g'), 'spooned');
        expect(Math.abs(back.amount / 240 - 1), `${row.id} in ${to.name}`).toBeLessThan(0.006);
      }
  });
  it('what the pantry does not know stays as written', () => {
    const line = { ingredient: 'mine', amount: 5, unit: 'g' } as const;
    expect(inUnit(line, undefined, option('egg_whole', 'each'), 'unknown')).toBe(line);
  });
});
