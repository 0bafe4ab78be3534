import { describe, expect, it } from 'vitest';
import type { BatchDocument } from '@/core/document';
import { renamed, withFinish, withoutPortion } from './change-portions';
import { placedIn, portionEdits } from './portion-edits';
import type { Edits } from '../use-batch';

const BOWL: BatchDocument = {
  format: 'upbeat-oven/batch',
  version: 1,
  name: 'Bowl',
  recipe: { ingredients: [{ ingredient: 'flour_oat', amount: 200, unit: 'g' }] },
  scale: { by: 'factor', factor: 1 },
  shape: { method: 'roll-and-cut', thickness_mm: 6 },
  heat: { steps: [{ do: 'hold', setpoint_c: 170, minutes: 30 }] },
  pack: [{ option: 'tin', portion: 'Bones' }, { option: 'zip-bag' }],
  portions: [
    { name: 'Bones', share_pct: 60 },
    {
      name: 'Minis',
      rest: true,
      shape: { method: 'ball', diameter_mm: 18 },
      heat: { steps: [{ do: 'hold', setpoint_c: 150, minutes: 20 }] },
    },
  ],
};

describe('a change that was made looking at one portion', () => {
  it('stands with the portion that has a shape or a programme of its own', () => {
    expect(placedIn(BOWL, 1, ['shape', 'diameter_mm'], 6)).toEqual({ path: ['portions', 1, 'shape', 'diameter_mm'], after: 6 });
    expect(placedIn(BOWL, 1, ['heat', 'steps', 0, 'minutes'], 25).path).toEqual(['portions', 1, 'heat', 'steps', 0, 'minutes']);
  });
  it('stands with the batch where the portion is shaped and baked as the batch is', () => {
    expect(placedIn(BOWL, 0, ['shape', 'thickness_mm'], 8).path).toEqual(['shape', 'thickness_mm']);
    expect(placedIn(BOWL, 0, ['heat', 'steps', 0, 'minutes'], 25).path).toEqual(['heat', 'steps', 0, 'minutes']);
    expect(placedIn(BOWL, 1, ['recipe', 'rest_minutes'], 5).path).toEqual(['recipe', 'rest_minutes']);
  });
  it('gives another portion a shape of its own when its shape is changed', () => {
    const two = {
      ...BOWL,
      portions: [
        { name: 'Bones', share_pct: 60 },
        { name: 'Minis', rest: true as const },
      ],
    };
    expect(placedIn(two, 1, ['shape', 'thickness_mm'], 4)).toEqual({
      path: ['portions', 1, 'shape'],
      after: { method: 'roll-and-cut', thickness_mm: 4 },
    });
  });
  it('packs that portion, and leaves the packs of the others', () => {
    const { path, after } = placedIn(BOWL, 0, ['pack'], [{ option: 'clip-jar' }]);
    expect(path).toEqual(['pack']);
    expect(after).toEqual([{ option: 'zip-bag' }, { option: 'clip-jar', portion: 'Bones' }]);
  });
});

describe('a portion that is to be larger', () => {
  const made = (whole: BatchDocument, at: number, share: number): unknown[] => {
    const calls: unknown[] = [];
    const edits: Edits = {
      set: (path, after) => calls.push([path, after]),
      change: () => undefined,
      newest: () => whole,
      undo: () => undefined,
      redo: () => undefined,
      begin: () => undefined,
    };
    const shown = { ...whole, scale: { by: 'factor', factor: share } } as const;
    portionEdits(
      edits,
      at,
      () => shown,
      () => share,
    ).set(['scale'], { by: 'factor', factor: 2 * share });
    return calls;
  };
  it('takes its whole bowl with it, and more grams where it says how many it takes', () => {
    expect(made(BOWL, 1, 0.4)).toEqual([[['scale'], { by: 'factor', factor: 2 }]]);
    const grams = { ...BOWL, portions: [{ name: 'Bones', dough_g: 120 }, ...(BOWL.portions ?? []).slice(1)] };
    expect(made(grams, 0, 0.6)).toEqual([[['portions', 0, 'dough_g'], 240]]);
  });
});

describe('portions', () => {
  it('lose what goes round a cake that is taken out, and follow it under another name', () => {
    const [bones, minis] = BOWL.portions ?? [];
    const cake = { ...BOWL, portions: [bones, { ...minis, round: 'Bones' }, { name: 'Rest', rest: true as const }] };
    expect(renamed(cake, 0, 'Cake').portions?.[1].round).toBe('Cake');
    expect(withoutPortion(cake, 0).portions?.[0].round).toBeUndefined();
  });
  it('take their packs with them under another name', () => {
    expect(renamed(BOWL, 0, 'Big bones').pack?.[0].portion).toBe('Big bones');
    expect(renamed(BOWL, 0, 'Minis')).toBe(BOWL);
    expect(renamed(BOWL, 0, '')).toBe(BOWL);
  });
  it('are the batch again once one is left, shaped and baked as that one was', () => {
    const left = withoutPortion(BOWL, 0);
    expect(left.portions).toBeUndefined();
    expect(left.shape).toEqual({ method: 'ball', diameter_mm: 18 });
    expect(left.heat.steps).toEqual([{ do: 'hold', setpoint_c: 150, minutes: 20 }]);
    expect(left.pack).toEqual([{ option: 'zip-bag' }]);
  });
  it('name what goes on them only where that is not everything', () => {
    const all = [
      { name: 'Icing', role: 'drizzle' },
      { name: 'Wash', role: 'wash' },
    ] as const;
    const without = withFinish({ name: 'Bones', rest: true }, 'Icing', false, all);
    expect(without.parts).toEqual(['Wash']);
    expect(withFinish(without, 'Icing', true, all).parts).toBeUndefined();
  });
});
