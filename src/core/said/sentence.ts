import { bareHeatIn, bareLengthIn, bodyMassIn, heatUnit, lengthIn, massIn, volumeIn, warmerIn } from './measures';
import { METRIC_READER, type Reader } from './reader';

const NUMBER = String.raw`-?\d+(?:\.\d+)?`;
const BETWEEN = String.raw`\s?(?:–|-|x|×|to|and|or)\s?`;
/** One number or several that share the unit behind the last: "between 5 and 60 °C", "300 × 400 mm". */
const QUANTITY = new RegExp(String.raw`(${NUMBER}(?:${BETWEEN}${NUMBER})*)\s?(°C|K|mm|cm|kg|g|ml)(?![\w/²³·])`, 'g');
const ONE = new RegExp(String.raw`(^|[^\d.])(${NUMBER})`, 'g');

/** How the numbers of a canonical unit are said, and what stands behind the last. */
type Saying = { readonly one: (value: number) => string; readonly unit: string };
const SAYINGS: Readonly<Record<string, (reader: Reader) => Saying>> = {
  '°C': (reader) => ({ one: (value) => bareHeatIn(reader, value), unit: ` ${heatUnit(reader)}` }),
  K: (reader) => ({ one: (value) => warmerIn(reader, value).replace(/ .*/, ''), unit: ` ${heatUnit(reader)}` }),
  mm: (reader) => ({ one: (value) => bareLengthIn(reader, value, 1), unit: ` ${reader.length}` }),
  cm: (reader) => ({ one: (value) => lengthIn(reader, value * 10, 1), unit: '' }),
  kg: (reader) => ({ one: (value) => bodyMassIn(reader, value), unit: '' }),
  g: (reader) => ({ one: (value) => massIn(reader, value), unit: '' }),
  ml: (reader) => ({ one: (value) => volumeIn(reader, value), unit: '' }),
};
/** What stands in quotes is somebody's own words. */
const OWN_WORDS = /("[^"]*")/;
/** Shares of a hundred grams are figures of a kind, not of a batch. */
const PER_HUNDRED = /\b(?:per|in) 100 g\b/;
const AROUND = { before: 4, after: 10 };

/**
 * A sentence of the computation, whose units are canonical, in a reader's: "the middle reaches 71 °C" as "the middle reaches
 * 160 °F". Differences of temperature stand there in K, and are read as degrees; what is quoted stays as it was written.
 */
export const sentenceIn = (reader: Reader, sentence: string): string =>
  sentence
    .split(OWN_WORDS)
    .map((part, i) => (i % 2 === 0 ? computedIn(reader, part) : part))
    .join('');

function computedIn(reader: Reader, sentence: string): string {
  return sentence.replace(QUANTITY, (all, numbers: string, unit: string, at: number) => {
    if (unit === 'g' && PER_HUNDRED.test(sentence.slice(Math.max(0, at - AROUND.before), at + all.length + AROUND.after)))
      return all;
    if (canonical(reader, unit)) return all;
    const { one, unit: behind } = SAYINGS[unit](reader);
    return numbers.replace(ONE, (_, before: string, value: string) => before + one(Number(value))) + behind;
  });
}

/** Whether a reader reads a unit as it stands; a difference never does, nor a heat that was set in the other scale: 162.8 °C. */
function canonical(reader: Reader, unit: string): boolean {
  if (unit === 'K' || unit === '°C') return false;
  return unit === 'mm' || unit === 'cm' ? reader.length === METRIC_READER.length : reader.mass === METRIC_READER.mass;
}
