import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { PART_ROLES, type FinishRole } from '../catalogue';
import { predict, type PredictionRun } from '../prediction';
import { linesOfMix, usualMixes } from './usual-mixes';

const ALL = PART_ROLES.filter((role): role is FinishRole => role !== 'dough').flatMap((role) =>
  usualMixes(role).map((mix) => [role, mix] as const),
);
function cake(role: FinishRole, mix: (typeof ALL)[number][1]): PredictionRun {
  const worked = predict(
    {
      format: 'upbeat-oven/batch',
      version: 1,
      recipe: {
        ingredients: [
          { ingredient: 'flour_oat', amount: 300, unit: 'g' },
          { ingredient: 'egg_whole', amount: 4, unit: 'each' },
          { ingredient: 'pumpkin_puree', amount: 300, unit: 'g' },
          ...linesOfMix(mix, 'Top'),
        ],
        parts: [{ name: 'Top', role }],
      },
      shape: { method: 'cake' },
      heat: { steps: [{ do: 'hold', setpoint_c: 170, minutes: 45 }] },
    },
    { pantry: PANTRY },
  );
  if (!worked.ok) throw new Error(worked.message);
  return worked.value;
}

describe('usual mixes', () => {
  it.each(ALL)('%s: $name is of known things that no list calls dangerous', (role, mix) => {
    for (const id of Object.keys(mix.grams)) expect(PANTRY.get(id)?.dogFlag, id).not.toBe('avoid');
    const { prediction } = cake(role, mix);
    expect(prediction.blocked_by).toEqual([]);
    expect(prediction.parts.find(({ name }) => name === 'Top')?.on_treat_g).toBeGreaterThan(0);
  });
  it('of a frosting are made in the amount that the cake takes, whatever they are of', () => {
    const [first, ...others] = usualMixes('frosting').map((mix) => cake('frosting', mix).prediction);
    expect(first.cake?.frosting_g).toBeGreaterThan(100);
    for (const { parts, cake: told } of [first, ...others])
      expect(parts.find(({ name }) => name === 'Top')?.mass_g).toBeCloseTo(told?.frosting_g ?? 0, 6);
  });
  it('that stand for no time are packed as they were put on', () => {
    for (const mix of usualMixes('frosting')) {
      const part = cake('frosting', mix).prediction.parts.find(({ name }) => name === 'Top');
      expect(part?.final_per_piece_g, mix.name).toBeCloseTo(part?.per_piece_g ?? 0, 9);
    }
  });
  it('set as their kind does: fat and carob firm, cheese never', () => {
    const sets = (name: string): string | undefined => {
      const mix = usualMixes('frosting').find((one) => one.name.startsWith(name));
      return mix && cake('frosting', mix).prediction.parts.find((one) => one.name === 'Top')?.sets?.by;
    };
    expect(sets('coconut oil')).toBe('cooling');
    expect(sets('cream cheese')).not.toBe('cooling');
  });
});
