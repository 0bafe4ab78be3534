/** Measures, the ingredient table, analysis, heat treatment and cautions. */
import { describe, expect, it } from 'vitest';
import { cautionsFor, warmAndWetMinutes, type CautionContext } from '@/core/cautions';
import { analyse } from '@/core/feeding';
import { colourWord, creditedKill, decimalReduction } from '@/core/heat';
import { complaintsAbout, compose, ownIngredient, weighIngredient, type DoughLine } from '@/core/pantry';
import { METRIC_MEASURES, US_MEASURES, kitchenVolume, massOfVolume, normals, quantile, seededRandom } from '@/core/quantities';
import { readPantryCsv } from '@/formats/pantry-csv';
import { QUIET } from './quiet-batch';
import { BISCUIT, PANTRY, ingredient, mix } from './shipped';

describe('cups and spoons', () => {
  const flour = { spooned_g_per_ml: 0.53, packed_g_per_ml: 0.62 };
  it.each([
    ['spooned', 125.39],
    ['scooped', 146.68],
    ['unknown', 132.84],
  ] as const)('a US cup of plain flour, %s, weighs %f g', (fill, mass_g) =>
    expect(massOfVolume(236.588, flour, fill).mass_g).toBeCloseTo(mass_g, 1),
  );
  it.each([
    ['spooned', 119, 132],
    ['unknown', 115, 151],
  ] as const)('a %s one lies between %d and %d g nine times in ten', (fill, low, high) => {
    const { mass_g, relSd } = massOfVolume(236.588, flour, fill);
    expect(Math.abs(mass_g * (1 - 1.64 * relSd) - low)).toBeLessThan(1);
    expect(Math.abs(mass_g * (1 + 1.64 * relSd) - high)).toBeLessThan(1);
  });
  it('a US cup of pumpkin weighs 245.3 g', () => {
    const { bulkSpooned_g_per_ml, bulkPacked_g_per_ml } = ingredient('pumpkin_puree');
    const density = { spooned_g_per_ml: bulkSpooned_g_per_ml, packed_g_per_ml: bulkPacked_g_per_ml };
    expect(massOfVolume(236.588, density).mass_g).toBeCloseTo(245.3, 1);
  });
  it('100 mL is a quarter cup and three tablespoons', () => {
    expect(kitchenVolume(100, US_MEASURES)).toMatchObject({ words: '1/4 cup + 3 tbsp' });
    expect(kitchenVolume(100, US_MEASURES).volume_ml).toBeCloseTo(103.5, 1);
  });
  it.each([
    [0.2, 'a few grains'],
    [5, '1 tsp'],
    [22, '1 1/2 tbsp'],
    [250, '1 cup'],
    [500, '2 cups'],
  ])('%f mL reads "%s"', (ml, words) => expect(kitchenVolume(ml, METRIC_MEASURES).words).toBe(words));
  it('strays no further than its smallest spoon allows, and tells what it really measures', () => {
    for (let ml = 5; ml < 2000; ml *= 1.07)
      expect(Math.abs(kitchenVolume(ml, METRIC_MEASURES).volume_ml / ml - 1)).toBeLessThan(0.18);
  });
});

describe('random draws', () => {
  it('repeat with their seed and spread like a normal', () => {
    const draw = (): number[] => Array.from({ length: 4000 }, normals(seededRandom(9)));
    const sample = draw();
    expect(draw()).toEqual(sample);
    const sorted = [...sample].sort((a, b) => a - b);
    expect(Math.abs(quantile(sorted, 0.5))).toBeLessThan(0.06);
    expect(Math.abs(quantile(sorted, 0.9) - 1.2816)).toBeLessThan(0.08);
  });
});

describe('the ingredient table', () => {
  it('holds every ingredient once and every row makes sense', () => {
    expect(PANTRY.size).toBe(455);
    for (const row of PANTRY.values()) expect(complaintsAbout(row), row.id).toEqual([]);
  });
  it('a broken row names itself and its sums', () => {
    const head = 'id,name,category,water,protein,fat,carb,sugars,starch,fibre,ash,bulk_spooned,bulk_packed,dog_flag';
    const broken = readPantryCsv(`${head}\nx,Broken,other,50,10,10,10,0,0,0,1,0.5,0.6,ok`);
    expect(broken).toMatchObject({ ok: false, code: 'BAD_COMPOSITION', path: 'row 2' });
    expect(!broken.ok && broken.message).toContain('81.0 g per 100 g');
  });
  it('no ingredient makes a number that is none, at a gram or a kilo', () => {
    for (const row of PANTRY.values())
      for (const mass_g of [1, 1000])
        expect(Object.values(compose([{ ingredient: row, mass_g }])).every(Number.isFinite), row.id).toBe(true);
  });
  it('a measured moisture scales the solids and keeps the weight', () => {
    const sum = compose([{ ingredient: ingredient('pumpkin_puree'), mass_g: 100, waterPct: 93 }]);
    expect(sum.water_g).toBe(93);
    expect(sum.solids_g).toBeCloseTo(7, 9);
  });
  it('weighs eggs by the piece, and says when a thing has no piece', () => {
    const egg = weighIngredient(ingredient('egg_whole'), 2, 'each');
    expect(egg.ok && egg.value.mass_g).toBe(100);
    expect(weighIngredient(ingredient('water'), 2, 'each')).toMatchObject({ ok: false, code: 'NO_COUNT_WEIGHT', path: 'unit' });
  });
  it('takes an own ingredient by its label, and refuses one that does not add up', () => {
    expect(ownIngredient('mine', { water: 72, protein: 6, fat: 2, carbohydrate: 18, sugars: 1, fibre: 10, ash: 1 }).ok).toBe(
      true,
    );
    expect(ownIngredient('mine', { water: 72, protein: 60, fat: 2, carbohydrate: 18 })).toMatchObject({
      ok: false,
      code: 'BAD_COMPOSITION',
    });
  });
});

describe('typical analysis', () => {
  it('of the biscuit at 310.1 g', () => {
    const { protein_pct, fat_pct, moisture_pct, kcal_per_kg } = analyse(mix(BISCUIT), 310.1);
    expect(Math.abs(protein_pct - 14.8)).toBeLessThan(0.02);
    expect(Math.abs(fat_pct - 8.79)).toBeLessThan(0.02);
    expect(Math.abs(moisture_pct - 4.93)).toBeLessThan(0.02);
    expect(Math.abs(kcal_per_kg - 3619)).toBeLessThan(2);
  });
});

describe('kill credit', () => {
  it('is anchored to the cooking tables', () => {
    expect(Math.abs(decimalReduction(62.8, 0.97) / 0.615 - 1)).toBeLessThan(0.01);
    expect(Math.abs(decimalReduction(75, 0.45) / 9.71 - 1)).toBeLessThan(0.01);
    // USDA-FSIS Appendix A: 62.8 °C for 4 minutes is 6.5 log.
    expect(Math.abs(creditedKill(4, 62.8, 0.97) - 6.5)).toBeLessThan(0.02);
  });
  it('gives none to what has dried', () => expect(creditedKill(120, 65, 0.7)).toBe(0));
});

describe('warm and wet', () => {
  const curve = (points: ReadonlyArray<readonly [number, number, number]>): Parameters<typeof warmAndWetMinutes>[0] =>
    points.map(([minute, temperature_c, aw]) => ({ minute, temperature_c, aw }));
  it('a slow dryer leaves meat there for six hours, a hot start for twenty minutes', () => {
    const slow = curve([
      [0, 8, 0.99],
      [60, 32, 0.99],
      [120, 42, 0.98],
      [240, 50, 0.95],
      [360, 58, 0.88],
      [480, 62, 0.7],
    ]);
    const fast = curve([
      [0, 8, 0.99],
      [10, 45, 0.99],
      [20, 72, 0.99],
      [25, 75, 0.98],
      [60, 68, 0.96],
      [240, 66, 0.8],
    ]);
    expect(warmAndWetMinutes(slow)).toBe(360);
    expect(warmAndWetMinutes(fast)).toBe(20);
  });
});

describe('cautions', () => {
  const context = (lines: readonly DoughLine[], more: Partial<CautionContext> = {}): CautionContext => ({
    ...QUIET,
    lines,
    baked: lines,
    ...more,
  });
  const codes = (lines: readonly DoughLine[], more?: Partial<CautionContext>): string[] =>
    cautionsFor(context(lines, more)).map(({ code, severity }) => `${severity} ${code}`);

  it('every ingredient that is not for dogs stops the batch', () => {
    const avoid = [...PANTRY.values()].filter(({ dogFlag }) => dogFlag === 'avoid');
    expect(avoid.length).toBeGreaterThan(20);
    for (const row of avoid) expect(codes([{ ingredient: row, mass_g: 1 }])).toContain(`stop avoid-${row.id}`);
  });
  it('a liver cake that stays cool in the middle is stopped', () => {
    const found = codes(mix({ liver_chicken: 450, egg_whole: 50, flour_wheat_wholemeal: 150 }), {
      core_cMax: 65,
      kill_log10: 1,
      awSafe: 0.97,
    });
    expect(found).toEqual(expect.arrayContaining(['stop core-low', 'mind keep-cold', 'mind raw-flour', 'mind liver']));
  });
  it('raw meat in a dehydrator is told to be heated first', () => {
    expect(codes(mix({ beef_lean_raw: 500 }), { dehydrator: true, core_cMax: 60, kill_log10: 0 })).toEqual(
      expect.arrayContaining(['mind jerky-heat-first', 'stop core-low', 'mind lethality']),
    );
  });
  it('people disagree about garlic, and it says so', () =>
    expect(codes(mix({ ...BISCUIT, garlic_fresh: 3 }))).toContain('mind garlic'));
  it('no absorber with moist treats, nor with an unknown dampness', () => {
    const packs = [{ option: 'foil-pouch-absorber', store: 'room' }] as const;
    expect(codes(mix(BISCUIT), { packs, awSafe: 0.8 })).toContain('stop absorber-moist');
    expect(codes(mix(BISCUIT), { packs, awSafe: null })).toContain('stop absorber-moist');
    expect(codes(mix(BISCUIT), { packs, awSafe: 0.4 })).not.toContain('stop absorber-moist');
  });
  it('a wet heart in a dry shell is told', () =>
    expect(codes(mix(BISCUIT), { surfaceAw: 0.5, coreAw: 0.8 })).toContain('mind wet-heart'));
  it('stops come first, and each says what, why and what to do, and never that anything is safe', () => {
    const found = cautionsFor(
      context(mix({ ...BISCUIT, onion: 20, garlic_fresh: 2 }), { atPacking_c: 60, force_N: 400, awSafe: 0.9 }),
    );
    expect(found[0].severity).toBe('stop');
    for (const { title, why, act } of found) {
      expect([title, why, act].every((text) => text.length > 3)).toBe(true);
      expect(`${title} ${why} ${act}`).not.toMatch(/\bsafe\b|guarantee/i);
    }
  });
});

describe('colour words', () => {
  it('run from pale to dark', () =>
    expect([0.02, 0.1, 0.2, 0.4, 0.6].map(colourWord)).toEqual([
      'pale',
      'light golden',
      'golden, browned edges',
      'brown',
      'dark',
    ]));
});
