import { counted } from '@/core/quantities';
/** Numbers as people read them. Units stand beside every one; nothing here computes. */

const G_PER_OUNCE = 28.3495;
const OUNCES_PER_POUND = 16;

const round = (value: number, digits: number): string => value.toFixed(digits);

/** 46.2 -> "46 g", 1678 -> "1.68 kg". */
export function mass(mass_g: number): string {
  if (mass_g >= 1000) return `${round(mass_g / 1000, 2)} kg`;
  return `${round(mass_g, mass_g < 10 ? 1 : 0)} g`;
}

/** 780 -> "27 1/2 oz", to the quarter ounce that a kitchen scale in ounces shows; pounds from one on. */
export function ounces(mass_g: number): string {
  const quarters = Math.round((mass_g / G_PER_OUNCE) * 4);
  const pounds = Math.floor(quarters / (4 * OUNCES_PER_POUND));
  const rest = quarters - pounds * 4 * OUNCES_PER_POUND;
  const fraction = ['', '1/4', '1/2', '3/4'][rest % 4];
  const words = [Math.floor(rest / 4) || '', fraction].filter((part) => part !== '').join(' ');
  const small = words === '' ? (pounds === 0 ? '0 oz' : '') : `${words} oz`;
  return [pounds > 0 ? `${pounds} lb` : '', small].filter(Boolean).join(' ');
}

/** A pack as the shop names it: 1000 -> "1 kg", 425 -> "425 g". */
export const packMass = (pack_g: number): string =>
  pack_g >= 1000 ? `${Number((pack_g / 1000).toFixed(2))} kg` : `${Number(pack_g.toFixed(0))} g`;

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

/** 0.8432, "GBP" -> "£0.84". */
export const money = (amount: number, currency: string): string =>
  new Intl.NumberFormat('en-GB', { style: 'currency', currency }).format(amount);

/** ISO date or time -> "14 Nov 2026"; the same on server and page. */
export function day(iso: string): string {
  const [year, month, date] = iso.slice(0, 10).split('-').map(Number);
  return `${date} ${['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'][month - 1]} ${year}`;
}

/** A name within a sentence; units in it keep their capitals. */
export const midSentence = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);
