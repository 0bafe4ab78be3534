import { describe, expect, it } from 'vitest';
import { PANTRY, mix } from '../../../tests/reference/shipped';
import { aimFor, crumbleEdge, doctor, feelOf, isDough, softness } from '.';
import { FEEL_TARGETS } from './feel';

const BOWL = { standing_min: 10, kitchen_c: 20 };

describe('where a dough is steered to', () => {
  it('is as it was written where the way of shaping can work with that', () =>
    expect(aimFor(0.85, 0.5, ['rollable', 'stiff'])).toEqual({ index: 0.85, from: 'written', fallsApart: false }));
  it('is what the way of shaping needs where it cannot', () => {
    expect(aimFor(1.6, 0.5, ['rollable', 'stiff'])).toEqual({ index: FEEL_TARGETS.rollable, from: 'method', fallsApart: false });
    expect(aimFor(0.4, 0.5, ['scoopable'])).toEqual({ index: FEEL_TARGETS.scoopable, from: 'method', fallsApart: true });
  });
  it('says that it falls apart also where any feel will do', () =>
    expect(aimFor(0.4, 0.5, [])).toEqual({ index: 0.4, from: 'written', fallsApart: true }));
});

describe('what is no dough', () => {
  const FLOURLESS = {
    puree: mix({ pumpkin_puree: 300, yogurt_plain: 100 }),
    meat: mix({ beef_mince_lean: 500, egg_whole: 60 }),
    liver: mix({ liver_chicken: 500, egg_whole: 120 }),
    fruit: mix({ banana_fresh: 300, blueberries: 100 }),
    pinch: mix({ pumpkin_puree: 300, cinnamon_ground: 2 }),
  };
  it.each(Object.entries(FLOURLESS))('%s has no feel, and nothing about it is no number', (_, lines) => {
    expect(isDough(lines)).toBe(false);
    for (const complaint of ['too-sticky', 'too-dry', 'will-not-hold'] as const)
      for (const does of ['runs', 'crumbs', 'wet', 'dry'])
        for (const remedy of doctor({ complaint, stood_min: 0, does, lines, pantry: PANTRY, kitchen_c: 20 })) {
          if (remedy.kind === 'add') expect(Number.isFinite(remedy.mass_g) && remedy.mass_g > 0).toBe(true);
          else expect(Number.isFinite(remedy.minutes)).toBe(true);
        }
  });
  it.each(Object.entries(FLOURLESS))('%s that runs is thickened with so much flour that it is one', (_, lines) => {
    const [first] = doctor({ complaint: 'too-sticky', stood_min: 0, does: 'runs', lines, pantry: PANTRY, kitchen_c: 20 });
    if (first?.kind !== 'add') throw new Error('nothing to add');
    const thick = [...lines, { ingredient: first.ingredient, mass_g: first.mass_g }];
    expect(isDough(thick)).toBe(true);
    expect(['rollable', 'soft-sticky', 'scoopable']).toContain(feelOf(softness(thick, BOWL).index, crumbleEdge(thick)));
  });
  it('is not what has a little flour', () => expect(isDough(mix({ pumpkin_puree: 300, flour_oat: 20 }))).toBe(true));
});
