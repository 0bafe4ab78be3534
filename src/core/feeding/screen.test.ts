import { describe, expect, it } from 'vitest';
import { mix } from '../../../tests/reference/shipped';
import { screen, type Dog } from '.';

const DOGS: readonly Dog[] = [
  { name: 'Tarn', avoids: [] },
  { name: 'Juno', avoids: ['chicken'] },
  { name: 'Moss', avoids: ['wheat'] },
];
const may = (amounts: Record<string, number>): Record<string, string> =>
  Object.fromEntries(screen(mix(amounts), DOGS).dogs.map(({ dog, may: verdict }) => [dog, verdict]));

describe('who may have it', () => {
  it('an allergy says no, and names the ingredient', () => {
    expect(may({ flour_wheat_wholemeal: 300, chicken_mince: 100 })).toEqual({ Tarn: 'yes', Juno: 'no', Moss: 'no' });
    const [, juno] = screen(mix({ chicken_mince: 100 }), DOGS).dogs;
    expect(juno.objections).toEqual([{ ingredient: 'chicken_mince', allergen: 'chicken', certain: true }]);
  });
  it('a maybe is asked about, not waved through', () => {
    expect(may({ flour_rice_brown: 300, broth_homemade: 100 })).toEqual({ Tarn: 'yes', Juno: 'ask', Moss: 'yes' });
    expect(may({ broth_cube: 5 })).toEqual({ Tarn: 'yes', Juno: 'ask', Moss: 'ask' });
  });
  it('what weighs nothing is not in it', () => expect(may({ flour_rice_brown: 300, chicken_mince: 0 }).Juno).toBe('yes'));
});

describe('dangers and disputes', () => {
  it('what is not for dogs stops, with its reason', () => {
    const { stops } = screen(mix({ flour_oat: 300, raisins: 30 }), DOGS);
    expect(stops.map(({ ingredient }) => ingredient)).toEqual(['raisins']);
    expect(stops[0].why.length).toBeGreaterThan(10);
  });
  it('garlic, salt and raw meat are shown with both sides', () => {
    const { disputes, stops } = screen(mix({ flour_oat: 300, garlic_fresh: 3, salt: 2, lamb_mince: 200 }), DOGS);
    expect(disputes.map(({ ingredient }) => ingredient)).toEqual(['garlic_fresh', 'salt', 'lamb_mince']);
    expect(stops).toEqual([]);
    for (const { oneSide, otherSide } of disputes) expect(`${oneSide} ${otherSide}`).not.toMatch(/\bsafe\b/i);
  });
});
