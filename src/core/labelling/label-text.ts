import { counted } from '../quantities';
import { dayIn, massIn, sentenceIn, type Reader } from '../said';
import type { Guarantees } from './guarantees';
import type { Declared } from './ingredient-list';

/** Parts of a label, in the order they stand. */
export const LABEL_PARTS = [
  'title',
  'kind',
  'ingredients',
  'analysis',
  'allergens',
  'feeding',
  'storage',
  'net',
  'bestBefore',
  'lot',
  'maker',
] as const;
export type LabelPart = (typeof LABEL_PARTS)[number];

/** What a label says, part by part; every part may be rewritten, and an empty one is left out. */
export type LabelText = Readonly<Record<LabelPart, string>>;

/** What a label is written from. */
export type LabelFacts = {
  readonly name: string;
  readonly ingredients: readonly Declared[];
  /** Sure and possible allergens. */
  readonly allergens: readonly string[];
  readonly mayContain: readonly string[];
  readonly guarantees: Guarantees;
  readonly kcal_per_100g: number;
  readonly kcal_per_piece: number;
  readonly net_g: number;
  /** ISO dates; null where there is none to print. */
  readonly bestBefore: string | null;
  readonly lot: string;
  readonly maker: string;
  readonly store: 'room' | 'fridge' | 'freezer';
  readonly afterOpening_days: number | null;
  /** Most pieces a day for a 10 kg dog. */
  readonly perDayAt10kg: number;
};

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .filter((word) => word.length > 3)
    .map((word) => word.replace(/s$/, ''));
/** Shares are told of what gives the treat its name: of beetroot in beet bars, of carob in carob swirls. */
const isNamed = (name: string, { name: ingredient }: Declared): boolean =>
  wordsOf(name).some((said) => wordsOf(ingredient).some((word) => word.startsWith(said) || said.startsWith(word)));

/** What is inside; where ounces are read, grams stand beside them. */
const netWords = (net_g: number, reader: Reader): string =>
  reader.mass === 'g' ? `${net_g} g` : `${massIn(reader, net_g)} (${net_g} g)`;

/** A label's words, in the units and dates of whoever sells it. Local rules differ: these are a start, not a certificate. */
export function labelText(facts: LabelFacts, reader: Reader): LabelText {
  const { guarantees: g } = facts;
  return {
    title: facts.name,
    kind: 'Complementary treat for dogs',
    ingredients: facts.ingredients
      .map((one) => (isNamed(facts.name, one) ? `${one.name} ${percent(one.share_pct)} %` : one.name))
      .join(', '),
    analysis:
      `Protein min ${g.protein_min_pct} %, fat min ${g.fat_min_pct} %, fibre max ${g.fibre_max_pct} %, ` +
      `moisture max ${g.moisture_max_pct} %. About ${Math.round(facts.kcal_per_100g)} kcal per 100 g, ${piece(facts.kcal_per_piece)} kcal a piece.`,
    allergens: contains(facts),
    feeding: sentenceIn(reader, feedingWords(facts.perDayAt10kg)),
    storage: sentenceIn(reader, storageWords(facts)),
    net: netWords(facts.net_g, reader),
    bestBefore: facts.bestBefore ? dayIn(reader, facts.bestBefore) : '',
    lot: facts.lot,
    maker: facts.maker,
  };
}

const percent = (share: number): string => (share < 10 ? share.toFixed(1) : share.toFixed(0));
const piece = (kcal: number): string => (kcal < 10 ? kcal.toFixed(1) : kcal.toFixed(0));

function contains({ allergens, mayContain }: LabelFacts): string {
  const sure = allergens.length > 0 ? `Contains ${allergens.join(', ')}.` : '';
  const maybe = mayContain.length > 0 ? `May contain ${mayContain.join(', ')}.` : '';
  return [sure, maybe].filter(Boolean).join(' ');
}

function feedingWords(perDay: number): string {
  const most = perDay >= 1 ? `up to ${perDay} a day` : perDay > 0 ? 'less than one a day' : 'not every day';
  return `A treat, not a meal: ${most} for a 10 kg dog. Fresh water beside it. Watch your dog eat.`;
}

const PLACES = { room: 'Cool, dry and closed.', fridge: 'In the fridge, below 5 °C.', freezer: 'Frozen, at -18 °C.' } as const;

function storageWords({ store, afterOpening_days }: LabelFacts): string {
  const thaw = store === 'freezer' ? ' Thaw closed, in the fridge; do not freeze again.' : '';
  const opened =
    afterOpening_days !== null && afterOpening_days > 0 ? ` Once open, use within ${wholeSpan(afterOpening_days)}.` : '';
  return PLACES[store] + thaw + opened;
}

const wholeSpan = (days: number): string => (days >= 14 ? counted(Math.floor(days / 7), 'week') : counted(days, 'day'));
