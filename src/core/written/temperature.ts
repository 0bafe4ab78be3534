import { celsius, gasMarkHeat } from '../quantities';
import { FIGURE, numberOf, type Span } from './number';

/** A temperature in a text [°C], and how it was given. */
export type TemperatureSpan = Span & {
  /** null for a bare number whose scale is not said. */
  readonly scale: 'C' | 'F' | 'gas' | null;
  /** Given for a fan oven. */
  readonly fan: boolean;
};

const GAS = String.raw`\bgas(?: ?mark)?\.?\s*(1/4|1/2|¼|½|\d)(?!\d)|\b(?:regulo|mark)\s*(\d)(?!\d)`;
const DEGREES = String.raw`(?:°|º|˚|degrees?|degs?\.?|◦)`;
const DEGREE = new RegExp(
  String.raw`${GAS}|(?<![\d.,])(?<!\d/)(\d{2,3}|-\d{1,2})(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*(?:${DEGREES}\s*(celsius|centigrade|fahrenheit|[cf](?![a-z]))?|(celsius|centigrade|fahrenheit|[cf])(?![a-z]))`,
  'gi',
);
/** A bare number of an oven: "oven 350", "bake at 180", "@ 375", "325, 20 min". */
const BARE =
  /(?:\b(?:at|to|oven|oven to|oven at|heat to|heat at|bake|preheat|pre-heat|temperature|temp|temp\.|fan)|@|oven:)\s*([2-5]\d{2}|1\d{2}|\d{2})(?!\d)(?![\d.,]*\s*(?:more\b|further\b|x\s|%|g\b|kg|ml|min|hour|hr|h\b|cm|mm|in\b|inch|"|x\b|pieces|°|º|degree|c\b|f\b|to\s+\d|-\s*\d|–\s*\d|\/))/gi;

const FAN_NEAR = /^\W{0,3}(?:fan|convection|umluft|fan[- ]assisted|fan oven)\b(?!\W{0,3}\d{3}\b)(?!\W{0,3}\d{2,3}\s*(?:°|c\b))/i;
const FAN_BEFORE = /\b(?:fan|convection|umluft|fan oven(?: at| to)?)\W{0,3}$/i;
/** No oven is hotter than this on the Celsius scale, and none as cool as this on the Fahrenheit one. Source: ours. */
const HOTTEST_C = 290;

/** A bare number below this is no oven. Source: ours; driers are set with their degrees said. */
const COOLEST_BARE = 50;

const scaleOf = (word: string | undefined): 'C' | 'F' | null => (word === undefined ? null : /^f/i.test(word) ? 'F' : 'C');

/**
 * Finds every temperature in a text.
 *
 * @param usual - the scale of bare numbers, where one is above what the other allows it is told from that
 */
export function findTemperatures(text: string, usual: 'C' | 'F'): TemperatureSpan[] {
  const found: TemperatureSpan[] = [];
  const fanAt = (start: number, end: number): boolean =>
    FAN_NEAR.test(text.slice(end, end + 16)) || FAN_BEFORE.test(text.slice(Math.max(0, start - 16), start));
  const add = (low: number, high: number, scale: 'C' | 'F' | null, [start, end]: readonly [number, number]): void => {
    const meant = scale ?? (Math.max(low, high) > HOTTEST_C ? 'F' : usual);
    const toC = meant === 'F' ? celsius : (value: number): number => value;
    found.push({ low: toC(low), high: toC(high), scale, fan: fanAt(start, end), start, end });
  };
  for (const match of text.matchAll(DEGREE)) {
    const [, gas, mark, first, second, degreed, lettered] = match as unknown as Array<string | undefined>;
    const place = [match.index, match.index + match[0].length] as const;
    const heat = gas ?? mark;
    if (heat !== undefined) {
      const marked_c = gasMarkHeat(heat.replace('¼', '1/4').replace('½', '1/2'));
      if (marked_c !== null)
        found.push({ low: marked_c, high: marked_c, scale: 'gas', fan: false, start: place[0], end: place[1] });
    } else if (first !== undefined) add(Number(first), Number(second ?? first), scaleOf(degreed ?? lettered), place);
  }
  for (const match of text.matchAll(BARE)) {
    const end = match.index + match[0].length;
    const start = end - match[1].length;
    if (Number(match[1]) < COOLEST_BARE) continue;
    if (found.every((other) => other.end <= start || other.start >= end))
      add(Number(match[1]), Number(match[1]), null, [start, end]);
  }
  return found.sort((a, b) => a.start - b.start);
}

/** One temperature written by itself, as in a field: "350 F", "180°", "gas 4", "165"; null when it is none [°C]. */
export function temperatureOf(written: string, usual: 'C' | 'F'): number | null {
  const text = written.trim();
  if (new RegExp(`^-?${FIGURE}$`).test(text)) return usual === 'F' ? celsius(numberOf(text)) : numberOf(text);
  const [only] = findTemperatures(text, usual);
  if (only?.start === 0 && only.end === text.length && only.low === only.high) return only.low;
  const decimal = new RegExp(String.raw`^(-?)(${FIGURE})\s*(?:${DEGREES})?\s*(c|f|celsius|centigrade|fahrenheit)?$`, 'i').exec(
    text,
  );
  if (!decimal) return null;
  const value = numberOf(decimal[2]) * (decimal[1] === '-' ? -1 : 1);
  return (scaleOf(decimal[3]) ?? usual) === 'F' ? celsius(value) : value;
}
