/** How many a dog may have: the worked figures, and what holds for every dog. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  allowance,
  analyse,
  dailyEnergy,
  feedingVerdict,
  restingEnergy,
  training,
  type DogProfile,
  type FeedingInput,
} from '@/core/feeding';
import { BISCUIT, mix } from './shipped';

const dog = (weight_kg: number, more: Partial<DogProfile> = {}): DogProfile => ({
  name: 'Tarn',
  avoids: [],
  weight_kg,
  age: 'adult',
  activity: 'usual',
  neutered: true,
  overweight: false,
  wornTeeth: false,
  upsetByFat: false,
  ...more,
});
const kcalPerPiece = (amounts: Record<string, number>, finished_g: number, pieces: number): number =>
  (analyse(mix(amounts), finished_g).kcal_per_kg * finished_g) / 1000 / pieces;
const LIVER_CAKE = { liver_lamb: 450, flour_wheat_wholemeal: 150, egg_whole: 50 };

describe('energy', () => {
  it.each([
    [3, 159.6, 217],
    [10, 393.6, 534],
    [30, 897.3, 1218],
  ])('a quiet %d kg dog rests on %d and eats %d kcal', (kg, resting, daily) => {
    expect(Math.abs(restingEnergy(kg) - resting)).toBeLessThan(0.1);
    expect(Math.abs(dailyEnergy(dog(kg)) - daily)).toBeLessThan(1);
  });
  it('pups and workers eat more, the old, the lazy and the stout less', () => {
    const usual = dailyEnergy(dog(20));
    for (const more of [
      { age: 'pup' },
      { age: 'pup-under-4-months' },
      { activity: 'light-work' },
      { activity: 'hard-work' },
    ] as const)
      expect(dailyEnergy(dog(20, more))).toBeGreaterThan(usual);
    for (const less of [{ age: 'senior' }, { activity: 'couch' }, { overweight: true }] as const)
      expect(dailyEnergy(dog(20, less))).toBeLessThan(usual);
  });
});

describe('a day’s treats', () => {
  const kcal = kcalPerPiece(BISCUIT, 310.1, 60);
  it('two of the biscuit for 10 kg, by energy; one for 3 kg', () => {
    expect(Math.abs(kcal - 18.71)).toBeLessThan(0.02);
    const ten = allowance(mix(BISCUIT), 60, kcal, dog(10));
    expect(ten).toMatchObject({ pieces: 2, limit: 'energy' });
    expect(ten.by.fat).toBeGreaterThan(7);
    expect(ten.by.fat).toBeLessThan(8.2);
    expect(allowance(mix(BISCUIT), 60, kcal, dog(3)).pieces).toBe(1);
  });
  it('liver runs out before energy and vitamin A', () => {
    const many = allowance(mix({ ...LIVER_CAKE }), 200, 5.25, dog(10));
    expect(many).toMatchObject({ pieces: 4, limit: 'liver' });
    expect(many.by.liver).toBeCloseTo(4.44, 1);
    expect(many.by.energy).toBeCloseTo(10.2, 1);
    expect(many.by['vitamin-a']).toBeGreaterThan(9);
  });
  it('less than one is told in quarters, down to none', () => {
    expect(allowance(mix(BISCUIT), 8, 140, dog(10)).pieces).toBe(0.25);
    expect(allowance(mix(BISCUIT), 1, 1120, dog(3)).pieces).toBe(0);
  });
  it('a heavier dog never gets fewer, and one that fat upsets never more', () =>
    fc.assert(
      fc.property(fc.double({ min: 1, max: 80, noNaN: true }), fc.integer({ min: 1, max: 400 }), (kg, pieces) => {
        const of = (one: DogProfile): number => allowance(mix(LIVER_CAKE), pieces, 1050 / pieces, one).pieces;
        expect(of(dog(kg * 1.2))).toBeGreaterThanOrEqual(of(dog(kg)));
        expect(of(dog(kg, { upsetByFat: true }))).toBeLessThanOrEqual(of(dog(kg)));
      }),
      { seed: 23 },
    ));
});

describe('training', () => {
  it('shares the day out: 0.39 g a bit, or fifteen of half a gram', () => {
    const { treats_kcal } = allowance(mix(BISCUIT), 60, 18.71, dog(10));
    const plan = training(treats_kcal, 3.4, { sessions: 2, bits: 20, bit_g: 0.5 });
    expect(plan.kcal_per_bit).toBeCloseTo(1.335, 2);
    expect(plan.g_per_bit).toBeCloseTo(0.39, 2);
    expect(plan.bits_per_session).toBe(15);
  });
});

describe('who may have it', () => {
  const fed = (more: Partial<FeedingInput> = {}): FeedingInput => ({
    lines: mix(BISCUIT),
    pieces: 300,
    kcal_per_piece: 3.7,
    sides_mm: [60, 28],
    force_N: 40,
    hard: true,
    blockedBy: [],
    ...more,
  });
  const may = (one: DogProfile, of = fed()): string => feedingVerdict(of, one).may;
  it('most may; what reacts may not', () => {
    expect(may(dog(19))).toBe('yes');
    expect(may(dog(14, { avoids: ['wheat'] }))).toBe('no');
  });
  it('worn teeth get nothing twice as hard as they bear, and little that is harder', () => {
    const worn = dog(31, { age: 'senior', wornTeeth: true });
    expect(may(worn)).toBe('yes');
    expect(may(worn, fed({ force_N: 90 }))).toBe('few');
    expect(may(worn, fed({ force_N: 130 }))).toBe('no');
    expect(may(dog(31), fed({ force_N: 130 }))).toBe('yes');
    expect(may(worn, fed({ force_N: 130, hard: false }))).toBe('yes');
  });
  it('a hard piece as wide as the throat wants watching', () => {
    const bit = fed({ sides_mm: [20, 20] });
    expect(may(dog(30), bit)).toBe('few');
    expect(may(dog(30), { ...bit, hard: false })).toBe('yes');
    expect(feedingVerdict(bit, dog(30)).reasons).toMatchObject([{ kind: 'throat' }]);
  });
  it('big pieces are few for small dogs, and say what runs out', () => {
    const verdict = feedingVerdict(fed({ pieces: 60, kcal_per_piece: 18.7 }), dog(6));
    expect(verdict).toMatchObject({ may: 'few', reasons: [{ kind: 'limit', limit: 'energy' }] });
  });
  it('a stopped batch is for none', () => expect(may(dog(19), fed({ blockedBy: ['avoid-onion_powder'] }))).toBe('no'));
});
