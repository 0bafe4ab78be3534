import { isLiver, opened, type DoughLine } from '../pantry';
import { dailyEnergy, type DogProfile } from './dog-profile';

/** What a day's treats run into. */
const LIMITS = ['energy', 'vitamin-a', 'liver', 'salt', 'fat', 'fibre'] as const;
export type Limit = (typeof LIMITS)[number];

/** How many pieces a dog may have a day, and what runs out first. */
export type Allowance = {
  /** Whole pieces from one up, quarters below; 0 when not even a quarter. */
  readonly pieces: number;
  readonly limit: Limit;
  /** Pieces that each limit alone would allow; only those that the treat touches. */
  readonly by: Readonly<Partial<Record<Limit, number>>>;
  readonly treats_kcal: number;
};

/** Treats are at most this share of a day's energy [1]. Source: WSAVA. */
const TREAT_SHARE = 0.1;
/** Preformed vitamin A [IU per 1000 kcal]: about a fifth of the upper limit of NRC 2006. Source: ours. */
const VITAMIN_A = 10_000;
/** Raw liver [g per kg of dog]: a twentieth of the diet at most. Source: ours. */
const LIVER = 1;
/** Sodium from treats [mg per kg of dog]. Source: ours, after NRC 2006. */
const SODIUM = 10;
/** Fat and fibre from treats [g per kg^0.75]. Source: ours. */
const FAT = 0.6;
const FAT_WHEN_UPSET = 0.3;
const FIBRE = 0.25;
const FIBRE_FROM: ReadonlySet<string> = new Set(['fruit puree', 'root/veg puree', 'seed']);
const isFibreSource = ({ id, category }: DoughLine['ingredient']): boolean =>
  FIBRE_FROM.has(category) || id.includes('bran') || id.includes('psyllium');

/** What one piece brings, as raw ingredients: drying hides neither liver nor salt. */
type PerPiece = Readonly<Record<Limit, number>>;

function perPiece(lines: readonly DoughLine[], pieces: number, kcal_per_piece: number): PerPiece {
  const sum = (of: (line: DoughLine) => number): number => lines.reduce((total, line) => total + of(line), 0) / pieces;
  const share = (key: 'fat' | 'fibre' | 'sodium_mg' | 'retinol_iu') => (line: DoughLine) =>
    (line.ingredient[key] * line.mass_g) / 100;
  return {
    energy: kcal_per_piece,
    'vitamin-a': sum(share('retinol_iu')),
    liver: opened(lines).reduce((all, { ingredient, mass_g }) => all + (isLiver(ingredient) ? mass_g : 0), 0) / pieces,
    salt: sum(share('sodium_mg')),
    fat: sum(share('fat')),
    fibre: sum((line) => (isFibreSource(line.ingredient) ? share('fibre')(line) : 0)),
  };
}

/**
 * Most pieces per day for one dog: the smallest of what energy and each ingredient allow.
 *
 * @param lines - the whole dough, raw; `pieces` are made of it
 */
export function allowance(
  lines: readonly DoughLine[],
  pieces: number,
  kcal_per_piece: number,
  dog: Omit<DogProfile, 'name' | 'avoids'>,
): Allowance {
  const daily_kcal = dailyEnergy(dog);
  const metabolic = dog.weight_kg ** 0.75;
  const most: PerPiece = {
    energy: TREAT_SHARE * daily_kcal,
    'vitamin-a': (VITAMIN_A * daily_kcal) / 1000,
    liver: LIVER * dog.weight_kg,
    salt: SODIUM * dog.weight_kg,
    fat: (dog.upsetByFat ? FAT_WHEN_UPSET : FAT) * metabolic,
    fibre: FIBRE * metabolic,
  };
  const one = perPiece(lines, pieces, kcal_per_piece);
  const by = Object.fromEntries(LIMITS.filter((limit) => one[limit] > 0).map((limit) => [limit, most[limit] / one[limit]]));
  const [limit, least] = (Object.entries(by) as Array<[Limit, number]>).reduce<readonly [Limit, number]>(
    (worst, entry) => (entry[1] < worst[1] ? entry : worst),
    ['energy', Infinity],
  );
  return { pieces: wholeOrQuarters(least), limit, by, treats_kcal: most.energy };
}

const wholeOrQuarters = (pieces: number): number => (pieces >= 1 ? Math.floor(pieces + 1e-9) : Math.floor(4 * pieces + 1e-9) / 4);

/** Bits for training: what one may weigh when so many are given, and how many of this weight there may be. */
type Training = { readonly kcal_per_bit: number; readonly g_per_bit: number; readonly bits_per_session: number };

/**
 * Shares a day's treats out over sessions.
 *
 * @param plan - its `bit_g` is what one bit of the batch weighs; `bits_per_session` says how many of those
 */
export function training(
  treats_kcal: number,
  kcal_per_g: number,
  plan: { readonly sessions: number; readonly bits: number; readonly bit_g: number },
): Training {
  const perSession = treats_kcal / plan.sessions;
  return {
    kcal_per_bit: perSession / plan.bits,
    g_per_bit: perSession / plan.bits / kcal_per_g,
    bits_per_session: Math.floor(perSession / (plan.bit_g * kcal_per_g) + 1e-9),
  };
}
