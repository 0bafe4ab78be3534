import {
  HAND_MEASURES,
  isVolumeUnit,
  volumeOf,
  type CupFill,
  type HandMeasure,
  type Unit,
  type VolumeUnit,
} from '@/core/quantities';
import { plainText, readAmount } from './amount';

/** Units of the batch file, and those that only a written recipe uses. */
export type ReadUnit = Unit | HandMeasure;
/** A measure as written: its unit, and how many of it one of the written ones is. */
export type Measure = { readonly unit: ReadUnit; readonly times: number };
/** Which country's cups, spoons and ounces are meant when the words leave it open. */
export type Measures = 'us' | 'metric' | 'imperial';

/** How the baker measures, as far as a written recipe leaves it open. */
export type ReadingHabits = {
  readonly measures: Measures;
  /** Whose egg sizes: a British large egg is an American extra large one. */
  readonly sizes: 'UK' | 'US';
  readonly fill: CupFill;
};

const isVolume = (unit: ReadUnit): unit is VolumeUnit => isVolumeUnit(unit as Unit);

/** Volume of so many [mL]; null for what is no volume. */
export function volumeMl(amount: number, unit: ReadUnit): number | null {
  if (unit in HAND_MEASURES) return amount * HAND_MEASURES[unit as HandMeasure];
  return isVolume(unit) ? volumeOf(amount, unit) : null;
}

const fixed = (unit: ReadUnit, times = 1): Record<Measures, Measure> => ({
  us: { unit, times },
  metric: { unit, times },
  imperial: { unit, times },
});
const CUPS: Record<Measures, Measure> = {
  us: { unit: 'cup-us', times: 1 },
  metric: { unit: 'cup-metric', times: 1 },
  imperial: { unit: 'cup-uk', times: 1 },
};
const half = (measure: Record<Measures, Measure>, times: number): Record<Measures, Measure> => ({
  us: { ...measure.us, times },
  metric: { ...measure.metric, times },
  imperial: { ...measure.imperial, times },
});
const PINTS: Record<Measures, Measure> = {
  us: { unit: 'pint-us', times: 1 },
  metric: { unit: 'pint-uk', times: 1 },
  imperial: { unit: 'pint-uk', times: 1 },
};
const FLUID_OUNCES: Record<Measures, Measure> = {
  us: { unit: 'fl-oz-us', times: 1 },
  metric: { unit: 'fl-oz-uk', times: 1 },
  imperial: { unit: 'fl-oz-uk', times: 1 },
};

/** Longer spellings first: "fl oz" is not "fl". A capital T is a tablespoon and a small one a teaspoon, so those two mind their case. */
const UNITS: ReadonlyArray<readonly [pattern: RegExp, meaning: Record<Measures, Measure>]> = [
  [/^(kilograms?|kilogrammes?|kilos?|kgs?)\b\.?/i, fixed('kg')],
  [/^(milligrams?|mg)\b\.?/i, fixed('g', 0.001)],
  // Gram flour is a flour: "200 gram flour" may mean either and is asked about.
  [/^(?!gram flour)(grams?|grammes?|gr|gms?|g)\b\.?/i, fixed('g')],
  [/^(fluid ounces?|fl\.? ?ozs?)\b\.?/i, FLUID_OUNCES],
  [/^(ounces?|ozs?)\b\.?/i, fixed('oz')],
  [/^(pounds?|lbs?)\b\.?/i, fixed('lb')],
  [/^(millilit(?:er|re)s?|mls?|cc)\b\.?/i, fixed('ml')],
  [/^(centilit(?:er|re)s?|cls?)\b\.?/i, fixed('ml', 10)],
  [/^(decilit(?:er|re)s?|dls?)\b\.?/i, fixed('ml', 100)],
  [/^(lit(?:er|re)s?|ltrs?|l)\b\.?/i, fixed('l')],
  [/^(quarts?|qts?)\b\.?/i, half(PINTS, 2)],
  [/^(pints?|pts?)\b\.?/i, PINTS],
  // Capitals only: what a German kitchen's spoons are called.
  [/^(EL)\b\.?/, fixed('tbsp')],
  [/^(TL)\b\.?/, fixed('tsp')],
  [/^(tablespoon(?:ful)?s?|table spoons?|tbsps?|tbls?p?|tbs|T)\b\.?(?! ?bone)/, fixed('tbsp')],
  [/^(Tablespoon(?:ful)?s?|Tbsps?|Tbls?p?|Tbs|TBSPS?)\b\.?/, fixed('tbsp')],
  [/^(dessert ?spoon(?:ful)?s?|dsps?)\b\.?/i, fixed('tsp', 2)],
  [/^(teaspoon(?:ful)?s?|tea spoons?|tsps?|ts|t)\b\.?/, fixed('tsp')],
  [/^(Teaspoon(?:ful)?s?|Tsps?|TSPS?)\b\.?/, fixed('tsp')],
  [/^(us|american) cup(?:ful)?s?\b/i, fixed('cup-us')],
  [/^(metric|australian) cup(?:ful)?s?\b/i, fixed('cup-metric')],
  [/^(uk|imperial|british) cup(?:ful)?s?\b/i, fixed('cup-uk')],
  [/^(cup(?:ful)?s?|c)\b\.?/i, CUPS],
  [/^(pinch(?:es)?|dash(?:es)?)\b/i, fixed('pinch')],
  [/^(handfuls?)\b/i, fixed('handful')],
];

const CONTAINERS =
  /^(tins?|cans?|mugs?|jars?|packets?|packages?|packs?|pkgs?|pouch(?:es)?|tubs?|pots?|cartons?|bags?|box(?:es)?|sachets?|envelopes?|sticks?|cloves?|rashers?|slices?|fillets?|sheets?|bottles?|blocks?|rings?|heads?|stalks?|sprigs?|bunch(?:es)?|knobs?|splash(?:es)?|drizzles?|glugs?|scoops?|lumps?|pieces?|inch(?:es)?|drops?|squirts?)\b\.?/i;

/** Sizes of bought things: they come before the container or the ingredient. */
const SIZE = /^(extra[ -]large|very large|x-?large|xl|jumbo|large|medium(?:[ -]sized)?|med\b\.?|small|big|little)(?![a-z])/i;

/** True when the text goes on with a tin, a sachet or the like: the weight before it is on its label. */
export const startsWithContainer = (text: string): boolean => CONTAINERS.test(text);

const OF = /^of\b\s*/i;

/** How a cup or spoon is filled: how many level ones it is, and whether it is pressed down or sifted. */
export type Filled = { readonly times: number; readonly fill: CupFill | null };
const LEVEL: Filled = { times: 1, fill: null };

export type ReadMeasure = {
  readonly filled: Filled;
  readonly measure: Measure | null;
  readonly container: string | null;
  readonly size: string | null;
  readonly rest: string;
};

const FILLING =
  /^(heaped|heaping|level|rounded|scant|generous|lightly packed|loosely packed|firmly packed|tightly packed|well packed|packed|sifted|lightly filled|good|big|large|small)\s+(?=(cup|c\b|tbsp|table|tsp|tea|handful|pinch|dessert))/i;
/** Heaped spoons hold about half as much again, heaped cups less than that; a scant cup lacks a spoon. Source: ours, weighed flours. */
const HEAPED = { spoon: 1.5, cup: 1.15 } as const;
const ROUNDED = { spoon: 1.25, cup: 1.08 } as const;
const SCANT = 0.92;

function filledAs(words: string | undefined, measured: string): Filled {
  const said = words?.toLowerCase() ?? '';
  const of = /^c/i.test(measured) ? 'cup' : 'spoon';
  if (/heap/.test(said)) return { times: HEAPED[of], fill: null };
  if (/round|generous|good|big|large/.test(said)) return { times: ROUNDED[of], fill: null };
  if (/scant|small/.test(said)) return { times: SCANT, fill: null };
  if (/loosely|lightly|sifted/.test(said)) return { times: 1, fill: 'spooned' };
  return /packed/.test(said) ? { times: 1, fill: 'scooped' } : LEVEL;
}

/** Reads the measure that follows an amount, whatever it is, with the size of the thing. */
export function readMeasure(text: string, measures: Measures): ReadMeasure {
  const bare = text.replace(/^[-x×]\s*/i, '');
  const filling = FILLING.exec(bare);
  const filled = filledAs(filling?.[1], filling?.[2] ?? '');
  let rest = filling ? bare.slice(filling[0].length) : bare;
  let size: string | null = null;
  const sized = SIZE.exec(rest);
  if (sized) {
    size = sized[1]
      .toLowerCase()
      .replace(/[ -]sized$/, '')
      .replace(/^med\.?$/, 'medium');
    rest = rest.slice(sized[0].length).trimStart();
  }
  for (const [pattern, meaning] of UNITS) {
    const found = pattern.exec(rest);
    if (!found) continue;
    return {
      measure: meaning[measures],
      container: null,
      size,
      filled,
      rest: rest.slice(found[0].length).trimStart().replace(OF, ''),
    };
  }
  const container = CONTAINERS.exec(rest);
  if (container)
    return {
      measure: null,
      container: singular(container[1]),
      size,
      filled,
      rest: rest.slice(container[0].length).trimStart().replace(OF, ''),
    };
  return { measure: null, container: null, size, filled, rest };
}

/** What a number counts when it counts no food: time, heat, length, or the pieces that come out. */
const OTHER =
  /^\s*-?\s*(?:(?:to|or)\s+\d+\s*)?(?:more |further )?(?:minutes?\b|mins?\b|hours?\b|hrs?\b|h\b|seconds?\b|secs?\b|days?\b|weeks?\b|months?\b|years?\b|°|º|degrees?\b|deg\b|celsius|fahrenheit|cm\b|mm\b|inch(?:es)?\b(?!\s+(?:piece|knob|chunk|length))|in\b|["”″]|%|fan\b|(?:mini |small |large |little )?(?:pieces?|rounds?|slices?|biscuits?|cookies|coins|portions?|servings?|squares|treats|bones|bars|bites|balls|rings|hearts|muffins|cupcakes|donuts|sandwiches|fingers|sticks|cubes)\s*(?:[.,;)]|$)|dozen\s*(?:[.,;)]|$))/i;
/** No cup measure counts so many: what follows is a scale of temperature. */
const HOT = 60;

/** Whether an amount is of something that is no food: "25 minutes", "6 mm", "180 C", "20 pieces." */
export const notFood = (rest: string, amount = 0): boolean =>
  OTHER.test(rest) || (/^\s*[CF]\b/i.test(rest) && (amount >= HOT || !/^\s*c\b\.?\s+\S/i.test(rest)));

/** Whether a line has an amount in a kitchen measure at its head. */
export function hasMeasure(line: string): boolean {
  const head = readAmount(plainText(line));
  if (!head || notFood(head.rest, head.amount)) return false;
  const { measure, container } = readMeasure(head.rest, 'us');
  return measure !== null || container !== null;
}

const singular = (word: string): string => {
  const lower = word.toLowerCase();
  if (/(ches|xes|shes)$/.test(lower)) return lower.slice(0, -2);
  return lower.replace(/s$/, '');
};
