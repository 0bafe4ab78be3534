import { usualBinders, type DoughLine, type Ingredient, type Pantry } from '../pantry';
import { gramsToReach } from './adjust';
import { FEEL_STARTS, FEEL_TARGETS, crumbleEdge, holding, isDough } from './feel';
import { USUAL_BOWL, boundWater, softness, type BowlState } from './softness';

/** What a baker complains of. */
export const COMPLAINTS = ['too-sticky', 'too-dry', 'cracks', 'will-not-hold'] as const;
export type Complaint = (typeof COMPLAINTS)[number];

type Choice<T> = { readonly value: T; readonly words: string };
/** The two questions that place a dough: how long it stood, and what it does. */
export type DoctorQuestions = {
  readonly stood: { readonly ask: string; readonly choices: ReadonlyArray<Choice<number>> };
  readonly does: { readonly ask: string; readonly choices: ReadonlyArray<Choice<string>> };
};

const STOOD: DoctorQuestions['stood'] = {
  ask: 'How long has it stood since you mixed it?',
  choices: [
    { value: 0, words: 'just mixed' },
    { value: 10, words: 'about ten minutes' },
    { value: 30, words: 'half an hour or more' },
  ],
};

/**
 * Softness index that a hand reads from what a dough does; relative to the crumble edge where `overEdge` is set.
 * Source: ours, the bands of the calibration doughs read backwards.
 */
type Sign = { readonly words: string; readonly index?: number; readonly overEdge?: number; readonly cold?: true };
const SIGNS: Readonly<Record<Complaint, Readonly<Record<string, Sign>>>> = {
  'too-sticky': {
    board: { words: 'it sticks to the board', index: 1.1 },
    hands: { words: 'it sticks to the hands', index: 1.2 },
    spoon: { words: 'it drops from the spoon', index: 1.6 },
    runs: { words: 'it runs', index: 2.2 },
  },
  'too-dry': {
    crumbs: { words: 'crumbs that will not come together', overEdge: -0.06 },
    squeezed: { words: 'it holds when squeezed, and breaks when rolled', overEdge: 0.03 },
    stiff: { words: 'it holds, but is hard to roll', index: 0.65 },
  },
  cracks: {
    warm: { words: 'it is at room heat', overEdge: 0.12 },
    cold: { words: 'it comes from the fridge', cold: true },
  },
  'will-not-hold': {
    dry: { words: 'it falls apart dry', overEdge: -0.04 },
    wet: { words: 'it slumps, wet', index: 1.35 },
    grainy: { words: 'it is neither, it just does not stick together', index: 0.85 },
  },
};
const ASKS: Readonly<Record<Complaint, string>> = {
  'too-sticky': 'What does it do?',
  'too-dry': 'What does it do?',
  cracks: 'How warm is it?',
  'will-not-hold': 'How does it fail?',
};

/** What to ask for a complaint. */
export const doctorQuestions = (complaint: Complaint): DoctorQuestions => ({
  stood: STOOD,
  does: {
    ask: ASKS[complaint],
    choices: Object.entries(SIGNS[complaint]).map(([value, { words }]) => ({ value, words })),
  },
});

/** One remedy, in grams or minutes. */
export type Remedy =
  | { readonly kind: 'add'; readonly ingredient: Ingredient; readonly mass_g: number; readonly why: string }
  | { readonly kind: 'wait' | 'warm'; readonly minutes: number; readonly why: string };

/** A dough that gives way within this time by standing alone is left to stand [min]. Source: ours. */
const LONGEST_WAIT_MIN = 40;
/** A fist of cold dough on the table loses its chill in this time [min]. Source: ours, 3 cm of dough in still air. */
const WARMS_IN_MIN = 20;
/** Share of the dry goods' binding below which a dough wants a binder, not water [1]. Source: ours. */
const WEAK_BINDING = 0.45;
const ENOUGH_BINDING = 0.6;
/** Smaller additions are not worth the bowl [g]. Source: ours. */
const LEAST_G = 1;

export type DoctorCase = {
  readonly complaint: Complaint;
  readonly stood_min: number;
  /** Which of the complaint's signs it shows. */
  readonly does: string;
  readonly lines: readonly DoughLine[];
  readonly pantry: Pantry;
  readonly kitchen_c: number;
};

/**
 * What to do about a dough that misbehaves. The hand's judgement outweighs the prediction: the liquid in the bowl is taken
 * to be what the sign says, and the remedy is worked out from there.
 */
export function doctor({ complaint, stood_min, does, lines, pantry, kitchen_c }: DoctorCase): Remedy[] {
  const bowl: BowlState = { standing_min: stood_min, kitchen_c };
  const sign = SIGNS[complaint][does];
  const { index } = softness(lines, bowl);
  if (!sign) return [];
  if (!isDough(lines)) return thickened(lines, bowl, sign, pantry);
  if (!Number.isFinite(index) || index <= 0) return [];
  if (sign.cold)
    return [
      {
        kind: 'warm',
        minutes: WARMS_IN_MIN,
        why: 'Cold fat is firm: the same dough rolls without cracking once it has lost its chill.',
      },
    ];
  const felt = sign.index ?? crumbleEdge(lines) + (sign.overEdge ?? 0);
  const wetter = felt / index;
  const target = FEEL_TARGETS.rollable;
  if (complaint === 'will-not-hold' && holding(lines) < WEAK_BINDING) return binders(lines, pantry);
  if (felt > target) {
    const wait = minutesUntil(lines, bowl, wetter);
    const adds = amounts(lines, bowl, wetter, target, flourOf(lines, pantry), 'takes up the free water');
    return wait === null
      ? adds
      : [{ kind: 'wait', minutes: wait, why: 'What is in it is still drinking: let it stand before you add anything.' }, ...adds];
  }
  return [
    ...amounts(lines, bowl, wetter, target, [pantry.get('water')], 'wets it through; add it by the spoon'),
    ...amounts(lines, bowl, wetter, target, [pantry.get('egg_whole')], 'wets it and holds it together'),
  ];
}

/**
 * Puree, fruit, meat or liver without flour: only what is too wet can be put right by weight, with a flour that makes a dough of it.
 * How wet it feels is no measure of it, so it is reckoned from what lies in the bowl.
 */
function thickened(lines: readonly DoughLine[], bowl: BowlState, sign: Sign, pantry: Pantry): Remedy[] {
  if (sign.index === undefined || sign.index < FEEL_STARTS['soft-sticky']) return [];
  const why = 'there is no flour in it that could drink: this makes a dough of it; or drain it, or cook it down';
  return amounts(lines, bowl, 1, FEEL_TARGETS['soft-sticky'], [pantry.get('flour_oat')], why);
}

/** Minutes until standing alone brings it under the sticky band; null when it will not, or not soon. */
function minutesUntil(lines: readonly DoughLine[], bowl: BowlState, wetter: number): number | null {
  for (let more_min = 5; more_min <= LONGEST_WAIT_MIN; more_min += 5) {
    const later = softness(lines, { ...bowl, standing_min: bowl.standing_min + more_min }).index * wetter;
    if (later <= FEEL_STARTS['soft-sticky']) return more_min;
  }
  return null;
}

// oxlint-disable-next-line max-params -- older than the rule
function amounts(
  lines: readonly DoughLine[],
  bowl: BowlState,
  wetter: number,
  target: number,
  ingredients: ReadonlyArray<Ingredient | undefined>,
  why: string,
): Remedy[] {
  return ingredients.flatMap((ingredient): Remedy[] => {
    if (!ingredient) return [];
    const fix = gramsToReach(lines, ingredient, target, bowl, wetter);
    return fix.kind === 'add' && fix.mass_g >= LEAST_G ? [{ kind: 'add', ingredient, mass_g: fix.mass_g, why }] : [];
  });
}

/** The flour that is in it already, or a plain one. */
function flourOf(lines: readonly DoughLine[], pantry: Pantry): Array<Ingredient | undefined> {
  const flours = lines.filter(
    ({ ingredient }) => ingredient.category === 'flour/meal' && boundWater(ingredient, USUAL_BOWL.standing_min) >= 0.3,
  );
  const main = flours.reduce<DoughLine | null>((most, line) => (most && most.mass_g >= line.mass_g ? most : line), null);
  return [main?.ingredient ?? pantry.get('flour_rice_brown')];
}

/** Grams of each usual binder that bring the dough's holding power up. */
function binders(lines: readonly DoughLine[], pantry: Pantry): Remedy[] {
  return usualBinders(pantry).flatMap((ingredient): Remedy[] => {
    const mass_g = gramsToHold(lines, ingredient);
    return mass_g >= LEAST_G
      ? [{ kind: 'add', ingredient, mass_g, why: 'its flours hold together poorly by themselves: this binds them' }]
      : [];
  });
}

/** Solves the holding power for one ingredient, by halving. */
function gramsToHold(lines: readonly DoughLine[], ingredient: Ingredient): number {
  const dry_g = lines.reduce((sum, { mass_g }) => sum + mass_g, 0);
  let [low, high] = [0, dry_g];
  if (holding([...lines, { ingredient, mass_g: high }]) < ENOUGH_BINDING) return 0;
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (holding([...lines, { ingredient, mass_g: middle }]) < ENOUGH_BINDING) low = middle;
    else high = middle;
  }
  return high;
}
