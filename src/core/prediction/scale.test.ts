import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mix } from '../../../tests/reference/shipped';
import { Assumptions } from '../fields';
import { type Scale } from '../document';
import { type Shape } from '../catalogue';
import { leftOvers, scaleFactor, type ScaleBasis, planShape, roughYield, type ShapePlan } from '../yield';

const SUBSTANCE = { g_per_ml: 1.15, rise: 1.1 };
/** 500 g as written. */
const LINES = mix({ flour_wheat_wholemeal: 320, water: 150, rapeseed_oil: 30 });

function planned(shape: Shape): ShapePlan {
  const plan = planShape(shape, undefined, new Assumptions());
  if (!plan.ok) throw new Error(plan.message);
  return plan.value;
}
const ROUND = planned({ method: 'roll-and-cut', thickness_mm: 6, cutter: { outline: 'circle', length_mm: 50 } });
const SLAB = planned({ method: 'score-slab', thickness_mm: 8, piece_width_mm: 25, piece_length_mm: 25 });

const basis = (lines: typeof LINES, plan = ROUND): ScaleBasis => ({
  lines,
  plan,
  substance: SUBSTANCE,
  quick: false,
  traysPerLoad: 2,
  measuring: () => ({}),
});
function factor(scale: Scale | undefined, plan = ROUND): number {
  const result = scaleFactor(scale, basis(LINES, plan));
  if (!result.ok) throw new Error(result.message);
  return result.value;
}
const pieces = (plan: ShapePlan, by: number): number => {
  const out = roughYield(plan, 500 * by, SUBSTANCE);
  return out.ok ? out.value.pieces : 0;
};

describe('scaling by what is fixed', () => {
  it('nothing fixed is the recipe once', () => expect(factor(undefined)).toBe(1));
  it('a factor is itself', () => expect(factor({ by: 'factor', factor: 2.5 })).toBe(2.5));
  it('a dough weight is that over the written one', () =>
    expect(factor({ by: 'dough_mass', dough_g: 1250 })).toBeCloseTo(2.5, 12));
  it('an ingredient scales the rest with it, in any unit', () => {
    expect(factor({ by: 'ingredient', ingredient: 'flour_wheat_wholemeal', amount: 480, unit: 'g' })).toBeCloseTo(1.5, 12);
    expect(factor({ by: 'ingredient', ingredient: 'flour_wheat_wholemeal', amount: 0.48, unit: 'kg' })).toBeCloseTo(1.5, 12);
  });
  it('lines of the same ingredient count together', () => {
    const twice = [...LINES, ...mix({ water: 150 })];
    const result = scaleFactor({ by: 'ingredient', ingredient: 'water', amount: 600, unit: 'g' }, basis(twice));
    expect(result).toEqual({ ok: true, value: 2 });
  });
  it.each([
    ['round biscuits', ROUND],
    ['a slab', SLAB],
  ])('pieces of %s: enough, and hardly more', (_, plan) => {
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 400 }), (wanted) => {
        const got = pieces(plan, factor({ by: 'pieces', pieces: wanted }, plan));
        expect(got).toBeGreaterThanOrEqual(wanted);
        // A slab comes in whole rows.
        expect(got - wanted).toBeLessThanOrEqual(plan.method === 'score-slab' ? 14 : 3);
      }),
      { seed: 8, numRuns: 40 },
    );
  });
  it('trays are filled', () => {
    const out = roughYield(ROUND, 500 * factor({ by: 'trays', trays: 3 }), SUBSTANCE);
    expect(out.ok && out.value.trays).toBe(3);
    expect(out.ok && out.value.pieces).toBeGreaterThanOrEqual(3 * (out.ok ? out.value.perTray : 0));
  });
  it('an oven load fills the trays that stand in it', () => {
    const out = roughYield(ROUND, 500 * factor({ by: 'loads', loads: 2 }), SUBSTANCE);
    expect(out.ok && out.value.trays).toBe(4);
  });
  it('of several fixed things the scarcest limits, and the rest is left over', () => {
    const scale: Scale = {
      by: 'fixed',
      fixed: [
        { ingredient: 'flour_wheat_wholemeal', amount: 960, unit: 'g' },
        { ingredient: 'rapeseed_oil', amount: 60, unit: 'g' },
      ],
    };
    expect(factor(scale)).toBe(2);
    const planned = LINES.map((line) => ({ ...line, mass_g: line.mass_g * 2 }));
    expect(leftOvers(scale, planned, () => ({}))).toEqual([
      { ingredient: 'flour_wheat_wholemeal', mass_g: 320, limits: false },
      { ingredient: 'rapeseed_oil', mass_g: 0, limits: true },
    ]);
  });
  it('a fixed thing that the recipe has not says which', () =>
    expect(scaleFactor({ by: 'fixed', fixed: [{ ingredient: 'honey', amount: 1, unit: 'g' }] }, basis(LINES))).toMatchObject({
      ok: false,
      code: 'UNKNOWN_INGREDIENT',
      path: 'scale.fixed[0].ingredient',
    }));
  it('scaled and scaled back is the recipe again', () =>
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 50, noNaN: true }), (by) => {
        const there = LINES.map((line) => ({ ...line, mass_g: line.mass_g * factor({ by: 'factor', factor: by }) }));
        const back = scaleFactor({ by: 'dough_mass', dough_g: 500 }, basis(there));
        expect(back.ok && there.map(({ mass_g }) => mass_g * back.value)).toEqual(
          LINES.map(({ mass_g }) => expect.closeTo(mass_g, 8) as number),
        );
      }),
      { seed: 12 },
    ));
  it('more than a bakery can mix is refused with what to do', () => {
    const result = scaleFactor({ by: 'factor', factor: 1000 }, basis(LINES));
    expect(result).toMatchObject({ ok: false, code: 'OUT_OF_RANGE', path: 'scale' });
    expect(!result.ok && result.message).toContain('Split it into batches');
  });
});

describe('a shape with its defaults', () => {
  it('notes every default it used, in the words of the document', () => {
    const assumed = new Assumptions();
    planShape({ method: 'roll-and-cut' }, undefined, assumed);
    expect(assumed.list).toEqual([
      'shape.cutter.length_mm = 50',
      'shape.cutter.outline = circle',
      'shape.cutter.width_mm = 50.0',
      'shape.thickness_mm = 6',
      'shape.thickness_by = hand',
      'shape.layout = hand',
      'shape.gap_mm = 4.5',
      'shape.edge_mm = 8',
      'shape.sheet_width_mm = 380',
      'shape.sheet_length_mm = 520',
      'shape.rerolls_max = 4',
      'shape.scraps = press',
      'shape.tray.width_mm = 400',
      'shape.tray.depth_mm = 300',
      'shape.tray_gap_mm = 5',
    ]);
  });
  it('notes none when all is said', () => {
    const assumed = new Assumptions();
    const pan = { width_mm: 330, depth_mm: 230 };
    planShape(
      { method: 'score-slab', thickness_mm: 8, piece_width_mm: 25, piece_length_mm: 25, pan, trim_mm: 3 },
      undefined,
      assumed,
    );
    expect(assumed.list).toEqual([]);
  });
  it('too little dough says how much a piece is', () => {
    const out = roughYield(ROUND, 5, SUBSTANCE);
    expect(out).toMatchObject({ ok: false, code: 'NOTHING_TO_BAKE' });
    expect(!out.ok && out.message).toMatch(/less than one piece of 13\.5 g/);
  });
  it('thicker dough gives fewer, heavier pieces', () => {
    const at = (thickness_mm: number): { pieces: number; piece_g: number } => {
      const out = roughYield(
        planned({ method: 'roll-and-cut', thickness_mm, cutter: { outline: 'bone', length_mm: 60 } }),
        1200,
        SUBSTANCE,
      );
      if (!out.ok) throw new Error(out.message);
      return out.value;
    };
    expect(at(8).pieces).toBeLessThan(at(5).pieces);
    expect(at(8).piece_g / at(5).piece_g).toBeCloseTo(1.6, 9);
  });
});
