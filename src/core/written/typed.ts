import { G_PER_MASS_UNIT, fahrenheit, volumeOf } from '../quantities';
import { FIGURE, NUMBER_WORD, numberOf } from './number';
import { temperatureOf } from './temperature';

/** Units of one kind of quantity, each as a multiple of its first. */
type Family = ReadonlyArray<readonly [names: RegExp, multiple: number]>;

const LENGTHS: Family = [
  [/^(?:mm|millimet(?:er|re)s?)$/, 1],
  [/^(?:cms?|centimet(?:er|re)s?)$/, 10],
  [/^(?:m|met(?:er|re)s?)$/, 1000],
  [/^(?:km)$/, 1e6],
  [/^(?:in\.?|inch|inches|"|″|”|'')$/, 25.4],
  [/^(?:ft\.?|foot|feet|'|′)$/, 304.8],
];
const MASSES: Family = [
  [/^(?:g|gr|gms?|grams?|grammes?)$/, 1],
  [/^mg$/, 0.001],
  [/^(?:kg|kgs|kilos?|kilograms?)$/, 1000],
  [/^(?:oz\.?|ozs|ounces?)$/, G_PER_MASS_UNIT.oz],
  [/^(?:lbs?\.?|pounds?)$/, G_PER_MASS_UNIT.lb],
];
const TIMES: Family = [
  [/^(?:m|mins?\.?|minutes?)$/, 1],
  [/^(?:s|secs?|seconds?)$/, 1 / 60],
  [/^(?:h|hrs?\.?|hours?)$/, 60],
  [/^(?:d|days?)$/, 1440],
  [/^(?:wks?|weeks?)$/, 10_080],
  [/^(?:fortnights?)$/, 20_160],
  [/^(?:months?)$/, 43_200],
  [/^(?:y|yrs?|years?)$/, 525_600],
];
/** Measures that mean the same everywhere; whose cups and ounces are meant nobody can tell in a field. */
const VOLUMES: Family = [
  [/^(?:ml|mls|millilit(?:er|re)s?|cc)$/, 1],
  [/^(?:cl)$/, 10],
  [/^(?:dl)$/, 100],
  [/^(?:l|ltr|lit(?:er|re)s?)$/, 1000],
  [/^(?:tsp\.?|teaspoons?)$/, volumeOf(1, 'tsp')],
  [/^(?:tbsp\.?|tablespoons?)$/, volumeOf(1, 'tbsp')],
  [/^us cups?$/, volumeOf(1, 'cup-us')],
  [/^metric cups?$/, volumeOf(1, 'cup-metric')],
];
/** In a field of fluid ounces it is plain which are meant. */
const FLUID_OUNCES: Family = [[/^fl\.? ?oz$/, volumeOf(1, 'fl-oz-us')], ...VOLUMES];
const SHARES: Family = [[/^(?:%|per ?cent|pct)$/, 1]];
const POWERS: Family = [
  [/^(?:w|watts?)$/, 1],
  [/^(?:kw|kilowatts?)$/, 1000],
];
const STEPS_K: Family = [[/^(?:k|kelvins?)$/, 1]];

const FAMILIES: readonly Family[] = [LENGTHS, MASSES, TIMES, VOLUMES, FLUID_OUNCES, SHARES, POWERS, STEPS_K];

const multipleIn = (family: Family, unit: string): number | undefined => family.find(([names]) => names.test(unit))?.[1];

const ONE = String.raw`(${FIGURE}|${NUMBER_WORD})(?:\s+(?:of\s+)?an?\b)?`;
const BARE = new RegExp(`^(-?)(${FIGURE}|${NUMBER_WORD})$`);
const WITH_UNIT = new RegExp(
  String.raw`^${ONE}\s*-?\s*(us cups?|metric cups?|fl\.? ?oz|per ?cent|[a-z%"″”'′]+\.?)(?:\s*(?:,|and|&)?\s*|$)`,
);
/** "1 h 30", "1h30": what follows hours without a unit are minutes. */
const MINUTES_LEFT = /^(\d{1,2})$/;
const CLOCK = /^(\d{1,3}):([0-5]\d)$/;

/**
 * What is typed into a field, in the field's unit: "1/4 in" in millimetres, "1 lb 4 oz" in grams, "1:30" in minutes, "gas 4"
 * in degrees. A bare number is in the field's unit.
 *
 * @param unit - as it stands behind the field: mm, g, min, °C, %, days, pieces; words after the first are for the eye
 * @returns null where it is not one value that is understood: a range, another kind of quantity, or no number
 */
export function typedNumber(typed: string, unit: string): number | null {
  const text = typed.trim().replace(/\s+/g, ' ');
  const bare = BARE.exec(text.toLowerCase());
  if (bare) return finite(numberOf(bare[2]) * (bare[1] === '-' ? -1 : 1));
  const shown = unitOf(unit);
  if (/^°[CF]$/.test(shown)) return typedTemperature(text, shown === '°F' ? 'F' : 'C');
  const low = text.toLowerCase();
  const family = FAMILIES.find((one) => multipleIn(one, shown.toLowerCase()) !== undefined);
  if (!family) return counted(low, unit.trim().toLowerCase());
  const per = multipleIn(family, shown.toLowerCase()) ?? 1;
  const clock = family === TIMES ? CLOCK.exec(low) : null;
  // Hours and minutes; in a field of seconds minutes and seconds.
  if (clock) return (Number(clock[1]) * 60 + Number(clock[2])) * (shown === 's' ? 1 : 1 / per);
  const sum = summed(low, family);
  return sum === null ? null : finite(sum / per);
}

/** What stands behind a field without the words for the eye. */
const unitOf = (unit: string): string => /^fl oz/.exec(unit.trim())?.[0] ?? unit.trim().split(/\s/)[0];

const finite = (value: number): number | null => (Number.isFinite(value) ? value : null);

/** One measure or several, the larger first: "1 lb 4 oz", "2 hours and 15 minutes", "an hour and a half". */
function summed(text: string, family: Family): number | null {
  let rest = text;
  let sum = 0;
  let before = Infinity;
  while (rest !== '') {
    const minutes = family === TIMES && before === 60 ? MINUTES_LEFT.exec(rest) : null;
    if (minutes) return Number(minutes[1]) < 60 ? sum + Number(minutes[1]) : null;
    if (/^a half$/.test(rest) && Number.isFinite(before)) return sum + before / 2;
    const found = WITH_UNIT.exec(rest);
    const multiple = found ? multipleIn(family, found[2]) : undefined;
    if (!found || multiple === undefined || multiple >= before) return null;
    sum += numberOf(found[1].replace(/ an?$/, '')) * multiple;
    before = multiple;
    rest = rest.slice(found[0].length);
  }
  return before === Infinity ? null : sum;
}

function typedTemperature(text: string, scale: 'C' | 'F'): number | null {
  const value_c = temperatureOf(text, scale);
  return value_c === null ? null : scale === 'F' ? fahrenheit(value_c) : value_c;
}

const DOZENS = new RegExp(`^(${FIGURE}|${NUMBER_WORD}) dozen$`);

/** Money and counts: the number with the field's own word or sign beside it. */
function counted(text: string, unit: string): number | null {
  const dozens = DOZENS.exec(text);
  if (dozens) return numberOf(dozens[1]) * 12;
  const bare =
    unit === ''
      ? text
      : text.startsWith(unit)
        ? text.slice(unit.length)
        : text.endsWith(unit)
          ? text.slice(0, -unit.length)
          : text;
  const number = BARE.exec(bare.trim());
  return number ? finite(numberOf(number[2]) * (number[1] === '-' ? -1 : 1)) : null;
}

/** What a field of a unit would understand, for saying so beside one that did not. */
export function typedExamples(unit: string): string {
  const shown = unitOf(unit);
  if (/^°[CF]$/.test(shown)) return '175 C, 350 F or gas 4';
  const family = FAMILIES.find((one) => multipleIn(one, shown.toLowerCase()) !== undefined);
  return family === LENGTHS
    ? '6 mm or 1/4 in'
    : family === MASSES
      ? '350 g or 1 lb 4 oz'
      : family === TIMES
        ? shown === 'days'
          ? '7 or 2 weeks'
          : '25, 1 h 30 or 1:30'
        : family === VOLUMES || family === FLUID_OUNCES
          ? shown === 'fl oz'
            ? '8 or 2 tbsp'
            : '250 ml or 2 tbsp'
          : 'one number';
}
