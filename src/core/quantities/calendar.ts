/**
 * Days of the calendar as numbers, without a clock or a time zone. Source: proleptic Gregorian calendar, counted from March
 * so that the leap day ends the year (Hinnant 2013).
 */
const DAYS_IN_400_YEARS = 146_097;

/** Days from 1 March 2000 to an ISO date; negative before it. */
export function dayNumber(iso: string): number {
  const [year, month, day] = iso.slice(0, 10).split('-').map(Number);
  const fromMarch = month > 2 ? month - 3 : month + 9;
  const y = (month > 2 ? year : year - 1) - 2000;
  const cycle = Math.floor(y / 400);
  const inCycle = y - cycle * 400;
  const dayOfYear = Math.floor((153 * fromMarch + 2) / 5) + day - 1;
  return cycle * DAYS_IN_400_YEARS + inCycle * 365 + Math.floor(inCycle / 4) - Math.floor(inCycle / 100) + dayOfYear;
}

/** Which day of the week it is: 0 on a Monday, 6 on a Sunday. 1 March 2000, from which days are counted, was a Wednesday. */
export const weekdayOf = (iso: string): number => (((dayNumber(iso) + 2) % 7) + 7) % 7;

/**
 * The ISO date so many days after another.
 *
 * @example addDays('2028-02-28', 1) // '2028-02-29'
 */
export function addDays(iso: string, days: number): string {
  const number = dayNumber(iso) + days;
  const cycle = Math.floor(number / DAYS_IN_400_YEARS);
  const day = number - cycle * DAYS_IN_400_YEARS;
  const y = Math.floor((day - Math.floor(day / 1460) + Math.floor(day / 36_524) - Math.floor(day / 146_096)) / 365);
  const dayOfYear = day - (365 * y + Math.floor(y / 4) - Math.floor(y / 100));
  const fromMarch = Math.floor((5 * dayOfYear + 2) / 153);
  const date = dayOfYear - Math.floor((153 * fromMarch + 2) / 5) + 1;
  const month = fromMarch < 10 ? fromMarch + 3 : fromMarch - 9;
  const year = 2000 + cycle * 400 + y + (month <= 2 ? 1 : 0);
  const two = (part: number): string => String(part).padStart(2, '0');
  return `${String(year).padStart(4, '0')}-${two(month)}-${two(date)}`;
}

/**
 * Whether a text is a day of the calendar, written as an ISO date.
 *
 * @example isDay('2026-02-30') // false
 */
export const isDay = (text: string): boolean => /^\d{4}-\d{2}-\d{2}$/.test(text) && addDays(text, 0) === text;
