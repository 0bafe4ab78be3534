/** Several shapes from one bowl: mass closes over all of them, each has its count, tray, life and packs. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkBatch } from '@/formats/read-batch';
import { PANTRY } from '../../../tests/reference/shipped';
import type { BatchDocument } from '../document';
import { wholeBatch } from '../outcomes';
import type { Prediction } from '.';

const HOLD = { do: 'hold', setpoint_c: 170, minutes: 32 } as const;
const BOWL: BatchDocument = {
  format: 'upbeat-oven/batch',
  version: 1,
  name: 'One bowl',
  recipe: {
    ingredients: [
      { ingredient: 'flour_spelt_whole', amount: 600, unit: 'g' },
      { ingredient: 'pumpkin_puree', amount: 250, unit: 'g' },
      { ingredient: 'egg_whole', amount: 2, unit: 'each' },
    ],
  },
  shape: { method: 'roll-and-cut', thickness_mm: 6, cutter: { outline: 'bone', length_mm: 70, width_mm: 35 } },
  heat: { steps: [HOLD] },
  portions: [
    { name: 'Bones', share_pct: 50 },
    {
      name: 'Minis',
      share_pct: 30,
      shape: { method: 'roll-and-cut', thickness_mm: 4, cutter: { outline: 'circle', length_mm: 22 } },
    },
    {
      name: 'Balls',
      rest: true,
      shape: { method: 'ball', diameter_mm: 20 },
      heat: { steps: [{ do: 'hold', setpoint_c: 175, minutes: 25 }] },
    },
  ],
  pack: [
    { option: 'clip-jar', portion: 'Bones' },
    { option: 'zip-bag', store: 'fridge', portion: 'Minis', pieces: 40 },
    { option: 'zip-bag', store: 'freezer', portion: 'Balls' },
  ],
};
function told(document: BatchDocument): Prediction {
  const whole = wholeBatch(document, { pantry: PANTRY }, 'light', 0);
  if (!whole.ok) throw new Error(`${whole.message} (${whole.path})`);
  return whole.value.prediction;
}
const refused = (document: BatchDocument) => wholeBatch(document, { pantry: PANTRY }, 'light', 0);
const alone = ({ portions: _, ...document }: BatchDocument): BatchDocument => ({ ...document, pack: [{ option: 'clip-jar' }] });

describe('a bowl in portions', () => {
  it('is one dough: the same mass, water and feel as in one shape', () => {
    const [three, one] = [told(BOWL), told(alone(BOWL))];
    expect(three.dough.mass_g).toBeCloseTo(one.dough.mass_g, 6);
    expect(three.dough.water_g).toBeCloseTo(one.dough.water_g, 6);
    expect(three.dough.feel_index).toBeCloseTo(one.dough.feel_index, 9);
    three.dough.ingredients.forEach((line, i) => expect(line.mass_g).toBeCloseTo(one.dough.ingredients[i].mass_g, 6));
  });
  it('gives each its count, tray, end, life and packs, and the sums of them', () => {
    const { portions, yield: out, keeps, heat } = told(BOWL);
    expect(portions.map(({ name }) => name)).toEqual(['Bones', 'Minis', 'Balls']);
    expect(portions.map(({ share_pct }) => Math.round(share_pct))).toEqual([50, 30, 20]);
    expect(out.pieces).toBe(portions.reduce((sum, portion) => sum + portion.yield.pieces, 0));
    expect(out.trays).toBe(portions.reduce((sum, portion) => sum + portion.yield.trays, 0));
    expect(keeps.map(({ portion, store }) => `${portion} ${store}`)).toEqual(['Bones room', 'Minis fridge', 'Balls freezer']);
    for (const portion of portions) expect(portion.keeps.reduce((sum, { pieces }) => sum + pieces, 0)).toBe(portion.yield.pieces);
    const [bones, minis] = portions;
    // Small and thin beside big and thick on the same programme: drier and browner.
    expect(minis.outcome.moisture_pct).toBeLessThan(bones.outcome.moisture_pct);
    expect(heat.all_loads_minutes).toBeGreaterThan(heat.minutes);
  });
  it('stands in one oven together where it shares the programme: all of it is the load', () => {
    const same = {
      ...BOWL,
      portions: BOWL.portions?.slice(0, 2).map((portion, i) => (i === 1 ? { ...portion, share_pct: 50 } : portion)),
    };
    const { pack: _packs, ...unpacked } = same;
    const { portions, heat } = told({ ...(unpacked as BatchDocument), scale: { by: 'factor', factor: 0.4 } });
    expect(heat.loads).toBe(1);
    const [bones, minis] = portions.map((portion) => portion.heat.stages[0].load_g);
    expect(bones).toBeCloseTo(minis, 6);
    // Heated once for both, not once for each.
    expect(heat.energy_kwh).toBeLessThan(portions[0].heat.energy_kwh + portions[1].heat.energy_kwh);
  });
  it('closes its mass whatever is taken: the rest is told as scraps', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 15, max: 60 }),
        fc.integer({ min: 100, max: 330 }),
        fc.boolean(),
        (share_pct, dough_g, rest) => {
          const [bones, minis, balls] = BOWL.portions ?? [];
          const { share_pct: _share, ...mini } = minis;
          const { pack: _pack, ...bowl } = BOWL;
          const document: BatchDocument = {
            ...bowl,
            portions: [{ ...bones, share_pct }, { ...mini, dough_g }, ...(rest ? [balls] : [])],
          };
          const { dough, portions, yield: out } = told(document);
          const used = portions.reduce((sum, portion) => sum + portion.dough_g, 0);
          expect(portions[1].dough_g).toBeCloseTo(dough_g, 6);
          if (rest) expect(used).toBeCloseTo(dough.mass_g, 6);
          const shaped = portions.reduce((sum, portion) => sum + portion.yield.pieces * portion.yield.piece_raw_g, 0);
          expect(shaped + out.scrap_g).toBeCloseTo(dough.mass_g + out.bench_flour_g - out.lost_g, 5);
        },
      ),
      { seed: 9, numRuns: 25 },
    );
  });
  it('what was really weighed is shared out as well', () => {
    const ingredients = BOWL.recipe.ingredients.map((line, i) => (i === 0 ? { ...line, actual_g: 630 } : line));
    const heavier = told({ ...BOWL, recipe: { ingredients } });
    expect(heavier.dough.mass_g).toBeCloseTo(told(BOWL).dough.mass_g + 30, 6);
  });
  it('a part goes to the portions that take it, all that is made of it', () => {
    const iced: BatchDocument = {
      ...BOWL,
      recipe: {
        parts: [{ name: 'Icing', role: 'drizzle', grams: 60 }],
        ingredients: [...BOWL.recipe.ingredients, { ingredient: 'yogurt_greek', amount: 50, unit: 'g', part: 'Icing' }],
      },
      portions: (BOWL.portions ?? []).map((portion, i) => (i === 0 ? portion : { ...portion, parts: [] })),
    };
    const { portions, parts, dough } = told(iced);
    expect(portions.map((portion) => Math.round(portion.parts[0].on_treat_g))).toEqual([60, 0, 0]);
    expect(parts[0].on_treat_g).toBeCloseTo(60, 6);
    expect(dough.ingredients[3].planned_g).toBeCloseTo(60, 6);
    expect(portions[1].parts[0].allergens).toEqual([]);
  });
  it('more than the bowl holds, nothing left for the rest, a name twice or a pack for nobody are refused with what to do', () => {
    const [bones, minis, balls] = BOWL.portions ?? [];
    const { pack: _pack, ...bowl } = BOWL;
    expect(refused({ ...bowl, portions: [{ ...bones, share_pct: 80 }, minis] })).toMatchObject({
      code: 'OUT_OF_RANGE',
      path: 'portions',
    });
    expect(refused({ ...bowl, portions: [{ ...bones, share_pct: 70 }, minis, balls] })).toMatchObject({ path: 'portions[2]' });
    expect(refused({ ...bowl, portions: [bones, { ...minis, name: 'Bones' }] })).toMatchObject({ path: 'portions[1].name' });
    expect(refused({ ...BOWL, pack: [{ option: 'tin', portion: 'Stars' }] })).toMatchObject({ path: 'pack[0].portion' });
    expect(refused({ ...bowl, scale: { by: 'pieces', pieces: 90 } })).toMatchObject({ path: 'scale.by' });
    expect(refused({ ...alone(BOWL), pack: [{ option: 'tin', portion: 'Stars' }] })).toMatchObject({ path: 'pack[0].portion' });
  });
  it('a mistake in a portion is told where it is written', () => {
    const portions = (BOWL.portions ?? []).map((portion, i) =>
      i === 2 ? { ...portion, heat: { steps: [{ do: 'freeze-dry', minutes: 60 } as const] } } : portion,
    );
    expect(refused({ ...BOWL, portions })).toMatchObject({ ok: false, path: 'portions[2].heat.steps[0].do' });
  });
});

describe('the door', () => {
  const { shape, portions = [], ...rest } = BOWL;
  const listed = [{ ...portions[0], shape }, ...portions.slice(1)];
  const read = (value: unknown): BatchDocument => {
    const document = checkBatch(value);
    if (!document.ok) throw new Error(`${document.message} (${document.path})`);
    return document.value;
  };
  it('takes portions in place of a shape, under their own key or as a list under shape: all three say the same', () => {
    const own = read({ ...rest, portions: listed });
    expect(own).toEqual(read({ ...rest, shape: listed }));
    expect(own).toEqual(read(BOWL));
    expect(told(own)).toEqual(told(BOWL));
  });
  it('without any shape says that one is missing', () => {
    expect(checkBatch(rest)).toMatchObject({ ok: false, code: 'MISSING_VALUE', path: 'shape' });
    expect(checkBatch({ ...rest, portions: portions.slice(0, 1) })).toMatchObject({ ok: false, path: 'shape' });
  });
  it('a portion says one amount', () =>
    expect(checkBatch({ ...BOWL, portions: [{ name: 'Bones', share_pct: 20, dough_g: 100 }] })).toMatchObject({ ok: false }));
});
