/** Biscuits round a cake, from another batch and from the same bowl: counted, weighed into the cake, and in no pack twice. */
import { describe, expect, it } from 'vitest';
import { checkBatch } from '@/formats/read-batch';
import { PANTRY } from '../../../tests/reference/shipped';
import type { BatchDocument } from '../document';
import { allergensIn } from '../pantry';
import { ingredientList } from '../labelling';
import { fillAsCounted, wholeBatch } from '../outcomes';
import { asIngredient, predict, type PredictionRun } from '.';

const BISCUITS: BatchDocument = {
  format: 'upbeat-oven/batch',
  version: 1,
  recipe: {
    name: 'Side biscuits',
    ingredients: [
      { ingredient: 'flour_wheat_white', amount: 200, unit: 'g' },
      { ingredient: 'cheddar', amount: 60, unit: 'g' },
      { ingredient: 'water', amount: 70, unit: 'g' },
    ],
  },
  shape: { method: 'roll-and-cut', thickness_mm: 5, cutter: { outline: 'bone', length_mm: 50 } },
  heat: { steps: [{ do: 'hold', setpoint_c: 165, minutes: 40 }] },
};
const CAKE: BatchDocument = {
  format: 'upbeat-oven/batch',
  version: 1,
  recipe: {
    name: 'Cake',
    ingredients: [
      { ingredient: 'flour_oat', amount: 300, unit: 'g' },
      { ingredient: 'egg_whole', amount: 4, unit: 'each' },
      { ingredient: 'pumpkin_puree', amount: 300, unit: 'g' },
    ],
  },
  shape: {
    method: 'cake',
    pan: { shape: 'round', width_mm: 180 },
    layers: 2,
    portions: 8,
    border: { biscuit_mm: 25, gap_mm: 3 },
  },
  heat: { steps: [{ do: 'hold', setpoint_c: 170, minutes: 45 }] },
};

function run(document: BatchDocument): PredictionRun {
  const checked = checkBatch(document);
  if (!checked.ok) throw new Error(`${checked.message} (${checked.path})`);
  const worked = predict(document, { pantry: PANTRY });
  if (!worked.ok) throw new Error(`${worked.message} (${worked.path})`);
  return worked.value;
}
const codes = ({ prediction }: PredictionRun): string[] => prediction.cautions.map(({ code }) => code);

function withSide(): PredictionRun {
  const line = asIngredient('Side biscuits', run(BISCUITS));
  if (!line.ok) throw new Error(line.message);
  return run({
    ...CAKE,
    recipe: {
      ...CAKE.recipe,
      ingredients: [...CAKE.recipe.ingredients, { ...line.value, part: 'Round the side' }],
      parts: [{ name: 'Round the side', role: 'border' }],
    },
  });
}

describe('treats of another batch round a cake', () => {
  const [biscuits, bare, bordered] = [run(BISCUITS), run(CAKE), withSide()];
  it('weigh as many as go round, each as heavy as the other batch makes it', () => {
    const count = bare.prediction.cake?.border_biscuits ?? 0;
    expect(count).toBeGreaterThan(10);
    const more_g = 8 * (bordered.prediction.yield.piece_final_g - bare.prediction.yield.piece_final_g);
    expect(more_g).toBeCloseTo(count * biscuits.prediction.yield.piece_final_g, 3);
  });
  it('bring their energy to the portions', () => {
    const count = bare.prediction.cake?.border_biscuits ?? 0;
    const more = 8 * (bordered.prediction.feeding.kcal_per_piece - bare.prediction.feeding.kcal_per_piece);
    const theirs = count * biscuits.prediction.feeding.kcal_per_piece;
    expect(Math.abs(more / theirs - 1)).toBeLessThan(0.03);
  });
  it('bring their allergens, and the label says what they are made of', () => {
    const names = allergensIn(bordered.treat.lines.map(({ ingredient }) => ingredient)).map(({ name }) => name);
    expect(names).toEqual(expect.arrayContaining(['wheat', 'gluten', 'dairy']));
    const declared = ingredientList(bordered.treat.lines).map(({ name }) => name);
    expect(declared.find((name) => name.startsWith('side biscuits'))).toMatch(
      /^side biscuits \(.*flour.*, water, .*cheddar.*\)$/i,
    );
  });
  it('are asked for where the cake is to have them and nobody says which', () => {
    expect(codes(bare)).toContain('border-not-told');
    expect(codes(bordered)).not.toContain('border-not-told');
  });
  it('that may not be fed go round nothing', () => {
    const poison = run({
      ...BISCUITS,
      recipe: {
        ...BISCUITS.recipe,
        ingredients: [...BISCUITS.recipe.ingredients, { ingredient: 'xylitol', amount: 5, unit: 'g' }],
      },
    });
    expect(asIngredient('Side biscuits', poison)).toMatchObject({ ok: false, code: 'STOPPED' });
  });
  it('written into a file by hand with what dogs must not have stop the cake', () => {
    const line = asIngredient('Side biscuits', biscuits);
    if (!line.ok) throw new Error(line.message);
    const made_of = [...(line.value.made_of ?? []), { ingredient: 'xylitol', grams: 2 }];
    const cake = run({
      ...CAKE,
      recipe: {
        ...CAKE.recipe,
        ingredients: [...CAKE.recipe.ingredients, { ...line.value, made_of, part: 'Round the side' }],
        parts: [{ name: 'Round the side', role: 'border' }],
      },
    });
    expect(cake.prediction.blocked_by).toContain('avoid-xylitol');
  });
});

const ONE_BOWL: BatchDocument = {
  ...CAKE,
  name: 'Cake and its biscuits',
  portions: [
    { name: 'Bones', share_pct: 30, shape: BISCUITS.shape, heat: BISCUITS.heat, round: 'Layer cake' },
    { name: 'Layer cake', rest: true },
  ],
  pack: [
    { option: 'zip-bag', portion: 'Bones', pieces: 5 },
    { option: 'tin', store: 'fridge', portion: 'Layer cake' },
  ],
};

describe('edible cups of another batch', () => {
  it('are one round every treat, with their own weight, allergens and water', () => {
    const cup = asIngredient('Biscuit cups', run(BISCUITS));
    if (!cup.ok) throw new Error(cup.message);
    const filled = (shell: boolean): PredictionRun =>
      run({
        ...CAKE,
        recipe: {
          ...CAKE.recipe,
          ingredients: [...CAKE.recipe.ingredients, ...(shell ? [{ ...cup.value, part: 'Cups' }] : [])],
          ...(shell ? { parts: [{ name: 'Cups', role: 'shell' as const }] } : {}),
        },
        shape: { method: 'cup', cup_ml: 30, fill_fraction: 0.8 },
        heat: { steps: [{ do: 'hold', setpoint_c: 165, minutes: 25 }] },
      });
    const [bare, cups] = [filled(false), filled(true)];
    const [part] = cups.prediction.parts;
    expect(part.per_piece_g).toBeCloseTo(cup.value.composition_per_100g?.each_g ?? 0, 6);
    expect(cups.prediction.yield.pieces).toBe(bare.prediction.yield.pieces);
    expect(cups.prediction.yield.piece_final_g).toBeGreaterThan(bare.prediction.yield.piece_final_g);
    expect(cups.prediction.outcome.moisture_pct).toBeLessThan(bare.prediction.outcome.moisture_pct);
    expect(part.allergens).toEqual(expect.arrayContaining(['wheat', 'dairy']));
  });
});

describe('a portion of the bowl set round its cake', () => {
  const whole = wholeBatch(ONE_BOWL, { pantry: PANTRY }, 'light', 0);
  if (!whole.ok) throw new Error(`${whole.message} (${whole.path})`);
  const [bones, cake] = whole.value.portions.map(({ prediction }) => prediction);
  const round = cake.cake?.border_biscuits ?? 0;
  it('keeps as many from its packs as go round', () => {
    expect(bones.yield.set_aside).toBe(Math.min(round, bones.yield.pieces));
    expect(bones.keeps.reduce((sum, { pieces }) => sum + pieces, 0)).toBe(bones.yield.pieces - bones.yield.set_aside);
  });
  it('closes: what is packed and what went round weigh what came off the racks', () => {
    const { yield: out } = whole.value.prediction;
    const packed_g = [bones, cake].reduce(
      (sum, { keeps, yield: { piece_final_g } }) => sum + keeps.reduce((all, { pieces }) => all + pieces, 0) * piece_final_g,
      0,
    );
    expect(out.pieces * out.piece_final_g).toBeCloseTo(packed_g, 3);
    const bare_g = cake.yield.pieces * cake.yield.piece_final_g - bones.yield.set_aside * bones.yield.piece_final_g;
    expect(bare_g).toBeGreaterThan(0);
  });
  it('keeps out what the whole bowl kept out before it was shared out', () => {
    const kept = wholeBatch({ ...ONE_BOWL, set_aside: { pieces: 3 } }, { pantry: PANTRY }, 'light', 0);
    if (!kept.ok) throw new Error(kept.message);
    expect(kept.value.prediction.yield.set_aside).toBe(bones.yield.set_aside + 3);
  });
  it('stores what is left of the count', () => {
    const stored = fillAsCounted(
      whole.value.portions.map(({ name, prediction, worked }) => ({
        name,
        prediction,
        packs: worked.packs,
        volume_ml: worked.treat.volume_ml,
      })),
      { pieces: whole.value.prediction.yield.pieces, portions: [] },
    );
    expect(stored.reduce((sum, { pieces }) => sum + pieces, 0)).toBe(whole.value.prediction.yield.pieces - bones.yield.set_aside);
  });
  it('is refused where there is no cake with a border to go round', () => {
    const [first, second] = ONE_BOWL.portions ?? [];
    for (const [portions, path] of [
      [[{ ...first, round: 'Nothing' }, second], 'portions[0].round'],
      [[{ ...first, round: 'Bones' }, second], 'portions[0].round'],
      [[first, { ...second, shape: { ...BISCUITS.shape } }], 'portions[0].round'],
    ] as const)
      expect(wholeBatch({ ...ONE_BOWL, portions }, { pantry: PANTRY }, 'light', 0)).toMatchObject({ ok: false, path });
  });
  it('says how many are too few', () => {
    const [first, second] = ONE_BOWL.portions ?? [];
    const few = wholeBatch({ ...ONE_BOWL, portions: [{ ...first, share_pct: 5 }, second] }, { pantry: PANTRY }, 'light', 0);
    if (!few.ok) throw new Error(few.message);
    expect(few.value.portions[0].prediction.keeps.every(({ pieces }) => pieces === 0)).toBe(true);
    expect(few.value.prediction.cautions.find(({ code }) => code === 'border-not-told')?.message).toMatch(/too few/);
  });
});
