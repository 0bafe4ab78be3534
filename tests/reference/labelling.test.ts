/** What a label says, against the worked figures of the rules it follows. */
import { METRIC_READER } from '@/core/said';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { analyse } from '@/core/feeding';
import {
  bestBefore,
  fillPlan,
  guarantees,
  ingredientList,
  isLot,
  labelText,
  lotOf,
  statedWeight,
  tolerableError,
} from '@/core/labelling';
import { BISCUIT, mix } from './shipped';

describe('ingredients', () => {
  it('stand in the order they were added by weight, water too, lines of one thing added up', () => {
    const list = ingredientList(mix({ egg_whole: 50, flour_wheat_wholemeal: 200, water: 120 }).concat(mix({ egg_whole: 90 })));
    expect(list.map(({ ingredient }) => ingredient)).toEqual(['flour_wheat_wholemeal', 'egg_whole', 'water']);
    expect(list.reduce((sum, { share_pct }) => sum + share_pct, 0)).toBeCloseTo(100, 9);
  });
  it('ties go by name, and what weighs nothing is not in it', () =>
    expect(ingredientList(mix({ honey: 20, butter_unsalted: 20, salt: 0 })).map(({ ingredient }) => ingredient)).toEqual([
      'butter_unsalted',
      'honey',
    ]));
});

describe('typical analysis', () => {
  it('promises the biscuit on the careful side', () =>
    expect(guarantees(analyse(mix(BISCUIT), 310.1))).toEqual({
      protein_min_pct: 13.5,
      fat_min_pct: 7.5,
      fibre_max_pct: expect.closeTo(3, 9) as number,
      moisture_max_pct: 7,
    }));
});

describe('net weight', () => {
  it.each([
    [40, 3.6],
    [75, 4.5],
    [150, 6.75],
    [250, 9],
    [400, 12],
    [750, 15],
    [2000, 30],
  ])('%d g may be short by %d g', (nominal, error) => expect(tolerableError(nominal)).toBeCloseTo(error, 9));
  it('fills so that the average is met and few are short', () => {
    const plan = fillPlan(150, 2.5, 1);
    expect(plan.fill_g).toBe(152.5);
    expect(plan.few_below_g).toBeCloseTo(143.25, 9);
    expect(plan.never_below_g).toBeCloseTo(136.5, 9);
  });
  it('states a round weight, never more than there surely is', () =>
    fc.assert(
      fc.property(fc.double({ min: 1, max: 3000, noNaN: true }), (low) => {
        const stated = statedWeight(low);
        expect(stated).toBeLessThanOrEqual(low + 1e-6);
        expect(low - stated).toBeLessThan(5);
      }),
      { seed: 9 },
    ));
});

describe('dates', () => {
  it.each([
    [85, '2027-02-16'],
    [308, '2027-09-20'],
    [5, '2026-11-29'],
  ])('%d days from 24 November 2026: %s', (days, date) => expect(bestBefore('2026-11-24', days)).toBe(date));
  it('there is none for what does not keep', () => expect(bestBefore('2026-11-24', 0.9)).toBeNull());
  it('never lies after the low end', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 2000 }), (days) => {
        const printed = Date.parse(bestBefore('2026-02-27', days) ?? '');
        const gap = (printed - Date.parse('2026-02-27')) / 86_400_000;
        expect(gap).toBeGreaterThan(0);
        expect(gap).toBeLessThanOrEqual(days);
      }),
      { seed: 4 },
    ));
});

describe('lots', () => {
  it('carry maker, day and batch with a check', () => {
    expect(lotOf('2026-11-24', 'A', 'K')).toBe('K26328A-I');
    expect(isLot('K26328A-I')).toBe(true);
  });
  it('find one wrong character, and two that were swapped', () => {
    const lot = lotOf('2026-03-19', 'C', 'B');
    for (let i = 0; i < 7; i++)
      for (const other of '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ')
        if (other !== lot[i]) expect(isLot(lot.slice(0, i) + other + lot.slice(i + 1))).toBe(false);
    const swapped = lot.replace(/(\d)(\d)(?=[A-Z]-)/, '$2$1');
    if (swapped !== lot) expect(isLot(swapped)).toBe(false);
  });
});

describe('the words', () => {
  const facts = {
    name: 'Beet hillbars',
    ingredients: ingredientList(mix({ beetroot_raw: 100, flour_spelt_whole: 300 })),
    allergens: ['wheat'],
    mayContain: ['milk'],
    guarantees: guarantees(analyse(mix(BISCUIT), 310.1)),
    kcal_per_100g: 361.9,
    kcal_per_piece: 18.7,
    net_g: 150,
    bestBefore: '2027-02-16',
    lot: 'K26328A-I',
    maker: 'Cairnhope Bothy Bakery',
    store: 'room',
    afterOpening_days: 45,
    perDayAt10kg: 2,
  } as const;
  it('say what there is, how much to feed and how to keep it, and certify nothing', () => {
    const text = labelText(facts, METRIC_READER);
    expect(text.ingredients).toMatch(/spelt.*beetroot 25 %/);
    expect(text.analysis).toBe(
      'Protein min 13.5 %, fat min 7.5 %, fibre max 3 %, moisture max 7 %. About 362 kcal per 100 g, 19 kcal a piece.',
    );
    expect(text).toMatchObject({
      kind: 'Complementary treat for dogs',
      allergens: 'Contains wheat. May contain milk.',
      bestBefore: '16 Feb 2027',
      storage: 'Cool, dry and closed. Once open, use within 6 weeks.',
      net: '150 g',
    });
    expect(text.feeding).toContain('up to 2 a day for a 10 kg dog');
    expect(Object.values(text).join(' ')).not.toMatch(/safe|guarantee|vet approved/i);
  });
  it('what is frozen is thawed closed; what has no date says none', () =>
    expect(labelText({ ...facts, store: 'freezer', bestBefore: null, afterOpening_days: null }, METRIC_READER)).toMatchObject({
      bestBefore: '',
      storage: 'Frozen, at -18 °C. Thaw closed, in the fridge; do not freeze again.',
    }));
});
