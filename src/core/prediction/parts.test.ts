import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkBatch } from '@/formats/read-batch';
import { PANTRY } from '../../../tests/reference/shipped';
import type { PartRole, PartTime } from '../catalogue';
import type { BatchDocument } from '../document';
import { predict, type Prediction } from '.';

const SNAPS: BatchDocument = {
  format: 'upbeat-oven/batch',
  version: 1,
  recipe: {
    ingredients: [
      { ingredient: 'flour_wheat_wholemeal', amount: 300, unit: 'g' },
      { ingredient: 'water', amount: 120, unit: 'g' },
    ],
  },
  shape: { method: 'roll-and-cut', thickness_mm: 6 },
  heat: { steps: [{ do: 'hold', setpoint_c: 170, minutes: 30 }] },
};
const GLAZED: BatchDocument = {
  ...SNAPS,
  recipe: {
    parts: [{ name: 'Glaze', role: 'drizzle' }],
    ingredients: [
      ...SNAPS.recipe.ingredients,
      { ingredient: 'yogurt_plain', amount: 80, unit: 'g', part: 'Glaze' },
      { ingredient: 'chocolate_dark', amount: 20, unit: 'g', part: 'Glaze' },
    ],
  },
};
function predicted(document: BatchDocument): Prediction {
  const run = predict(document, { pantry: PANTRY }, 'quick');
  if (!run.ok) throw new Error(run.message);
  return run.value.prediction;
}

describe('parts of a treat', () => {
  it('nothing of a finish lands in the dough', () => {
    const [plain, glazed] = [predicted(SNAPS), predicted(GLAZED)];
    expect(glazed.dough.mass_g).toBe(plain.dough.mass_g);
    expect(glazed.dough.water_pct).toBe(plain.dough.water_pct);
    expect(glazed.yield.pieces).toBe(plain.yield.pieces);
  });
  it('but it is weighed, scaled, and told by its part', () => {
    const twice = predicted({ ...GLAZED, scale: { by: 'factor', factor: 2 } });
    expect(twice.parts).toMatchObject([{ name: 'Glaze', role: 'drizzle', mass_g: 200, on_treat_g: 200, when: 'after' }]);
    expect(twice.dough.ingredients[2]).toMatchObject({ ingredient: 'yogurt_plain', mass_g: 0, planned_g: 160, eaten_g: 160 });
  });
  it('what a dog must not eat counts in a finish as well', () => {
    expect(predicted(GLAZED).blocked_by).toContain('avoid-chocolate_dark');
    const allergens = predicted(GLAZED).cautions.find(({ code }) => code === 'allergens');
    expect(allergens?.message).toContain('dairy');
  });
  it('a line of a part that is not there is refused with what there is', () => {
    const wrong = predict(
      { ...GLAZED, recipe: { ...GLAZED.recipe, parts: [{ name: 'Icing', role: 'frosting' }] } },
      { pantry: PANTRY },
      'quick',
    );
    expect(wrong).toMatchObject({ ok: false, code: 'BAD_VALUE', path: 'recipe.ingredients[2].part' });
    expect(wrong.ok ? '' : wrong.message).toContain('Icing');
  });
  it('a step that puts on what there is not is refused, and the dough is not put on itself', () => {
    const steps = [...SNAPS.heat.steps, { do: 'coat', part: 'Icing' } as const];
    const wrong = predict({ ...GLAZED, heat: { steps } }, { pantry: PANTRY }, 'quick');
    expect(wrong).toMatchObject({ ok: false, code: 'BAD_VALUE', path: 'heat.steps[1].part' });
    expect(
      predict({ ...SNAPS, heat: { steps: [{ do: 'brush' }, ...SNAPS.heat.steps] } }, { pantry: PANTRY }, 'quick'),
    ).toMatchObject({
      ok: false,
      path: 'heat.steps[0].grams',
    });
  });
  it('a range widens what a line may weigh', () => {
    const water = { ingredient: 'water', amount: 120, unit: 'g', amount_low: 80, amount_high: 160 } as const;
    const open = predicted({ ...SNAPS, recipe: { ingredients: [SNAPS.recipe.ingredients[0], water] } });
    const width = ({ dough }: Prediction): number => dough.feel_index_high - dough.feel_index_low;
    expect(width(open)).toBeGreaterThan(1.3 * width(predicted(SNAPS)));
  });
});

/** Every way to say how much of a part there is. */
const AMOUNTS: ReadonlyArray<readonly [name: string, part: object, per_piece_g: (told: Prediction) => number]> = [
  ['grams on all', { grams: 30 }, ({ yield: out }) => 30 / out.pieces],
  ['grams on one', { grams_per_piece: 1.2 }, () => 1.2],
  ['a share of the dough', { share_of_dough_pct: 8 }, ({ dough, yield: out }) => (0.08 * dough.mass_g) / out.pieces],
];

describe('how much of a part ends on a treat', () => {
  const glazed = (part: object): Prediction =>
    predicted({ ...GLAZED, recipe: { ...GLAZED.recipe, parts: [{ name: 'Glaze', role: 'drizzle', ...part }] } });
  it.each(AMOUNTS)('%s', (_, part, per_piece_g) => {
    const told = glazed(part);
    expect(told.parts[0].per_piece_g).toBeCloseTo(per_piece_g(told), 9);
    // What is asked for is made: nothing is left.
    expect(told.parts[0].left_g).toBeCloseTo(0, 9);
    expect(told.parts[0].mass_g).toBeCloseTo(told.parts[0].on_treat_g, 9);
  });
  it('by thickness it is area times density, and so many coats are so many times one', () => {
    const one = glazed({ thickness_mm: 1, covers_pct: 100 }).parts[0];
    expect(one.thickness_mm).toBeCloseTo(1, 9);
    expect(one.per_piece_g).toBeGreaterThan(1.9);
    expect(one.per_piece_g).toBeLessThan(2.3);
    const coats = (count: number): number => glazed({ coats: count }).parts[0].per_piece_g;
    expect(coats(3)).toBeCloseTo(3 * coats(1), 9);
  });
  it('two ways at once are refused at the door', () =>
    expect(
      checkBatch({ ...GLAZED, recipe: { ...GLAZED.recipe, parts: [{ name: 'Glaze', role: 'drizzle', grams: 3, coats: 2 }] } }),
    ).toMatchObject({ ok: false }));
  it('a part with an amount and no ingredient is refused', () =>
    expect(
      predict(
        { ...SNAPS, recipe: { ...SNAPS.recipe, parts: [{ name: 'Icing', role: 'dip', grams: 40 }] } },
        { pantry: PANTRY },
        'quick',
      ),
    ).toMatchObject({ ok: false, path: 'recipe.parts[0]' }));
});

type Random = {
  readonly role: PartRole;
  readonly grams_per_piece: number;
  readonly id: string;
  readonly when: PartTime | undefined;
};
const RANDOM: fc.Arbitrary<Random[]> = fc.array(
  fc.record({
    role: fc.constantFrom<PartRole>('filling', 'shell', 'frosting', 'dip', 'drizzle', 'wash', 'sprinkle', 'dusting'),
    grams_per_piece: fc.double({ min: 0.05, max: 6, noNaN: true }),
    id: fc.constantFrom(
      'yogurt_greek',
      'egg_whole',
      'peanut_butter',
      'flour_oat',
      'coconut_oil',
      'carob_powder',
      'cream_cheese',
      'sesame_seed',
    ),
    when: fc.constantFrom<PartTime | undefined>('before', 'during', 'after', undefined),
  }),
  { maxLength: 4 },
);
const withParts = (random: readonly Random[]): BatchDocument => ({
  ...SNAPS,
  recipe: {
    parts: [
      { name: 'Dough', role: 'dough' },
      ...random.map(({ role, grams_per_piece, when }, i) => ({
        name: `Part ${i}`,
        role,
        grams_per_piece,
        ...(when ? { when } : {}),
      })),
    ],
    ingredients: [
      ...SNAPS.recipe.ingredients,
      ...random.map(({ id }, i) => ({ ingredient: id, amount: 10, unit: 'g' as const, part: `Part ${i}` })),
    ],
  },
  pack: [{ option: 'zip-bag', pieces: 7, packs: 2 }, { option: 'clip-jar' }],
});

describe('everything that ends on a treat counts', () => {
  it('weight, energy and allergens close over the parts, and the packs are the batch', () => {
    fc.assert(
      fc.property(RANDOM, (random) => {
        const told = predicted(withParts(random));
        const sum = (of: (part: Prediction['parts'][number]) => number): number =>
          told.parts.reduce((all, part) => all + of(part), 0);
        expect(sum(({ final_per_piece_g }) => final_per_piece_g)).toBeCloseTo(told.yield.piece_final_g, 6);
        expect(sum(({ kcal_per_piece }) => kcal_per_piece) / told.feeding.kcal_per_piece).toBeCloseTo(1, 6);
        expect(told.keeps.reduce((all, { pieces }) => all + pieces, 0)).toBe(told.yield.pieces);
        const said = told.cautions.find(({ code }) => code === 'allergens')?.message ?? '';
        for (const { allergens } of told.parts) for (const allergen of allergens) expect(said).toContain(allergen);
        const { analysis: a } = told;
        expect(a.protein_pct + a.fat_pct + a.crude_fibre_pct + a.moisture_pct + a.ash_pct + a.nitrogen_free_pct).toBeCloseTo(
          100,
          6,
        );
      }),
      { seed: 21, numRuns: 60 },
    );
  });
  it('one more part never takes an allergen, a caution against an ingredient or weight away', () => {
    fc.assert(
      fc.property(RANDOM, RANDOM, (random, more) => {
        const [before, after] = [predicted(withParts(random)), predicted(withParts([...random, ...more]))];
        const names = ({ parts }: Prediction): Set<string> => new Set(parts.flatMap(({ allergens }) => allergens));
        for (const name of names(before)) expect(names(after).has(name)).toBe(true);
        expect(after.parts.reduce((all, { per_piece_g }) => all + per_piece_g, 0)).toBeGreaterThanOrEqual(
          before.parts.reduce((all, { per_piece_g }) => all + per_piece_g, 0) - 1e-9,
        );
      }),
      { seed: 22, numRuns: 40 },
    );
  });
  it('what is brushed on in the heat is water in the balance of the oven', () => {
    const washed = (grams_per_piece: number): Prediction =>
      predicted(withParts([{ role: 'wash', grams_per_piece, id: 'egg_whole', when: 'before' }]));
    const [thin, thick] = [washed(0.1), washed(2)];
    expect(thick.outcome.moisture_pct).toBeGreaterThan(thin.outcome.moisture_pct);
    expect(thick.heat.energy_kwh).toBeGreaterThan(thin.heat.energy_kwh);
  });
  it('a filling makes the piece thicker and slower', () => {
    const filled = (grams_per_piece: number): Prediction =>
      predicted(withParts([{ role: 'filling', grams_per_piece, id: 'pumpkin_puree', when: undefined }]));
    const [little, much] = [filled(0.5), filled(8)];
    expect(much.outcome.moisture_pct).toBeGreaterThan(little.outcome.moisture_pct + 2);
    expect(much.dough.mass_g).toBe(little.dough.mass_g);
  });
  it('a coat that stays moist ends it, and says so', () => {
    const [wet] = predicted(withParts([{ role: 'frosting', grams_per_piece: 4, id: 'cream_cheese', when: 'after' }])).keeps;
    expect(wet.limit).toBe('finish');
    expect(wet.days).toBeLessThan(2);
    const [bare] = predicted(withParts([])).keeps;
    expect(bare.days).toBeGreaterThan(10);
  });
});
