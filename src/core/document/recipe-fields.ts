import { choice, flag, group, list, number, text, type ValueOf } from '../fields';
import { UNITS } from '../quantities';
import { PART_ROLES, PART_TIMES } from '../catalogue';
import { METHODS } from './methods';

/** Longest word, name or note [characters]. */
const WORD = 200;
const SENTENCES = 1000;
/** Grams of one component in a hundred grams of an ingredient. */
const per100 = number('mass', [0, 100], { step: 0.1 });
const per100Required = { ...per100, required: true } as const;

/** A baker's own ingredient per 100 g, in a batch file and in the pantry's form. */
export const OWN_COMPOSITION = group(
  {
    water: per100Required,
    protein: per100Required,
    fat: per100Required,
    carbohydrate: per100Required,
    sugars: per100,
    fibre: per100,
    starch: per100,
    ash: per100,
    sodium_mg: number('salt', [0, 40_000]),
    density_g_per_ml: number('density', [0.05, 3], { step: 0.05, meaning: 'lightly filled' }),
    each_g: number('mass', [0.1, 5000], { step: 0.1, meaning: 'weight of one, for what is counted' }),
    allergen: text(WORD, { meaning: '"none" when the packet names none; without it dogs with an allergy are asked about' }),
  },
  { meaning: 'composition of an ingredient that no table has' },
);

/** In any unit. */
export const AMOUNT = number('amount', [0, 1e6], { required: true });
const ABOVE_NOUGHT = { ...AMOUNT, above: true } as const;
const INGREDIENT = text(WORD, { required: true, meaning: 'an id of the table, or any name together with its composition' });
const UNIT = choice(UNITS, { required: true });

/** Longest name of a part [characters]. */
const PART_NAME = 80;

/** Ways to say how much of a part ends on the treats. */
const PART_AMOUNTS = ['grams', 'grams_per_piece', 'share_of_dough_pct', 'thickness_mm', 'coats'] as const;

export const RECIPE_PART = group(
  {
    name: text(PART_NAME, { required: true }),
    role: choice(PART_ROLES, { required: true }),
    grams: number('mass', [0, 200_000], {
      usual: 'all that is made of it; of a wash one coat, of dusting what sticks, of frosting what the cake takes',
      step: 5,
      meaning: 'of it on all treats of the recipe as written; it grows with the scale',
    }),
    grams_per_piece: number('mass', [0, 5000], { step: 0.1, meaning: 'of it on one piece' }),
    share_of_dough_pct: number('share', [0, 1000], { meaning: 'of it for a hundred grams of dough' }),
    thickness_mm: number('length', [0, 60], { step: 0.1, meaning: 'how thick it lies on what it covers' }),
    coats: number('count', [1, 20], { whole: true, meaning: 'brushed or poured thin, so many times' }),
    covers_pct: number('share', [1, 400], {
      usual: 'the upper face: a drizzle a third of it',
      step: 5,
      meaning: 'of the upper face of a piece; more than a hundred goes round it',
    }),
    when: choice(PART_TIMES, { usual: 'by its role, and where the programme names it', meaning: 'the heat it gets' }),
  },
  { atMostOneOf: PART_AMOUNTS },
);
export type RecipePart = ValueOf<typeof RECIPE_PART>;

/** Grams of an ingredient that went into a hundred grams of a finished thing; wet ones weigh more before than after. */
const MADE_OF = group({ ingredient: INGREDIENT, grams: number('mass', [0, 2000], { required: true }) });

export const RECIPE_LINE = group({
  ingredient: INGREDIENT,
  amount: AMOUNT,
  amount_low: { ...number('amount', [0, 1e6]), meaning: 'least, where the recipe gives a range' },
  amount_high: { ...number('amount', [0, 1e6]), meaning: 'most, where the recipe gives a range' },
  part: text(PART_NAME, { usual: 'the dough', meaning: 'which of the parts it belongs to' }),
  unit: UNIT,
  size: text(WORD, { meaning: 'of a counted thing, as the table names it: "UK large"' }),
  composition_per_100g: OWN_COMPOSITION,
  made_of: list(MADE_OF, {
    most: 60,
    meaning:
      'what went into a thing that was baked elsewhere, beside its composition: the label names it and dogs are asked about it',
  }),
  mashed: flag({
    default: false,
    meaning: 'fruit or root with its cells broken: whole it keeps its water, mashed it wets the dough',
  }),
  water_pct: number('share', [0, 99.5], { step: 0.1, meaning: 'its moisture as weighed, where it differs from the table' }),
  actual_g: number('mass', [0, 200_000], {
    usual: 'the amount times the scale',
    meaning: 'what really went into the bowl of this batch',
  }),
  note: text(WORD, { meaning: "how it is prepared or what to mind, in the baker's words" }),
});
export type RecipeLine = ValueOf<typeof RECIPE_LINE>;

/** One thing to do, in the baker's words. */
export const RECIPE_STEP = group({
  text: text(SENTENCES, { required: true }),
  minutes: number('duration', [0, 2880]),
  tool: text(WORD),
});
export type RecipeStep = ValueOf<typeof RECIPE_STEP>;

const PROMISED_STORE = group({
  store: choice(['room', 'fridge', 'freezer'], { required: true }),
  days: number('days', [0, 4000], { required: true }),
});

/** What a recipe from elsewhere promises, in numbers; the prediction stands beside it. */
export const PROMISES = group({
  pieces: number('count', [1, 20_000], { whole: true }),
  servings: number('count', [1, 1000], { whole: true }),
  minutes: number('duration', [0, 20_000], { meaning: 'in the heat, the cold or the drier' }),
  keeps: list(PROMISED_STORE, { most: 6 }),
});
export type Promises = ValueOf<typeof PROMISES>;

export const RECIPE = group({
  name: text(WORD, { empty: true }),
  summary: text(SENTENCES),
  method: choice(METHODS, { meaning: 'which of the twenty ways of working it is' }),
  ingredients: list(RECIPE_LINE, { least: 1, most: 60, required: true }),
  parts: list(RECIPE_PART, { most: 20, usual: 'one dough' }),
  promises: { ...PROMISES, meaning: 'what the recipe itself says will come of it' } as const,
  rest_minutes: number('duration', [0, 1440], { default: 10, step: 5, meaning: 'how long the dough stands before it is shaped' }),
  steps: list(RECIPE_STEP, { most: 60 }),
});
export type Recipe = ValueOf<typeof RECIPE>;

/** So much of an ingredient is there, and all of it shall be used. */
const FIXED_AMOUNT = { ingredient: INGREDIENT, amount: ABOVE_NOUGHT, unit: UNIT } as const;
export type FixedAmount = { readonly ingredient: string; readonly amount: number; readonly unit: RecipeLine['unit'] };

/** What the batch is scaled by, one way each. */
export const SCALES = {
  factor: { factor: number('ratio', [0, 1000], { above: true, required: true, step: 0.5 }) },
  dough_mass: { dough_g: number('mass', [0, 200_000], { above: true, required: true, step: 100 }) },
  pieces: { pieces: number('count', [1, 20_000], { whole: true, required: true }) },
  trays: { trays: number('count', [1, 200], { whole: true, required: true }) },
  loads: { loads: number('count', [1, 50], { whole: true, required: true, meaning: 'fillings of the first appliance' }) },
  ingredient: FIXED_AMOUNT,
  /** Several things are fixed: the scarcest limits the batch. */
  fixed: { fixed: list(group(FIXED_AMOUNT), { least: 1, most: 20, required: true }) },
} as const;
