import { pieceSizes, sizeVerdict, type SizeVerdict } from '../cautions';
import type { DoughLine } from '../pantry';
import { allowance, type Allowance } from './allowance';
import type { DogProfile } from './dog-profile';
import { screen, type Objection } from './screen';

/** A batch as far as a dog's mouth and stomach are concerned. */
export type FeedingInput = {
  readonly lines: readonly DoughLine[];
  readonly pieces: number;
  readonly kcal_per_piece: number;
  /** Longer two sides of a finished piece [mm]. */
  readonly sides_mm: readonly [longest: number, second: number];
  /** Force that snaps it, and whether it is crisp enough for that to count [N]. */
  readonly force_N: number;
  readonly hard: boolean;
  /** Codes of stop cautions of the batch. */
  readonly blockedBy: readonly string[];
};

/** Why a dog may have fewer, or none. */
export type Reason =
  | { readonly kind: 'blocked'; readonly codes: readonly string[] }
  | { readonly kind: 'reacts' | 'may-react'; readonly objections: readonly Objection[] }
  | { readonly kind: 'too-hard' | 'hard'; readonly force_N: number; readonly most_N: number }
  | { readonly kind: 'throat'; readonly throat_mm: number }
  | { readonly kind: 'limit'; readonly limit: Allowance['limit'] };

/** What one dog may have of one batch. `few` is a piece or two, or one that wants watching; `ask` may hold what it reacts to. */
export type FeedingVerdict = {
  readonly dog: string;
  readonly may: 'yes' | 'few' | 'ask' | 'no';
  readonly allowance: Allowance;
  readonly size: SizeVerdict;
  readonly reasons: readonly Reason[];
};

/** A bar that takes this much to snap is hard on teeth; less for the young, the old and the worn [N]. Source: ours; Soltero-Rivera et al. 2019. */
const HARD_N = 150;
const HARD_FOR_WEAK_TEETH_N = 60;
/** This many times as hard, and it is not for that mouth [1]. */
const TOO_HARD = 2;
/** So many or fewer a day are few. */
const FEW = 2;

/** Who may have a batch, how many a day, and why not more. Nothing found is not a promise. */
export function feedingVerdict(fed: FeedingInput, dog: DogProfile): FeedingVerdict {
  const allowed = allowance(fed.lines, fed.pieces, fed.kcal_per_piece, dog);
  const size = sizeVerdict(fed.sides_mm[0], fed.sides_mm[1], dog.weight_kg);
  const reasons = [...blocked(fed), ...allergies(fed, dog), ...teeth(fed, dog), ...throat(fed, dog, size), ...limit(allowed)];
  const has = (...kinds: Array<Reason['kind']>): boolean => reasons.some(({ kind }) => kinds.includes(kind));
  const none = has('blocked', 'reacts', 'too-hard') || allowed.pieces === 0;
  const may = none ? 'no' : has('may-react') ? 'ask' : has('hard', 'throat', 'limit') ? 'few' : 'yes';
  return { dog: dog.name, may, allowance: allowed, size, reasons };
}

const blocked = ({ blockedBy }: FeedingInput): Reason[] => (blockedBy.length > 0 ? [{ kind: 'blocked', codes: blockedBy }] : []);

function allergies({ lines }: FeedingInput, dog: DogProfile): Reason[] {
  const [{ may, objections }] = screen(lines, [dog]).dogs;
  if (may === 'yes') return [];
  return [{ kind: may === 'no' ? 'reacts' : 'may-react', objections }];
}

function teeth({ force_N, hard }: FeedingInput, { age, wornTeeth }: DogProfile): Reason[] {
  const most_N = wornTeeth || age !== 'adult' ? HARD_FOR_WEAK_TEETH_N : HARD_N;
  if (!hard || force_N <= most_N) return [];
  return [{ kind: force_N > TOO_HARD * most_N ? 'too-hard' : 'hard', force_N, most_N }];
}

const throat = ({ hard }: FeedingInput, { weight_kg }: DogProfile, size: SizeVerdict): Reason[] =>
  hard && size === 'throat' ? [{ kind: 'throat', throat_mm: pieceSizes(weight_kg).throat_mm }] : [];

const limit = ({ pieces, limit: by }: Allowance): Reason[] => (pieces <= FEW ? [{ kind: 'limit', limit: by }] : []);
