import { money } from './money';
import { G_PER_MASS_UNIT, counted } from '@/core/quantities';
import {
  bareHeatIn,
  bareLengthIn,
  bodyMassIn,
  clockIn,
  dayIn,
  dayOfYearIn,
  fineLengthIn,
  heatIn,
  heatUnit,
  lengthIn,
  massIn,
  sentenceIn,
  volumeIn,
  warmerIn,
} from '@/core/said';
import { readerHere } from './reader-here';

/** Numbers as whoever looks at this page reads them. Units stand beside every one; nothing here computes. */

const round = (value: number, digits: number): string => value.toFixed(digits);

/** 46.2 -> "46 g", 1678 -> "1.68 kg"; "59.2 oz", "3 lb 11 oz". */
export const mass = (mass_g: number, digits?: number): string => massIn(readerHere(), mass_g, digits);
/** "143 – 163 g"; each with its own unit where they differ. */
export function massRange(low_g: number, high_g: number): string {
  const [low, high] = [mass(low_g).split(' '), mass(high_g).split(' ')];
  if (low.join(' ') === high.join(' ')) return high.join(' ');
  const shared = low.length === 2 && high.length === 2 && low[1] === high[1];
  return `${shared ? low[0] : low.join(' ')} – ${high.join(' ')}`;
}
/** What a dog weighs: "12.4 kg", "27 lb". */
export const bodyMass = (mass_kg: number): string => bodyMassIn(readerHere(), mass_kg);
/** "6.9 mm", "1/4 in". */
export const length = (length_mm: number, digits?: number): string => lengthIn(readerHere(), length_mm, digits);
/** The same without its unit, for one of several that share it. */
export const bareLength = (length_mm: number, digits?: number): string => bareLengthIn(readerHere(), length_mm, digits);
/** A length that is compared with another close to it: "6.4 mm", "0.25 in". */
export const fineLength = (length_mm: number): string => fineLengthIn(readerHere(), length_mm);
/** "300 × 400 mm", "11 3/4 × 15 3/4 in". */
export const across = (one_mm: number, other_mm: number, digits?: number): string =>
  `${bareLength(one_mm, digits)} × ${length(other_mm, digits)}`;
/** "425 ml", "14.4 fl oz". */
export const volume = (volume_ml: number): string => volumeIn(readerHere(), volume_ml);
/** "74 °C", "165 °F": of anything but an oven's dial, which `heatWord` says. */
export const temperature = (temperature_c: number): string => heatIn(readerHere(), temperature_c);
export const bareTemperature = (temperature_c: number): string => bareHeatIn(readerHere(), temperature_c);
export const heatUnitHere = (): '°C' | '°F' => heatUnit(readerHere());
/** A difference: "8 °C", "14 °F". */
export const warmer = (by_K: number): string => warmerIn(readerHere(), by_K);
/** A sentence that came with canonical units in it. */
export const sentence = (text: string): string => sentenceIn(readerHere(), text);
/** Minutes after midnight: "14:05", "2:05 pm". */
export const clock = (minute: number): string => clockIn(readerHere(), minute);

/** A pack as the shop names it, and whatever has a mass of its own: 1000 -> "1 kg", 425 -> "425 g", 3.5 -> "3.5 g". */
export const packMass = (pack_g: number): string =>
  readerHere().mass === 'oz'
    ? mass(pack_g)
    : pack_g >= 1000
      ? `${Number((pack_g / 1000).toFixed(2))} kg`
      : `${Number(pack_g.toFixed(1))} g`;

/** 131 -> "2 h 11 min", 40 -> "40 min". */
export function duration(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  const rest = whole % 60;
  return rest === 0 ? `${Math.floor(whole / 60)} h` : `${Math.floor(whole / 60)} h ${rest} min`;
}

const DAYS_PER_WEEK = 7;
const DAYS_PER_MONTH = 30.4;

/** How long something keeps, in the unit a baker would say it in; rounded down, never up. */
export function span(days: number): string {
  if (days < 1) return 'under a day';
  if (days < 14) return counted(Math.floor(days), 'day');
  if (days < 84) return `${Math.floor(days / DAYS_PER_WEEK)} weeks`;
  return `${Math.floor(days / DAYS_PER_MONTH)} months`;
}

/** "31 – 70". */
export const range = (low: number, high: number, digits = 0): string =>
  round(low, digits) === round(high, digits) ? round(low, digits) : `${round(low, digits)} – ${round(high, digits)}`;

/** "31 – 70 pieces", "1 day". */
export const ranged = (low: number, high: number, one: string): string =>
  low === high ? counted(low, one) : `${range(low, high)} ${high === 1 ? one : `${one}s`}`;

/** Water left, never more exact than the model is at the dry end. */
export const moisture = (wetBasis_pct: number): string => (wetBasis_pct < 2 ? 'under 2 %' : `${round(wetBasis_pct, 1)} %`);

export const moistureRange = (low: number, high: number): string =>
  high < 2 ? 'under 2 %' : low < 2 ? `under 2 – ${round(high, 0)} %` : `${range(low, high)} %`;

/** 0.25 -> "1/4" is for spoons; scale factors read better as decimals: "×1.5". */
export const factor = (value: number): string => `×${Number(value.toFixed(2))}`;

/** What prices are told of: "100 g", "1 lb". */
const BASES = { g: { g: 100, words: '100 g' }, oz: { g: G_PER_MASS_UNIT.lb, words: '1 lb' } } as const;
const base = (): (typeof BASES)[keyof typeof BASES] => BASES[readerHere().mass];
export const massBase = (): string => base().words;
/** A price of 100 g as one of what prices are told of, and back. */
export const perMass = (price_per_100g: number): number => (price_per_100g * base().g) / 100;
export const per100g = (price: number): number => (price * 100) / base().g;
/** "£0.84 per 100 g", "$3.81 per lb". */
export const moneyPerMass = (price_per_100g: number, currency: string): string =>
  `${money(perMass(price_per_100g), currency)} ${perMassWord()}`;
export const perMassWord = (): string => `per ${massBase().replace(/^1 /, '')}`;

/** ISO date or time -> "14 Nov 2026", "Nov 14, 2026"; the same on server and page. */
export const day = (iso: string): string => dayIn(readerHere(), iso);
/** The same without its year. */
export const dayOfYear = (iso: string): string => dayOfYearIn(readerHere(), iso);

/** A name within a sentence; units in it keep their capitals. */
export const midSentence = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);
