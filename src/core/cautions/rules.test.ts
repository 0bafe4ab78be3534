/** Each rule at its edge: just inside it speaks, just outside it is silent. */
import { describe, expect, it } from 'vitest';
import { QUIET } from '../../../tests/reference/quiet-batch';
import { BISCUIT, mix } from '../../../tests/reference/shipped';
import { cautionsFor, type CautionContext } from '.';

/** A quiet batch but for this; what is in it is baked as well. */
const told = (more: Partial<CautionContext>): ReturnType<typeof cautionsFor> =>
  cautionsFor({ ...QUIET, ...(more.lines ? { baked: more.lines } : {}), ...more });
const speaks = (code: string, more: Partial<CautionContext>): boolean => told(more).some((caution) => caution.code === code);
const severity = (code: string, more: Partial<CautionContext>): string | undefined =>
  told(more).find((caution) => caution.code === code)?.severity;
const WASH = { name: 'Egg wash', ingredients: ['Egg'], needs_c: 71, tissue: false };
const warm = (minutes: number): CautionContext['curve'] => [
  { minute: 0, temperature_c: 30, aw: 0.95 },
  { minute: minutes, temperature_c: 30, aw: 0.95 },
];

const PLAIN_CAKE = { unnamedFrosting_g: 0, asked: false, unnamedBiscuits: 0, missingBiscuits: 0 };

type Edge = readonly [code: string, speaks: Partial<CautionContext>, silent: Partial<CautionContext>];
const EDGES: readonly Edge[] = [
  ['fatty', { fat_pctOfDry: 15.1 }, { fat_pctOfDry: 15 }],
  ['salty', { sodium_mgPer100gDry: 501 }, { sodium_mgPer100gDry: 500 }],
  ['wet-heart', { surfaceAw: 0.65, coreAw: 0.71 }, { surfaceAw: 0.66, coreAw: 0.71 }],
  ['keep-cold', { awSafe: 0.86 }, { awSafe: 0.85 }],
  ['beyond-heater', { asked_c: 87, warmest_c: 86 }, { asked_c: 86, warmest_c: 86 }],
  ['pack-warm', { atPacking_c: 31 }, { atPacking_c: 30 }],
  ['over-the-rim', { rising: { risen_mm: 35, rim_mm: 30 } }, { rising: { risen_mm: 34, rim_mm: 30 } }],
  ['slicer', { sliced: true }, { sliced: false }],
  [
    'several-nights',
    { loads: { minutes: 600, count: 3, all_minutes: 1800 } },
    { loads: { minutes: 300, count: 2, all_minutes: 600 } },
  ],
  [
    'several-nights',
    { loads: { minutes: 300, count: 3, all_minutes: 900 } },
    { loads: { minutes: 45, count: 20, all_minutes: 900 } },
  ],
  ['frosting-not-told', { cake: { ...PLAIN_CAKE, unnamedFrosting_g: 200 } }, { cake: PLAIN_CAKE }],
  ['border-not-told', { cake: { ...PLAIN_CAKE, unnamedBiscuits: 20 } }, { cake: PLAIN_CAKE }],
  ['border-not-told', { cake: { ...PLAIN_CAKE, missingBiscuits: 1 } }, { cake: null }],
  ['hard', { force_N: 151 }, { force_N: 150 }],
  ['hard', { force_N: 300, hard: true }, { force_N: 300, hard: false }],
  ['choke', { sides_mm: [20, 15, 8] }, { sides_mm: [30, 15, 8] }],
  ['choke', { sides_mm: [8, 8, 8] }, { sides_mm: [6, 6, 6] }],
  ['core-low', { core_cMax: 70 }, { core_cMax: 71 }],
  ['core-unknown', { core_cMax: null }, { core_cMax: 95 }],
  ['raw-flour', { core_cMax: 70 }, { core_cMax: 72 }],
  ['raw-finish', { rawParts: [{ ...WASH, hottest_c: 70 }] }, { rawParts: [{ ...WASH, hottest_c: 71 }] }],
  ['raw-finish', { rawParts: [{ ...WASH, hottest_c: null }] }, { rawParts: [] }],
  // What is only put on does not make the middle raw.
  ['core-low', { core_cMax: 60, lines: mix({ egg_whole: 50 }) }, { core_cMax: 60, lines: mix({ egg_whole: 50 }), baked: [] }],
  ['warm-damp', { curve: warm(121) }, { curve: warm(119) }],
  ['liver', { lines: mix({ ...BISCUIT, liver_chicken: 100 }) }, { lines: mix({ ...BISCUIT, liver_chicken: 60 }) }],
  ['garlic', { lines: mix({ ...BISCUIT, garlic_powder: 1 }) }, {}],
  ['hops', { lines: mix({ spent_grain_wet: 100, flour_wheat_wholemeal: 100 }) }, { lines: mix({ spent_grain_dry: 100 }) }],
  [
    'lethality',
    { lines: mix({ ...BISCUIT, turkey_mince: 100 }), kill_log10: 6.4 },
    { lines: mix({ ...BISCUIT, turkey_mince: 100 }) },
  ],
  ['lethality', { lines: mix({ ...BISCUIT, turkey_mince: 100 }), kill_log10: 6.4 }, { kill_log10: 0 }],
  [
    'jerky-heat-first',
    { lines: mix({ venison_raw: 300 }), dehydrator: true, kill_log10: 6.4 },
    { dehydrator: true, kill_log10: 0 },
  ],
  [
    'jerky-heat-first',
    { lines: mix({ venison_raw: 300 }), dehydrator: true, kill_log10: 6.4 },
    { lines: mix({ venison_raw: 300 }), dehydrator: true, kill_log10: 6.5 },
  ],
  [
    'heated-after',
    { lines: mix({ venison_raw: 300 }), dehydrator: true, kill_log10: 0, heatedAfter: true },
    { lines: mix({ venison_raw: 300 }), dehydrator: true, kill_log10: 0 },
  ],
  [
    'freeze-first',
    { freezeDry: { start_c: -14, front_c: -30, sugars_pctOfDry: 2 } },
    { freezeDry: { start_c: -16, front_c: -30, sugars_pctOfDry: 2 } },
  ],
  [
    'freeze-dry-no-kill',
    { lines: mix({ venison_raw: 300 }), kill_log10: 6.4, freezeDry: { start_c: -25, front_c: -30, sugars_pctOfDry: 2 } },
    { lines: mix({ venison_raw: 300 }), kill_log10: 6.5, freezeDry: { start_c: -25, front_c: -30, sugars_pctOfDry: 2 } },
  ],
  [
    'collapse',
    { freezeDry: { start_c: -25, front_c: -24, sugars_pctOfDry: 60 } },
    { freezeDry: { start_c: -25, front_c: -24, sugars_pctOfDry: 20 } },
  ],
  [
    'absorber-moist',
    { packs: [{ option: 'foil-pouch-absorber', store: 'room' }], awSafe: 0.76 },
    { packs: [{ option: 'foil-pouch-absorber', store: 'room' }], awSafe: 0.75 },
  ],
];

describe('rules at their edges', () => {
  it.each(EDGES)('%s', (code, inside, outside) => {
    expect(speaks(code, inside)).toBe(true);
    expect(speaks(code, outside)).toBe(false);
  });
});

describe('gravity', () => {
  it('a cool middle stops meat and minds egg', () => {
    expect(severity('core-low', { core_cMax: 60 })).toBe('mind');
    expect(severity('core-low', { core_cMax: 60, lines: mix({ ...BISCUIT, beef_mince_lean: 200 }) })).toBe('stop');
  });
  it('poultry asks for more heat than beef, fish for less', () => {
    const at = (id: string, core_cMax: number): boolean =>
      speaks('core-low', { core_cMax, lines: mix({ flour_wheat_wholemeal: 100, [id]: 100 }) });
    expect([at('chicken_mince', 73), at('chicken_mince', 74)]).toEqual([true, false]);
    expect([at('beef_mince_lean', 70), at('beef_mince_lean', 71)]).toEqual([true, false]);
    expect([at('cod_raw', 62), at('cod_raw', 63)]).toEqual([true, false]);
  });
  it('raw meat in a finish stops, raw egg minds', () => {
    const of = (tissue: boolean): string | undefined =>
      severity('raw-finish', { rawParts: [{ ...WASH, hottest_c: 60, tissue }] });
    expect([of(true), of(false)]).toEqual(['stop', 'mind']);
  });
  it('four hours warm and wet stop what comes from animals, and mind the rest', () => {
    expect(severity('warm-damp', { curve: warm(250) })).toBe('stop');
    expect(severity('warm-damp', { curve: warm(250), lines: mix({ flour_wheat_wholemeal: 100, water: 60 }) })).toBe('mind');
    expect(severity('warm-damp', { curve: warm(200) })).toBe('mind');
  });
  it('dry or hot minutes do not count', () => {
    const curve = [
      { minute: 0, temperature_c: 30, aw: 0.8 },
      { minute: 200, temperature_c: 30, aw: 0.8 },
      { minute: 201, temperature_c: 70, aw: 0.95 },
      { minute: 500, temperature_c: 70, aw: 0.95 },
    ];
    expect(speaks('warm-damp', { curve })).toBe(false);
  });
});

describe('juice', () => {
  const drip = { share_pct: 12, batch_g: 180, colour: 'dark' };
  const words = (more: Partial<NonNullable<CautionContext['drip']>>): string => {
    const found = cautionsFor({ ...QUIET, drip: { ...drip, ...more } }).find(({ code }) => code === 'juice');
    return found ? `${found.why} ${found.act}` : '';
  };
  it('is told with how much of it there is, and how it ends on the tray', () => {
    expect(words({})).toContain('180 g from all pieces. What lies on the tray ends dark.');
    expect(words({})).toContain('burns on');
    expect(words({ colour: 'pale' })).not.toContain('burns');
    expect(words({ colour: null })).not.toContain('tray ends');
  });
  it('that nobody sees is nothing said', () => expect(words({ share_pct: 2.9 })).toBe(''));
});

describe('what the words of a recipe say', () => {
  const says = (written: string, more: Readonly<Record<string, number>> = {}): string[] =>
    cautionsFor({ ...QUIET, lines: mix({ ...BISCUIT, ...more }), words: [written] })
      .map(({ code }) => code)
      .filter((code) => code.startsWith('says-'));

  it.each([
    ['spent grain (hopped)', { spent_grain_wet: 100 }, 'says-hops'],
    ['fold in the raisins', { grapeseed_oil: 10 }, 'says-grape'],
    ['mash the avocado', { avocado_oil: 10 }, 'says-avocado'],
    ['a clove of garlic', {}, 'says-garlic'],
    ['brush with soy sauce', {}, 'says-salt'],
  ] as const)('%s is told although %o is all that is weighed', (written, more, code) =>
    expect(says(written, more)).toEqual([code]),
  );

  it.each([
    ['a clove of garlic', { garlic_fresh: 3 }],
    ['a pinch of salt', { salt: 2 }],
    ['fold in the raisins', { raisins: 10 }],
    ['chop the chocolate', { chocolate_dark: 10 }],
    ['grapeseed oil', { grapeseed_oil: 10 }],
  ] as const)('%s is left to the row that is weighed', (written, more) => expect(says(written, more)).toEqual([]));
});

describe('raw things in the bowl', () => {
  const about = (lines: CautionContext['lines']): string | undefined =>
    told({ lines }).find(({ code }) => code === 'raw-hygiene')?.act;
  it('bring their board, gloves, fridge and no tasting; an egg its washed hands', () => {
    for (const id of ['liver_chicken', 'venison_raw', 'turkey_mince'] as const)
      expect(about(mix({ flour_oat: 200, [id]: 100 })), id).toMatch(/Fridge.*[Gg]loves.*board.*Nobody tastes/s);
    expect(about(mix({ flour_oat: 200, egg_whole: 50 }))).toMatch(/Fridge.*Wash hands.*Nobody tastes/s);
    expect(about(mix({ flour_oat: 200, carrot_raw: 50 }))).toBeUndefined();
  });
  it('freeze-dried say the same wherever they speak, and what lifts the stop', () => {
    const freezeDry = { start_c: -25, front_c: -30, sugars_pctOfDry: 2 };
    for (const core_cMax of [null, 20]) {
      const found = told({ lines: mix({ venison_raw: 300 }), kill_log10: 0, core_cMax, freezeDry });
      const [stop, mind] = ['core-low', 'freeze-dry-no-kill'].map((code) => found.find((one) => one.code === code));
      expect(stop?.severity).toBe('stop');
      expect(stop?.act).toContain('to 71 °C before it is frozen: that lifts this stop');
      expect(mind?.act).toBe(stop?.act);
    }
    const cooked = told({ lines: mix({ venison_raw: 300 }), kill_log10: 20, core_cMax: 75, freezeDry });
    expect(cooked.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });
});

describe('what always stands', () => {
  it('a plain biscuit has its allergens and the vet, and nothing graver', () => {
    expect(cautionsFor(QUIET).map(({ code }) => code)).toEqual(['raw-hygiene', 'allergens', 'vet']);
    expect(cautionsFor(QUIET).every((caution) => caution.severity === 'note')).toBe(true);
  });
  it('allergen groups are named once each', () => {
    const lines = mix({ flour_rye_medium: 100, flour_wheat_strong: 100, egg_whole: 50 });
    const { title } = cautionsFor({ ...QUIET, lines }).find(({ code }) => code === 'allergens') ?? { title: '' };
    expect(title).toBe('Contains: gluten, wheat, egg');
  });
  it('nothing weighed is nothing said', () =>
    expect(speaks('avoid-onion', { lines: mix({ ...BISCUIT, onion: 0 }) })).toBe(false));
});
