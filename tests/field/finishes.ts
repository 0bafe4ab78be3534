/**
 * What kitchens find of what goes on the treat: when it sets, what it does to the biscuit in the jar, how long it keeps, and
 * what heat it gets. Written down before the model knew of it; readings are paths of the result document.
 */
type Sureness = 'sure' | 'fair' | 'guess';
type Told = {
  readonly path: string;
  readonly range: readonly [number, number] | readonly string[];
  readonly sure: Sureness;
  readonly because: string;
};
type FinishScene = { readonly id: string; readonly document: object; readonly expects: readonly Told[] };

type Line = readonly [ingredient: string, amount: number, part?: string];
const lines = (of: readonly Line[]): object[] =>
  of.map(([ingredient, amount, part]) => ({ ingredient, amount, unit: 'g', ...(part ? { part } : {}) }));
const told = (path: string, range: Told['range'], sure: Sureness, because: string): Told => ({ path, range, sure, because });

const BISCUIT: readonly Line[] = [
  ['flour_wheat_wholemeal', 300],
  ['egg_whole', 55],
  ['water', 95],
  ['rapeseed_oil', 20],
];
const ROLLED = {
  method: 'roll-and-cut',
  thickness_mm: 6,
  cutter: { outline: 'circle', length_mm: 50 },
};
const CRISP = [
  { do: 'hold', setpoint_c: 175, minutes: 26, preheated: true },
  { do: 'hold', setpoint_c: 110, minutes: 120 },
];
const PLACES = [
  { option: 'clip-jar', store: 'room' },
  { option: 'zip-bag', store: 'fridge' },
  { option: 'zip-bag', store: 'freezer' },
];

const finished = (
  name: string,
  part: object,
  its: ReadonlyArray<readonly [string, number]>,
  { steps = CRISP, kitchen = {}, pack = PLACES }: { steps?: object[]; kitchen?: object; pack?: object[] } = {},
): object => ({
  format: 'upbeat-oven/batch',
  version: 1,
  name,
  kitchen: { altitude_m: 100, room_c: 20, room_rh_pct: 50, ...kitchen },
  recipe: {
    parts: [
      { name: 'Dough', role: 'dough' },
      { name: 'On top', ...part },
    ],
    ingredients: [...lines(BISCUIT), ...lines(its.map(([ingredient, amount]): Line => [ingredient, amount, 'On top']))],
  },
  shape: ROLLED,
  heat: { appliance: { kind: 'static-oven' }, base: 'paper-on-tray', steps },
  pack,
});
const STARCH_ICING = [
  ['starch_tapioca', 60],
  ['honey', 12],
  ['water', 28],
] as const;
const CAROB = [
  ['coconut_oil', 60],
  ['carob_powder', 40],
] as const;
const coat = (minutes: number): object[] => [...CRISP, { do: 'coat', part: 'On top' }, { do: 'dry-coat', minutes }];

const cake = (frosting: ReadonlyArray<readonly [string, number]>): object => ({
  format: 'upbeat-oven/batch',
  version: 1,
  name: 'Birthday cake',
  kitchen: { altitude_m: 100, room_c: 20, room_rh_pct: 50 },
  recipe: {
    parts: [
      { name: 'Cake', role: 'dough' },
      { name: 'Frosting', role: 'frosting' },
    ],
    ingredients: lines([
      ['flour_oat', 260],
      ['carrot_raw', 200],
      ['egg_whole', 150],
      ['applesauce', 150],
      ['rapeseed_oil', 40],
      ['baking_powder', 8],
      ...frosting.map(([ingredient, amount]): Line => [ingredient, amount, 'Frosting']),
    ]),
  },
  shape: { method: 'cake', pan: { shape: 'round', width_mm: 180 }, layers: 2, portions: 10 },
  heat: { appliance: { kind: 'static-oven' }, steps: [{ do: 'hold', setpoint_c: 175, minutes: 40, preheated: true }] },
  pack: [
    { option: 'zip-bag', store: 'room' },
    { option: 'zip-bag', store: 'fridge' },
    { option: 'zip-bag', store: 'freezer' },
  ],
});

export const FINISHES: readonly FinishScene[] = [
  {
    id: 'yoghurt-drizzle-room',
    document: finished('Yoghurt drizzle', { role: 'drizzle', grams_per_piece: 1 }, [['yogurt_greek', 100]], {
      steps: coat(1440),
    }),
    expects: [
      told('parts[1].sets.minutes', [360, 1800], 'fair', 'a yoghurt drizzle is left out "overnight, up to a day"'),
      told('parts[1].sets.by', ['drying'], 'sure', 'it sets by giving up its water'),
      told('heat.finish_minutes', [1440, 1440], 'sure', 'as the programme says'),
      told('parts[1].final_per_piece_g', [0.18, 0.4], 'fair', 'four fifths of it is water that leaves'),
    ],
  },
  {
    id: 'yoghurt-dip-wet',
    document: finished('Yoghurt dip, packed wet', { role: 'dip', grams_per_piece: 3 }, [['yogurt_greek', 100]], {
      steps: coat(90),
    }),
    expects: [
      told('keeps[0].days', [0, 2], 'sure', 'wet yoghurt at room heat is for the day'),
      told('keeps[1].days', [0, 5], 'fair', 'dipped in the morning, soft the next day or two; the dairy keeps under a week'),
      told('keeps[1].limit', ['finish', 'softening'], 'sure', 'the dip ends it: it spoils or it makes it soft'),
      told('outcome.snap', [0, 5], 'fair', 'a biscuit under wet yoghurt is not crisp the next day'),
    ],
  },
  {
    id: 'starch-icing',
    document: finished('Starch icing', { role: 'drizzle', grams_per_piece: 1 }, STARCH_ICING, { steps: coat(480) }),
    expects: [
      told('parts[1].sets.minutes', [45, 420], 'fair', 'starch or sugar icings set in a few hours'),
      told('keeps[0].fit_days', [21, 240], 'fair', 'a dried icing keeps as long as the biscuit'),
    ],
  },
  {
    id: 'carob-dip',
    document: finished('Carob and coconut fat', { role: 'dip', grams_per_piece: 3 }, CAROB, { steps: coat(60) }),
    expects: [
      told('parts[1].sets.by', ['cooling'], 'sure', 'fat sets as it cools'),
      told('parts[1].sets.minutes', [3, 60], 'sure', 'minutes in the fridge, within the hour in a cool kitchen'),
      told('keeps[0].days', [30, 240], 'fair', 'a fat coat takes nothing from a crisp biscuit'),
      told('outcome.snap', [7, 10], 'fair', 'and leaves it crisp'),
    ],
  },
  {
    id: 'peanut-drizzle',
    document: finished('Peanut butter drizzle', { role: 'drizzle', grams_per_piece: 1.5 }, [['peanut_butter', 100]], {
      steps: coat(60),
    }),
    expects: [told('parts[1].sets.by', ['not'], 'sure', 'it stays soft at room heat, and packs smear')],
  },
  {
    id: 'egg-wash-hot',
    document: finished('Egg wash', { role: 'wash' }, [['egg_whole', 55]], {
      steps: [{ do: 'brush', part: 'On top' }, ...CRISP],
    }),
    expects: [
      told('parts[1].hottest_c', [95, 180], 'sure', 'the face of a biscuit in a hot oven is far above 71'),
      told(
        'parts[1].per_piece_g',
        [0.08, 0.5],
        'fair',
        'a brushed coat is a tenth of a millimetre: an egg does a hundred biscuits',
      ),
      told('parts[1].left_g', [20, 54], 'fair', 'most of the egg is left in the cup'),
    ],
  },
  {
    id: 'egg-wash-late',
    document: finished('Egg wash as the oven goes off', { role: 'wash' }, [['egg_whole', 55]], {
      steps: [
        { do: 'hold', setpoint_c: 175, minutes: 26, preheated: true },
        { do: 'hold', setpoint_c: 60, minutes: 240, door: 'ajar' },
        { do: 'brush', part: 'On top' },
        { do: 'off', minutes: 60 },
      ],
    }),
    expects: [told('parts[1].hottest_c', [30, 66], 'sure', 'sixty degrees and falling')],
  },
  {
    id: 'cream-cheese-cake',
    document: cake([
      ['cream_cheese', 300],
      ['yogurt_greek', 60],
    ]),
    expects: [
      told('parts[1].on_treat_g', [250, 650], 'fair', 'an 18 cm cake of two layers takes 300 to 500 g'),
      told('keeps[0].days', [0, 0], 'sure', 'cream cheese does not stand at room heat'),
      told('keeps[1].days', [2, 5], 'sure', 'three to five days in the fridge'),
      told('keeps[1].limit', ['finish', 'microbial'], 'fair', 'the frosting goes first'),
      told('keeps[2].days', [30, 120], 'fair', 'one to three months frozen'),
      told('feeding.kcal_per_kg', [2000, 2900], 'fair', 'cake near 2000, cream cheese near 3000'),
    ],
  },
  {
    id: 'mash-cake',
    document: cake([
      ['potato_mash', 350],
      ['yogurt_greek', 40],
    ]),
    expects: [
      told('keeps[0].days', [0, 1], 'sure', 'mash is for the day'),
      told('keeps[1].days', [2, 7], 'fair', 'cooked potato keeps three or four days chilled'),
    ],
  },
];

/** What is longer than what: the first more than the second, by the same path. */
export const FINISH_DIRECTIONS: ReadonlyArray<{
  readonly what: string;
  readonly path: string;
  readonly more: object;
  readonly less: object;
}> = [
  {
    what: 'humid air sets it later',
    path: 'parts[1].sets.minutes',
    more: finished('Humid', { role: 'drizzle', grams_per_piece: 1 }, STARCH_ICING, {
      steps: coat(600),
      kitchen: { room_rh_pct: 72 },
    }),
    less: finished('Dry', { role: 'drizzle', grams_per_piece: 1 }, STARCH_ICING, {
      steps: coat(600),
      kitchen: { room_rh_pct: 40 },
    }),
  },
  {
    what: 'a thicker coat sets later',
    path: 'parts[1].sets.minutes',
    more: finished('Thick', { role: 'dip', grams_per_piece: 2.5 }, STARCH_ICING, { steps: coat(600) }),
    less: finished('Thin', { role: 'dip', grams_per_piece: 1 }, STARCH_ICING, { steps: coat(600) }),
  },
  {
    what: 'a dip dried for a day leaves it crisper than one packed wet',
    path: 'outcome.snap',
    more: finished('Dried', { role: 'dip', grams_per_piece: 1.5 }, [['yogurt_greek', 100]], { steps: coat(1440) }),
    less: finished('Wet', { role: 'dip', grams_per_piece: 1.5 }, [['yogurt_greek', 100]], { steps: coat(60) }),
  },
  {
    what: 'a fat coat keeps it crisp longer than a yoghurt one',
    path: 'keeps[0].days',
    more: finished('Fat', { role: 'dip', grams_per_piece: 2 }, CAROB, { steps: coat(240) }),
    less: finished('Yoghurt', { role: 'dip', grams_per_piece: 2 }, [['yogurt_greek', 100]], { steps: coat(240) }),
  },
];
