import type { Reader } from './reader';

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
const [HALF_DAY_H, HOUR_MIN] = [12, 60];

/** "14 Nov 2026", "Nov 14, 2026", "2026-11-14": no order of figures that reads otherwise across an ocean. Of an ISO date or time. */
export function dayIn({ date }: Reader, iso: string): string {
  const [year, month, ofMonth] = iso.slice(0, 10).split('-').map(Number);
  const name = MONTHS[month - 1];
  if (date === 'year-first') return iso.slice(0, 10);
  return date === 'month-first' ? `${name} ${ofMonth}, ${year}` : `${ofMonth} ${name} ${year}`;
}

/** The same without its year. */
export function dayOfYearIn({ date }: Reader, iso: string): string {
  const [, month, ofMonth] = iso.slice(0, 10).split('-').map(Number);
  const name = MONTHS[month - 1];
  return date === 'day-first' ? `${ofMonth} ${name}` : `${name} ${ofMonth}`;
}

/** Minutes after midnight on a clock: "14:05", "2:05 pm". */
export function clockIn({ clock }: Reader, minute: number): string {
  const whole = ((Math.round(minute) % (24 * HOUR_MIN)) + 24 * HOUR_MIN) % (24 * HOUR_MIN);
  const [hour, left] = [Math.floor(whole / HOUR_MIN), String(whole % HOUR_MIN).padStart(2, '0')];
  if (clock === '24') return `${String(hour).padStart(2, '0')}:${left}`;
  return `${hour % HALF_DAY_H === 0 ? HALF_DAY_H : hour % HALF_DAY_H}:${left} ${hour < HALF_DAY_H ? 'am' : 'pm'}`;
}

const CLOCK = /^(\d{1,2})(?:[:.h](\d{2}))?\s*(a\.?m\.?|p\.?m\.?)?$/i;

/**
 * A time of day as it is typed, in minutes after midnight: "14:05", "2:05 pm", "7.30", "7 am"; null when it is none.
 */
export function clockTyped(text: string): number | null {
  const found = CLOCK.exec(text.trim());
  if (!found || (found[2] === undefined && found[3] === undefined)) return null;
  const [hour, minute] = [Number(found[1]), Number(found[2] ?? 0)];
  if (minute >= HOUR_MIN) return null;
  if (found[3] === undefined) return hour < 24 ? hour * HOUR_MIN + minute : null;
  if (hour < 1 || hour > HALF_DAY_H) return null;
  return ((hour % HALF_DAY_H) + (/^p/i.test(found[3]) ? HALF_DAY_H : 0)) * HOUR_MIN + minute;
}

/** Days of the week in the reader's order, by their number from Monday. */
export function weekIn({ week }: Reader): readonly number[] {
  const first = { monday: 0, saturday: 5, sunday: 6 }[week];
  return Array.from({ length: 7 }, (_, i) => (first + i) % 7);
}
