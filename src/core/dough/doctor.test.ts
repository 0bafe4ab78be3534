import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PANTRY, ingredient, mix } from '../../../tests/reference/shipped';
import {
  COMPLAINTS,
  FEEL_STARTS,
  FEEL_TARGETS,
  crumbleEdge,
  doctor,
  doctorQuestions,
  feelOf,
  gramsToReach,
  softness,
  type DoctorCase,
  type Remedy,
} from '.';

const BASE = mix({ flour_wheat_wholemeal: 300, egg_whole: 50, water: 130, peanut_butter: 32 });
const ask = (more: Partial<DoctorCase>): Remedy[] =>
  doctor({ complaint: 'too-sticky', stood_min: 10, does: 'hands', lines: BASE, pantry: PANTRY, kitchen_c: 20, ...more });
const add = (remedies: readonly Remedy[], id: string): number => {
  const found = remedies.find((remedy) => remedy.kind === 'add' && remedy.ingredient.id === id);
  return found?.kind === 'add' ? found.mass_g : 0;
};

describe('the doctor', () => {
  it.each(COMPLAINTS)('asks two questions about "%s", and has an answer to each', (complaint) => {
    const { stood, does } = doctorQuestions(complaint);
    expect(stood.choices.length).toBeGreaterThan(1);
    expect(does.choices.length).toBeGreaterThan(1);
    for (const { value: stood_min } of stood.choices)
      for (const { value } of does.choices) expect(ask({ complaint, stood_min, does: value }).length, value).toBeGreaterThan(0);
  });
  it('a dough that sticks to the hands gets flour; the worse, the more', () => {
    const [hands, spoon, runs] = ['hands', 'spoon', 'runs'].map((does) => add(ask({ does }), 'flour_wheat_wholemeal'));
    expect(hands).toBeGreaterThan(20);
    expect(spoon).toBeGreaterThan(hands);
    expect(runs).toBeGreaterThan(spoon);
  });
  it('its flour would bring the dough, as the hand felt it, to the middle of rolling', () => {
    const felt = 1.2;
    const wetter = felt / softness(BASE).index;
    const wet = BASE.map((line) => (line.ingredient.id === 'water' ? line : line));
    const flour = add(ask({ does: 'hands' }), 'flour_wheat_wholemeal');
    const { freeLiquid_g, binding_g } = softness([...wet, { ingredient: ingredient('flour_wheat_wholemeal'), mass_g: flour }]);
    expect((freeLiquid_g + (wetter - 1) * softness(BASE).freeLiquid_g) / binding_g).toBeCloseTo(FEEL_TARGETS.rollable, 6);
  });
  it('oats just mixed are told to stand first, and for as long as they drink', () => {
    const oats = mix({ flour_oat: 200, pumpkin_puree: 200, egg_whole: 50 });
    const [first] = ask({ lines: oats, stood_min: 0, does: 'hands' });
    expect(first.kind).toBe('wait');
    expect(first.kind === 'wait' && first.minutes).toBeGreaterThanOrEqual(5);
    expect(ask({ lines: oats, stood_min: 30, does: 'hands' })[0].kind).toBe('add');
  });
  it('a crumbling one gets water or egg', () => {
    const remedies = ask({ complaint: 'too-dry', does: 'crumbs' });
    expect(add(remedies, 'water')).toBeGreaterThan(20);
    expect(add(remedies, 'egg_whole')).toBeGreaterThan(add(remedies, 'water'));
  });
  it('cracks from the cold want warmth, not water', () =>
    expect(ask({ complaint: 'cracks', does: 'cold' })).toMatchObject([{ kind: 'warm', minutes: 20 }]));
  it('rice that will not hold wants a binder', () => {
    const remedies = ask({ complaint: 'will-not-hold', does: 'grainy', lines: mix({ flour_rice_white: 200, water: 130 }) });
    expect(remedies.map((remedy) => remedy.kind === 'add' && remedy.ingredient.id)).toContain('egg_whole');
  });
});

describe('properties of putting right', () => {
  const bowls = fc.record({
    flour: fc.integer({ min: 150, max: 800 }),
    water: fc.integer({ min: 20, max: 700 }),
    egg: fc.integer({ min: 0, max: 200 }),
  });
  const doughOf = ({ flour, water, egg }: { flour: number; water: number; egg: number }) =>
    mix({ flour_wheat_wholemeal: flour, water, egg_whole: egg });
  it('adding what the solver says reaches the band', () =>
    fc.assert(
      fc.property(bowls, fc.constantFrom('water', 'flour_oat', 'egg_whole', 'flour_wheat_wholemeal'), (bowl, id) => {
        const lines = doughOf(bowl);
        const fix = gramsToReach(lines, ingredient(id), FEEL_TARGETS.rollable);
        if (fix.kind !== 'add') return;
        const after = [...lines, { ingredient: ingredient(id), mass_g: fix.mass_g }];
        const { index } = softness(after);
        expect(index).toBeCloseTo(FEEL_TARGETS.rollable, 2);
        expect(feelOf(index, crumbleEdge(after))).toBe('rollable');
      }),
      { seed: 21 },
    ));
  it('a bigger egg never makes a drier dough while it is drier than egg is', () =>
    fc.assert(
      fc.property(bowls, fc.integer({ min: 1, max: 30 }), (bowl, more) => {
        const [small, big] = [doughOf(bowl), doughOf({ ...bowl, egg: bowl.egg + more })].map((lines) => softness(lines).index);
        expect(big).toBeGreaterThanOrEqual(small - 1e-12);
      }),
      { seed: 22 },
    ));
  it('the sticky band begins where the doctor stops waiting', () => expect(FEEL_STARTS['soft-sticky']).toBe(1.05));
});
