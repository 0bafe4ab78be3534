import {
  HAND_MEASURES,
  isVolumeUnit,
  volumeOf,
  type CupFill,
  type HandMeasure,
  type Unit,
  type VolumeUnit,
} from '@/core/quantities';

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
  /^(tins?|cans?|mugs?|jars?|packets?|packages?|packs?|pkgs?|pouch(?:es)?|tubs?|pots?|cartons?|bags?|box(?:es)?|sachets?|envelopes?|sticks?|cloves?|rashers?|slices?|fillets?|sheets?|bottles?|blocks?|rings?|heads?|stalks?|sprigs?|bunch(?:es)?|knobs?|splash(?:es)?|drizzles?|glugs?|scoops?|lumps?|pieces?|inch(?:es)?)\b\.?/i;

/** Sizes of bought things: they come before the container or the ingredient. */
const SIZE = /^(extra[ -]large|very large|x-?large|xl|jumbo|large|medium(?:[ -]sized)?|med\b\.?|small|big|little)(?![a-z])/i;

/** True when the text goes on with a tin, a sachet or the like: the weight before it is on its label. */
export const startsWithContainer = (text: string): boolean => CONTAINERS.test(text);

const OF = /^of\b\s*/i;

export type ReadMeasure = {
  readonly measure: Measure | null;
  readonly container: string | null;
  readonly size: string | null;
  readonly rest: string;
};

const FILLING =
  /^(heaped|heaping|level|rounded|scant|generous|packed|loosely packed|firmly packed|good|big|large|small)\s+(?=(cup|c\b|tbsp|table|tsp|tea|handful|pinch|dessert))/i;

/** Reads the measure that follows an amount, whatever it is, with the size of the thing. */
export function readMeasure(text: string, measures: Measures): ReadMeasure {
  let rest = text.replace(/^[-x×]\s*/i, '').replace(FILLING, '');
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
    return { measure: meaning[measures], container: null, size, rest: rest.slice(found[0].length).trimStart().replace(OF, '') };
  }
  const container = CONTAINERS.exec(rest);
  if (container)
    return {
      measure: null,
      container: singular(container[1]),
      size,
      rest: rest.slice(container[0].length).trimStart().replace(OF, ''),
    };
  return { measure: null, container: null, size, rest };
}

const singular = (word: string): string => {
  const lower = word.toLowerCase();
  if (/(ches|xes|shes)$/.test(lower)) return lower.slice(0, -2);
  return lower.replace(/s$/, '');
};
